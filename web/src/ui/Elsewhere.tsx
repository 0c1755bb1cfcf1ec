import type { RecordKind } from '@corkscrew/core';
import styled from 'styled-components';
import type { Records } from '../keeping/records.ts';
import { Button } from './controls.tsx';

const Box = styled.p`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  padding: 8px 12px;
  margin-bottom: 10px;
  background: var(--raised);
  border: 1px solid var(--gap);
`;

/** What was changed here and somewhere else, or is not taken: the coach chooses, nothing is lost meanwhile. */
export function Elsewhere<K extends RecordKind>({
  records,
  id,
  of = 'This',
}: {
  records: Records<K>;
  id: string;
  /** What it is called, where several are told of. */
  of?: string;
}) {
  const draft = records.drafts.find((d) => d.id === id);
  if (draft?.refused !== undefined)
    return (
      <Box role="alert">
        {of === 'This' ? '' : `${of}: `}Not kept: {draft.refused} It stays on this device.
      </Box>
    );
  if (!draft?.theirs) return null;
  return (
    <Box role="alert">
      {of}
      {draft.theirs.body ? ' was changed somewhere else as well.' : ' was thrown away somewhere else.'}
      <Button onPress={() => records.choose(id, 'mine')}>Keep mine</Button>
      <Button onPress={() => records.choose(id, 'theirs')}>Take the other</Button>
    </Box>
  );
}

/** All of a kind that were changed here and somewhere else, or are not taken. */
export function AllElsewhere<K extends RecordKind>({
  records,
  name,
}: {
  records: Records<K>;
  name: (body: NonNullable<Records<K>['rows']>[number]['body']) => string;
}) {
  return records.drafts
    .filter((d) => d.theirs ?? d.refused)
    .map((d) => {
      const mine = records.rows?.find((r) => r.id === d.id);
      return <Elsewhere key={d.id} records={records} id={d.id} of={mine ? name(mine.body) : 'This'} />;
    });
}

import type { RecordKind } from '@corkscrew/core';
import styled from 'styled-components';
import type { Records } from '../../keeping/records.ts';
import { Button } from '../../ui/controls.tsx';

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
export function Elsewhere<K extends RecordKind>({ records, id }: { records: Records<K>; id: string }) {
  const draft = records.drafts.find((d) => d.id === id);
  if (draft?.refused !== undefined)
    return <Box role="alert">Not kept: {draft.refused} It stays on this device.</Box>;
  if (!draft?.theirs) return null;
  return (
    <Box role="alert">
      {draft.theirs.body
        ? 'This was changed somewhere else as well.'
        : 'This was thrown away somewhere else.'}
      <Button onPress={() => records.choose(id, 'mine')}>Keep mine</Button>
      <Button onPress={() => records.choose(id, 'theirs')}>Take the other</Button>
    </Box>
  );
}

import type { RecordBody, RecordKind } from '@corkscrew/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import styled from 'styled-components';
import { api } from '../app/api.ts';
import { Button, Label } from './controls.tsx';

const Box = styled.section`
  > button {
    margin-left: 10px;
  }
  li {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 8px;
    min-height: 34px;
    border-bottom: 1px solid var(--rule);
    font-size: 13px;
  }
  p {
    font-size: 13px;
    color: var(--ink-2);
  }
`;

const SHOWN = 12;

/** How a record was kept before: asked for when somebody wants to see it; what is brought back can be undone. */
export function KeptVersions<K extends RecordKind>({
  kind,
  id,
  now,
  words,
  onBack,
}: {
  kind: K;
  id: string;
  now: RecordBody<K>;
  /** What a version holds, in a few words. */
  words: (body: RecordBody<K>) => string;
  onBack: (body: RecordBody<K>) => void;
}) {
  const [open, setOpen] = useState(false);
  const { data, error } = useQuery({
    queryKey: ['record versions', kind, id],
    queryFn: () => api.recordVersions(kind, id),
    enabled: open,
    retry: false,
    gcTime: 0,
  });
  const older = (data ?? []).filter((v) => JSON.stringify(v.body) !== JSON.stringify(now)).slice(0, SHOWN);
  return (
    <Box aria-label="Kept versions">
      <Label>Kept versions</Label>
      {!open && <Button onPress={() => setOpen(true)}>Show them</Button>}
      {error && <p role="alert">{error.message}</p>}
      {data && older.length === 0 && <p>None but this one.</p>}
      <ul>
        {older.map((v) => {
          const when = new Date(v.updatedAt).toLocaleString(undefined, {
            dateStyle: 'medium',
            timeStyle: 'short',
          });
          return (
            <li key={v.revision}>
              <span>
                {when} · {words(v.body)}
              </span>
              <Button aria-label={`Bring back ${when}`} onPress={() => onBack(v.body)}>
                Bring back
              </Button>
            </li>
          );
        })}
      </ul>
    </Box>
  );
}

import { Link } from 'react-router';
import styled from 'styled-components';
import { prefer, usePreferences } from '../../../app/preferences.ts';
import { useRecords } from '../../../keeping/records.ts';
import { Choice } from '../../../ui/Choice.tsx';
import { useDesk } from '../store.ts';
import { BEST } from '../who-plays.ts';

const Box = styled.section`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px 10px;
  margin-bottom: 12px;
  label {
    display: grid;
    gap: 4px;
    min-width: 0;
  }
  select {
    width: 100%;
  }
  p {
    grid-column: 1 / -1;
    color: var(--ink-2);
  }
`;

/** Which five are on the floor: times, windows, what a look is worth and mismatches are theirs then. */
export function WhoPlays() {
  const { ourFive, theirFive } = usePreferences();
  const lineups = useRecords('lineups').rows ?? [];
  const opponents = useRecords('opponents').rows ?? [];
  const players = useRecords('players').rows ?? [];
  const fives = useDesk((s) => s.fives);
  if (players.length === 0 && opponents.length === 0) return null;
  return (
    <Box aria-label="Who plays">
      <Choice
        label="Our five"
        value={lineups.some((l) => l.id === ourFive) || ourFive === BEST ? ourFive : ''}
        options={[
          ['', 'Nobody named'],
          ...(players.length >= 5 ? [[BEST, 'The best for it'] as const] : []),
          ...lineups.map((l) => [l.id, l.body.name] as const),
        ]}
        onChange={(id) => prefer({ ourFive: id })}
      />
      <Choice
        label="Their five"
        value={opponents.some((o) => o.id === theirFive) ? theirFive : ''}
        options={[['', 'Nobody named'], ...opponents.map((o) => [o.id, o.body.name] as const)]}
        onChange={(id) => prefer({ theirFive: id })}
      />
      {ourFive !== '' && !fives?.ours && <p>No five of ours can play this: see the roster.</p>}
      {theirFive !== '' && !fives?.theirs && (
        <p>
          How tall and how fast they are is not known: write it on their <Link to="/sheets">call sheet</Link>.
        </p>
      )}
    </Box>
  );
}

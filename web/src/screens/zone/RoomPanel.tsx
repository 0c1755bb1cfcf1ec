import { attackersOn, courtFor, nearestSpot, sayDistance, type Seat } from '@corkscrew/core';
import { memo } from 'react';
import styled from 'styled-components';
import { useUnits } from '../../app/units.ts';
import { useSpotWords } from '../../team/words.ts';
import { Button } from '../../ui/controls.tsx';
import { Propose } from './Propose.tsx';
import { putPlayer } from './moves.ts';
import type { Picture } from './picture.ts';
import { useSetting } from './room.ts';
import { ZoneSetting } from './ZoneSetting.tsx';

const Box = styled.section`
  overflow: auto;
  border-left: 1px solid var(--rule);
  padding: 12px 14px 20px;
  display: grid;
  gap: 12px;
  align-content: start;
  a {
    color: var(--pen);
    white-space: nowrap;
  }
  .zones {
    display: grid;
    grid-template-columns: repeat(4, 1fr);
    gap: 5px;
  }
  .zones button {
    display: grid;
    justify-items: center;
    gap: 2px;
    padding: 5px 2px;
    border: 1px solid var(--rule-2);
    border-radius: 2px;
    background: var(--raised);
    color: var(--ink);
    font: 640 12.5px/1.1 'Archivo Variable';
    font-stretch: 74%;
    cursor: default;
  }
  .zones button[aria-pressed='true'] {
    outline: 2px solid var(--ink);
    outline-offset: -2px;
  }
  button:focus-visible {
    outline: 2px solid var(--pen);
  }
  .pair {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 8px;
  }
  label {
    display: grid;
    gap: 4px;
    min-width: 0;
  }
  select {
    width: 100%;
  }
  .split {
    margin: 0 -14px;
    padding: 10px 14px;
    background: var(--raised);
    border-top: 2px solid var(--ink);
  }
  h3 {
    font-size: 15.5px;
    font-weight: 700;
    font-stretch: 76%;
    margin: 0 0 4px;
  }
  table {
    width: 100%;
    border-collapse: collapse;
  }
  th {
    font: 600 11.5px/1.4 'Archivo Variable';
    color: var(--ink-3);
    text-align: right;
  }
  th:first-child,
  td:first-child {
    text-align: left;
  }
  td {
    text-align: right;
    padding: 4px 0;
    border-top: 1px solid var(--rule);
    font: 640 13px/1.2 'Archivo Variable';
    font-stretch: 77%;
  }
  td b {
    font-weight: 760;
  }
  .soft td:nth-child(2) {
    white-space: nowrap;
  }
  .soft td:last-child {
    width: 78px;
  }
  .why li {
    padding: 3px 0;
    color: var(--ink-2);
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    align-items: center;
  }
  .legend {
    display: grid;
    grid-template-columns: repeat(5, 1fr);
    gap: 4px;
    font: 600 11.5px/1.2 'Archivo Variable';
    color: var(--ink-2);
  }
  .legend span {
    display: grid;
    gap: 2px;
  }
  .legend i {
    height: 10px;
    border: 1px solid var(--def);
  }
  .note {
    color: var(--ink-3);
    font-size: 12px;
  }
  @media (max-width: 1023px) {
    border-left: 0;
    border-top: 1px solid var(--rule);
    overflow: visible;
  }
`;

/** The zone and our five, whom the ball splits, where it is soft, and where to put them. */
export const RoomPanel = memo(function RoomPanel({ picture }: { picture: Picture }) {
  return (
    <Box aria-label="Zone">
      <ZoneSetting />
      <Split picture={picture} />
      <SoftList picture={picture} />
      <Propose />
      <Legend />
      <p className="note">
        Places, speeds and shot values are from memory and can’t know your players: a map of where to look
        first.
      </p>
    </Box>
  );
});

/** What the tint of the floor means. */
function Legend() {
  return (
    <div className="legend" aria-hidden="true">
      {['covered', 'under 0.1 s', 'under 0.2 s', 'under 0.3 s', 'open'].map((w, i) => (
        <span key={w}>
          <i
            style={{
              background: `color-mix(in srgb, var(--shade) ${i === 4 ? 0 : 60 - i * 15}%, var(--sheet))`,
            }}
          />
          {w}
        </span>
      ))}
    </div>
  );
}

function Split({ picture: { split, floor } }: { picture: Picture }) {
  const { court: key } = useSetting();
  const court = courtFor({ court: key });
  const units = useUnits(court);
  const spot = useSpotWords();
  if (!split) return null;
  const where = (j: Seat) => nearestSpot(court, { x: floor.ox[j], y: floor.oy[j] }).spot.key;
  return (
    <div className="split" data-testid="zone-split">
      <h3>x{split.defender + 1} has two of ours</h3>
      <table>
        <thead>
          <tr>
            <th scope="col">{floor.holder >= 0 ? `from ${floor.holder + 1} to` : 'to'}</th>
            <th scope="col">ball there</th>
            <th scope="col">x{split.defender + 1} there</th>
            <th scope="col">late</th>
          </tr>
        </thead>
        <tbody>
          {split.players.map((j, i) => (
            <tr key={j}>
              <td>
                {j + 1} {spot(where(j))}
              </td>
              <td>{split.ball[i]!.toFixed(2)}</td>
              <td>{split.contest[i]!.toFixed(2)}</td>
              <td>
                <b>{split.late[i]!.toFixed(2)} s</b>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="note">
        {split.grade === 'torn' ? 'No place saves both' : 'Half-way he could save either'}; from one to the
        other is {sayDistance(Math.round(split.closeOut), units)}.
      </p>
    </div>
  );
}

function SoftList({ picture: { spots, floor } }: { picture: Picture }) {
  const spot = useSpotWords();
  return (
    <div>
      <h3>Soft spots</h3>
      <table className="soft">
        <tbody>
          {spots.map((s) => {
            const near = nearestMan(floor, s);
            return (
              <tr key={s.spot}>
                <td>
                  {spot(s.spot)}
                  {s.tooLong && <span className="note"> · too long for this level</span>}
                </td>
                <td>{Math.max(0, s.late).toFixed(2)} s</td>
                <td>
                  {near.feet < 3 ? (
                    `${near.j + 1} is there`
                  ) : (
                    <Button onPress={() => putPlayer(near.j, { x: s.x, y: s.y })}>Send {near.j + 1}</Button>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}

function nearestMan(floor: Picture['floor'], s: { x: number; y: number }) {
  let best = { j: floor.holder === 0 ? 1 : 0, feet: Infinity };
  attackersOn(floor).forEach((p, j) => {
    const feet = Math.hypot(p.x - s.x, p.y - s.y);
    if (j !== floor.holder && feet < best.feet) best = { j, feet };
  });
  return best;
}

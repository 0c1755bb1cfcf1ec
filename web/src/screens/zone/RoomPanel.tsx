import {
  ALIGNMENTS,
  alternativesOf,
  courtFor,
  levelRecord,
  nearestSpot,
  proposePlaces,
  sayDistance,
  spotByKey,
  ZONE_PRESETS,
  zoneByKey,
  type Proposal,
  type ZoneKey,
} from '@corkscrew/core';
import { useState } from 'react';
import styled from 'styled-components';
import { useUnits } from '../../app/units.ts';
import { Choice, COURT_OPTIONS, LEVEL_OPTIONS } from '../../ui/Choice.tsx';
import { Button, MainButton } from '../../ui/controls.tsx';
import { ZoneGlyph } from '../desk/defence/ZoneGlyph.tsx';
import { placesOf, putAll, putPlayer, schemeFor, stopChase, useRoom, type Picture } from './room.ts';
import { TakeOver } from './TakeOver.tsx';

const Box = styled.section`
  overflow: auto;
  border-left: 1px solid var(--rule);
  padding: 12px 14px 20px;
  display: grid;
  gap: 12px;
  align-content: start;
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
  .note {
    color: var(--ink-3);
    font-size: 12px;
  }
`;

/** The zone and our five, whom the ball splits, where it is soft, and where to put them. */
export function RoomPanel({ picture }: { picture: Picture }) {
  const room = useRoom();
  const court = courtFor({ court: room.court });
  const units = useUnits(court);
  const [said, setSaid] = useState<{ proposal: Proposal; of: string } | null>(null);
  const table = zoneByKey(room.zone)!;
  const on = alternativesOf(table, room.schools);
  const { split, spots, floor } = picture;
  const where = (j: number) => nearestSpot(court, { x: floor.ox[j]!, y: floor.oy[j]! }).spot.words;
  const propose = () => {
    const from = room.holder >= 0 ? room.places[room.holder]! : room.ball;
    const proposal = proposePlaces(schemeFor(room, room.zone), levelRecord(room.level), court, from, {
      inside: room.inside,
      spacing: room.spacing,
    });
    const order = proposedOrder(proposal, room.holder < 0 ? 0 : room.holder, room.places);
    putAll(order, room.holder < 0 ? 0 : room.holder);
    setSaid({ proposal, of: `${room.zone}` });
  };
  return (
    <Box aria-label="Zone">
      <div className="zones" role="group" aria-label="Zone">
        {ZONE_PRESETS.map((p) => (
          <button
            key={p.key}
            type="button"
            aria-pressed={room.zone === p.key}
            title={p.words}
            onClick={() => {
              stopChase();
              useRoom.setState({ zone: p.key as ZoneKey, schools: [] });
            }}
          >
            <ZoneGlyph zone={p.key as ZoneKey} />
            {p.defence.name.replace('triangle-and-two', 'triangle +2').replace('box-and-one', 'box +1')}
          </button>
        ))}
      </div>
      {[...new Set(table.alternatives.map((a) => a.group))].map((group) => (
        <Choice
          key={group}
          label={GROUPS[group]}
          value={on.find((a) => a.group === group)?.key ?? ''}
          options={[
            ['', 'the usual way'],
            ...table.alternatives.filter((a) => a.group === group).map((a) => [a.key, a.words] as const),
          ]}
          onChange={(key) => {
            stopChase();
            const rest = on.filter((a) => a.group !== group).map((a) => a.key);
            useRoom.setState({ schools: key ? [...rest, key] : rest });
          }}
        />
      ))}
      <div className="pair">
        <Choice
          label="Ours"
          value={room.set}
          options={ALIGNMENTS.map((a) => [a.key, a.name] as const)}
          onChange={(set) => {
            useRoom.setState({ set });
            putAll(placesOf(court, set));
          }}
        />
        <Choice
          label="Beside it"
          value={room.beside ?? ''}
          options={[['', 'nothing'], ...ZONE_PRESETS.map((p) => [p.key, `a ${p.key}`] as const)]}
          onChange={(z) => useRoom.setState({ beside: (z || null) as ZoneKey | null })}
        />
        <Choice
          label="Level"
          value={room.level}
          options={LEVEL_OPTIONS}
          onChange={(level) => useRoom.setState({ level })}
        />
        <Choice
          label="Court"
          value={room.court}
          options={COURT_OPTIONS}
          onChange={(c) => {
            useRoom.setState({ court: c });
            putAll(placesOf(courtFor({ court: c }), room.set));
          }}
        />
      </div>
      {split && (
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
                    {j + 1} {where(j)}
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
            {split.grade === 'torn' ? 'No place saves both' : 'Half-way he could save either'}; from one to
            the other is {sayDistance(Math.round(split.closeOut), units)}.
          </p>
        </div>
      )}
      <div>
        <h3>Soft spots</h3>
        <table className="soft">
          <tbody>
            {spots.map((s) => {
              const near = nearestMan(room.places, room.holder, s);
              return (
                <tr key={s.spot}>
                  <td>
                    {s.words}
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
      <div className="pair">
        <Choice
          label="Inside at least"
          value={String(room.inside)}
          options={['0', '1', '2'].map((n) => [n, n] as const)}
          onChange={(n) => useRoom.setState({ inside: Number(n) })}
        />
        <Choice
          label="Apart at least"
          value={String(room.spacing)}
          options={['9', '12', '15'].map((n) => [n, sayDistance(Number(n), units)] as const)}
          onChange={(n) => useRoom.setState({ spacing: Number(n) })}
        />
      </div>
      <div className="row">
        <MainButton onPress={propose}>Where would you put them?</MainButton>
      </div>
      {said && (
        <div role="status">
          <ul className="why">
            {why(said.proposal).map((s) => (
              <li key={s}>{s}</li>
            ))}
          </ul>
        </div>
      )}
      <TakeOver />
      <p className="note">
        Places, speeds and shot values are from memory and can’t know your players: a map of where to look
        first.
      </p>
    </Box>
  );
}

const GROUPS = {
  wing: 'First pass to the wing',
  corner: 'Ball in the corner',
  nail: 'Ball at the high post',
  shape: 'Shape',
} as const;

function nearestMan(
  places: readonly { x: number; y: number }[],
  holder: number,
  s: { x: number; y: number },
) {
  let best = { j: holder === 0 ? 1 : 0, feet: Infinity };
  places.forEach((p, j) => {
    const feet = Math.hypot(p.x - s.x, p.y - s.y);
    if (j !== holder && feet < best.feet) best = { j, feet };
  });
  return best;
}

/** The proposed places handed out so that nobody runs farther than he must: the nearest first. */
function proposedOrder(p: Proposal, holder: number, now: readonly { x: number; y: number }[]) {
  const out = now.map((q) => q);
  out[holder] = p.places[0]!;
  const free = new Set(now.map((_, j) => j).filter((j) => j !== holder));
  const left = p.places.slice(1);
  while (left.length > 0) {
    let best = { j: -1, i: 0, feet: Infinity };
    for (const j of free)
      left.forEach((q, i) => {
        const feet = Math.hypot(q.x - now[j]!.x, q.y - now[j]!.y);
        if (feet < best.feet) best = { j, i, feet };
      });
    out[best.j] = left[best.i]!;
    free.delete(best.j);
    left.splice(best.i, 1);
  }
  return out;
}

function why(p: Proposal): string[] {
  const words = (i: number) => spotByKey(p.spots[i] ?? '')?.words ?? 'the ball';
  const out = p.options
    .toSorted((a, b) => b.late - a.late)
    .filter((o) => o.late > 0)
    .map((o) => `The ${words(o.player)}: x${o.defender + 1} is ${o.late.toFixed(2)} s late for the shot.`);
  const held = p.options.filter((o) => o.late <= 0);
  if (held.length > 0)
    out.push(
      `The ${held.map((o) => words(o.player)).join(' and the ')}: not open, but ${held.length > 1 ? 'they hold' : 'he holds'} a defender and ${held.length > 1 ? 'keep' : 'keeps'} the rules.`,
    );
  if (p.split)
    out.push(
      `x${p.split.defender + 1} has two of ours: whichever he takes, the other is ${p.split.margin.toFixed(2)} s free.`,
    );
  return out;
}

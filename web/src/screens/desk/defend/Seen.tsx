import {
  bodyAt,
  nearestSpot,
  PLAYERS,
  sayDistance,
  stepOf,
  timeOf,
  type AgainstView,
  type Court,
  type Openness,
  type PassSeen,
  type Units,
} from '@corkscrew/core';
import styled from 'styled-components';
import { Label } from '../../../ui/controls.tsx';
import { seek, useNow, useTimeline } from '../timeline.ts';

const Box = styled.div`
  margin: 14px -14px 0;
  padding: 12px 14px 0;
  border-top: 2px solid var(--ink);
  h3 {
    display: flex;
    justify-content: space-between;
    margin-bottom: 6px;
  }
  h3 span {
    font: 600 12px/1.3 'Archivo Variable';
    color: var(--ink-3);
  }
  li {
    display: grid;
    grid-template-columns: 20px minmax(0, 1fr) auto 44px;
    gap: 1px 6px;
    align-items: center;
    padding: 2px 0;
    border-bottom: 1px solid var(--rule);
  }
  li b.no {
    grid-row: span 2;
    width: 17px;
    height: 17px;
    border-radius: 50%;
    background: var(--ink);
    color: var(--on-ink);
    display: grid;
    place-items: center;
    font: 640 12px/1 'Archivo Variable';
  }
  .num {
    font: 640 13.5px/1.1 'Archivo Variable';
    font-stretch: 77%;
    text-align: right;
  }
  li[data-open] {
    font-weight: 700;
  }
  .sub {
    grid-column: 2 / -1;
    min-height: 1.2em;
    color: var(--ink-2);
    font-weight: 400;
    font-size: 12px;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  button.pass {
    all: unset;
    display: block;
    width: 100%;
    padding: 5px 0;
    border-bottom: 1px solid var(--rule);
    font-size: 13px;
    line-height: 1.3;
  }
  button.pass:focus-visible {
    outline: 2px solid var(--pen);
  }
  button.pass[data-bad] {
    color: var(--gap);
  }
  p.split {
    padding: 8px 10px;
    background: var(--raised);
    border: 1px solid var(--rule-2);
    margin: 8px 0;
  }
  p.note {
    color: var(--ink-3);
    font-size: 12px;
    margin: 6px 0 10px;
  }
`;

/** Who is open at this instant, what a look of his is worth, and what every drawn pass meets. */
export function Seen({ against, court, units }: { against: AgainstView; court: Court; units: Units }) {
  const now = useNow();
  const timeline = useTimeline();
  const { openness, splitAt, splits, passes, blocked } = against.seeing;
  const i = timeOf(against, now);
  const all = openness[i] ?? [];
  const flying = all.length > 0 && all.every((o) => o.margin === -Infinity);
  const next = timeline.possessions.find((p) => p.holder && p.from > now - 0.05);
  const k = stepOf(against, now);
  const split = splitAt[i];
  const span = split && splits.find((s) => s.from <= now + 0.05 && now <= s.to + 0.05);
  return (
    <Box>
      <h3>
        At {now.toFixed(1)} s{' '}
        <span>
          {!flying
            ? 'nearest at the shot · worth'
            : next
              ? `ball in the air, ${next.holder} has it at ${next.from.toFixed(1)}`
              : 'ball in the air'}
        </span>
      </h3>
      <ul>
        {[...all]
          .sort((a, b) => b.value - a.value)
          .map((o) => (
            <Row
              key={o.player}
              o={o}
              where={nearestSpot(court, bodyAt(against, k, o.player)).spot.words}
              units={units}
            />
          ))}
      </ul>
      {split && (
        <p className="split" data-testid="split">
          <b>x{split.defender + 1} has two of ours.</b> With {split.players[0] + 1} he is{' '}
          {split.late[1].toFixed(2)} s late to {split.players[1] + 1}; with {split.players[1] + 1},{' '}
          {split.late[0].toFixed(2)} s to {split.players[0] + 1}.{' '}
          {split.grade === 'torn' ? 'No place saves both.' : 'In between he could still save it.'}
          {span &&
            ` From ${span.from.toFixed(1)} to ${span.to.toFixed(1)}, at its worst at ${span.at.toFixed(1)}.`}
        </p>
      )}
      {passes.length > 0 && <Label>Passes drawn</Label>}
      {passes.map((p) => (
        <button
          key={p.action}
          type="button"
          className="pass"
          data-bad={bad(p) || undefined}
          onClick={() => seek(p.at)}
        >
          {passWords(p)}
        </button>
      ))}
      {blocked.map((b) => (
        <button key={`${b.player}${b.from}`} type="button" className="pass" onClick={() => seek(b.from)}>
          {b.player + 1} runs into x{b.defender + 1} at {b.from.toFixed(1)} for {b.seconds.toFixed(1)} s.
        </button>
      ))}
      <p className="note">
        Worth = make × points × (1 − lost on the way). Makes and speeds are from memory: trust the order, not
        the hundredths.
      </p>
    </Box>
  );
}

/** Kinds of pass as they are said where one is told by which a man can be found. */
const PASS_WORDS: Readonly<Record<PassSeen['kind'], string>> = {
  chest: 'a pass',
  bounce: 'a bounce pass',
  lob: 'a lob',
  skip: 'an overhead pass',
  pocket: 'a pocket pass',
};
const capital = (s: string): string => s[0]!.toUpperCase() + s.slice(1);

const bad = (p: PassSeen): boolean => p.margin < 0 || p.costs;

function passWords(p: PassSeen): string {
  const lane =
    p.margin < 0 ? `x${p.laneMan + 1} in the lane` : `lane clear by ${Math.min(9.9, p.margin).toFixed(1)} s`;
  const window = p.window && `free ${p.window.from.toFixed(1)} to ${p.window.to.toFixed(1)}`;
  // The same as the walk-through says: when it costs nothing that he is not free, that is no fault of the pass.
  const when =
    p.verdict === 'in'
      ? `, in time (${window})`
      : !p.costs
        ? ', his man near him'
        : `, ${p.by.toFixed(1)} s ${p.verdict} (${window})`;
  const better = p.better ? ` ${capital(PASS_WORDS[p.better])} is there.` : '';
  return `${p.passer} to ${p.receiver} at ${p.at.toFixed(1)}: ${lane}${when}.${better}`;
}

/** Distances at a shot above this say nothing more (ft). */
const FAR = 10;

function Row({ o, where, units }: { o: Openness; where: string; units: Units }) {
  const feet = o.how === 'finish' ? o.atShot : o.jumper;
  const has = o.pass === null && o.margin === Infinity;
  const gone = o.margin === -Infinity;
  const say = gone
    ? ''
    : feet >= FAR
      ? `${sayDistance(FAR, units)}+`
      : sayDistance(units === 'feet' ? Math.round(feet * 2) / 2 : feet, units);
  const factors = gone
    ? ''
    : `${Math.round(o.make * 100)} % × ${o.points} × ${(1 - o.risk).toFixed(2)}${o.how === 'finish' ? ', at the rim' : ''}`;
  return (
    <li data-open={o.open || undefined} title={factors}>
      <b className="no">{PLAYERS[o.player]}</b>
      <span>{where}</span>
      <span className="num">{say}</span>
      <span className="num">{gone ? '' : o.value.toFixed(2)}</span>
      <span className="sub">
        {has
          ? 'has the ball'
          : o.open
            ? `open by ${o.pass ? PASS_WORDS[o.pass] : 'a pass'}`
            : gone
              ? ''
              : o.margin < 0
                ? `x${o.laneMan + 1} in the lane`
                : `x${o.by + 1} is on him`}
        {factors && ` · ${factors}`}
      </span>
    </li>
  );
}

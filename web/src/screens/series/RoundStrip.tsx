import {
  courtFor,
  cyclesOf,
  lineTo,
  placeSaid,
  PLAYERS,
  turnsHome,
  turnsOf,
  visitsIn,
  walkLine,
  type Play,
  type PlayerId,
  type PlayRelated,
} from '@corkscrew/core';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { FramePicture } from '../../floor/FramePicture.tsx';
import { useTeller } from '../../team/teller.ts';

const Box = styled.section`
  border-top: 1px solid var(--rule-2);
  padding: 10px 14px 12px;
  min-width: 0;
  .head {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 4px 14px;
    margin-bottom: 8px;
  }
  h2 {
    font-size: 16px;
    font-weight: 700;
    font-stretch: 74%;
  }
  p {
    font-size: 13px;
    color: var(--ink-2);
  }
  a {
    color: var(--pen);
  }
  .who {
    display: flex;
    gap: 3px;
    margin-left: auto;
    align-items: center;
  }
  .who button {
    min-width: 28px;
    min-height: 28px;
    border: 1px solid var(--rule-2);
    border-radius: 50%;
    background: var(--raised);
    font-weight: 700;
  }
  .who button[aria-pressed='true'] {
    background: var(--ink);
    color: var(--on-ink);
  }
  ol {
    display: flex;
    gap: 34px;
    overflow-x: auto;
    padding-bottom: 4px;
  }
  li {
    position: relative;
    flex: none;
    width: 122px;
  }
  li:not(:last-child)::after {
    content: '→';
    position: absolute;
    left: 100%;
    top: 26px;
    width: 34px;
    text-align: center;
    font-size: 18px;
  }
  .pic {
    display: block;
    border: 1px solid var(--rule-2);
    background: var(--sheet);
  }
  .pic svg {
    display: block;
  }
  b {
    display: block;
    margin-top: 4px;
    font: 700 13.5px/1.1 'Archivo Variable';
    font-stretch: 76%;
  }
  li p {
    font-size: 12px;
    line-height: 1.25;
  }
`;

type Round = NonNullable<PlayRelated['round']>;

/** A play that goes round: a picture a turn until everybody is home, who comes where, and the way to see it run. */
export function RoundStrip({ play, round }: { play: Play; round: Round }) {
  const [who, setWho] = useState<PlayerId>('5');
  const court = courtFor(play);
  const t = useTeller(play);
  const home = turnsHome(round);
  const pictures = useMemo(() => {
    const all = turnsOf(play, round, home);
    const walks = walkLine(all, lineTo(all, all.frames.at(-1)!.id));
    const frames = lineTo(play, round.leaf).length;
    return Array.from({ length: home }, (_, i) => ({
      walk: walks[i * frames]!,
      next: walks[i * frames + 1],
    }));
  }, [play, round, home]);
  const rings = cyclesOf(round.to).filter((c) => c.length > 1);
  const fixed = cyclesOf(round.to)
    .filter((c) => c.length === 1)
    .flat();
  return (
    <Box aria-label={`${play.name} goes round`}>
      <div className="head">
        <h2 dir="auto">{play.name} goes round</h2>
        <p>
          Its end is its start{round.mirrored ? ' on the other side' : ''}
          {rings.length > 0 ? ', with places exchanged' : ''}: home after{' '}
          {home === 1 ? 'one turn' : `${home} turns`}, {round.seconds.toFixed(1)} s a turn.{' '}
          {ringWords(rings, fixed)}
        </p>
        <Link to={`/plays/${play.id}/turns`}>Run it</Link>
        <span className="who" role="group" aria-label="Whose places">
          {PLAYERS.map((p) => (
            <button
              key={p}
              type="button"
              aria-pressed={who === p}
              aria-label={`Places of ${p}`}
              onClick={() => setWho(p)}
            >
              {p}
            </button>
          ))}
        </span>
      </div>
      <ol>
        {pictures.map(({ walk, next }, turn) => (
          <li key={turn}>
            <span className="pic">
              <FramePicture court={court} walk={walk} next={next} width={120} />
            </span>
            <b>{turn === 0 ? 'First turn' : `Turn ${turn + 1}`}</b>
            <p>
              {who}:{' '}
              {[
                ...new Set(
                  visitsIn(play, round, who, turn).flatMap((p) => {
                    // What has no name is on the way.
                    const said = placeSaid(court, p, t);
                    return said.is === 'between' ? [] : [said.spot];
                  }),
                ),
              ].join(', ')}
            </p>
          </li>
        ))}
      </ol>
    </Box>
  );
}

/** "1 goes to 5’s place, 5 to 4’s, 4 to 1’s. 2 and 3 change.": who follows whom. */
function ringWords(rings: readonly (readonly PlayerId[])[], fixed: readonly PlayerId[]): string {
  const said = rings.map((c) =>
    c.length === 2
      ? `${c[0]!} and ${c[1]!} change`
      : c
          .map(
            (p, i) =>
              `${p} ${i === 0 ? 'goes ' : ''}to ${c[(i + 1) % c.length]!}’s${i === 0 ? ' place' : ''}`,
          )
          .join(', '),
  );
  const rest =
    fixed.length > 0 && fixed.length < 5
      ? [
          fixed.length === 1
            ? `${fixed[0]!} comes back to his own place`
            : `${fixed.join(' and ')} come back to their own`,
        ]
      : [];
  return [...said, ...rest].map((s) => `${s}.`).join(' ');
}

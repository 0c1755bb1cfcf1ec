import {
  barWords,
  bestFive,
  courtFor,
  needWords,
  sayDistance,
  PLAYERS,
  SKILL_WORDS,
  startState,
  walkFrame,
  weakHand,
  whoElse,
  LIMITS,
  type Clearance,
  type Lineup,
  type Player,
  type Units,
} from '@corkscrew/core';
import { frameScene, PREVIEW, toScene, type Scale } from '@corkscrew/diagram';
import { nanoid } from 'nanoid';
import { useMemo, useState } from 'react';
import { SceneItems } from '../../floor/SceneSvg.tsx';
import type { Records } from '../../keeping/records.ts';
import { Choice } from '../../ui/Choice.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { Lineups } from './Lineups.tsx';
import { Besides } from './Besides.tsx';
import { Nobody } from './Nobody.tsx';
import { Factors } from './Factors.tsx';
import { OtherSide } from './OtherSide.tsx';
import type { Kept } from '@corkscrew/core';
import { lastName, type RosterPlay } from './use-roster.ts';

/** So much of what a number does is said, and so many others are named for it. */
const SAID = 3;
const OTHERS = 2;
/** Room for a man out of bounds. */
const WIDE: Scale = { ...PREVIEW, margin: 4.5 };
/** Less of the weak hand than this is asked of everybody. */
const WEAK = 0.3;

/** Five names as one. */
const nameOf = (names: readonly string[]): string => names.join(', ').slice(0, LIMITS.name);

/** One play: who plays which number, what each number has to do, how well he fits, and who else could. */
export function PlayFit({
  of: { play, roster },
  men,
  plays,
  chosen,
  clearances,
  day,
  lineups,
  onPlay,
  onMan,
  onClear,
  units,
}: {
  of: RosterPlay;
  men: readonly Kept<Player>[];
  plays: readonly RosterPlay[];
  chosen: string | null;
  clearances: readonly Kept<Clearance>[];
  day: string;
  lineups: Records<'lineups'>;
  onPlay: (id: string) => void;
  onMan: (id: string) => void;
  onClear: (id: string, clearances: readonly string[]) => void;
  units: Units;
}) {
  /** Men the coach put on a number himself, by their ids: a list may be put in another order meanwhile. */
  const [mine, setMine] = useState<Readonly<Record<number, string>>>({});
  const own = Object.keys(mine).length > 0;
  const locked = Object.fromEntries(
    Object.entries(mine).flatMap(([n, id]) => {
      const man = men.findIndex((m) => m.id === id);
      return man < 0 ? [] : [[n, man] as const];
    }),
  );
  const five = own ? bestFive(roster.scores, { locked }) : roster.best;
  const put = (number: number, id: string): void => {
    const rest = Object.entries(mine).filter(([n, m]) => Number(n) !== number && m !== id);
    setMine({ ...Object.fromEntries(rest), [number]: id });
  };
  const menOf = (all: readonly number[]): Lineup['men'] =>
    Object.fromEntries(PLAYERS.flatMap((p, n) => (men[all[n]!] ? [[p, men[all[n]!]!.id] as const] : [])));
  const scale = play.start.throwIn ? WIDE : PREVIEW;
  const scene = useMemo(() => {
    const court = courtFor(play);
    return frameScene({ court, walk: walkFrame(startState(play), play.frames[0]!), scale });
  }, [play, scale]);
  return (
    <section className="fit" aria-label="One play">
      <div className="head">
        <Choice
          bare
          label="Which play"
          value={play.id}
          options={plays.map((p) => [p.play.id, p.play.name] as const)}
          onChange={onPlay}
        />
        <p>who plays which number</p>
        <Segments role="group" aria-label="Which five">
          <button type="button" aria-pressed={own} disabled={!own}>
            My five
          </button>
          <button type="button" aria-pressed={!own} onClick={() => setMine({})}>
            Best five today
          </button>
        </Segments>
      </div>
      <Lineups
        rows={lineups.rows ?? []}
        now={five && { name: nameOf(five.men.map((m) => lastName(men[m]!.body.name))), men: menOf(five.men) }}
        onTake={(taken) =>
          setMine(
            Object.fromEntries(
              PLAYERS.flatMap((p, n) => {
                const id = taken[p];
                return id !== undefined && men.some((m) => m.id === id) ? [[n, id] as const] : [];
              }),
            ),
          )
        }
        onChange={lineups.change}
        onKeep={(lineup) => {
          const id = nanoid(12);
          lineups.change(id, lineup);
          return id;
        }}
      />
      <svg
        className="court"
        viewBox={`0 0 ${scene.width} ${scene.height}`}
        role="img"
        aria-label={`The set of ${play.name}`}
      >
        <SceneItems items={scene.items} />
        {PLAYERS.map((p, n) => {
          const man = five?.men[n];
          const at = toScene(scale, play.start.places[p]);
          return (
            man !== undefined && (
              <text key={p} className="called" x={at.x} y={at.y + 25} textAnchor="middle">
                {lastName(men[man]!.body.name)}
              </text>
            )
          );
        })}
      </svg>
      <table>
        <thead>
          <tr>
            <th scope="col" aria-label="Number" />
            <th scope="col">What the number has to do</th>
            <th scope="col">How well it fits, of 5</th>
            <th scope="col">Who else could</th>
          </tr>
        </thead>
        <tbody>
          {PLAYERS.map((number, n) => {
            const man = five?.men[n] ?? null;
            const standing = man === null ? null : roster.men[man]?.[n];
            const others = whoElse(roster.scores, n).filter((m) => m !== man);
            const weak = man === null ? null : weakHand(roster.needs[number], men[man]!.body.hand);
            const worst = standing?.fit.factors
              .filter((f) => f.weight >= 0.3)
              .sort((a, b) => a.score - b.score)[0];
            return (
              <tr key={number} data-here={man !== null && men[man]?.id === chosen ? '' : undefined}>
                <th scope="row">
                  <span className="disc">{number}</span>
                </th>
                <td>
                  {needWords(roster.needs[number], SAID).map((w) => (
                    <div key={w}>{w}</div>
                  ))}
                  <p>runs {sayDistance(Math.round(roster.needs[number].feet), units)}</p>
                </td>
                <td>
                  {man !== null && standing ? (
                    <>
                      <button type="button" className="name" dir="auto" onClick={() => onMan(men[man]!.id)}>
                        {men[man]!.body.name} <i>{men[man]!.body.jersey}</i>
                      </button>
                      <Factors fit={standing.fit} />
                      {standing.bars.length > 0 ? (
                        <p className="gap">{standing.bars.map((b) => barWords(b, number)).join(', ')}</p>
                      ) : (
                        worst &&
                        worst.score < 3 && (
                          <p>
                            {SKILL_WORDS[worst.skill].toLowerCase()}:{' '}
                            {worst.rated ? `${worst.score} of 5` : 'not rated'}
                          </p>
                        )
                      )}
                      {weak && weak.weight >= WEAK && (
                        <p>
                          drives {weak.asked}, the weak hand
                          {weak.flip && (
                            <>
                              {': '}
                              <OtherSide play={play} />
                            </>
                          )}
                        </p>
                      )}
                    </>
                  ) : (
                    <Nobody roster={roster} number={n} men={men} onClear={onClear} />
                  )}
                </td>
                <td>
                  {others.slice(0, OTHERS).map((m) => (
                    <button
                      key={m}
                      type="button"
                      className="other"
                      dir="auto"
                      title={`Put ${men[m]!.body.name} at ${number}`}
                      onClick={() => put(n, men[m]!.id)}
                    >
                      {men[m]!.body.name}
                      <i>{roster.men[m]![n]!.fit.value.toFixed(1)}</i>
                    </button>
                  ))}
                  {others.length === 0 && <span className="gap">nobody else</span>}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <Besides
        play={play}
        five={five?.men.map((m) => men[m] ?? null) ?? []}
        clearances={clearances}
        day={day}
      />
    </section>
  );
}

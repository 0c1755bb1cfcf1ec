import {
  mendFor,
  progressWords,
  readyWords,
  shortWords,
  takesToBringIn,
  taughtBy,
  tooLongAtOnce,
  unitKey,
  type Game,
  type Kept,
  type Mend,
  type PlayReady,
  type PlayUnit,
} from '@corkscrew/core';
import { useState } from 'react';
import { dayLong, dayShort } from '../../app/today.ts';
import { Button } from '../../ui/controls.tsx';
import { Taught } from './Taught.tsx';
import type { Chosen } from './Weeks.tsx';
import type { Install } from './use-install.ts';

const GROUPS = [
  ['notOnCourse', 'Not on course'],
  ['onPlan', 'On plan'],
  ['ready', 'Ready'],
] as const;

/** How every play of the next game's call sheet stands, what is missing, and the move that brings it on course. */
export function Readiness({
  install,
  game,
  name,
  ready,
  thread,
  lineOf,
  onChoose,
  onMend,
}: {
  install: Install;
  game: Kept<Game>;
  name: string;
  ready: readonly PlayReady[];
  thread: PlayUnit | null;
  /** The words of a line; of a whole play none. */
  lineOf: (unit: PlayUnit) => string;
  onChoose: (c: Chosen) => void;
  onMend: (mend: Mend) => void;
}) {
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const most = Math.max(30, ...ready.map((r) => total(r) + r.asked));
  const { team, day } = install;
  const key = thread && unitKey(thread);
  // A play that was chosen as a whole is chosen by its first line, once it is taught by lines; and the other way round.
  const chosen =
    ready.find((r) => unitKey(r.unit) === key) ?? ready.find((r) => r.unit.play === thread?.play);
  const asked =
    chosen?.is === 'notOnCourse'
      ? chosen
      : ready.find((r) => r.is === 'notOnCourse' && !left.has(unitKey(r.unit)));
  const play = asked && team.plays.get(asked.unit.play);
  const mend =
    asked &&
    play &&
    mendFor(asked, play, takesToBringIn(asked.unit, play, team, day), game.body, team.practices, day);
  const long = asked && play && tooLongAtOnce(asked, play, team, game.body, day);
  const named = (r: PlayReady): string => [r.name, lineOf(r.unit)].filter(Boolean).join(', ');
  const on = mend && team.practices.find((p) => p.id === mend.practice);
  return (
    <>
      <div className="head">
        <h2>Ready for {name}</h2>
        <i>{dayLong(game.body.date)}</i>
      </div>
      {asked && (
        <div className="told" role="status">
          <p>
            <b>{named(asked)}</b>: {shortWords(asked.short)}. {progressWords(asked.progress)}.{' '}
            {long &&
              `All of it takes ${long.minutes} min to bring in; no practice before the game has more than ${long.most} for plays. `}
            {mend && on
              ? mend.from
                ? `${dayShort(on.body.date)} has no minutes left: take ${mend.from.minutes} from ${mend.from.name}, or call it only after time-outs.`
                : `${dayShort(on.body.date)} has room for ${mend.minutes} minutes.`
              : 'No day is left for it before the game: take it off the sheet, or call it only after time-outs.'}
          </p>
          <div className="row">
            {long && play && install.season && (
              <Button
                onPress={() =>
                  install.seasons.change(install.season!.id, taughtBy(install.season!.body, play.id, true))
                }
              >
                Teach it line by line
              </Button>
            )}
            {mend && on && (
              <Button onPress={() => onMend(mend)}>
                Take {mend.minutes} on {dayShort(on.body.date)}
              </Button>
            )}
            <Button
              onPress={() => {
                setLeft(new Set([...left, unitKey(asked.unit)]));
                if (chosen) onChoose(null);
              }}
            >
              Leave it
            </Button>
          </div>
        </div>
      )}
      {thread && (
        <div className="fields">
          <Taught install={install} play={team.plays.get(thread.play)} />
        </div>
      )}
      {GROUPS.map(([is, words]) => {
        const of = ready.filter((r) => r.is === is);
        if (of.length === 0) return null;
        return (
          <section key={is} aria-label={words}>
            <h3>
              {words} <i>{of.length}</i>
            </h3>
            {of.map((r) => (
              <button
                key={unitKey(r.unit)}
                type="button"
                className="play"
                data-is={is}
                aria-pressed={r === chosen}
                onClick={() => onChoose(r === chosen ? null : { is: 'play', ...r.unit })}
              >
                <span>
                  <b>
                    {r.name}
                    {r.unit.leaf !== null && <small>{lineOf(r.unit)}</small>}
                  </b>
                  <i>{readyWords(r)}</i>
                </span>
                <Bar ready={r} most={most} />
              </button>
            ))}
          </section>
        );
      })}
      <p className="key">Tall is done, short is planned. Past the mark a play has its live minutes.</p>
    </>
  );
}

const total = (r: PlayReady): number =>
  r.done.introduce + r.done.review + r.done.live + r.planned.introduce + r.planned.review + r.planned.live;

/** Minutes as textures: what was done tall, what is planned short, and where the live minutes are enough. */
function Bar({ ready: r, most }: { ready: PlayReady; most: number }) {
  const id = unitKey(r.unit).replace(/\W/g, '');
  const wide = (n: number): number => (n / most) * 260;
  const parts = [
    [r.done.introduce, `url(#walk-${id})`, true],
    [r.done.review, `url(#guided-${id})`, true],
    [r.done.live, 'var(--ink)', true],
    [r.planned.introduce, `url(#walk-${id})`, false],
    [r.planned.review, `url(#guided-${id})`, false],
    [r.planned.live, 'var(--ink-3)', false],
  ] as const;
  let x = 0;
  // Where the live minutes are enough: among those that were done, or among those that are planned.
  const taught = r.done.introduce + r.done.review;
  const before = wide(r.done.live >= r.asked ? taught : taught + r.planned.introduce + r.planned.review);
  return (
    <svg className="bar" viewBox="0 0 262 12" preserveAspectRatio="none" aria-hidden="true">
      <defs>
        <pattern id={`walk-${id}`} width="4" height="4" patternUnits="userSpaceOnUse">
          <circle cx="2" cy="2" r="1.1" fill="var(--ink)" />
        </pattern>
        <pattern
          id={`guided-${id}`}
          width="4"
          height="4"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="1.5" height="4" fill="var(--ink)" />
        </pattern>
      </defs>
      <path d="M0 11.5H262" stroke="var(--rule-2)" />
      {parts.map(([minutes, fill, done], i) => {
        const w = wide(minutes);
        const at = x;
        x += w;
        if (w <= 0) return null;
        return (
          <rect
            key={i}
            x={at}
            y={done ? 1 : 5}
            width={w}
            height={done ? 10.5 : 6.5}
            fill={fill}
            stroke={done ? 'var(--ink)' : 'none'}
            strokeWidth="0.8"
          />
        );
      })}
      <path d={`M${Math.min(260, before + wide(r.asked))} 0V12`} stroke="var(--ink)" strokeWidth="1.6" />
    </svg>
  );
}

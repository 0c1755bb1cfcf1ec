import { dayNumber } from '../calendar/day.ts';
import type { Play } from '../play/document.ts';
import { FRESH } from './plan/problem.ts';
import { isContact, type Practice } from './season.ts';
import { isOfUnit, type Unit, type Want } from './units.ts';
import { progressOf, type Done, type Progress, type StageLimits } from './stages.ts';

/** Minutes on the way to a game: introduced, reviewed, live; each as done and as still planned. */
interface WayMinutes {
  readonly introduce: number;
  readonly review: number;
  readonly live: number;
}
/** What is missing on the way to a game: by how much, minutes or repetitions. */
export interface Short {
  readonly is: 'introduce' | 'review' | 'live' | 'clean' | 'fresh';
  readonly by: number;
}
/** How a play, or a line of one that is taught line by line, stands on the way to a game. */
export interface Ready {
  readonly unit: Unit;
  readonly name: string;
  readonly weight: number;
  readonly progress: Progress;
  readonly done: WayMinutes;
  readonly planned: WayMinutes;
  /** Live minutes that are asked for. */
  readonly asked: number;
  readonly is: 'ready' | 'onPlan' | 'notOnCourse';
  /** What the plan does not give it. */
  readonly short: readonly Short[];
}

/** A block of a practice that is still to come, as far as readiness asks. */
interface ToCome {
  readonly day: string;
  readonly live: boolean;
  readonly minutes: number;
}

/** How a unit of a play stands for a game on a day, by what was done and by what is planned before it. */
export function readyFor(
  { unit, name, weight }: Want,
  play: Play,
  game: { readonly date: string },
  done: readonly Done[],
  practices: readonly Practice[],
  today: string,
  limits: StageLimits,
): Ready {
  const progress = progressOf(done, today, limits);
  const coming = practices
    .filter((p) => !p.missed && p.date >= today && p.date < game.date)
    .flatMap((p) =>
      p.blocks.flatMap((b): ToCome[] =>
        isOfUnit(b, unit, play) && !b.done ? [{ day: p.date, live: isContact(b), minutes: b.minutes }] : [],
      ),
    )
    .sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0));
  const been = done.filter((d) => d.stage !== 'game' && d.day <= today);
  const first = been[0]?.day ?? coming[0]?.day ?? null;
  const again = [...been, ...coming].some((x) => first !== null && x.day > first);
  const planned = minutesOf(
    coming.map((c) => ({ ...c, first: progress.introduced === null && c.day === first })),
  );
  const had = minutesOf(
    been.map((d) => ({ live: isLiveDone(d), minutes: d.minutes, first: d.day === first })),
  );
  const live = had.live + planned.live;
  const lastTouch = coming.at(-1)?.day ?? progress.last;
  const short: Short[] = [];
  if (first === null) short.push({ is: 'introduce', by: 1 });
  else if (!again) short.push({ is: 'review', by: 1 });
  if (live < limits.liveMinutes) short.push({ is: 'live', by: limits.liveMinutes - live });
  else if (planned.live === 0 && progress.clean < limits.liveClean)
    short.push({ is: 'clean', by: limits.liveClean - progress.clean });
  if (first !== null && lastTouch !== null && dayNumber(game.date) - dayNumber(lastTouch) > FRESH)
    short.push({ is: 'fresh', by: dayNumber(game.date) - dayNumber(lastTouch) });
  const isLive = progress.stage === 'live' || progress.stage === 'settled';
  return {
    ...{ unit, name, weight, progress, done: had, planned, asked: limits.liveMinutes, short },
    is: short.length > 0 ? 'notOnCourse' : isLive ? 'ready' : 'onPlan',
  };
}

const isLiveDone = (d: Done): boolean => d.stage === 'live' || d.stage === 'situation';

/** What of some blocks introduced, reviewed and was live: a live block is live whenever it is. */
function minutesOf(
  blocks: readonly { readonly live: boolean; readonly minutes: number; readonly first: boolean }[],
): WayMinutes {
  const sum = (of: (b: (typeof blocks)[number]) => boolean): number =>
    blocks.reduce((n, b) => n + (of(b) ? b.minutes : 0), 0);
  return {
    introduce: sum((b) => !b.live && b.first),
    review: sum((b) => !b.live && !b.first),
    live: sum((b) => b.live),
  };
}

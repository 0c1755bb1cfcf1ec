import { dayNumber } from '../calendar/day.ts';

/** How a session is taught: walked 5 on 0, guided against a passive defence, in parts, live, with score and clock. */
export const BLOCK_STAGES = ['walk', 'guided', 'breakdown', 'live', 'situation'] as const;
export type BlockStage = (typeof BLOCK_STAGES)[number];
export const WENT = ['well', 'mixed', 'badly'] as const;
export type Went = (typeof WENT)[number];

/** Something that was done with a line of a play: in a block of a practice, or in a game. */
export interface Done {
  /** "2026-12-04". */
  readonly day: string;
  readonly stage: BlockStage | 'game';
  readonly minutes: number;
  /** Repetitions without a mistake, and all; null where nobody counted. */
  readonly clean: number | null;
  readonly tried: number | null;
  readonly went: Went;
}

export type InstallStage = 'drawn' | 'introduced' | 'reviewed' | 'live' | 'settled';

/** What a team asks for before something is live, and how long it then stays settled (days); from memory. */
export interface StageLimits {
  readonly liveMinutes: number;
  readonly liveClean: number;
  readonly settledFor: number;
}
export const STAGE_LIMITS: StageLimits = { liveMinutes: 10, liveClean: 8, settledFor: 14 };

/** How far a line is: computed from what was done, never set. */
export interface Progress {
  readonly stage: InstallStage;
  readonly introduced: string | null;
  readonly reviewed: string | null;
  /** Live minutes and clean live repetitions so far. */
  readonly live: number;
  readonly clean: number;
  /** Blocks after the one it was introduced in. */
  readonly touches: number;
  readonly last: string | null;
  /** Days since it was done last. */
  readonly since: number | null;
  /** It was settled and is no longer. */
  readonly faded: boolean;
  /** How much of it is likely still there, 0 to 1: it orders what to review and decides nothing. */
  readonly retention: number;
}

const isLive = (d: Done): boolean => d.stage === 'live' || d.stage === 'situation' || d.stage === 'game';

/** How far a line is on a day, by what was done until then. */
export function progressOf(
  done: readonly Done[],
  today: string,
  limits: StageLimits = STAGE_LIMITS,
): Progress {
  const all = done.filter((d) => d.day <= today).sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0));
  const first = all[0];
  const last = all.at(-1)?.day ?? null;
  if (!first)
    return {
      ...{
        stage: 'drawn',
        introduced: null,
        reviewed: null,
        live: 0,
        clean: 0,
        touches: 0,
        last,
        since: null,
      },
      ...{ faded: false, retention: 0 },
    };
  const reviewed = all.find((d) => d.day > first.day)?.day ?? null;
  const inPractice = all.filter((d) => isLive(d) && d.stage !== 'game');
  const live = inPractice.reduce((n, d) => n + d.minutes, 0);
  const clean = inPractice.reduce((n, d) => n + (d.clean ?? 0), 0);
  const wasLive = reviewed !== null && live >= limits.liveMinutes && clean >= limits.liveClean;
  const used = all.findLast(isLive)?.day ?? null;
  const since = dayNumber(today) - dayNumber(last!);
  const fresh = used !== null && dayNumber(today) - dayNumber(used) <= limits.settledFor;
  // Settled is what was used again, in a game or live, after it had become live.
  const again = wasLive && usedAgain(all, limits);
  const stage = !wasLive ? (reviewed ? 'reviewed' : 'introduced') : again && fresh ? 'settled' : 'live';
  return {
    ...{ stage, introduced: first.day, reviewed, live, clean, touches: all.length - 1, last, since },
    faded: again && !fresh,
    retention: retentionOn(all, today),
  };
}

/** Whether it was used in a game or live on a day after the one that made it live. */
function usedAgain(all: readonly Done[], limits: StageLimits): boolean {
  let live = 0;
  let clean = 0;
  let since: string | null = null;
  for (const d of all.filter(isLive)) {
    if (since !== null && d.day > since) return true;
    if (d.stage === 'game') continue;
    live += d.minutes;
    clean += d.clean ?? 0;
    if (since === null && live >= limits.liveMinutes && clean >= limits.liveClean) since = d.day;
  }
  return false;
}

/** Days after which about a third is left of what was done once; how long that can grow. */
const FIRST = 3;
const LONGEST = 40;
const SHORTEST = 2;

/**
 * exp(−t/S), t days since it was done last. Done on another day S grows to S(1 + 1.6·min(½, 1−r)), so that cramming earns
 * little; after a block that went badly it shrinks to 0.7 S. The shape is common in what is written on spaced practice.
 */
export function retentionOn(done: readonly Pick<Done, 'day' | 'went'>[], today: string): number {
  const s = strengthOf(done);
  const last = done.at(-1);
  return s === null || !last ? 0 : Math.exp(-(dayNumber(today) - dayNumber(last.day)) / s);
}

/** S in days after some blocks in order of their days; null before the first. */
export function strengthOf(done: readonly Pick<Done, 'day' | 'went'>[]): number | null {
  let s: number | null = null;
  let last = 0;
  for (const { day, went } of done) {
    const now = dayNumber(day);
    if (s === null) s = FIRST;
    else if (went === 'badly') s = Math.max(SHORTEST, 0.7 * s);
    else if (now > last)
      s = Math.min(LONGEST, s * (1 + 1.6 * Math.min(0.5, 1 - Math.exp(-(now - last) / s))));
    last = now;
  }
  return s;
}

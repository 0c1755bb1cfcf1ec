import { courtFor } from '../court/rulesets.ts';
import type { Point } from '../geometry/vec.ts';
import { compile } from '../motion/compile.ts';
import { faster, levelRecord, type LevelRecord } from '../motion/level.ts';
import type { Action, Level, Play } from '../play/document.ts';
import { newPlay } from '../play/new-play.ts';
import { lineThrough } from '../play/tree.ts';
import type { PlayerId } from '../alignment/library.ts';
import { simulateMan } from './man/man.ts';
import type { ManPlan } from './plan.ts';
import { railsOf, type Rails } from './rails.ts';
import type { Defended } from './defended.ts';

/** Small plays drawn for the facts: five places, who has the ball, and the actions frame by frame. */
export type XY = readonly [number, number];
type Drawn = Omit<Action, 'id'> & { id?: string };
export interface Board {
  readonly places: Readonly<Record<PlayerId, XY>>;
  readonly ball?: PlayerId;
  readonly frames: readonly (readonly Drawn[])[];
}
const at = ([x, y]: XY): Point => ({ x, y });
/** A path from its numbers: x, y, x, y. */
export const way = (numbers: readonly number[]): Point[] =>
  numbers.flatMap((x, i) => (i % 2 === 0 ? [{ x, y: numbers[i + 1]! }] : []));

export function playFrom(b: Board, level: Level = 'highSchool'): Play {
  const play = newPlay({
    id: 'board',
    name: 'Board',
    court: 'nfhs',
    level,
    alignment: 'horns',
    ball: b.ball ?? '1',
  });
  let n = 0;
  return {
    ...play,
    start: {
      ball: b.ball ?? '1',
      places: {
        '1': at(b.places['1']),
        '2': at(b.places['2']),
        '3': at(b.places['3']),
        '4': at(b.places['4']),
        '5': at(b.places['5']),
      },
    },
    frames: b.frames.map((actions, i) => ({
      id: `f${i + 1}`,
      parent: i === 0 ? null : `f${i}`,
      actions: actions.map((a) => ({ ...a, id: a.id ?? `a${++n}` }) as Action),
    })),
  };
}

/** How a board is shaken: everybody's place, every path, and what men of the level can do. */
export interface Shake {
  readonly level: Level;
  readonly women?: boolean;
  /** A number that stands for the shaking; none leaves the board as drawn. */
  readonly seed?: number;
  /** Shaken less: places and whole paths half a foot, speeds and push 5 %, reactions 10 %. */
  readonly less?: boolean;
  readonly mirrored?: boolean;
}

/** Small, even, repeatable (mulberry32): the same seed gives the same numbers everywhere. */
export function numbers(seed: number): () => number {
  let a = seed | 0;
  return () => {
    a = (a + 0x6d2b79f5) | 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

type Roaming = { path?: readonly Point[]; angle?: number };

/** Places up to half a foot off, every path half a foot and its points a little more. */
function shaken(b: Board, s: Shake): Board {
  const rnd = s.seed === undefined ? () => 0.5 : numbers(s.seed);
  const off = (most: number): number => (rnd() * 2 - 1) * most;
  const sign = s.mirrored ? -1 : 1;
  const points = s.less ? 0 : 0.1;
  const place = ([x, y]: XY): XY => [sign * (x + off(0.5)), y + off(0.5)];
  const { places } = b;
  return {
    ...b,
    places: {
      '1': place(places['1']),
      '2': place(places['2']),
      '3': place(places['3']),
      '4': place(places['4']),
      '5': place(places['5']),
    },
    frames: b.frames.map((actions) =>
      actions.map((a) => {
        const { path, angle } = a as Roaming;
        if (!path) return a;
        const [dx, dy] = [off(0.5), off(0.5)];
        return {
          ...a,
          path: path.map((p) => ({ ...p, x: sign * (p.x + dx + off(points)), y: p.y + dy + off(points) })),
          ...(angle === undefined ? {} : { angle: s.mirrored ? 180 - angle : angle }),
        } as Drawn;
      }),
    ),
  };
}

/** Reactions 15 % off, speeds 7 %, the push of a defender 10 %. */
function other(record: LevelRecord, s: Shake): LevelRecord {
  if (s.seed === undefined) return record;
  const rnd = numbers(s.seed + 7919);
  const off = (most: number): number => 1 + (rnd() * 2 - 1) * most;
  return faster(record, {
    speed: off(s.less ? 0.05 : 0.07),
    react: off(s.less ? 0.1 : 0.15),
    push: off(s.less ? 0.05 : 0.1),
  });
}

const AS_DRAWN: Shake = { level: 'highSchool' };

export function railsFrom(b: Board, s: Shake = AS_DRAWN): Rails {
  const play = playFrom(shaken(b, s), s.level);
  const court = courtFor(play);
  const record = other(levelRecord(s.level, s.women ?? false), s);
  const { timeline } = compile(play, lineThrough(play, 'f1').at(-1)!.id, court, s.level, record);
  return railsOf(timeline, court, record);
}

export const man = (changes: Partial<ManPlan> = {}): ManPlan => ({
  type: 'man',
  guards: [0, 1, 2, 3, 4],
  onBall: 'drop',
  offBall: 'trail',
  handoff: 'drop',
  help: 'none',
  denies: new Uint8Array(5),
  post: 'behind',
  watches: new Uint8Array(5),
  driveHelp: true,
  lateReads: [],
  per: {},
  own: [],
  offThrower: null,
  acts: [],
  ...changes,
});

export function defend(b: Board, changes: Partial<ManPlan> = {}, s: Shake = AS_DRAWN): Defended {
  const start = changes.start && s.mirrored ? changes.start.map((v, i) => (i % 2 === 0 ? -v : v)) : undefined;
  return simulateMan(railsFrom(b, s), man(start ? { ...changes, start } : changes));
}

/** What a defended board is asked: between two times, ten times a second. */
export function over<T>(d: Defended, from: number, to: number, read: (k: number, t: number) => T): T[] {
  const out: T[] = [];
  const last = Math.min(to, d.rails.timeline.end);
  for (let i = 0; from + i * 0.1 <= last + 1e-9; i++) {
    const t = Math.max(0, from + i * 0.1);
    out.push(read(Math.min(d.rails.steps - 1, Math.round(t / d.rails.dt)), t));
  }
  return out;
}

/** The best that holds for two tenths of a second. */
export function sustained(values: readonly number[]): number {
  let best = -Infinity;
  for (let i = 0; i + 2 < values.length; i++)
    best = Math.max(best, Math.min(values[i]!, values[i + 1]!, values[i + 2]!));
  return best;
}

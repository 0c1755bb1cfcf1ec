import type { ActionOf, Level, Tempo } from '../play/document.ts';

type PassKind = NonNullable<ActionOf<'pass'>['kind']>;

/**
 * How fast people and the ball are at a level. Every figure is from memory and meant to be edited.
 * Two blocks, one for each defensive model; the offence and the ball read `man`.
 */
export interface LevelRecord {
  readonly man: {
    /** Top running speed, ft/s. */
    readonly speed: number;
    /** Share of a man's speed that he keeps with the ball. */
    readonly dribbling: number;
    /** Ball speeds by pass, ft/s. */
    readonly pass: Readonly<Record<PassKind, number>>;
    /** Seconds from catch to release of the next pass, and to a shot. */
    readonly catchToPass: number;
    readonly catchToShot: number;
  };
  readonly zone: { readonly speed: number };
  /** Longest pass that is safe, feet. */
  readonly safePass: number;
}

/** Share of top speed at each tempo (from memory). */
export const TEMPO: Readonly<Record<Tempo, number>> = { walk: 0.17, jog: 0.36, cut: 0.58, sprint: 0.85 };
export const WINDUP: Readonly<Record<PassKind, number>> = {
  chest: 0.14,
  bounce: 0.14,
  lob: 0.22,
  skip: 0.22,
};
/** Seconds a screener stands before he counts as set. */
export const SETTLE = 0.1;

const passes = (chest: number, bounce: number, skip: number, lob: number) => ({ chest, bounce, skip, lob });

export const LEVELS: Readonly<Record<Level, LevelRecord>> = {
  youth: {
    man: { speed: 20.5, dribbling: 0.72, pass: passes(26, 20, 28, 22), catchToPass: 0.35, catchToShot: 0.8 },
    zone: { speed: 20.5 },
    safePass: 22,
  },
  highSchool: {
    man: { speed: 25.5, dribbling: 0.82, pass: passes(34, 26, 36, 27), catchToPass: 0.28, catchToShot: 0.65 },
    zone: { speed: 25.5 },
    safePass: 30,
  },
  college: {
    man: { speed: 28, dribbling: 0.87, pass: passes(39, 30, 42, 30), catchToPass: 0.24, catchToShot: 0.58 },
    zone: { speed: 28 },
    safePass: 35,
  },
  pro: {
    man: { speed: 29.5, dribbling: 0.9, pass: passes(43, 33, 46, 32), catchToPass: 0.2, catchToShot: 0.52 },
    zone: { speed: 29.5 },
    safePass: 40,
  },
};

/** The record for a level; women's speeds are nine tenths (from memory). */
export function levelRecord(level: Level, women = false): LevelRecord {
  const r = LEVELS[level];
  if (!women) return r;
  const k = 0.9;
  return {
    ...r,
    man: {
      ...r.man,
      speed: r.man.speed * k,
      pass: passes(r.man.pass.chest * k, r.man.pass.bounce * k, r.man.pass.skip * k, r.man.pass.lob * k),
    },
    zone: { speed: r.zone.speed * k },
  };
}

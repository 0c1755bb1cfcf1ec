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
    /** Time constant of the start, s: after it a sprinter has 63 % of his top speed. */
    readonly tau: number;
    /** Sideways acceleration he can hold in a bend, and the braking he can stand, ft/s². */
    readonly bend: number;
    readonly brake: number;
    /** Share of a man's speed that he keeps with the ball. */
    readonly dribbling: number;
    /** Ball speeds by pass, ft/s. */
    readonly pass: Readonly<Record<PassKind, number>>;
    /** Seconds from catch to release of the next pass, to a shot, and from a pick-up to a shot. */
    readonly catchToPass: number;
    readonly catchToShot: number;
    readonly pullUp: number;
  };
  readonly zone: { readonly speed: number };
  /** Longest pass that is safe, feet. */
  readonly safePass: number;
}

/** What a tempo is worth: share of top speed, of the start's push, and of the braking (from memory). */
export const TEMPO: Readonly<Record<Tempo, { speed: number; push: number; brake: number }>> = {
  walk: { speed: 0.17, push: 0.45, brake: 0.5 },
  jog: { speed: 0.36, push: 0.7, brake: 0.75 },
  cut: { speed: 0.58, push: 0.8, brake: 1 },
  sprint: { speed: 1, push: 1, brake: 1 },
};
/** Seconds from the start of a pass to its release (from memory). */
export const WINDUP: Readonly<Record<PassKind, number>> = {
  chest: 0.14,
  bounce: 0.14,
  lob: 0.22,
  skip: 0.22,
};
/** Seconds a screener stands before he counts as set. */
export const SETTLE = 0.1;
/** Seconds after a start in which the ball first meets the floor, and from a catch to a dribble. */
export const FIRST_DRIBBLE = 0.18;
export const CATCH_TO_DRIBBLE = 0.15;

type Row = Omit<LevelRecord['man'], 'pass'> & {
  pass: readonly [number, number, number, number];
  safe: number;
};
const record = ({ pass: [chest, bounce, skip, lob], safe, ...man }: Row): LevelRecord => ({
  man: { ...man, pass: { chest, bounce, skip, lob } },
  zone: { speed: man.speed },
  safePass: safe,
});

export const LEVELS: Readonly<Record<Level, LevelRecord>> = {
  youth: record({
    speed: 20.5,
    tau: 0.95,
    bend: 13,
    brake: 16,
    dribbling: 0.72,
    pass: [26, 20, 28, 22],
    catchToPass: 0.35,
    catchToShot: 0.8,
    pullUp: 0.8,
    safe: 22,
  }),
  highSchool: record({
    speed: 25.5,
    tau: 0.85,
    bend: 17,
    brake: 20,
    dribbling: 0.82,
    pass: [34, 26, 36, 27],
    catchToPass: 0.28,
    catchToShot: 0.65,
    pullUp: 0.6,
    safe: 30,
  }),
  college: record({
    speed: 28,
    tau: 0.78,
    bend: 19,
    brake: 22,
    dribbling: 0.87,
    pass: [39, 30, 42, 30],
    catchToPass: 0.24,
    catchToShot: 0.58,
    pullUp: 0.55,
    safe: 35,
  }),
  pro: record({
    speed: 29.5,
    tau: 0.75,
    bend: 21,
    brake: 24,
    dribbling: 0.9,
    pass: [43, 33, 46, 32],
    catchToPass: 0.2,
    catchToShot: 0.52,
    pullUp: 0.5,
    safe: 40,
  }),
};

/** Women's share of speed and passes, and of bending and braking (from memory). */
const WOMEN = { speed: 0.9, grip: 0.92 } as const;

function womens(r: LevelRecord): LevelRecord {
  const { man } = r;
  const k = WOMEN.speed;
  return {
    ...r,
    man: {
      ...man,
      speed: man.speed * k,
      bend: man.bend * WOMEN.grip,
      brake: man.brake * WOMEN.grip,
      pass: {
        chest: man.pass.chest * k,
        bounce: man.pass.bounce * k,
        skip: man.pass.skip * k,
        lob: man.pass.lob * k,
      },
    },
    zone: { speed: man.speed * k },
  };
}
const LEVELS_WOMEN = Object.fromEntries(Object.entries(LEVELS).map(([key, r]) => [key, womens(r)])) as Record<
  Level,
  LevelRecord
>;

/** The record for a level, men's or women's. */
export const levelRecord = (level: Level, women = false): LevelRecord =>
  women ? LEVELS_WOMEN[level] : LEVELS[level];

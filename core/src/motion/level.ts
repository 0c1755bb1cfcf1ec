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
    /** How hard a defender starts and turns, ft/s², and how much longer he takes to react than a grown one. */
    readonly defend: number;
    readonly react: number;
    /** Share of a professional's makes: at the rim, from short, from the middle distance, from three. */
    readonly makes: Readonly<Record<'rim' | 'short' | 'mid' | 'three', number>>;
  };
  readonly zone: ZoneRecord;
  /** Longest pass that is safe, feet. */
  readonly safePass: number;
}

/** What the zone model reckons with; its facts were found with these, so they stand apart from `man`. */
export interface ZoneRecord {
  /** Closing out and running: top speed and push, ft/s and ft/s²; sliding with the ball the same. */
  readonly run: number;
  readonly push: number;
  readonly slide: number;
  readonly slidePush: number;
  /** Seconds until a pass is read. */
  readonly react: number;
  /** Feet at which a man contests: on the perimeter, at the rim, and in a passing lane. */
  readonly reach: number;
  readonly reachRim: number;
  readonly reachLane: number;
  /** Straight passes, and those that go over, ft/s. */
  readonly pass: number;
  readonly over: number;
  readonly drive: number;
  readonly drivePush: number;
  /** Feet behind the arc that cost nothing, and from which a three is worth nothing. */
  readonly deepFree: number;
  readonly deepZero: number;
  /** Feet up to which a pass loses nothing, at which it has lost what it can, and what is left of it then. */
  readonly longFree: number;
  readonly longEnd: number;
  readonly longLeft: number;
  /** Seconds between catch and pass of a team that moves the ball, and for one idle dribble. */
  readonly quickHold: number;
  readonly dribble: number;
  /** Points of an open shot, by kind. */
  readonly worth: Readonly<Record<ShotPlace | 'longTwo', number>>;
  /** Seconds after the catch within which a contest still takes the shot away. */
  readonly late: Readonly<Record<ShotPlace, number>>;
}
export type ShotPlace = 'rim' | 'floater' | 'mid' | 'corner3' | 'above3';

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

type Five = readonly [number, number, number, number, number];
type Row = Omit<LevelRecord['man'], 'pass' | 'makes'> & {
  pass: readonly [number, number, number, number];
  makes: readonly [number, number, number, number];
  safe: number;
  zone: Omit<ZoneRecord, 'worth' | 'late'> & { worth: Five; longTwo: number; late: Five };
};
const places = ([rim, floater, mid, corner3, above3]: Five): Record<ShotPlace, number> => ({
  rim,
  floater,
  mid,
  corner3,
  above3,
});
const record = ({ pass, makes, safe, zone, ...man }: Row): LevelRecord => {
  const [chest, bounce, skip, lob] = pass;
  const [rim, short, mid, three] = makes;
  const { worth, longTwo, late, ...figures } = zone;
  return {
    man: { ...man, pass: { chest, bounce, skip, lob }, makes: { rim, short, mid, three } },
    zone: { ...figures, worth: { ...places(worth), longTwo }, late: places(late) },
    safePass: safe,
  };
};

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
    defend: 15.5,
    react: 1.35,
    makes: [0.68, 0.55, 0.5, 0.42],
    zone: {
      run: 13,
      push: 15,
      slide: 9,
      slidePush: 10,
      react: 0.3,
      reach: 2.4,
      reachRim: 1.6,
      reachLane: 2.4,
      pass: 31,
      over: 25,
      drive: 11,
      drivePush: 12,
      deepFree: 1,
      deepZero: 6,
      longFree: 22,
      longEnd: 36,
      longLeft: 0.3,
      quickHold: 0.5,
      dribble: 0.7,
      worth: [1.05, 0.55, 0.48, 0.6, 0.55],
      longTwo: 0.38,
      late: [0.05, 0.12, 0.25, 0.4, 0.4],
    },
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
    defend: 20.5,
    react: 1,
    makes: [0.86, 0.84, 0.84, 0.86],
    zone: {
      run: 16,
      push: 20,
      slide: 11,
      slidePush: 13,
      react: 0.2,
      reach: 3,
      reachRim: 2,
      reachLane: 3,
      pass: 40,
      over: 34,
      drive: 14,
      drivePush: 16,
      deepFree: 2.5,
      deepZero: 10,
      longFree: 36,
      longEnd: 56,
      longLeft: 0.5,
      quickHold: 0.35,
      dribble: 0.6,
      worth: [1.25, 0.8, 0.74, 1.05, 1.0],
      longTwo: 0.62,
      late: [0, 0.05, 0.15, 0.25, 0.25],
    },
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
    defend: 22.5,
    react: 0.9,
    makes: [0.95, 0.94, 0.94, 0.95],
    zone: {
      run: 17,
      push: 22,
      slide: 12,
      slidePush: 14.5,
      react: 0.18,
      reach: 3.2,
      reachRim: 2.1,
      reachLane: 3.2,
      pass: 43,
      over: 36,
      drive: 15,
      drivePush: 17.5,
      deepFree: 3,
      deepZero: 10,
      longFree: 39,
      longEnd: 59,
      longLeft: 0.5,
      quickHold: 0.35,
      dribble: 0.6,
      worth: [1.32, 0.84, 0.8, 1.12, 1.06],
      longTwo: 0.68,
      late: [0, 0.05, 0.13, 0.22, 0.22],
    },
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
    defend: 24,
    react: 0.82,
    makes: [1, 1, 1, 1],
    zone: {
      run: 18,
      push: 24,
      slide: 13,
      slidePush: 16,
      react: 0.16,
      reach: 3.5,
      reachRim: 2.3,
      reachLane: 3.4,
      pass: 45,
      over: 38,
      drive: 16,
      drivePush: 19,
      deepFree: 4,
      deepZero: 12,
      longFree: 42,
      longEnd: 60,
      longLeft: 0.5,
      quickHold: 0.35,
      dribble: 0.6,
      worth: [1.4, 0.9, 0.86, 1.2, 1.12],
      longTwo: 0.74,
      late: [0, 0.04, 0.11, 0.2, 0.2],
    },
    safe: 40,
  }),
};

/** Women's share of speed and passes, and of bending and braking (from memory). */
const WOMEN = { speed: 0.9, grip: 0.92 } as const;

function womens(r: LevelRecord): LevelRecord {
  const { man, zone } = r;
  const k = WOMEN.speed;
  return {
    ...r,
    man: {
      ...man,
      speed: man.speed * k,
      bend: man.bend * WOMEN.grip,
      brake: man.brake * WOMEN.grip,
      defend: man.defend * WOMEN.grip,
      pass: {
        chest: man.pass.chest * k,
        bounce: man.pass.bounce * k,
        skip: man.pass.skip * k,
        lob: man.pass.lob * k,
      },
    },
    zone: {
      ...zone,
      run: zone.run * k,
      slide: zone.slide * k,
      drive: zone.drive * k,
      push: zone.push * WOMEN.grip,
      slidePush: zone.slidePush * WOMEN.grip,
      drivePush: zone.drivePush * WOMEN.grip,
      pass: zone.pass * k,
      over: zone.over * k,
    },
  };
}
const LEVELS_WOMEN = Object.fromEntries(Object.entries(LEVELS).map(([key, r]) => [key, womens(r)])) as Record<
  Level,
  LevelRecord
>;

/** The record for a level, men's or women's. */
export const levelRecord = (level: Level, women = false): LevelRecord =>
  women ? LEVELS_WOMEN[level] : LEVELS[level];

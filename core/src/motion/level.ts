import type { Seat } from '../geometry/five.ts';
import type { ActionOf, Level, Tempo } from '../play/document.ts';
import { LEVELS } from './levels.ts';

export type PassKind = NonNullable<ActionOf<'pass'>['kind']>;

/**
 * How fast people and the ball are at a level. Every figure is from memory and meant to be edited.
 * One block for each defensive model, `man` also for the offence; and one for the pass.
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
    /** Seconds from catch to release of the next pass, to a shot, and from a pick-up to a shot. */
    readonly catchToPass: number;
    readonly catchToShot: number;
    readonly pullUp: number;
    /** How hard a defender starts and turns, ft/s², and how much longer he takes to react than a grown one. */
    readonly defend: number;
    readonly react: number;
    /** Share of a professional's makes: at the rim, from short, from the middle distance, from three. */
    readonly makes: Readonly<Record<'rim' | 'short' | 'mid' | 'three', number>>;
    /** Of a known man: his height, cm, and what he makes from a place behind the arc beside what he makes from there in all. */
    readonly heightCm?: number;
    readonly threes?: Readonly<Record<ThreePlace, number>>;
  };
  readonly zone: ZoneRecord;
  readonly pass: PassRecord;
  /** Five known men of ours and of theirs, each with figures of his own; without them all are as the level has it. */
  readonly ours?: Men;
  readonly theirs?: Men;
}
export type Men = readonly [LevelRecord, LevelRecord, LevelRecord, LevelRecord, LevelRecord];

/** What one of our five can do. */
export const ourMan = (level: LevelRecord, seat: Seat): LevelRecord => level.ours?.[seat] ?? level;
/** What one of theirs can do. */
export const theirMan = (level: LevelRecord, seat: Seat): LevelRecord => level.theirs?.[seat] ?? level;

/** A pass, and the hands it must beat: one block for the clock and for both models of a defence. */
export interface PassRecord {
  /** Ball speeds by kind, ft/s. */
  readonly speed: Readonly<Record<PassKind, number>>;
  /** Feet a lob rises over its ends: a plain one, and one over a man who fronts. */
  readonly rise: { readonly plain: number; readonly over: number };
  /** Longest pass that is safe, feet. */
  readonly safe: number;
  readonly hands: {
    /** Feet up to the shoulder in a stance, to the fingers standing, and what a jump adds. */
    readonly shoulder: number;
    readonly stand: number;
    readonly jump: number;
    /** Feet to the side. */
    readonly out: number;
    /** How fast a man is on his way into a lane, ft/s and ft/s², and seconds until he goes. */
    readonly top: number;
    readonly push: number;
    readonly react: number;
  };
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
  /** Feet at which a man contests: on the perimeter and at the rim. */
  readonly reach: number;
  readonly reachRim: number;
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
export type ThreePlace = 'corner' | 'wing' | 'top';
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
  pocket: 0.06,
  lob: 0.22,
  skip: 0.22,
};
/** Seconds a screener stands before he counts as set. */
export const SETTLE = 0.1;
/** Seconds after a start in which the ball first meets the floor, and from a catch to a dribble. */
export const FIRST_DRIBBLE = 0.18;
export const CATCH_TO_DRIBBLE = 0.15;

/** Women's share of speed and passes, and of bending and braking (from memory). */
const WOMEN = { speed: 0.9, grip: 0.92 } as const;

function womens(r: LevelRecord): LevelRecord {
  const { man, zone, pass } = r;
  const k = WOMEN.speed;
  const { chest, bounce, pocket, skip, lob } = pass.speed;
  return {
    man: {
      ...man,
      speed: man.speed * k,
      bend: man.bend * WOMEN.grip,
      brake: man.brake * WOMEN.grip,
      defend: man.defend * WOMEN.grip,
    },
    zone: {
      ...zone,
      run: zone.run * k,
      slide: zone.slide * k,
      drive: zone.drive * k,
      push: zone.push * WOMEN.grip,
      slidePush: zone.slidePush * WOMEN.grip,
      drivePush: zone.drivePush * WOMEN.grip,
    },
    pass: {
      ...pass,
      speed: { chest: chest * k, bounce: bounce * k, pocket: pocket * k, skip: skip * k, lob: lob * k },
      hands: { ...pass.hands, top: pass.hands.top * k, push: pass.hands.push * WOMEN.grip },
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

/** The same men with other legs: factors on their speed, on the time until they react, and on a defender's push. */
export function faster(
  record: LevelRecord,
  { speed, react, push }: { readonly speed: number; readonly react: number; readonly push: number },
): LevelRecord {
  const { man, pass, ours, theirs } = record;
  const { hands } = pass;
  const each = (men: Men): Men => men.map((m) => faster(m, { speed, react, push })) as unknown as Men;
  return {
    ...record,
    man: { ...man, speed: man.speed * speed, react: man.react * react, defend: man.defend * push },
    pass: {
      ...pass,
      hands: { ...hands, top: hands.top * speed, react: hands.react * react, push: hands.push * push },
    },
    ...(ours && { ours: each(ours) }),
    ...(theirs && { theirs: each(theirs) }),
  };
}

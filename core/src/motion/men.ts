import { SEATS } from '../geometry/five.ts';
import type { LevelRecord, Men, ThreePlace } from './level.ts';

/** How one man differs from the men of his level. */
export interface Build {
  /** Share of the level's speed. */
  readonly speed: number;
  /** None: as tall as most of his level. */
  readonly heightCm?: number | undefined;
  /** Shares of the level's makes; what is missing is 1. */
  readonly makes?: Readonly<Partial<Record<'rim' | 'short' | 'mid' | 'three', number>>> | undefined;
  /** Of his makes from three, by place. */
  readonly threes?: Readonly<Record<ThreePlace, number>> | undefined;
}

/** Who plays: a man by seat, null where nobody is named. Without them all is as the level has it. */
export interface Fives {
  readonly ours?: readonly (Build | null)[] | undefined;
  readonly theirs?: readonly (Build | null)[] | undefined;
}

/** A man with his arm up reaches this share of his height (anthropometry; common practice). */
const REACH = 1.33;
const CM = 30.48;

/** How tall most men of a level are, by how high they reach, cm. */
export const usualHeight = (record: LevelRecord): number => (record.pass.hands.stand / REACH) * CM;

/** A level with known men in it: each has figures of his own. */
export function withFives(record: LevelRecord, { ours, theirs }: Fives): LevelRecord {
  const men = (builds: readonly (Build | null)[]): Men =>
    SEATS.map((seat) => manOf(record, builds[seat] ?? null)) as unknown as Men;
  const { ours: _o, theirs: _t, ...level } = record;
  return {
    ...level,
    ...(ours?.some(Boolean) && { ours: men(ours) }),
    ...(theirs?.some(Boolean) && { theirs: men(theirs) }),
  };
}

/** A man's own figures: his legs by his speed, his hands by his height, his shots by his makes. */
function manOf(record: LevelRecord, build: Build | null): LevelRecord {
  if (!build) return record;
  const { man, zone, pass } = record;
  const { hands } = pass;
  const k = build.speed;
  const tall = build.heightCm === undefined ? 1 : build.heightCm / usualHeight(record);
  const { rim = 1, short = 1, mid = 1, three = 1 } = build.makes ?? {};
  return {
    man: {
      ...man,
      speed: man.speed * k,
      defend: man.defend * k,
      makes: {
        rim: man.makes.rim * rim,
        short: man.makes.short * short,
        mid: man.makes.mid * mid,
        three: man.makes.three * three,
      },
      ...(build.heightCm !== undefined && { heightCm: build.heightCm }),
      ...(build.threes && { threes: build.threes }),
    },
    zone: {
      ...zone,
      run: zone.run * k,
      push: zone.push * k,
      slide: zone.slide * k,
      slidePush: zone.slidePush * k,
      drive: zone.drive * k,
      drivePush: zone.drivePush * k,
    },
    pass: {
      ...pass,
      hands: {
        ...hands,
        shoulder: hands.shoulder * tall,
        stand: hands.stand * tall,
        out: hands.out * tall,
        top: hands.top * k,
        push: hands.push * k,
      },
    },
  };
}

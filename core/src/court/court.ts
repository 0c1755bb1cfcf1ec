/**
 * The half court as numbers. Feet; the origin is the middle of the attacked baseline's inner edge,
 * x to the offence's right as it faces the basket, y toward half court.
 */
export type RuleSetKey = 'nfhs' | 'ncaa' | 'fiba' | 'usPro';
export type CourtKey = RuleSetKey | 'custom';

/** One number of a rule book: its value in feet, as the book states it, the edge it is measured to, and where it stands. */
export interface Measure {
  readonly ft: number;
  readonly stated: string;
  readonly edge: string;
  readonly source: string;
}

export const MEASURES = [
  'length',
  'width',
  'rimY',
  'backboardY',
  'laneWidth',
  'freeThrowY',
  'arcRadius',
  'cornerX',
  'circleRadius',
  'hashY',
] as const;
export type MeasureKey = (typeof MEASURES)[number];

export interface RuleSet {
  readonly key: CourtKey;
  readonly name: string;
  readonly units: 'feet' | 'metres';
  readonly measures: Readonly<Record<MeasureKey, Measure>>;
  /** None in high school rules. */
  readonly restrictedRadius: Measure | null;
  /** Seconds on the shot clock, and after an offensive rebound; null where the state or league decides. */
  readonly shotClock: { readonly full: number; readonly afterRebound: number } | null;
}

/** The plain numbers that geometry needs. */
export type Court = Readonly<Record<MeasureKey, number>> & {
  readonly key: CourtKey;
  readonly name: string;
  readonly units: 'feet' | 'metres';
  readonly restrictedRadius: number | null;
};

export const RIM_RADIUS = 0.75;
export const BACKBOARD_HALF = 3;
/** The floor is drawn and usable to this y; the rest up to half court is folded away. */
export const FLOOR_DEPTH = 35;
/** Margin outside the lines for throw-ins, feet. */
export const FLOOR_MARGIN = 4;
/** A thrower-in stands this far outside the line, feet. */
export const THROW_IN_DEPTH = 3;

export function courtOf(rules: RuleSet): Court {
  const numbers = Object.fromEntries(MEASURES.map((k) => [k, rules.measures[k].ft])) as Record<
    MeasureKey,
    number
  >;
  return {
    ...numbers,
    key: rules.key,
    name: rules.name,
    units: rules.units,
    restrictedRadius: rules.restrictedRadius?.ft ?? null,
  };
}

/** Where the straight part of the three-point line meets the arc (y, feet). */
export function arcMeetsCorner(court: Court): number {
  return court.rimY + Math.sqrt(Math.max(0, court.arcRadius ** 2 - court.cornerX ** 2));
}

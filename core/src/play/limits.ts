/** How much a play may hold. Text in characters as JavaScript counts them; every input on screen takes its length from here. */
export const LIMITS = {
  frames: 400,
  /** Actions of one frame. */
  actions: 40,
  waypoints: 24,
  stretches: 12,
  looks: 20,
  /** Plain cues beside the first one of an action. */
  and: 3,
  name: 80,
  line: 200,
  caption: 400,
  text: 4000,
  /** A key or id in a list of words. */
  word: 40,
  spot: 20,
  against: 12,
  situation: 12,
  defences: 12,
  schools: 8,
  silenced: 200,
  counters: 24,
  refused: 200,
  needs: 100,
  errors: 40,
  changes: 40,
  /** Compact UTF-8 of a whole play. */
  bytes: 2 * 1024 * 1024,
  /** A file, before it is read: spaces and indents come to several times the play itself. */
  fileBytes: 8 * 1024 * 1024,
  /** How deep a document is nested, unknown fields included. */
  depth: 50,
} as const;

/** A line longer than this (s) is told: the longest possession without a shot clock that anybody plans. Nothing later is measured. */
export const LONGEST_LINE = 120;

/** A number from `min` to `max`. */
export interface Range {
  readonly min: number;
  readonly max: number;
}

/** What an edit may set. Reading takes more: what an older Corkscrew allowed still opens, and is told. */
export const SETTABLE = {
  /** Feet: the floor, its margins, and the bench. */
  x: { min: -40, max: 40 },
  y: { min: -10, max: 50 },
  /** Seconds: nobody holds or waits longer than a shot clock. */
  hold: { min: 0, max: 30 },
  delay: { min: -10, max: 30 },
  order: { min: 0, max: 1000 },
} as const satisfies Record<string, Range>;

/** What a league's own court may measure (feet): from a school gym to the widest lane and arc ever painted, from memory. */
export const COURT_RANGES: Readonly<Record<string, Range>> = {
  length: { min: 60, max: 110 },
  width: { min: 36, max: 60 },
  rimY: { min: 3, max: 8 },
  backboardY: { min: 2, max: 7 },
  laneWidth: { min: 6, max: 24 },
  freeThrowY: { min: 12, max: 24 },
  arcRadius: { min: 12, max: 30 },
  cornerX: { min: 10, max: 30 },
  circleRadius: { min: 3, max: 10 },
  hashY: { min: 12, max: 47 },
  restrictedRadius: { min: 0, max: 10 },
};

export const within = (value: number, { min, max }: Range): boolean => value >= min && value <= max;

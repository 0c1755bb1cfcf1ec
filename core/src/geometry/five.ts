/** The place of a man in an array of five: ours and theirs each have one. */
export type Seat = 0 | 1 | 2 | 3 | 4;
/** Nobody. */
export type None = -1;
export const NONE: None = -1;
/** All five, in their order. */
export const SEATS: readonly Seat[] = [0, 1, 2, 3, 4];

/**
 * The next man of the five, for a loop that goes on while the seat is under 5: where a simulation goes round them
 * thousands of times, an iterator would cost a third more.
 */
export const next = (seat: Seat): Seat => (seat + 1) as Seat;

/** A figure a man; written in place. */
export interface Five<T extends number = number> extends Iterable<T> {
  0: T;
  1: T;
  2: T;
  3: T;
  4: T;
}

/** Five figures, nothing in them but the same value. The array behind it has five places, so that a seat always has one. */
export const five = <T extends number = number>(value: T | 0 = 0): Five<T> =>
  new Float64Array(5).fill(value) as unknown as Five<T>;

/** Five small whole numbers: seats, indices, flags. */
export const fiveSmall = <T extends number = number>(value: T | 0 = 0): Five<T> =>
  new Int8Array(5).fill(value) as unknown as Five<T>;

/** Five figures, each by its seat. */
export function fiveOf<T extends number>(of: (seat: Seat) => T, out: Five<T> = five<T>()): Five<T> {
  for (const seat of SEATS) out[seat] = of(seat);
  return out;
}

/** Writes one five over another. */
export function copyFive<T extends number>(to: Five<T>, from: Five<T>): void {
  for (const seat of SEATS) to[seat] = from[seat];
}

/** All five become the same. */
export function fillFive<T extends number>(figures: Five<T>, value: T): void {
  for (const seat of SEATS) figures[seat] = value;
}

/** Numbers from a printed seed, so that a run with a fault in it can be run again (mulberry32). */
export declare class Random {
  private state;
  constructor(seed: number);
  /** 0 ≤ x < 1. */
  next(): number;
  /** A whole number from 0 below n. */
  below(n: number): number;
  of<T>(list: readonly T[]): T;
}

/** Numbers from a printed seed, so that a run with a fault in it can be run again (mulberry32). */
export class Random {
  private state: number;
  constructor(seed: number) {
    this.state = seed >>> 0;
  }
  /** 0 ≤ x < 1. */
  next(): number {
    this.state = (this.state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(this.state ^ (this.state >>> 15), 1 | this.state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  }
  /** A whole number from 0 below n. */
  below(n: number): number {
    return Math.floor(this.next() * n);
  }
  of<T>(list: readonly T[]): T {
    return list[this.below(list.length)]!;
  }
}

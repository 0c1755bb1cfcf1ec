/** A linear program to be made largest, in rows; every column stands between `lower` and `upper`. */
export interface Program {
  readonly cost: readonly number[];
  readonly upper: readonly number[];
  readonly lower: readonly number[];
  /** 1 where the column is a whole number. */
  readonly whole: readonly number[];
  readonly rowLower: readonly number[];
  readonly rowUpper: readonly number[];
  readonly starts: readonly number[];
  readonly columns: readonly number[];
  readonly values: readonly number[];
}

/** A column of the program; null is 0, 'one' is what the past has settled. */
export type Var = number | null | 'one';
type Entry = readonly [Var, number];

/** A program in the making: columns with what they are worth, and rows that hold them. */
export class Rows {
  readonly cost: number[] = [];
  readonly lower: number[] = [];
  readonly upper: number[] = [];
  readonly whole: number[] = [];
  private readonly rows: { low: number; high: number; row: [number, number][] }[] = [];

  /** A new column from 0 to `most`. */
  column(cost: number, most = 1, isWhole = true): number {
    this.cost.push(cost);
    this.lower.push(0);
    this.upper.push(most);
    this.whole.push(isWhole ? 1 : 0);
    return this.cost.length - 1;
  }

  /** low ≤ Σ entries ≤ high, where what is settled is taken over to the other side. */
  between(entries: readonly Entry[], low: number, high: number): void {
    const sums = new Map<number, number>();
    let settled = 0;
    for (const [c, v] of entries) {
      if (c === 'one') settled += v;
      else if (c !== null) sums.set(c, (sums.get(c) ?? 0) + v);
    }
    const kept = [...sums].filter(([, v]) => v !== 0);
    if (kept.length > 0) this.rows.push({ low: low - settled, high: high - settled, row: kept });
  }
  atMost(entries: readonly Entry[], high: number): void {
    this.between(entries, -Infinity, high);
  }
  /** The first is no more than the second. */
  under(first: Var, second: Var): void {
    this.atMost(
      [
        [first, 1],
        [second, -1],
      ],
      0,
    );
  }

  program(): Program {
    const starts: number[] = [0];
    const columns: number[] = [];
    const values: number[] = [];
    for (const { row } of this.rows) {
      for (const [c, v] of row) {
        columns.push(c);
        values.push(v);
      }
      starts.push(columns.length);
    }
    const { cost, lower, upper, whole } = this;
    return {
      ...{ cost, lower, upper, whole, starts, columns, values },
      rowLower: this.rows.map((q) => q.low),
      rowUpper: this.rows.map((q) => q.high),
    };
  }
}

/** How well each of some men fits each of five numbers; null where he is barred. */
export type Scores = readonly (readonly (number | null)[])[];

/** What a coach has settled before anybody is chosen. */
export interface Settled {
  /** A man who plays a number whatever comes: by number 0 to 4, a row of `scores`. */
  readonly locked?: Readonly<Partial<Record<number, number>>>;
  /** Men who are not on the floor together. */
  readonly apart?: readonly (readonly [number, number])[];
}

/** FiveMen men by number, and the sum of their fits. */
export interface FiveMen {
  readonly men: readonly number[];
  readonly value: number;
}

const NUMBERS = 5;
const ALL = (1 << NUMBERS) - 1;
/** Sums that differ by less are alike: the men who stand first on the roster are taken then. */
const SAME = 1e-9;

/**
 * The five who fit a play best, exactly: numbers are given out man by man, by which numbers are taken. Null when no five
 * can play it. Ties go to who stands first on the roster.
 */
export function bestFive(scores: Scores, settled: Settled = {}): FiveMen | null {
  const { locked = {}, apart = [] } = settled;
  const held = new Map(Object.entries(locked).map(([n, man]) => [man!, Number(n)]));
  const given = (man: number, number: number): number | null => {
    const own = held.get(man);
    if (own !== undefined) return own === number ? (scores[man]?.[number] ?? 0) : null;
    return locked[number] === undefined ? (scores[man]?.[number] ?? null) : null;
  };
  return solve(
    scores.map((_, man) => Array.from({ length: NUMBERS }, (_x, n) => given(man, n))),
    apart,
    new Set(held.keys()),
  );
}

function solve(scores: Scores, apart: Settled['apart'] & object, held: ReadonlySet<number>): FiveMen | null {
  const found = assigned(scores);
  const clash = found && apart.find(([a, b]) => found.men.includes(a) && found.men.includes(b));
  if (!found || !clash) return found;
  // One of the two goes: the better of both ways. Whoever is locked stays.
  const without = (man: number): FiveMen | null =>
    held.has(man)
      ? null
      : solve(
          scores.map((row, i) => (i === man ? row.map(() => null) : row)),
          apart,
          held,
        );
  return better(without(clash[1]), without(clash[0]));
}

const better = (a: FiveMen | null, b: FiveMen | null): FiveMen | null =>
  !a || (b && b.value > a.value + SAME) ? b : a;

/** Men to numbers, all five, the sum largest. */
function assigned(scores: Scores): FiveMen | null {
  let sums: (number | null)[] = [0, ...Array.from({ length: ALL }, () => null)];
  const taken: Int8Array[] = [];
  for (const row of scores) {
    const next = [...sums];
    const by = new Int8Array(ALL + 1).fill(-1);
    for (let mask = 0; mask <= ALL; mask++) {
      const sum = sums[mask];
      if (sum === null || sum === undefined) continue;
      for (let n = 0; n < NUMBERS; n++) {
        const score = row[n];
        if (mask & (1 << n) || score === null || score === undefined) continue;
        const to = mask | (1 << n);
        const was = next[to];
        if (was === null || was === undefined || sum + score > was + SAME) {
          next[to] = sum + score;
          by[to] = n;
        }
      }
    }
    sums = next;
    taken.push(by);
  }
  const value = sums[ALL];
  if (value === null || value === undefined) return null;
  const men = Array.from({ length: NUMBERS }, () => -1);
  let mask = ALL;
  for (let man = scores.length - 1; man >= 0 && mask > 0; man--) {
    const n = taken[man]![mask]!;
    if (n < 0) continue;
    men[n] = man;
    mask &= ~(1 << n);
  }
  return { men, value };
}

/** A play of a call sheet: how well each man fits its numbers, and how much the sheet weighs it. */
export interface SheetPlay {
  readonly scores: Scores;
  readonly weight: number;
}

/** FiveMen men for a whole sheet: who they are, what they are worth, and who plays what in each play; null where they can't play it. */
interface SheetFive {
  readonly men: readonly number[];
  readonly value: number;
  readonly plays: readonly (FiveMen | null)[];
}
export interface SheetAnswer {
  readonly best: SheetFive;
  /** The next best five. */
  readonly next: SheetFive | null;
  /** What the sheet is worth less without each man; null without whom no five are left. */
  readonly without: readonly (number | null)[];
}

/**
 * The five who together fit a call sheet best: every five of those who are there, each play given out exactly among them.
 * A play that they can't play counts nothing. `must` are on the floor whatever comes.
 */
export function bestForSheet(
  plays: readonly SheetPlay[],
  men: readonly number[],
  { must = [], apart = [] }: { must?: readonly number[]; apart?: Settled['apart'] & object } = {},
): SheetAnswer | null {
  const size = Math.max(0, ...plays.map((p) => p.scores.length), ...men.map((m) => m + 1));
  const tables = plays.map(({ scores, weight }) => ({ table: tableOf(scores, size), weight }));
  const without = Array.from({ length: size }, () => -Infinity);
  const bar = new Set(apart.flatMap(([a, b]) => [a * size + b, b * size + a]));
  let first: { men: number[]; value: number } | null = null;
  let second: { men: number[]; value: number } | null = null;
  const five: number[] = [];
  const visit = (from: number): void => {
    if (five.length === NUMBERS) {
      if (!must.every((m) => five.includes(m))) return;
      let value = 0;
      for (const { table, weight } of tables) value += weight * Math.max(0, valueOf(table, five));
      for (const m of men) if (!five.includes(m) && value > without[m]!) without[m] = value;
      if (!first || value > first.value + SAME) {
        second = first;
        first = { men: [...five], value };
      } else if (!second || value > second.value + SAME) second = { men: [...five], value };
      return;
    }
    for (let i = from; i <= men.length - (NUMBERS - five.length); i++) {
      const man = men[i]!;
      if (five.some((m) => bar.has(m * size + man))) continue;
      five.push(man);
      visit(i + 1);
      five.pop();
    }
  };
  visit(0);
  const found = first as { men: number[]; value: number } | null;
  if (!found) return null;
  const whole = (of: { men: number[]; value: number }): SheetFive => ({
    ...of,
    plays: plays.map(({ scores }) =>
      bestFive(scores.map((row, i) => (of.men.includes(i) ? row : row.map(() => null)))),
    ),
  });
  return {
    best: whole(found),
    next: second ? whole(second) : null,
    without: without.map((v, m) =>
      !men.includes(m) || v === -Infinity ? null : found.men.includes(m) ? found.value - v : 0,
    ),
  };
}

/** No sum of five fits comes near to it. */
const BARRED = -1e9;

function tableOf(scores: Scores, size: number): Float64Array {
  const out = new Float64Array(size * NUMBERS).fill(BARRED);
  scores.forEach((row, man) => row.forEach((s, n) => s !== null && (out[man * NUMBERS + n] = s)));
  return out;
}

const sums = new Float64Array(ALL + 1);
/** The most five men are worth in a play, each on a number of his own. */
function valueOf(table: Float64Array, five: readonly number[]): number {
  sums.fill(-Infinity);
  sums[0] = 0;
  for (let i = 0; i < NUMBERS; i++) {
    const at = five[i]! * NUMBERS;
    // So many numbers are taken when it is the turn of the i-th man.
    for (let mask = 0; mask < ALL; mask++) {
      if (TAKEN[mask] !== i) continue;
      for (let n = 0; n < NUMBERS; n++) {
        if (mask & (1 << n)) continue;
        const to = mask | (1 << n);
        const value = sums[mask]! + table[at + n]!;
        if (value > sums[to]!) sums[to] = value;
      }
    }
  }
  return sums[ALL]!;
}
const TAKEN = Uint8Array.from({ length: ALL + 1 }, (_, mask) => {
  let n = 0;
  for (let m = mask; m > 0; m >>= 1) n += m & 1;
  return n;
});

/** Who else for a number: everybody by how well he fits, the barred left out. Rows of `scores`. */
export const whoElse = (scores: Scores, number: number): number[] =>
  scores
    .flatMap((row, man) =>
      row[number] === null || row[number] === undefined ? [] : [{ man, score: row[number] }],
    )
    .sort((a, b) => b.score - a.score || a.man - b.man)
    .map((x) => x.man);

/** Most words are written small, and are what they are compared as: looking is much faster than making them so. */
const SMALL = /^[a-z0-9]*$/;
/** A word as it is compared: whatever case it is in. */
export const lower = (s: string): string => (SMALL.test(s) ? s : s.toLocaleLowerCase('en'));

/** How many letters have to be added, taken out or changed to make one word of another; two changed about count one. */
function steps(a: string, b: string): number {
  const rows = [Array.from({ length: b.length + 1 }, (_, j) => j)];
  for (let i = 1; i <= a.length; i++) {
    const row = [i];
    for (let j = 1; j <= b.length; j++) {
      const same = a[i - 1] === b[j - 1] ? 0 : 1;
      row[j] = Math.min(rows[i - 1]![j]! + 1, row[j - 1]! + 1, rows[i - 1]![j - 1]! + same);
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1])
        row[j] = Math.min(row[j]!, rows[i - 2]![j - 2]! + 1);
    }
    rows.push(row);
  }
  return rows[a.length]![b.length]!;
}

/** A word longer than this is none that somebody mistyped. */
const LONG = 40;

/** What somebody may have meant who wrote a word: the nearest of some, a third of its letters away at most. */
export function nearest(word: string, among: Iterable<string>): string | undefined {
  if (word.length > LONG) return undefined;
  const written = lower(word);
  let best: { word: string; off: number } | undefined;
  for (const other of among) {
    if (Math.abs(other.length - written.length) > 3) continue;
    const off = steps(written, lower(other));
    if (!best || off < best.off) best = { word: other, off };
  }
  return best && best.off <= Math.max(1, written.length / 3) ? best.word : undefined;
}

type Fields = Readonly<Record<string, unknown>>;
const NONE: ReadonlySet<string> = new Set();

/** Whether two values of a document say the same; `aside` are fields of the first level that may differ. */
export function same(a: unknown, b: unknown, aside: ReadonlySet<string> = NONE): boolean {
  if (a === b) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  if (Array.isArray(a) !== Array.isArray(b)) return false;
  const [left, right] = [a as Fields, b as Fields];
  let more = 0;
  for (const key in left) {
    if (left[key] === undefined || aside.has(key)) continue;
    if (!same(left[key], right[key])) return false;
    more += 1;
  }
  for (const key in right) if (right[key] !== undefined && !aside.has(key)) more -= 1;
  return more === 0;
}

/** A value as JSON with its keys in order: equal texts are equal documents, however they were stored. */
export function canonical(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map((v) => canonical(v ?? null)).join(',')}]`;
  if (typeof value !== 'object' || value === null) return JSON.stringify(value) ?? 'null';
  const fields = Object.entries(value)
    .filter(([, v]) => v !== undefined)
    .sort(([a], [b]) => (a < b ? -1 : 1));
  return `{${fields.map(([k, v]) => `${JSON.stringify(k)}:${canonical(v)}`).join(',')}}`;
}

type Fields = Readonly<Record<string, unknown>>;
const NONE: ReadonlySet<string> = new Set();

/**
 * Whether two documents, or parts of them, say the same; the order of their fields does not matter. `aside` are fields
 * of the first level that may differ.
 */
export function sameDocument(a: unknown, b: unknown, aside: ReadonlySet<string> = NONE): boolean {
  if (a === b) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  if (Array.isArray(a) !== Array.isArray(b)) return false;
  const [left, right] = [a as Fields, b as Fields];
  let more = 0;
  for (const key in left) {
    if (left[key] === undefined || aside.has(key)) continue;
    if (!sameDocument(left[key], right[key])) return false;
    more += 1;
  }
  for (const key in right) if (right[key] !== undefined && !aside.has(key)) more -= 1;
  return more === 0;
}

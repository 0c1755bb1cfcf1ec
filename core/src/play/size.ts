/** Bytes of a text in UTF-8; half a surrogate pair counts as the three bytes it is replaced by. */
export function utf8Length(text: string): number {
  let n = text.length;
  for (let i = 0; i < text.length; i++) {
    const code = text.charCodeAt(i);
    if (code < 0x80) continue;
    n += code < 0x800 ? 1 : 2;
    // A pair is four bytes for its two units: two more than counted already.
    if (code >= 0xd800 && code < 0xdc00 && (text.charCodeAt(i + 1) & 0xfc00) === 0xdc00) i++;
  }
  return n;
}

/** What stands in JSON as it is, a byte a letter. */
const PLAIN = /^[ !#-[\]-~]*$/;
/** Bytes of a text as JSON, in its quotation marks. */
const textBytes = (text: string): number =>
  PLAIN.test(text) ? text.length + 2 : utf8Length(JSON.stringify(text));

/** Documents share what did not change: each part is measured once. */
const measured = new WeakMap<object, number>();

/** Bytes of a value as compact JSON in UTF-8. Documents are never altered in place, so a part keeps its size. */
export function bytesOf(value: unknown): number {
  if (typeof value === 'string') return textBytes(value);
  if (typeof value !== 'object' || value === null) {
    const text = JSON.stringify(value) as string | undefined;
    return text === undefined ? 4 : text.length;
  }
  const known = measured.get(value);
  if (known !== undefined) return known;
  let n = 2;
  if (Array.isArray(value)) {
    for (const item of value) n += bytesOf(item) + 1;
  } else {
    for (const [key, item] of Object.entries(value))
      if (item !== undefined) n += textBytes(key) + bytesOf(item) + 2;
  }
  // One comma fewer than there are items.
  const bytes = n > 2 ? n - 1 : n;
  measured.set(value, bytes);
  return bytes;
}

/** Whether a value is nested deeper than `levels`; never goes deeper than that itself. */
export function deeperThan(value: unknown, levels: number): boolean {
  if (typeof value !== 'object' || value === null) return false;
  if (levels === 0) return true;
  return Object.values(value).some((v) => deeperThan(v, levels - 1));
}

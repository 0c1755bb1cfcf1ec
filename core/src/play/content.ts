import type { Frame, Play } from './document.ts';

/** Longer texts are told by a hash of them. */
const SHORT = 48;

/** Two hashes of 32 bits by different primes (FNV-1a): texts that differ give other letters, but for once in 2^60. */
function hash(text: string): string {
  let a = 0x811c9dc5;
  let b = 0x9747b28c;
  for (let i = 0; i < text.length; i++) {
    const c = text.charCodeAt(i);
    a = Math.imul(a ^ c, 0x01000193);
    b = Math.imul(b ^ c, 0x85ebca6b);
  }
  return (a >>> 0).toString(36) + (b >>> 0).toString(36);
}

/** What parts of documents say, as long as they are used: after an edit everything that did not change is known. */
const known = new WeakMap<object, string>();

/** A short text that is the same for values that say the same, whatever the order of their fields. */
export function contentOf(value: unknown): string {
  if (typeof value !== 'object' || value === null) return JSON.stringify(value) ?? 'null';
  const before = known.get(value);
  if (before !== undefined) return before;
  const text = Array.isArray(value)
    ? `[${value.map((v) => contentOf(v ?? null)).join(',')}]`
    : `{${Object.entries(value)
        .filter(([, v]) => v !== undefined)
        .sort(([a], [b]) => (a < b ? -1 : 1))
        .map(([k, v]) => `${k}:${contentOf(v)}`)
        .join(',')}}`;
  const content = text.length <= SHORT ? text : hash(text);
  known.set(value, content);
  return content;
}

/**
 * What of a play decides how a line runs: two lines with the same content are the same in time. Names, captions,
 * notes and what is said about the play are no part of it.
 */
export const lineContent = (play: Play, line: readonly Frame[]): string =>
  hash(
    [
      contentOf(play.start),
      play.court,
      contentOf(play.customCourt),
      play.level,
      String(play.women ?? false),
      ...line.map((f) => `${f.id} ${contentOf(f.read)} ${contentOf(f.actions)}`),
    ].join('|'),
  );

import type { PairRow, Relations } from '@corkscrew/core';

/** What two plays have in common, seen from the first. */
export function pairOf(relations: Relations | undefined, a: string, b: string): PairRow | undefined {
  const found = relations?.pairs.find((p) => (p.a === a && p.b === b) || (p.a === b && p.b === a));
  if (!found || found.a === a) return found;
  return { ...found, a, b, into: found.back, back: found.into };
}

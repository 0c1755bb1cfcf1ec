/** How far a document goes: for each sitting it has come through, the number of its last change in it. */
export type Covers = Readonly<Record<string, number>>;

/**
 * Where a document stands: the revision it is based on, how many changes were made to it, and whose. Extents are
 * ordered by revision, then by changes: never by a clock.
 */
export interface Extent {
  /** 0: the server has never seen it. */
  readonly revision: number;
  readonly count: number;
  readonly covers: Covers;
  /** The print of what that revision says: a server that says the same still has changed nothing. */
  readonly ground: string;
  /** Prints of what the document said before its last changes, the newest last. */
  readonly grew: readonly string[];
}

/** So many prints are remembered. */
const REMEMBERED = 40;

export const START: Extent = { revision: 0, count: 0, covers: {}, ground: '', grew: [] };

/** A short print of a text: two that differ have other prints, as good as surely (FNV-1a, twice). */
export function printOf(text: string): string {
  let a = 0x811c9dc5;
  let b = 0x01000193;
  for (let i = 0; i < text.length; i++) {
    const c = text.charCodeAt(i);
    a = Math.imul(a ^ c, 0x01000193);
    b = Math.imul(b ^ c, 0x85ebca6b) + i;
  }
  return `${(a >>> 0).toString(36)}-${(b >>> 0).toString(36)}-${text.length.toString(36)}`;
}

/** Newest first. */
export const newestFirst = (a: Extent, b: Extent): number => b.revision - a.revision || b.count - a.count;

/**
 * Whether all that went into one document went into the other as well: the sitting of its last change has come
 * that far in the other, and a change is never made but on all that came before it.
 */
export const isWithin = (a: Extent, b: Extent): boolean =>
  a.count === 0 ||
  Object.entries(a.covers).some(([sitting, count]) => count === a.count && (b.covers[sitting] ?? 0) >= count);

/** Some changes further in a sitting; `before` is the print of what the document said until then. */
export function counted(extent: Extent, sitting: string, changes: number, before: string): Extent {
  const count = extent.count + changes;
  return {
    ...extent,
    count,
    covers: { ...extent.covers, [sitting]: count },
    grew: [...extent.grew, before].slice(-REMEMBERED),
  };
}

/** A save is named after the change it holds: whoever knows the change knows the save, whoever sent it. */
export const saveName = (sitting: string, count: number): string => `${sitting}-${count}`;

/** The change a save holds; null for a name that is no such one. */
export function changeOf(save: string | null): { readonly sitting: string; readonly count: number } | null {
  const at = save?.lastIndexOf('-') ?? -1;
  const count = Number(save?.slice(at + 1));
  return save && at > 0 && Number.isSafeInteger(count) ? { sitting: save.slice(0, at), count } : null;
}

/** Whether a save holds all of a document: it was made in the sitting of the document’s last change, then or later. */
export function isIn(extent: Extent, save: string | null): boolean {
  const change = changeOf(save);
  return (
    change !== null &&
    isWithin(extent, { ...START, covers: { [change.sitting]: change.count } }) &&
    extent.count > 0
  );
}

/**
 * Whether a document with this extent has grown out of what the server has: by the name of the save that made
 * it, or because it once said just that. Then nobody else has changed the play.
 */
export function grewFrom(extent: Extent, save: string | null, print: string): boolean {
  const change = changeOf(save);
  const named = change !== null && (extent.covers[change.sitting] ?? -1) >= change.count;
  return named || extent.ground === print || extent.grew.includes(print);
}

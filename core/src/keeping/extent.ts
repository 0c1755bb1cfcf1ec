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
}

export const START: Extent = { revision: 0, count: 0, covers: {} };

/** Newest first. */
export const newestFirst = (a: Extent, b: Extent): number => b.revision - a.revision || b.count - a.count;

/**
 * Whether all that went into one document went into the other as well: the sitting of its last change has come
 * that far in the other, and a change is never made but on all that came before it.
 */
export const isWithin = (a: Extent, b: Extent): boolean =>
  a.count === 0 ||
  Object.entries(a.covers).some(([sitting, count]) => count === a.count && (b.covers[sitting] ?? 0) >= count);

/** One change further in a sitting. */
export const counted = (extent: Extent, sitting: string, changes = 1): Extent => {
  const count = extent.count + changes;
  return { ...extent, count, covers: { ...extent.covers, [sitting]: count } };
};

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

/** Whether a document with this extent has grown out of what a save holds: then nobody else has changed it. */
export function grewFrom(extent: Extent, save: string | null): boolean {
  const change = changeOf(save);
  return change !== null && (extent.covers[change.sitting] ?? -1) >= change.count;
}

import {
  changeOf,
  grewFrom,
  isIn,
  isWithin,
  newestFirst,
  START,
  type Covers,
  type Extent,
} from './extent.ts';
import type { At, Rules } from './machine.ts';

/** What the server has of a play. */
export interface Theirs<D> {
  readonly doc: D;
  readonly revision: number;
  /** The save that made it. */
  readonly save: string | null;
  readonly trashed: boolean;
}

/** A draft that could be read; its own last change is among what it covers. */
export interface Found<D> extends Extent {
  readonly sitting: string;
  readonly asked?: boolean | undefined;
  readonly doc: D;
}

/** How a play opens. */
export interface Opening<D> {
  /** What comes on the desk; null when there is nothing anywhere. */
  readonly start: {
    readonly doc: D;
    readonly extent: Extent;
    readonly is: 'saved' | 'unsaved' | 'conflict' | 'trashed';
    /** The draft it was. */
    readonly from: Found<D> | null;
  } | null;
  /** Drafts that say something else: offered beside it, the newest first. */
  readonly offers: readonly Found<D>[];
  /** Drafts whose every word is on the desk or with the server: they go once what is on the desk is kept. */
  readonly settled: readonly Found<D>[];
}

/** What the server says of the play: what it has, that it has nothing, or nothing at all. */
export type Answer<D> = Theirs<D> | 'none' | 'unreachable';

/** A draft that has grown out of what the server has is based on it, though the answer to its save was lost. */
const rebased = <D>(draft: Found<D>, { doc, revision, save }: Theirs<D>, { print }: Rules<D>): Found<D> =>
  grewFrom(draft, save, print(doc)) ? { ...draft, revision, ground: print(doc) } : draft;

/** All that went into any of some documents. */
function union(all: readonly Extent[]): Covers {
  const covers: Record<string, number> = {};
  for (const { covers: some } of all)
    for (const [sitting, count] of Object.entries(some))
      covers[sitting] = Math.max(covers[sitting] ?? 0, count);
  return covers;
}

/** How far goes what the server has: as far as all drafts that are in it. */
function known<D>(
  { doc, revision, save }: Theirs<D>,
  within: readonly Extent[],
  { print }: Rules<D>,
): Extent {
  const change = changeOf(save);
  const all = [...within, ...(change ? [{ ...START, covers: { [change.sitting]: change.count } }] : [])];
  const covers = union(all);
  return { revision, count: Math.max(0, ...Object.values(covers)), covers, ground: print(doc), grew: [] };
}

/**
 * Decides between what the server has and what this device kept in sittings that are over. Nothing that says
 * something of its own is left out: it is on the desk, now a draft of the sitting `me`, or offered, or with the
 * server.
 */
export function opening<D>(
  me: string,
  server: Answer<D>,
  drafts: readonly Found<D>[],
  rules: Rules<D>,
): Opening<D> {
  const { same } = rules;
  const theirs = typeof server === 'object' ? server : null;
  const settled: Found<D>[] = [];
  const open: Found<D>[] = [];
  const sorted = [...drafts].sort(newestFirst);
  sorted.forEach((draft, i) => {
    const elsewhere =
      sorted.some((d, k) => isWithin(draft, d) && (k < i || !isWithin(d, draft))) ||
      (theirs !== null && (isIn(draft, theirs.save) || same(theirs.doc, draft.doc))) ||
      open.some((d) => same(d.doc, draft.doc));
    if (elsewhere) settled.push(draft);
    else open.push(theirs ? rebased(draft, theirs, rules) : draft);
  });
  open.sort(newestFirst);
  const [from, ...offers] = open;
  if (!from) {
    const start = theirs && {
      doc: theirs.doc,
      extent: known(theirs, settled, rules),
      is: theirs.trashed ? ('trashed' as const) : ('saved' as const),
      from: null,
    };
    return { start, offers, settled };
  }
  const { doc, count, ground, grew } = from;
  const within = settled.filter((d) => isWithin(d, from));
  const covers = union([from, ...within]);
  // Gone from the server for good, it is kept anew.
  const revision = server === 'none' ? 0 : from.revision;
  const extent = { revision, count, covers: { ...covers, [me]: count }, ground, grew };
  const is = theirs?.trashed ? 'trashed' : theirs && theirs.revision !== revision ? 'conflict' : 'unsaved';
  return { start: { doc, extent, is, from }, offers, settled };
}

/**
 * What a tab goes on from when it takes the pen of one that is silent or gone: the newest that has all it was
 * shown. `view` is what it was shown, without changes of its own that were only meant.
 */
export function taking<D>(
  view: At<D>,
  server: Answer<D>,
  drafts: readonly Found<D>[],
  rules: Rules<D>,
): At<D> {
  const [newer] = drafts
    .filter((d) => !d.asked && isWithin(view.extent, d) && !isWithin(d, view.extent))
    .sort(newestFirst);
  if (newer) {
    const { doc, revision, count, covers, ground, grew } = newer;
    return {
      doc,
      extent: { revision, count, covers, ground, grew },
      status: 'unsaved',
      why: '',
      theirs: null,
    };
  }
  const theirs = typeof server === 'object' ? server : null;
  // What was shown as saved is in what the server has, and so is what says the same.
  const has =
    theirs &&
    (rules.same(theirs.doc, view.doc) || (view.status === 'saved' && theirs.revision > view.extent.revision));
  if (!has) return view;
  return {
    doc: theirs.doc,
    extent: known(theirs, [view.extent], rules),
    status: theirs.trashed ? 'trashed' : 'saved',
    why: '',
    theirs: theirs.trashed ? theirs : null,
  };
}

import { counted, grewFrom, isWithin, saveName, type Extent } from './extent.ts';
import type { Theirs } from './opening.ts';

/** Where a play is, as its coach is told. */
type Status = 'saved' | 'unsaved' | 'offline' | 'full' | 'refused' | 'conflict' | 'trashed';

/** What a tab shows of a play and how far it is kept. */
export interface At<D> {
  readonly doc: D;
  readonly extent: Extent;
  readonly status: Status;
  /** The sentence of a refusal. */
  readonly why: string;
  /** What the server has, in a conflict or in the trash. */
  readonly theirs: Theirs<D> | null;
}

/** A change as it was meant: done again on a newer document when the pen comes over. Null when that refuses it. */
export type Meant<D> = (doc: D) => D | null;

/**
 * One tab's keeping of one play. Of several tabs on a play one holds the pen: it alone writes drafts and saves;
 * the others follow it, and ask for the pen with their first change.
 */
export interface Keeping<D> extends At<D> {
  /** This sitting's name. */
  readonly me: string;
  readonly pen: 'mine' | 'asked' | 'theirs';
  /** What the others have, under the changes meant here; the document itself while there are none. */
  readonly base: D;
  /** Changes made while the pen was asked for. */
  readonly meant: readonly Meant<D>[];
  readonly sent: { readonly save: string; readonly doc: D; readonly extent: Extent } | null;
  /** Tries in a row that failed. */
  readonly failed: number;
}

/** How a save was answered. */
export type Answered<D> =
  | { readonly is: 'kept'; readonly revision: number }
  | { readonly is: 'unreachable' | 'gone' }
  | { readonly is: 'full' | 'refused'; readonly why: string }
  | { readonly is: 'clash' | 'trashed'; readonly theirs: Theirs<D> };

export type Happening<D> =
  | { readonly is: 'edited'; readonly doc: D; readonly meant: Meant<D> }
  /** Something is wanted that only the holder of the pen can do: an undo, an answer to a question. */
  | { readonly is: 'wants' }
  /** The time waited for is over, or the network is back. */
  | { readonly is: 'due' }
  | { readonly is: 'answered'; readonly save: string; readonly answer: Answered<D> }
  | { readonly is: 'chose'; readonly what: 'mine' | 'theirs' | 'restored' }
  /** Another tab asks for the pen. */
  | { readonly is: 'wanted'; readonly by: string }
  /** The holder tells what it has, or gives the pen to somebody. */
  | { readonly is: 'heard'; readonly at: At<D>; readonly to: string | null }
  /** The pen was taken from a holder that is silent; `at` is the newest that is known of the play. */
  | { readonly is: 'took'; readonly at: At<D> }
  /** The pen was taken from this tab. */
  | { readonly is: 'lost' };

export type Effect<D> =
  /** Write the draft, before anything else happens. */
  | { readonly do: 'keep'; readonly doc: D; readonly extent: Extent; readonly asked: boolean }
  /** The server has all of this: drafts it covers go, whosever they are. */
  | { readonly do: 'drop'; readonly extent: Extent }
  /** The holder has all of this: this tab's draft goes, once another's covers it or the server has it. */
  | { readonly do: 'yield'; readonly me: string; readonly extent: Extent; readonly saved: boolean }
  | { readonly do: 'send'; readonly save: string; readonly doc: D; readonly extent: Extent }
  | { readonly do: 'wait'; readonly ms: number }
  /** Tell the other tabs; with a name, give that one the pen. */
  | { readonly do: 'tell'; readonly at: At<D>; readonly to: string | null }
  /** Ask the holder for the pen; when it is silent, take it. */
  | { readonly do: 'ask' }
  | { readonly do: 'release' }
  /** What this tab had is not in what the others have: its draft stays, and is offered. */
  | { readonly do: 'offer' };

export interface Rules<D> {
  readonly same: (a: D, b: D) => boolean;
  /** The same for documents that are the same, another for others. */
  readonly print: (doc: D) => string;
}

/** Milliseconds: after a change, so that a drag of several steps is one save; and between tries that fail. */
const AFTER = 600;
const FIRST_TRY = 1000;
const LONGEST_WAIT = 60_000;

const waitAfter = (failed: number): number =>
  Math.min(LONGEST_WAIT, FIRST_TRY * 2 ** Math.min(10, failed - 1));

type Step<D> = readonly [Keeping<D>, readonly Effect<D>[]];

const at = <D>({ doc, extent, status, why, theirs }: At<D>): At<D> => ({ doc, extent, status, why, theirs });
const tell = <D>(k: At<D>, to: string | null = null): Effect<D> => ({ do: 'tell', at: at(k), to });
const keep = <D>({ doc, extent }: At<D>): Effect<D> => ({ do: 'keep', doc, extent, asked: false });
const wait = (ms: number) => ({ do: 'wait', ms }) as const;

/** A tab's keeping of a play as it was opened. */
export const keeping = <D>(me: string, pen: 'mine' | 'theirs', now: At<D>): Keeping<D> => ({
  ...at(now),
  me,
  pen,
  base: now.doc,
  meant: [],
  sent: null,
  failed: 0,
});

/** Statuses in which changes wait for the coach's word, and are kept on this device meanwhile. */
const asks = (s: Status): boolean => s === 'conflict' || s === 'trashed';

/** One thing that happens, and what is to be done about it. Nothing is read but what is given. */
export function step<D>(k: Keeping<D>, h: Happening<D>, rules: Rules<D>): Step<D> {
  switch (h.is) {
    case 'edited':
      return edited(k, h.doc, h.meant, rules);
    case 'wants':
      return k.pen === 'theirs'
        ? [{ ...k, pen: 'asked', base: k.meant.length === 0 ? k.doc : k.base }, [{ do: 'ask' }]]
        : [k, []];
    case 'due':
      return due(k);
    case 'answered':
      return k.sent?.save === h.save ? answered(k, k.sent, h.answer, rules) : [k, []];
    case 'chose':
      return chose(k, h.what, rules);
    case 'wanted':
      return wanted(k, h.by);
    case 'heard':
      return h.to === k.me ? gained(k, h.at, rules) : heard(k, h.at, rules);
    case 'took':
      return gained(k, h.at, rules);
    case 'lost':
      if (k.pen === 'mine') return [{ ...k, pen: 'theirs' }, []];
      // What was meant meanwhile is still meant.
      return [k, k.pen === 'asked' ? [{ do: 'ask' }] : []];
  }
}

function edited<D>(k: Keeping<D>, doc: D, meant: Meant<D>, { print }: Rules<D>): Step<D> {
  if (k.pen !== 'mine') {
    const asked: Keeping<D> = {
      ...k,
      doc,
      base: k.meant.length === 0 ? k.doc : k.base,
      pen: 'asked',
      meant: [...k.meant, meant],
    };
    // Kept as well: the pen may never come over.
    const extent = counted(k.extent, k.me, asked.meant.length, print(asked.base));
    return [
      asked,
      [{ do: 'keep', doc, extent, asked: true }, ...(k.pen === 'theirs' ? [{ do: 'ask' } as const] : [])],
    ];
  }
  const next: Keeping<D> = {
    ...k,
    doc,
    extent: counted(k.extent, k.me, 1, print(k.doc)),
    // While tries fail it is still on this device only.
    status: asks(k.status) || k.failed > 0 ? k.status : 'unsaved',
  };
  // Tries that fail come at their own pace; a change does not hurry them.
  const soon = asks(next.status) || next.failed > 0 || k.sent !== null ? [] : [wait(AFTER)];
  return [next, [keep(next), tell(next), ...soon]];
}

function due<D>(k: Keeping<D>): Step<D> {
  const rests = k.status === 'saved' || k.status === 'refused' || asks(k.status);
  if (k.pen !== 'mine' || k.sent || rests) return [k, []];
  const save = saveName(k.me, k.extent.count);
  return [
    { ...k, sent: { save, doc: k.doc, extent: k.extent } },
    [{ do: 'send', save, doc: k.doc, extent: k.extent }],
  ];
}

function answered<D>(
  k: Keeping<D>,
  sent: NonNullable<Keeping<D>['sent']>,
  answer: Answered<D>,
  rules: Rules<D>,
): Step<D> {
  const { same, print } = rules;
  const idle: Keeping<D> = { ...k, sent: null };
  // Whoever holds the pen now finds out by himself; what the server has need not be kept here.
  if (k.pen !== 'mine') return [idle, answer.is === 'kept' ? [{ do: 'drop', extent: sent.extent }] : []];
  switch (answer.is) {
    case 'kept':
      return kept(idle, sent, answer.revision, rules);
    case 'unreachable':
      return tryAgain(idle, 'offline', '');
    case 'full':
      return tryAgain(idle, 'full', answer.why);
    case 'gone': {
      const anew: Keeping<D> = { ...idle, extent: { ...k.extent, revision: 0, ground: '' } };
      return [anew, [keep(anew), wait(0)]];
    }
    case 'refused': {
      const later = k.extent.count > sent.extent.count;
      const refused: Keeping<D> = { ...idle, status: later ? 'unsaved' : 'refused', why: answer.why };
      return [refused, [tell(refused), ...(later ? [wait(AFTER)] : [])]];
    }
    case 'trashed':
      return ask(idle, 'trashed', answer.theirs);
    case 'clash': {
      const { theirs } = answer;
      if (same(theirs.doc, k.doc)) return kept(idle, k, theirs.revision, rules);
      const own = grewFrom(k.extent, theirs.save, print(theirs.doc));
      if (!own) return ask(idle, 'conflict', theirs);
      // Its answer was lost, or it was sent for this coach from elsewhere: nobody else has changed the play.
      const on: Keeping<D> = {
        ...idle,
        status: 'unsaved',
        extent: { ...k.extent, revision: theirs.revision, ground: print(theirs.doc) },
      };
      return [on, [keep(on), wait(0)]];
    }
  }
}

/** The server has it as far as what was sent; more may have been changed since. */
function kept<D>(
  k: Keeping<D>,
  upTo: Pick<At<D>, 'doc' | 'extent'>,
  revision: number,
  { print }: Rules<D>,
): Step<D> {
  const more = k.extent.count > upTo.extent.count;
  const next: Keeping<D> = {
    ...k,
    extent: { ...k.extent, revision, ground: print(upTo.doc) },
    status: more ? 'unsaved' : 'saved',
    why: '',
    theirs: null,
    failed: 0,
  };
  return [
    next,
    [...(more ? [keep(next), wait(AFTER)] : []), { do: 'drop', extent: upTo.extent }, tell(next)],
  ];
}

function tryAgain<D>(k: Keeping<D>, status: 'offline' | 'full', why: string): Step<D> {
  const next: Keeping<D> = { ...k, status, why, failed: k.failed + 1 };
  return [next, [wait(waitAfter(next.failed)), tell(next)]];
}

/** The coach has to say what becomes of it; until then it is kept on this device. */
function ask<D>(k: Keeping<D>, status: 'conflict' | 'trashed', theirs: Theirs<D>): Step<D> {
  const next: Keeping<D> = { ...k, status, theirs, failed: 0 };
  return [next, [keep(next), tell(next)]];
}

function chose<D>(k: Keeping<D>, what: 'mine' | 'theirs' | 'restored', { print }: Rules<D>): Step<D> {
  const { theirs } = k;
  if (k.pen !== 'mine' || !theirs) return [k, []];
  if (what === 'theirs') {
    const extent = {
      ...counted(k.extent, k.me, 1, print(k.doc)),
      revision: theirs.revision,
      ground: print(theirs.doc),
    };
    const next: Keeping<D> = {
      ...k,
      doc: theirs.doc,
      extent,
      status: 'saved',
      theirs: null,
      failed: 0,
    };
    return [next, [{ do: 'drop', extent }, tell(next)]];
  }
  // Out of the trash it may still have been changed by others: the next save finds out.
  const extent =
    what === 'mine' ? { ...k.extent, revision: theirs.revision, ground: print(theirs.doc) } : k.extent;
  const on: Keeping<D> = { ...k, extent, status: 'unsaved', theirs: null, failed: 0 };
  return [on, [keep(on), wait(0), tell(on)]];
}

function wanted<D>(k: Keeping<D>, by: string): Step<D> {
  if (k.pen !== 'mine') return [k, []];
  // The draft stays until the new holder is heard to have all of it.
  return [{ ...k, pen: 'theirs', base: k.doc }, [{ do: 'release' }, tell(k, by)]];
}

/** The changes meant, done on a document; those that it refuses are left out. */
function replayed<D>(on: D, meant: readonly Meant<D>[]): { readonly doc: D; readonly changes: number } {
  let doc = on;
  let changes = 0;
  for (const change of meant) {
    const done = change(doc);
    if (done === null) continue;
    doc = done;
    changes += 1;
  }
  return { doc, changes };
}

/** The pen is here: the changes meant meanwhile are done on what the last holder had. */
function gained<D>(k: Keeping<D>, from: At<D>, { print }: Rules<D>): Step<D> {
  if (k.pen === 'mine') return [k, []];
  const own = forked(k, from);
  const base: Keeping<D> = {
    ...k,
    ...own,
    ...at(from),
    pen: 'mine',
    meant: [],
    // The answer to a save of before is about another document.
    sent: null,
    failed: 0,
  };
  const { doc, changes } = replayed(from.doc, k.meant);
  const status = changes > 0 && !asks(from.status) ? 'unsaved' : from.status;
  const next: Keeping<D> = {
    ...base,
    doc,
    extent: status === 'saved' ? from.extent : counted(from.extent, base.me, changes, print(from.doc)),
    status,
  };
  const rests = status === 'saved' || asks(status);
  return [
    next,
    [
      ...(own ? [{ do: 'offer' } as const] : []),
      ...(status === 'saved' ? refusedDraft(k, next) : [keep(next)]),
      tell(next),
      ...(rests ? [] : [wait(AFTER)]),
    ],
  ];
}

/** The draft of changes that came to nothing on what the last holder had. */
const refusedDraft = <D>({ meant }: Keeping<D>, { me, extent }: Keeping<D>): Effect<D>[] =>
  meant.length === 0
    ? []
    : [{ do: 'drop', extent: { ...extent, covers: { [me]: extent.count + meant.length } } }];

/** Follows what the holder has. */
function heard<D>(k: Keeping<D>, from: At<D>, { print }: Rules<D>): Step<D> {
  if (k.pen === 'mine') return [k, []];
  const own = forked(k, from);
  // What was given to somebody else is in what he tells: this tab's draft of it can go.
  const effects: Effect<D>[] = own
    ? [{ do: 'offer' }]
    : [{ do: 'yield', me: k.me, extent: from.extent, saved: from.status === 'saved' }];
  const followed: Keeping<D> = { ...k, ...at(from), ...own, base: from.doc };
  if (k.meant.length === 0) return [followed, effects];
  // Changes of this tab's own are on their way to the holder: they stay on the screen, on what he has now.
  const { doc } = replayed(from.doc, k.meant);
  const extent = counted(from.extent, followed.me, k.meant.length, print(from.doc));
  return [{ ...followed, doc }, [...effects, { do: 'keep', doc, extent, asked: true }]];
}

/**
 * A tab whose pen was taken while it was silent may have changes that nobody else has. Its draft of them stays
 * as it is, and it goes on under another name; null when there are none.
 */
function forked<D>(k: Keeping<D>, from: At<D>): { readonly me: string } | null {
  if (isWithin(k.extent, from.extent) || (k.extent.covers[k.me] ?? 0) === 0) return null;
  const renamed = /^(.+)_(\d+)$/.exec(k.me);
  return { me: `${renamed?.[1] ?? k.me}_${Number(renamed?.[2] ?? 0) + 1}` };
}

import type { PlayerId } from '../alignment/library.ts';
import type { Court } from '../court/court.ts';
import type { Action, Cue, PlainCue } from '../play/document.ts';
import { EVENTS } from '../play/vocabulary.ts';
import { printPlace, readPlace } from './place.ts';
import { onLine, printRef, readRef, type ActionRef, type OnLine } from './ref.ts';
import type { Reader } from './reader.ts';
import type { Wording } from './words.ts';

type Event = NonNullable<Cue['event']>;
/** What of an action names it: who does what, and for or to whom. */
type Named = Pick<Action, 'by' | 'does'> & {
  readonly to?: PlayerId | undefined;
  readonly for?: PlayerId | undefined;
};

/** What a phrase points at, before it is known which action that is. */
export type Pointed =
  | { readonly is: 'frame' | 'read' }
  | { readonly is: 'action'; readonly ref: ActionRef }
  | { readonly is: 'said'; readonly test: (a: Named) => boolean };
export interface PlainCueRead extends Omit<PlainCue, 'on'> {
  readonly on: Pointed;
}
export interface CueRead extends PlainCueRead {
  readonly and?: readonly PlainCueRead[];
}

/** How a moment is said: by the man, what he then does, and of which of his actions it is one. */
interface Saying {
  readonly event: Event;
  readonly words: readonly string[];
  readonly of: (a: Named, who: PlayerId) => boolean;
}
const gives = (does: 'pass' | 'handoff') => (a: Named, who: PlayerId) => a.does === does && a.by === who;
const gets = (does: 'pass' | 'handoff') => (a: Named, who: PlayerId) => a.does === does && a.to === who;
const his =
  (...all: readonly Action['does'][]) =>
  (a: Named, who: PlayerId) =>
    all.includes(a.does) && a.by === who;
const SAYINGS: readonly Saying[] = [
  { event: 'release', words: ['passes'], of: gives('pass') },
  { event: 'catch', words: ['catches'], of: gets('pass') },
  { event: 'release', words: ['hands', 'off'], of: gives('handoff') },
  { event: 'catch', words: ['takes', 'it'], of: gets('handoff') },
  { event: 'set', words: ['is', 'set'], of: his('screen') },
  { event: 'start', words: ['goes', 'to', 'screen'], of: his('screen') },
  { event: 'end', words: ['is', 'done', 'screening'], of: his('screen') },
  { event: 'used', words: ['uses', 'it'], of: (a, who) => a.does === 'screen' && a.for === who },
  { event: 'end', words: ['is', 'there'], of: his('cut', 'dribble') },
  { event: 'start', words: ['starts'], of: his('cut', 'dribble') },
  { event: 'firstDribble', words: ['dribbles', 'once'], of: his('dribble') },
  { event: 'pickUp', words: ['picks', 'it', 'up'], of: his('dribble') },
  { event: 'release', words: ['shoots'], of: his('shot') },
];
const MOVES = his('cut', 'dribble', 'screen');

/** The actions a phrase may mean from one of them on: its own frame back, its own frame on, then the frames before, the latest first. */
export function* meant<A>(frames: readonly (readonly A[])[], own: number): Generator<A> {
  const here = frames.at(-1) ?? [];
  for (let i = own - 1; i >= 0; i--) yield here[i]!;
  for (let i = own + 1; i < here.length; i++) yield here[i]!;
  for (let f = frames.length - 2; f >= 0; f--)
    for (let i = frames[f]!.length - 1; i >= 0; i--) yield frames[f]![i]!;
}

export interface CuePlace extends OnLine {
  readonly court: Court;
  readonly wording: Wording;
  /** Which action of the last frame on the line it is. */
  readonly own: number;
}

const seconds = (s: number): string => `${s} s`;

/** The moment a cue is about, as it is said, where that says all of it and means just this action. */
function said(cue: PlainCue, on: Action, place: CuePlace): string | null {
  const { event, at, place: by } = cue;
  const means = (test: (a: Named) => boolean): boolean => {
    for (const a of meant(place.frames, place.own)) if (test(a)) return a.id === on.id;
    return false;
  };
  if (event === 'at') {
    if (!means((a) => MOVES(a, on.by))) return null;
    if (by !== undefined && at === undefined)
      return `${on.by} passes ${printPlace(place.court, by, place.wording)}`;
    const share = at === undefined ? null : percentOf(at);
    return by === undefined && share !== null ? `${on.by} is ${share} there` : null;
  }
  if (at !== undefined || by !== undefined) return null;
  for (const { event: e, words, of } of SAYINGS) {
    if (e !== event) continue;
    const named = on as Named;
    for (const who of [named.to, named.for, named.by])
      if (who !== undefined && of(named, who) && means((a) => of(a, who))) return `${who} ${words.join(' ')}`;
  }
  return null;
}

/** A share in percent that is read back as the same number. */
const percentOf = (share: number): string | null => {
  const percent = Number((share * 100).toPrecision(12));
  return percent / 100 === share ? `${percent}%` : null;
};

function printPlain(cue: PlainCue, place: CuePlace): string {
  const { delay } = cue;
  const after = (moment: string, plain: string): string =>
    delay === undefined
      ? `${plain} ${moment}`
      : delay < 0
        ? `${seconds(-delay)} before ${moment}`
        : `${seconds(delay)} after ${moment}`;
  if ((cue.on === 'frame' || cue.on === 'read') && bare(cue)) return after(`the ${cue.on}`, 'on');
  const on = onLine(cue.on, place);
  const moment = on ? said(cue, on, place) : null;
  if (moment !== null) return after(moment, 'when');
  // Whatever else a document may hold: the moment by its name, the action by its number.
  const more = [
    cue.event ?? 'over',
    ...(cue.at === undefined ? [] : [String(cue.at)]),
    ...(cue.place === undefined ? [] : ['by', printPlace(place.court, cue.place, place.wording)]),
  ];
  const pointed = cue.on === 'frame' || cue.on === 'read' ? `the ${cue.on}` : printRef(cue.on, place);
  return after(`${pointed} ${more.join(' ')}`, 'when');
}
const bare = (c: PlainCue): boolean => c.event === undefined && c.at === undefined && c.place === undefined;

/** What an action waits for, as it is written: "when 4 catches and when 5 is set". */
export const printCue = (cue: Cue, place: CuePlace): string =>
  [
    ...[cue, ...(cue.and ?? [])].map((c) => printPlain(c, place)),
    ...(cue.and?.length === 0 ? ['nothing'] : []),
  ].join(' and ');

/** Whether a cue begins here. */
const begins = (r: Reader): boolean =>
  r.isWord(0, 'when') ||
  r.isWord(0, 'on') ||
  (r.peek()?.type === 'number' && (r.isWord(1, 's') || r.isWord(1, 'seconds') || r.isWord(1, 'second')));

/** Reads what an action waits for, where that stands here. */
export function readCue(r: Reader, court: Court, wording: Wording): CueRead | null {
  if (!begins(r) || (r.isWord(0, 'on') && !r.isWord(1, 'the'))) return null;
  const first = readPlain(r, court, wording);
  let and: PlainCueRead[] | undefined;
  while (r.word('and')) {
    and ??= [];
    if (!r.word('nothing')) and.push(readPlain(r, court, wording));
  }
  return and ? { ...first, and } : first;
}

function readPlain(r: Reader, court: Court, wording: Wording): PlainCueRead {
  let delay: number | undefined;
  if (!r.word('when') && !r.word('on')) {
    const wait = r.number();
    if (wait === null || !(r.word('s') || r.word('seconds') || r.word('second')))
      return r.fail('What he waits for stands here: “when 4 catches”, “0.5 s after 5 is set”.');
    if (r.word('after')) delay = wait;
    else if (r.word('before')) delay = wait === 0 ? 0 : -wait;
    else return r.fail('After or before what?');
  }
  const more = delay === undefined ? {} : { delay };
  if (r.word('the', 'frame')) return { on: { is: 'frame' }, ...eventOf(r, court, wording), ...more };
  if (r.word('the', 'read')) return { on: { is: 'read' }, ...eventOf(r, court, wording), ...more };
  const ref = readRef(r);
  if (ref) return { on: { is: 'action', ref }, ...eventOf(r, court, wording), ...more };
  const who = r.man();
  if (who === null) return r.fail('Who? A number from 1 to 5 stands here.');
  return { ...saying(r, who, court, wording), ...more };
}

function saying(r: Reader, who: PlayerId, court: Court, wording: Wording): PlainCueRead {
  const moves = { is: 'said', test: (a: Named) => MOVES(a, who) } as const;
  const start = r.place;
  if (r.word('is')) {
    const share = r.percent();
    if (share !== null) {
      r.word('there');
      return { on: moves, event: 'at', at: share };
    }
    r.back(start);
  }
  if (r.word('passes') && !over(r)) return { on: moves, event: 'at', place: readPlace(r, court, wording) };
  r.back(start);
  for (const { event, words, of } of SAYINGS)
    if (r.word(...words)) return { on: { is: 'said', test: (a) => of(a, who) }, event };
  return r.fail(
    `What of ${who} is waited for? Say “${who} catches”, “${who} is set”, “${who} is there” or “${who} is 50% there”.`,
  );
}
/** Nothing follows that could be a place. */
const over = (r: Reader): boolean => {
  const next = r.peek();
  return next === undefined || (next.type === 'punct' && next.text === ',') || r.isWord(0, 'and');
};

function eventOf(r: Reader, court: Court, wording: Wording): Omit<PlainCue, 'on'> {
  const event = EVENTS.find((e) => r.word(e.toLocaleLowerCase('en')));
  if (event === undefined && !r.word('over')) return {};
  const at = r.number();
  const place = r.word('by') ? readPlace(r, court, wording) : undefined;
  return {
    ...(event === undefined ? {} : { event }),
    ...(at === null ? {} : { at }),
    ...(place === undefined ? {} : { place }),
  };
}

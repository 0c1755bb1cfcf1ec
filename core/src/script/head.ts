import { ALIGNMENTS, alignmentPlaces, PLAYERS, type PlayerId } from '../alignment/library.ts';
import type { Court } from '../court/court.ts';
import type { Place, Play } from '../play/document.ts';
import {
  AGAINST,
  COURT_KEYS,
  LEVEL_KEYS,
  SITUATIONS,
  STATUSES,
  THROW_INS,
  VARIANTS,
} from '../play/vocabulary.ts';
import { nearest } from './near.ts';
import { readDefence, type DefenceRead } from './defence.ts';
import { readEnd, readOther } from './read.ts';
import type { Reader } from './reader.ts';

/** What stands before the frames. Places are read when the court is known. */
export interface HeadRead {
  readonly fields: { -readonly [K in keyof Play]?: Play[K] };
  readonly defences: DefenceRead[];
  /** Whether the text says something of defences, or that there are none. */
  saysDefences: boolean;
  set?: {
    readonly alignment?: string;
    readonly flipped: boolean;
    readonly ball: PlayerId;
    readonly throwIn?: NonNullable<Play['start']['throwIn']>;
  };
  readonly places: { [P in PlayerId]?: Place };
}

export const HEADS = [
  'play',
  'call',
  'series',
  'option',
  'purpose',
  'status',
  'origin',
  'version',
  'counter',
  'against',
  'situation',
  'court',
  'floor',
  'level',
  'defence',
  'notes',
  'set',
] as const;

const text = (r: Reader): string => r.text() ?? r.fail('Words in quotation marks stand here.');
const word = (r: Reader): string => r.text() ?? r.zone() ?? r.anyWord() ?? r.fail('A word stands here.');
function one<T extends string>(r: Reader, among: readonly T[]): T {
  const token = r.peek();
  const said = (r.zone() ?? r.anyWord() ?? '').toLocaleLowerCase('en');
  const found = among.find((w) => w.toLocaleLowerCase('en') === said);
  if (found !== undefined) return found;
  const fix = nearest(said, among);
  return r.fail(`“${token?.text ?? ''}” is none of these: ${among.join(', ')}.`, token, fix);
}
/** A word that is known in its own spelling, or any other. */
const known = (said: string, among: readonly string[]): string =>
  among.find((w) => w.toLocaleLowerCase('en') === said.toLocaleLowerCase('en')) ?? said;
function many(r: Reader, among: readonly string[]): string[] {
  if (r.word('nothing')) return [];
  const all: string[] = [];
  do {
    const quoted = r.peek()?.type === 'text';
    const said = word(r);
    all.push(quoted ? said : known(said, among));
  } while (r.punct(','));
  return all;
}

/** Reads a line of the head whose first word has been read. */
export function readHead(r: Reader, first: (typeof HEADS)[number], head: HeadRead): void {
  const f = head.fields;
  switch (first) {
    case 'play':
      f.name = text(r);
      break;
    case 'call':
      f.call = call(r);
      break;
    case 'series':
    case 'option':
    case 'purpose':
    case 'notes':
      f[first] = text(r);
      break;
    case 'status':
      f.status = one(r, STATUSES);
      break;
    case 'origin':
      f.origin = { text: text(r), ...(r.punct(',') && r.word('on') ? { on: text(r) } : {}) };
      break;
    case 'version': {
      r.word('of');
      const of = readOther(r) ?? r.fail('Of which play? Its name stands here in quotation marks.');
      if (!r.punct(',')) r.fail('What kind of version is it? Say “, zone”.');
      f.variantOf = { play: of.id, name: of.name, kind: one(r, VARIANTS) };
      break;
    }
    case 'counter':
      f.counterTo = [...(f.counterTo ?? []), ...counter(r)];
      break;
    case 'against':
      f.against = many(r, AGAINST);
      break;
    case 'situation':
      f.situation = many(r, SITUATIONS);
      break;
    case 'court':
      f.court = one(r, COURT_KEYS);
      break;
    case 'floor':
      f.customCourt = floor(r);
      break;
    case 'level':
      f.level = one(r, LEVEL_KEYS);
      if (r.punct(',')) f.women = r.word('women') || (r.word('men') ? false : r.fail('Men or women?'));
      break;
    case 'defence':
      head.saysDefences = true;
      if (!r.word('none')) head.defences.push(readDefence(r));
      break;
    case 'set':
      head.set = set(r);
  }
}

export function readIfNothing(r: Reader, head: HeadRead): void {
  r.punct(',');
  head.fields.ifNothing = readEnd(r);
}

function call(r: Reader): NonNullable<Play['call']> {
  const out: NonNullable<Play['call']> = {};
  if (r.word('nothing')) return out;
  do {
    if (r.word('sign')) out.signal = text(r);
    else if (r.word('figure')) out.figure = word(r);
    else out.word = text(r);
  } while (r.punct(','));
  return out;
}

function counter(r: Reader): NonNullable<Play['counterTo']> {
  r.word('to');
  if (r.word('nothing')) return [];
  const other = readOther(r) ?? r.fail('To which play? Its name stands here in quotation marks.');
  const line = r.punct(',') && r.word('line') ? text(r) : undefined;
  return [{ play: other.id, name: other.name, ...(line === undefined ? {} : { line }) }];
}

function floor(r: Reader): NonNullable<Play['customCourt']> {
  const token = r.peek();
  const said = text(r);
  try {
    return JSON.parse(said) as NonNullable<Play['customCourt']>;
  } catch {
    return r.fail('The measures of a floor of your own can’t be read.', token);
  }
}

function set(r: Reader): NonNullable<HeadRead['set']> {
  let alignment: string | undefined;
  let [flipped, ball]: [boolean, PlayerId | undefined] = [false, undefined];
  let throwIn: NonNullable<Play['start']['throwIn']> | undefined;
  do {
    if (r.word('ball')) ball = r.man() ?? r.fail('Who has the ball? Say “ball 1”.');
    else if (r.word('flipped')) flipped = true;
    else if (r.word('throw-in')) throwIn = one(r, THROW_INS);
    else alignment = word(r);
  } while (r.punct(','));
  if (ball === undefined) return r.fail('Who has the ball? Say “ball 1”.');
  return {
    flipped,
    ball,
    ...(alignment === undefined ? {} : { alignment }),
    ...(throwIn === undefined ? {} : { throwIn }),
  };
}

const isComplete = (places: HeadRead['places']): places is Record<PlayerId, Place> =>
  PLAYERS.every((p) => places[p] !== undefined);

/** Where the five stand: as it is written, as their alignment does, or as in the base. */
export function startOf(head: HeadRead, court: Court, base: Play | undefined): Play['start'] | null {
  const { set, places } = head;
  if (!set) return base?.start ?? null;
  const { alignment: key, flipped, ball, throwIn } = set;
  const known = ALIGNMENTS.find((a) => a.key.toLocaleLowerCase('en') === key?.toLocaleLowerCase('en'));
  const drawn = known ? alignmentPlaces(court, known, flipped) : null;
  const written = { ...(drawn ?? base?.start.places), ...places };
  if (!isComplete(written)) return null;
  return {
    ...(key === undefined ? {} : { alignment: known?.key ?? key }),
    places: written,
    ball,
    ...(throwIn === undefined ? {} : { throwIn }),
  };
}

import { EVENTS, LOOK_KINDS, REACTIONS } from '../play/vocabulary.ts';
import type { End, Look, Read } from '../play/document.ts';
import { nearest } from './near.ts';
import { readRef, type ActionRef } from './ref.ts';
import type { Reader } from './reader.ts';
import { READ_WORDS } from './words.ts';

type Reaction = Read['does'];

export interface ReadRead extends Omit<Read, 'at' | 'look'> {
  readonly at?: { readonly action: ActionRef; readonly event?: NonNullable<Read['at']>['event'] };
  readonly look?: ActionRef;
}
export interface LookRead extends Omit<Look, 'id' | 'after' | 'when' | 'frame'> {
  readonly after?: ActionRef;
  readonly when?: ReadRead;
  /** A frame by its place in the text, from 1, or by an id that is no frame. */
  readonly frame?: number | { readonly id: string };
}

/** How an action is pointed at where a read or a look stands. */
export type Point = (id: string) => string;

/** What they are seen to do, as it is written: "x4 drops, at @2.1 end". */
export function printRead(read: Read, point: Point): string {
  const who = read.who ? [...read.who].join(' and ') || 'nobody' : 'they';
  const words = READ_WORDS.get(read.does);
  const one = read.who?.length === 1 || read.who?.length === 0;
  const does = words === undefined ? 'do something' : one ? words.third : words.base;
  return [
    `${who} ${does}`,
    ...(read.at ? [`at ${point(read.at.action)}${read.at.event ? ` ${read.at.event}` : ''}`] : []),
    ...(read.look === undefined ? [] : [`for ${point(read.look)}`]),
    ...(read.note === undefined ? [] : [`note ${JSON.stringify(read.note)}`]),
  ].join(', ');
}

interface Heard {
  readonly words: readonly string[];
  readonly does: Reaction;
}
const HEARD: readonly Heard[] = [
  ...REACTIONS.flatMap((does): Heard[] => {
    const said = READ_WORDS.get(does);
    return said
      ? [said.third, said.base].map((w) => ({ words: w.toLocaleLowerCase('en').split(' '), does }))
      : [];
  }),
  { words: ['do', 'something'], does: 'own' as const },
  { words: ['does', 'something'], does: 'own' as const },
].sort((a, b) => b.words.length - a.words.length);

export function readRead(r: Reader): ReadRead {
  const who: NonNullable<Read['who']> = [];
  let said = true;
  if (r.word('they')) said = false;
  else if (!r.word('nobody'))
    do who.push(r.defender() ?? r.fail('Who of theirs? Say “x4”, or “they”.'));
    while (r.word('and') || r.punct(','));
  const found = HEARD.find((h) => r.word(...h.words));
  if (!found) {
    const token = r.peek();
    const fix =
      token?.type === 'word'
        ? nearest(
            token.text,
            HEARD.filter((h) => h.words.length === 1).map((h) => h.words[0]!),
          )
        : undefined;
    return r.fail(`“${token?.text ?? ''}” is nothing they are known to do.`, token, fix);
  }
  const read: { -readonly [K in keyof ReadRead]: ReadRead[K] } = {
    ...(said ? { who } : {}),
    does: found.does,
  };
  while (r.punct(',')) {
    if (r.word('at')) {
      const action = refOf(r);
      const event = EVENTS.find((e) => r.word(e.toLocaleLowerCase('en')));
      read.at = { action, ...(event ? { event } : {}) };
    } else if (r.word('for')) read.look = refOf(r);
    else if (r.word('note')) read.note = r.text() ?? r.fail('A note stands in quotation marks.');
    else r.fail('What is read, or a note, stands here: “at @2.1 end”, “note …”.');
  }
  return read;
}

/** An action by its number, which has to stand here. */
const refOf = (r: Reader): ActionRef =>
  readRef(r) ?? r.fail('An action stands here by its number, like @2.3.');

const LOOKS: Readonly<Record<Look['kind'], string>> = {
  shot: 'shoots',
  pass: 'gets it',
  drive: 'drives',
  keep: 'keeps it',
};

/** A look as it is written: "look 1: 3 shoots, after @2.1, if x4 drops". */
export const printLook = (look: Look, point: Point, frame: Point): string =>
  [
    `look ${look.order}: ${look.player} ${LOOKS[look.kind]}`,
    ...(look.after === undefined ? [] : [`after ${point(look.after)}`]),
    ...(look.frame === undefined ? [] : [`into ${frame(look.frame)}`]),
    ...(look.note === undefined ? [] : [`note ${JSON.stringify(look.note)}`]),
    ...(look.when === undefined ? [] : [`if ${printRead(look.when, point)}`]),
  ].join(', ');

export function readLook(r: Reader): LookRead {
  const order = r.number() ?? r.fail('Which look is it? Say “look 1: 3 shoots”.');
  if (!r.punct(':')) r.fail('A colon stands here: “look 1: 3 shoots”.');
  const player = r.man() ?? r.fail('Whose look? A number from 1 to 5 stands here.');
  const kind = LOOK_KINDS.find((k) => r.word(...LOOKS[k].split(' ')));
  if (kind === undefined) return r.fail('He shoots, gets it, drives or keeps it.');
  const look: { -readonly [K in keyof LookRead]: LookRead[K] } = { order, player, kind };
  while (r.punct(',')) {
    if (r.word('after')) look.after = refOf(r);
    else if (r.word('into')) {
      const ref = r.ref();
      look.frame =
        ref === null
          ? (r.punct('@'), { id: r.text() ?? r.fail('Into which ending?') })
          : Number(ref.slice(1));
    } else if (r.word('note')) look.note = r.text() ?? r.fail('A note stands in quotation marks.');
    else if (r.word('if')) {
      look.when = readRead(r);
      break;
    } else r.fail('“after @2.1”, “if x4 drops” or a note stands here.');
  }
  return look;
}

/** How a line ends, as it is written: "a shot", "the set flipped", the name of another play. */
export const printEnd = (end: End): string =>
  [
    ...(end.shot === undefined ? [] : [end.shot ? 'a shot' : 'no shot']),
    ...(end.reset === undefined ? [] : [end.reset === 'flipped' ? 'the set flipped' : 'the set']),
    ...(end.play ? [printOther(end.play.name, end.play.id)] : []),
  ].join(', ') || 'nothing said';

/** Another play by its name, and its id behind. */
export const printOther = (name: string, id: string): string =>
  `${JSON.stringify(name)} (${JSON.stringify(id)})`;
export function readOther(r: Reader): { name: string; id: string } | null {
  const name = r.text();
  if (name === null) return null;
  if (!r.punct('(')) return { name, id: '' };
  const id = r.text() ?? r.fail('The id of the play stands here in quotation marks.');
  if (!r.punct(')')) r.fail('The bracket is not closed.');
  return { name, id };
}

export function readEnd(r: Reader): End {
  const end: End = {};
  if (r.word('nothing', 'said')) return end;
  do {
    const other = readOther(r);
    if (other) end.play = { id: other.id, name: other.name };
    else if (r.word('a', 'shot')) end.shot = true;
    else if (r.word('no', 'shot')) end.shot = false;
    else if (r.word('the', 'set')) end.reset = r.word('flipped') ? 'flipped' : 'asDrawn';
    else r.fail('It ends with a shot, in the set, in the set flipped, or in another play by its name.');
  } while (r.punct(','));
  return end;
}

import { PLAYERS } from '../alignment/library.ts';
import type { Court } from '../court/court.ts';
import { DICTIONARY, type Dictionary } from '../language/dictionary.ts';
import { THROW_INS } from '../play/vocabulary.ts';
import { ALIGNMENTS } from '../alignment/library.ts';
import { linesOf, type ScriptLine, type Token } from './lines.ts';
import { lower } from './near.ts';
import { faultOf } from './parse.ts';
import { spotNames } from './place.ts';
import { HEADS } from './head.ts';
import { READ_WORDS, wordingOf, type Wording } from './words.ts';

/** What can stand next, and where what is begun of it starts. */
export interface Next {
  readonly from: number;
  readonly words: readonly string[];
}

const WORDS = 4;
const MOST = 12;

/** What can stand where somebody writes, the likeliest first: everything that is offered can be read. */
export function nextWords(text: string, at: number, court: Court, dictionary: Dictionary = DICTIONARY): Next {
  const start = text.lastIndexOf('\n', at - 1) + 1;
  const written = text.slice(start, at);
  const nothing: Next = { from: at, words: [] };
  if (written.includes('#') || written.length > 300) return nothing;
  const before = linesOf(text.slice(0, start));
  const inFrame = before.some(isFrame);
  const all = candidates(written, { frames: onLine(before), inFrame, before }, dictionary);
  for (const tail of tails(written)) {
    const head = written.slice(0, written.length - tail.length);
    const begun = lower(tail).replace(/^,\s*/, ', ');
    const words: string[] = [];
    for (const w of all) {
      if (words.length === MOST) break;
      if (lower(w).startsWith(begun) && lower(w) !== begun && fits(head, w)) words.push(w);
    }
    if (words.length > 0) return { from: at - tail.length, words };
  }
  return nothing;

  function fits(head: string, word: string): boolean {
    const line = `${joined(head, word)}`;
    const fault = faultOf(line, { court, wording: wordingOf(dictionary), inFrame });
    return !fault || fault.from >= line.length;
  }
}

/** A word put behind what stands there. */
export const joined = (head: string, word: string): string =>
  head.trim() === '' || /\s$/.test(head) || word.startsWith(',') ? head + word : `${head} ${word}`;

const isFrame = ({ tokens: [a, b] }: ScriptLine): boolean =>
  a?.type === 'number' && b?.type === 'punct' && b.text === ':';

/** The ends of a line that may be the beginning of something, the longest first; the last one is nothing. */
function tails(line: string): string[] {
  const starts = [...line.matchAll(/(?<![\p{L}\p{N}'’-])[\p{L}\p{N}]/gu)].map((m) => m.index);
  const ends = starts.slice(-WORDS).map((i) => line.slice(i));
  const comma = /,[^,"()]*$/.exec(line)?.[0];
  return [...(comma === undefined ? [] : [comma]), ...ends, ''];
}

/** The lines of the frames on the line that is being written, its own the first, the one before it the next. */
function onLine(before: readonly ScriptLine[]): ScriptLine[][] {
  const out: ScriptLine[][] = [];
  let end = before.length;
  let depth = Infinity;
  for (let i = before.length - 1; i >= 0; i--) {
    if (!isFrame(before[i]!)) continue;
    const number = Number(before[i]!.tokens[0]!.text);
    if (number < depth) {
      depth = number;
      out.push(before.slice(i + 1, end));
    }
    end = i;
  }
  return out;
}

interface Place {
  readonly frames: readonly (readonly ScriptLine[])[];
  readonly inFrame: boolean;
  readonly before: readonly ScriptLine[];
}

function candidates(written: string, { frames, inFrame, before }: Place, dictionary: Dictionary): string[] {
  const wording = wordingOf(dictionary);
  if (!inFrame)
    return written.trim() === ''
      ? [...HEADS.filter((h) => !before.some((l) => lower(l.tokens[0]!.text) === h)), '1:']
      : [
          ...ALIGNMENTS.map((a) => a.key.toLocaleLowerCase('en')),
          ...[', flipped', ...PLAYERS.map((p) => `, ball ${p}`), ...PLAYERS.map((p) => `ball ${p}`)],
          ...THROW_INS.map((t) => `, throw-in ${t}`),
        ];
  const plain = (['cut', 'dribble', 'pass', 'screen', 'handoff', 'shot', 'hold', 'fake', 'seal'] as const)
    .map((does) => wording.plainly({ does }))
    .filter((w) => w !== null);
  const kinds = [...wording.phrases.values()].flat().map((p) => p.words.join(' '));
  const acting = frames.map((f) =>
    f.map((l) => l.tokens).filter(([a, b]) => a?.type === 'number' && b?.type === 'word'),
  );
  // A man who does nothing in this frame yet is the likelier one.
  const busy = new Set(acting[0]?.map(([a]) => a!.text));
  const who = [...PLAYERS].sort((a, b) => Number(busy.has(a)) - Number(busy.has(b)));
  const own = linesOf(written)[0]?.tokens[0]?.text;
  const others = PLAYERS.filter((p) => p !== own);
  const screens = /\bfor \d/.test(written);
  const spots = spotNames(wording);
  return [
    ...(/\S\s/.test(written) ? [] : who),
    ...['if they', ...PLAYERS.map((p) => `if x${p}`), 'look 1:', 'then a shot', 'then the set'],
    ...plain,
    ...others.map((p) => `to ${p}`),
    ...others.map((p) => `for ${p}`),
    ...spots.map((s) => `${screens ? 'at' : 'to'} ${s}`),
    ...spots,
    ...acting.flatMap((f) => moments(f, own, wording)).map((m) => `, when ${m}`),
    ...[', sprint', ', cut', ', jog', ', walk', ', behind the play', ...(screens ? [', slipping it'] : [])],
    ...kinds,
    ...[...READ_WORDS.values()].flatMap(({ third, base }) => [third, base]),
    ...['shoots', 'gets it', 'drives', 'keeps it'],
  ].filter((w, i, all) => all.indexOf(w) === i);
}

/** What others do in a frame that somebody may wait for. */
function moments(acting: readonly (readonly Token[])[], own: string | undefined, wording: Wording): string[] {
  return acting.flatMap(([man, ...rest]) => {
    const does = wording.phrases
      .get(lower(rest[0]!.text))
      ?.find((p) => p.words.every((w, i) => lower(rest[i]?.text ?? '') === w))?.says[0].does;
    if (man!.text === own) return [];
    const whom = rest.find((t, i) => t.type === 'number' && lower(rest[i - 1]?.text ?? '') === 'to')?.text;
    switch (does) {
      case 'screen':
        return [`${man!.text} is set`];
      case 'pass':
        return whom === undefined ? [] : [`${whom} catches`, `${man!.text} passes`];
      case 'handoff':
        return whom === undefined ? [] : [`${whom} takes it`];
      case 'cut':
      case 'dribble':
        return [`${man!.text} is there`];
      default:
        return [];
    }
  });
}

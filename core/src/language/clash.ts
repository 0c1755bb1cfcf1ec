import { DICTIONARY, groupOf, isTermKey, type TermKey, type WordGroup } from './dictionary.ts';
import { signalsAlike } from './signals.ts';
import { heardAlike, type Heard, type Sounds } from './sound.ts';

/** A word that is called out or written: the call of a play, the word of a series, a team's own word. */
export interface Spoken {
  readonly id: string;
  readonly kind: 'play' | 'series' | 'word';
  readonly text: string;
  /** What it is about, of a word; a call is a call. */
  readonly about: WordGroup | 'call';
  /** The trade's word it stands for, of a word that stands for one. */
  readonly key?: TermKey | undefined;
  /** What it means, as it is told beside it. */
  readonly means: string;
  readonly signal?: { readonly figure?: string | undefined; readonly words?: string | undefined } | undefined;
  /** Said like this other word. */
  readonly sounds?: string | undefined;
  /** Plays of one series share its start, so that only these can be confused by their own signal. */
  readonly series?: string | undefined;
}

export type Clash =
  | {
      readonly is: 'same' | 'written' | 'two' | 'signal';
      readonly id: string;
      readonly a: Spoken;
      readonly b: Spoken;
    }
  | {
      readonly is: 'sound';
      readonly id: string;
      readonly a: Spoken;
      readonly b: Spoken;
      readonly heard: Heard;
    }
  /** It does not begin as what it stands for does. */
  | { readonly is: 'letter'; readonly id: string; readonly a: Spoken; readonly letter: string }
  /** It is the trade's word for something else. */
  | { readonly is: 'theirs'; readonly id: string; readonly a: Spoken; readonly key: TermKey };

/** How words are said: by a pronouncing dictionary, and by the letters where it has none. */
export interface Voice {
  /** Null for what is in no dictionary. */
  readonly say: (text: string) => Sounds | null;
  /** A code of how letters sound, whatever the word. */
  readonly code: (text: string) => string;
}

const plain = (s: string): string => s.toLocaleLowerCase().normalize('NFKD').replace(/\p{M}/gu, '').trim();
const tokens = (s: string): string[] =>
  plain(s)
    .split(/[\s,./-]+/u)
    .filter(Boolean);

/** All there is to clash, each pair once; `firstLetter` where the team goes by the first letter of what a word stands for. */
export function clashesOf(all: readonly Spoken[], voice: Voice, firstLetter: boolean): Clash[] {
  const out: Clash[] = [];
  all.forEach((a, i) => {
    out.push(...alone(a, firstLetter));
    for (const b of all.slice(i + 1)) out.push(...between(a, b, voice));
  });
  return out;
}

/** Whether a word for something would clash with nothing there is. */
export function isFree(
  word: string,
  of: Spoken,
  all: readonly Spoken[],
  voice: Voice,
  firstLetter: boolean,
): boolean {
  const would = { ...of, text: word, sounds: undefined, signal: undefined };
  return (
    alone(would, firstLetter).length === 0 &&
    all.every((b) => b.id === of.id || between(would, b, voice).length === 0)
  );
}

const idOf = (is: Clash['is'], a: Spoken, b?: Spoken): string =>
  [is, ...[a, ...(b ? [b] : [])].map((s) => `${s.kind} ${s.id} ${plain(s.text)}`).sort()].join(' | ');

function alone(a: Spoken, firstLetter: boolean): Clash[] {
  const out: Clash[] = [];
  const text = plain(a.text);
  const key = (Object.keys(DICTIONARY) as TermKey[]).find(
    (k) => k !== a.key && (plain(DICTIONARY[k].word) === text || plain(DICTIONARY[k].base) === text),
  );
  // A word of ours that they say for something else; that it stands for the same under another key is none.
  if (key && a.kind === 'word' && !(a.key && sameWord(a.key, key)))
    out.push({ is: 'theirs', id: idOf('theirs', a), a, key });
  if (key && a.kind !== 'word' && groupOf(key) === 'they')
    out.push({ is: 'theirs', id: idOf('theirs', a), a, key });
  if (firstLetter && a.kind === 'word' && a.key && isTermKey(a.key)) {
    const letter = plain(DICTIONARY[a.key].word)[0] ?? '';
    if (letter && text[0] !== letter)
      out.push({ is: 'letter', id: idOf('letter', a), a, letter: letter.toUpperCase() });
  }
  return out;
}
const sameWord = (a: TermKey, b: TermKey): boolean => plain(DICTIONARY[a].word) === plain(DICTIONARY[b].word);

function between(a: Spoken, b: Spoken, voice: Voice): Clash[] {
  const out: Clash[] = [];
  const written = byText(a, b, voice);
  if (written) out.push(written);
  if (bySignal(a, b)) out.push({ is: 'signal', id: idOf('signal', a, b), a, b });
  return out;
}

function byText(a: Spoken, b: Spoken, voice: Voice): Clash | null {
  const [x, y] = [plain(a.text), plain(b.text)];
  if (x === '' || y === '') return null;
  if (x === y) {
    const is = a.kind === 'word' && b.kind === 'word' ? 'two' : 'same';
    // A play that is called by the word of its series.
    if (a.kind !== b.kind && (a.series === b.text || b.series === a.text)) return null;
    return { is, id: idOf(is, a, b), a, b };
  }
  const [p, q] = apart(a, b);
  if (p.length === 0 || q.length === 0) return null;
  const [left, right] = [p.join(' '), q.join(' ')];
  // Of two words and of one even the far corner hears which is which.
  const heard =
    a.sounds || b.sounds
      ? hear(a.sounds ?? left, b.sounds ?? right, voice)
      : p.length === q.length
        ? hearEach(p, q, voice)
        : null;
  if (heard) return { is: 'sound', id: idOf('sound', a, b), a, b, heard };
  return nearlyWritten(left, right) ? { is: 'written', id: idOf('written', a, b), a, b } : null;
}

/** What two texts say otherwise: words that both have tell nothing apart. */
function apart(a: Spoken, b: Spoken): [string[], string[]] {
  const [x, y] = [tokens(a.text), tokens(b.text)];
  return [x.filter((t) => !y.includes(t)), y.filter((t) => !x.includes(t))];
}

const CLOSER: readonly Heard[] = ['near', 'rhyme', 'same'];
/** Word by word: one that is heard tells the two calls apart. As alike as the two words least alike. */
function hearEach(p: readonly string[], q: readonly string[], voice: Voice): Heard | null {
  let least: Heard = 'same';
  for (const [i, word] of p.entries()) {
    const heard = hear(word, q[i]!, voice);
    if (!heard) return null;
    if (CLOSER.indexOf(heard) < CLOSER.indexOf(least)) least = heard;
  }
  return least;
}

/** By what carries of both; by their letters where one is in no dictionary. */
function hear(a: string, b: string, voice: Voice): Heard | null {
  const [x, y] = [voice.say(a), voice.say(b)];
  if (x && y) return heardAlike(x, y);
  const [c, d] = [voice.code(a), voice.code(b)];
  return c !== '' && c === d && lastVowels(a) === lastVowels(b) ? 'near' : null;
}
const lastVowels = (s: string): string =>
  s
    .match(/[aeiouy]+/giu)
    ?.at(-1)
    ?.toLowerCase() ?? '';

/** Shorter words than this differ by a letter as a matter of course. */
const LONG = 4;
/** One letter more, less, other, or two changed about; numbers are read one by one. */
function nearlyWritten(a: string, b: string): boolean {
  if (Math.min(a.length, b.length) < LONG || /\d/.test(a + b) || Math.abs(a.length - b.length) > 1)
    return false;
  let i = 0;
  while (i < Math.min(a.length, b.length) && a[i] === b[i]) i++;
  const [s, t] = [a.slice(i), b.slice(i)];
  return (
    s.slice(1) === t.slice(1) ||
    s.slice(1) === t ||
    s === t.slice(1) ||
    (s[0] === t[1] && s[1] === t[0] && s.slice(2) === t.slice(2))
  );
}

function bySignal(a: Spoken, b: Spoken): boolean {
  if (!a.signal || !b.signal) return false;
  // The signs of plays are given after that of their series.
  if (a.kind === 'play' && b.kind === 'play' && a.series !== b.series) return false;
  if (a.kind !== b.kind && a.kind !== 'word' && b.kind !== 'word') return false;
  return signalsAlike(a.signal, b.signal);
}

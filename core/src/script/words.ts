import { DICTIONARY, type Dictionary, type TermKey } from '../language/dictionary.ts';
import { lower } from './near.ts';
import {
  CUT_KINDS,
  DRIBBLE_KINDS,
  PASS_KINDS,
  REACTIONS,
  SCREEN_KINDS,
  SHOT_KINDS,
} from '../play/vocabulary.ts';
import type { Verb } from '../play/document.ts';

/** What a phrase of the notation says somebody does. */
export interface Done {
  readonly does: Verb;
  readonly kind?: string;
}
/** A phrase with its words in lower case, and what it says: more than one thing where a team has one word for two. */
interface Phrase {
  readonly words: readonly string[];
  readonly says: readonly [Done, ...Done[]];
}

const split = (phrase: string): string[] => phrase.toLocaleLowerCase('en').split(' ');

const SHOTS: Readonly<Record<(typeof SHOT_KINDS)[number], string>> = {
  layup: 'lays it up',
  jumper: 'shoots a jumper',
  floater: 'shoots a floater',
  three: 'shoots a three',
  hook: 'shoots a hook',
  dunk: 'dunks it',
};

/** The kinds of what is done, each with the word of the dictionary it is said by. */
const KINDS: readonly (readonly [Verb, string, TermKey])[] = [
  ...CUT_KINDS.map((k) => ['cut', k, `cut.${k}`] as const),
  ...SCREEN_KINDS.map((k) => ['screen', k, `screen.${k}`] as const),
  ...DRIBBLE_KINDS.map((k) => ['dribble', k, `dribble.${k}`] as const),
  ...PASS_KINDS.map((k) => ['pass', k, `pass.${k}`] as const),
];

const PLAIN_KEY: Readonly<Record<Verb, TermKey>> = {
  pass: 'pass',
  cut: 'cut',
  dribble: 'dribble',
  screen: 'screen',
  handoff: 'handoff',
  shot: 'shot',
  fake: 'fake',
  hold: 'hold',
  seal: 'sealOff',
};

/** How everything is said in one set of words: the trade's, or a team's. */
export interface Wording {
  /** What is done, as a line says it; a kind whose words are another's is told by its name behind. */
  readonly verb: (says: Done) => { readonly words: string; readonly kindBehind: string | null };
  /** Phrases by their first word, the longest first. */
  readonly phrases: ReadonlyMap<string, readonly Phrase[]>;
  /** What is done, in words that mean just that: the trade's where the team's mean two things; null when there are none. */
  readonly plainly: (says: Done) => string | null;
  /** The name of a kind, as it stands behind: "basket cut". */
  readonly kindNamed: (does: Verb, words: string) => string | undefined;
  readonly dictionary: Dictionary;
}

const made = new WeakMap<Dictionary, Wording>();
/** How everything is said in the words of a dictionary. */
export function wordingOf(dictionary: Dictionary = DICTIONARY): Wording {
  const kept = made.get(dictionary) ?? makeWording(dictionary);
  made.set(dictionary, kept);
  return kept;
}

/** Everything that can be done, each with the word of the dictionary it is said by; the plain verbs first. */
const ALL: readonly { readonly says: Done; readonly key: TermKey | null; readonly shot?: string }[] = [
  ...(Object.keys(PLAIN_KEY) as Verb[]).map((does) => ({ says: { does }, key: PLAIN_KEY[does] })),
  ...Object.entries(SHOTS).map(([kind, shot]) => ({
    says: { does: 'shot' as const, kind },
    key: null,
    shot,
  })),
  ...KINDS.map(([does, kind, key]) => ({ says: { does, kind }, key })),
];
const nameOf = ({ does, kind }: Done): string => (kind === undefined ? does : `${does} ${kind}`);

function makeWording(dictionary: Dictionary): Wording {
  const phraseOf = ({ key, shot }: (typeof ALL)[number], of: Dictionary): string =>
    key === null ? shot! : of[key].third;
  const claims = new Map<string, (typeof ALL)[number][]>();
  for (const one of ALL) {
    const phrase = lower(phraseOf(one, dictionary));
    if (/^\p{L}/u.test(phrase)) claims.set(phrase, [...(claims.get(phrase) ?? []), one]);
  }
  const taken = new Map<string, [Done, ...Done[]]>();
  const said = new Map<string, string>();
  for (const [phrase, [first, ...rest]] of claims) {
    // What the trade itself has one word for is told apart behind it; what only this team has is asked about.
    const twofold = rest.filter(
      (o) => lower(phraseOf(o, DICTIONARY)) !== lower(phraseOf(first!, DICTIONARY)),
    );
    taken.set(phrase, [first!.says, ...twofold.map((o) => o.says)]);
    if (twofold.length === 0) said.set(nameOf(first!.says), phraseOf(first!, dictionary));
  }
  // The trade's words are understood as well, where the team has no other use for them.
  const plain = new Map<string, string>();
  for (const one of ALL) {
    const phrase = phraseOf(one, DICTIONARY);
    const here = taken.get(lower(phrase));
    if (!here) taken.set(lower(phrase), [one.says]);
    const means = taken.get(lower(phrase))!;
    if (means.length === 1 && nameOf(means[0]) === nameOf(one.says)) plain.set(nameOf(one.says), phrase);
  }
  for (const does of Object.keys(PLAIN_KEY) as Verb[]) if (!taken.has(does)) taken.set(does, [{ does }]);
  const named = new Map<string, string>();
  const behind = new Map<string, string>();
  for (const [does, kind, key] of KINDS) {
    const { word } = dictionary[key];
    const name = `${does} ${lower(word)}`;
    behind.set(`${does} ${kind}`, named.has(name) ? kind : word);
    if (!named.has(name)) named.set(name, kind);
  }
  for (const [does, kind] of KINDS)
    if (!named.has(`${does} ${lower(kind)}`)) named.set(`${does} ${lower(kind)}`, kind);
  const phrases = new Map<string, Phrase[]>();
  for (const [phrase, says] of taken) {
    const words = split(phrase);
    phrases.set(words[0]!, [...(phrases.get(words[0]!) ?? []), { words, says }]);
  }
  for (const list of phrases.values()) list.sort((a, b) => b.words.length - a.words.length);
  const wordsFor = (says: Done): string | null => said.get(nameOf(says)) ?? plain.get(nameOf(says)) ?? null;
  return {
    dictionary,
    phrases,
    plainly: wordsFor,
    verb: (says) => {
      const whole = wordsFor(says);
      if (whole !== null) return { words: whole, kindBehind: null };
      const { does, kind } = says;
      // A verb no word means alone has the name the document gives it.
      const verb = wordsFor({ does }) ?? does;
      return { words: verb, kindBehind: kind === undefined ? null : (behind.get(nameOf(says)) ?? kind) };
    },
    kindNamed: (does, words) => named.get(`${does} ${lower(words)}`),
  };
}

/** What they do, as it is said of one and of several: "drops", "drop". */
export const READ_WORDS: ReadonlyMap<string, { readonly third: string; readonly base: string }> = new Map(
  REACTIONS.filter((r) => r !== 'own').map((r) => {
    const key = ([`coverage.${r === 'helps' ? 'help' : r}`, `read.${r}`] as const).find((k) =>
      Object.hasOwn(DICTIONARY, k),
    ) as TermKey | undefined;
    return [r, key ? { third: DICTIONARY[key].third, base: DICTIONARY[key].base } : { third: r, base: r }];
  }),
);

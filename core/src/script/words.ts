import { DICTIONARY, type Dictionary, type TermKey } from '../language/dictionary.ts';
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
/** A phrase with its words in lower case, and what it says. */
interface Phrase {
  readonly words: readonly string[];
  readonly says: Done;
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
  /** The name of a kind, as it stands behind: "basket cut". */
  readonly kindNamed: (does: Verb, words: string) => string | undefined;
  readonly dictionary: Dictionary;
}

/** How everything is said in the words of a dictionary. */
export function wordingOf(dictionary: Dictionary = DICTIONARY): Wording {
  const taken = new Map<string, Done>();
  const said = new Map<string, string>();
  const behind = new Map<string, string>();
  const named = new Map<string, string>();
  const put = (phrase: string, says: Done): boolean => {
    const key = phrase.toLocaleLowerCase('en');
    if (taken.has(key) || !/^\p{L}/u.test(phrase)) return false;
    taken.set(key, says);
    return true;
  };
  for (const does of Object.keys(PLAIN_KEY) as Verb[]) {
    const phrase = dictionary[PLAIN_KEY[does]].third;
    // A team's word for two things: the trade's own tells the second one.
    const own = put(phrase, { does }) ? phrase : DICTIONARY[PLAIN_KEY[does]].third;
    put(own, { does });
    said.set(does, own);
  }
  for (const [kind, phrase] of Object.entries(SHOTS)) {
    put(phrase, { does: 'shot', kind });
    said.set(`shot ${kind}`, phrase);
  }
  for (const [does, kind, key] of KINDS) {
    const { third, word } = dictionary[key];
    if (put(third, { does, kind })) said.set(`${does} ${kind}`, third);
    else behind.set(`${does} ${kind}`, word);
    named.set(`${does} ${word.toLocaleLowerCase('en')}`, kind);
  }
  const phrases = new Map<string, Phrase[]>();
  for (const [phrase, says] of taken) {
    const words = split(phrase);
    phrases.set(words[0]!, [...(phrases.get(words[0]!) ?? []), { words, says }]);
  }
  for (const list of phrases.values()) list.sort((a, b) => b.words.length - a.words.length);
  return {
    dictionary,
    phrases,
    verb: ({ does, kind }) => {
      const whole = kind === undefined ? undefined : said.get(`${does} ${kind}`);
      if (kind === undefined || whole !== undefined)
        return { words: whole ?? said.get(does)!, kindBehind: null };
      return { words: said.get(does)!, kindBehind: behind.get(`${does} ${kind}`) ?? kind };
    },
    kindNamed: (does, words) => named.get(`${does} ${words.toLocaleLowerCase('en')}`),
  };
}

export const PLAIN_WORDING = wordingOf();

/** What they do, as it is said of one and of several: "drops", "drop". */
export const READ_WORDS: ReadonlyMap<string, { readonly third: string; readonly base: string }> = new Map(
  REACTIONS.filter((r) => r !== 'own').map((r) => {
    const key = ([`coverage.${r === 'helps' ? 'help' : r}`, `read.${r}`] as const).find((k) =>
      Object.hasOwn(DICTIONARY, k),
    ) as TermKey | undefined;
    return [r, key ? { third: DICTIONARY[key].third, base: DICTIONARY[key].base } : { third: r, base: r }];
  }),
);

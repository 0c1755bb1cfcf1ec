/** How a word is said, syllable by syllable: sounds as the pronouncing dictionary writes them ("T AY1 D"). */
export type Sounds = readonly string[];

/** What carries of a word across a gym: its stressed vowel, and what is heard after it. */
interface Carries {
  readonly vowel: string;
  /** Sounds from the stressed vowel on. */
  readonly rhyme: readonly string[];
  readonly all: readonly string[];
}

const isVowel = (s: string): boolean => /\d$/.test(s);
const bare = (s: string): string => s.replace(/\d$/, '');

/** Sounds that are taken for each other at a distance (common practice of phonetics: voiced and not, the nasals, the liquids). */
const ALIKE: readonly (readonly string[])[] = [
  ['P', 'B'],
  ['T', 'D'],
  ['K', 'G'],
  ['F', 'V', 'TH', 'DH'],
  ['S', 'Z'],
  ['SH', 'ZH', 'CH', 'JH'],
  ['M', 'N', 'NG'],
  ['L', 'R'],
];
const classOf = new Map(ALIKE.flatMap((group, i) => group.map((s) => [s, i] as const)));
/** Vowels that are taken for each other. */
const VOWELS: readonly (readonly string[])[] = [
  ['AA', 'AO'],
  ['AE', 'EH'],
  ['IH', 'IY'],
  ['UH', 'UW'],
  ['AH', 'ER'],
];
const vowelOf = new Map(VOWELS.flatMap((group, i) => group.map((s) => [s, i] as const)));

const alike = (x: string, y: string): boolean => {
  const [a, b] = [bare(x), bare(y)];
  if (a === b) return true;
  if (isVowel(x) !== isVowel(y)) return false;
  const classes = isVowel(x) ? vowelOf : classOf;
  const one = classes.get(a);
  return one !== undefined && one === classes.get(b);
};

/** What carries of a word or a phrase: of several words the last stress; null for no sounds. */
function carries(sounds: Sounds): Carries | null {
  const stressed = sounds.findLastIndex((s) => s.endsWith('1'));
  const at = stressed >= 0 ? stressed : sounds.findLastIndex(isVowel);
  if (at < 0) return null;
  return { vowel: bare(sounds[at]!), rhyme: sounds.slice(at), all: sounds };
}

/** Vowels that many speakers have as one: as in cot and caught. */
const oneVowel = (a: string, b: string): boolean => a === b || [a, b].every((v) => v === 'AA' || v === 'AO');

/** How two words are taken for each other in a gym: said the same, with one rhyme, or nearly; null when they are not. */
export type Heard = 'same' | 'rhyme' | 'near';

export function heardAlike(a: Sounds, b: Sounds): Heard | null {
  const [x, y] = [carries(a), carries(b)];
  if (!x || !y) return null;
  const plain = (s: readonly string[]): string => s.map(bare).join(' ');
  if (plain(x.all) === plain(y.all)) return 'same';
  // The stressed vowel is what reaches the far corner: another one is another word.
  if (!oneVowel(x.vowel, y.vowel)) return null;
  if (plain(x.rhyme) === plain(y.rhyme)) return 'rhyme';
  const near = x.rhyme.length === y.rhyme.length && x.rhyme.every((s, i) => alike(s, y.rhyme[i]!));
  return near ? 'near' : null;
}

/** The letters of a word that its rhyme is written with, about: from its last stressed vowel letter on. */
export function rhymeLetters(word: string): number {
  const m = /[aeiouy]+[^aeiouy]*e?$/i.exec(word);
  return m ? m.index : 0;
}

import type { TeamWord } from '../playbook/records.ts';
import { DICTIONARY, isTermKey, term, type Dictionary, type Term, type TermKey } from './dictionary.ts';

const VOWEL = /^[aeiou]/i;
const a = (word: string): string => `${VOWEL.test(word) ? 'an' : 'a'} ${word}`;

/** The forms a team's word most likely has: a screen is set, everything else is done. Offered, and editable. */
export function formsFor(key: TermKey | undefined, word: string): Term {
  const set = key?.startsWith('screen') === true;
  return set
    ? term(word, { base: `set ${a(word)}`, third: `sets ${a(word)}`, ing: `setting ${a(word)}` })
    : term(word);
}

/** A team's word with its forms, those it says itself before the likely ones. */
export function termOf({ key, word, forms = {} }: TeamWord): Term {
  const usual = formsFor(key !== undefined && isTermKey(key) ? key : undefined, word);
  const said = Object.fromEntries(Object.entries(forms).filter(([, v]) => v !== ''));
  return { ...usual, ...said };
}

/** The dictionary as a team speaks: its own words in place of the trade's. Of two for one the first holds. */
export function dictionaryOf(words: readonly TeamWord[]): Dictionary {
  const own: Partial<Record<TermKey, Term>> = {};
  for (const w of words) if (w.key !== undefined && isTermKey(w.key)) own[w.key] ??= termOf(w);
  return { ...DICTIONARY, ...own };
}

import type { Clash, Spoken } from './clash.ts';
import { DICTIONARY } from './dictionary.ts';
import { rhymeLetters } from './sound.ts';

const nameOf = (s: Spoken): string => s.text;
/** What a word is, beside it. */
export const whatOf = (s: Spoken): string =>
  s.kind === 'play' ? 'a play' : s.kind === 'series' ? 'a series' : s.means;

/** A clash as a coach is told of it. */
export function clashTitle(c: Clash): string {
  switch (c.is) {
    case 'same':
      return `${nameOf(c.a)} is called twice`;
    case 'two':
      return `${nameOf(c.a)} means two things`;
    case 'written':
      return `${nameOf(c.a)} and ${nameOf(c.b)} are written almost alike`;
    case 'signal':
      return `${nameOf(c.a)} and ${nameOf(c.b)} have one signal`;
    case 'sound':
      return c.heard === 'same'
        ? `${nameOf(c.a)} and ${nameOf(c.b)} sound the same`
        : `${nameOf(c.a)} and ${nameOf(c.b)} sound alike in a gym`;
    case 'letter':
      return `${nameOf(c.a)} does not begin with ${c.letter}`;
    case 'theirs':
      return `${nameOf(c.a)} is the trade’s word for something else`;
  }
}

export function clashWhy(c: Clash): string {
  switch (c.is) {
    case 'same':
      return `${whatOf(c.a)}, and ${whatOf(c.b)}.`;
    case 'two':
      return `${c.a.means}; and ${c.b.means}.`;
    case 'written':
      return 'On a sheet in a hurry one is read as the other.';
    case 'signal':
      return 'From the far corner they look the same.';
    case 'sound':
      return c.heard === 'same'
        ? 'Nobody can tell them apart by ear.'
        : c.heard === 'rhyme'
          ? 'From the bench only the end of a word carries, and theirs is one.'
          : 'What carries of a word is nearly the same in both.';
    case 'letter':
      return `It stands for ${DICTIONARY[c.a.key!].word}: our rule says the first letter is the same.`;
    case 'theirs':
      return `Theirs for “${DICTIONARY[c.key].word}”: a new player will take it for that.`;
  }
}

/** A word in two parts: what does not carry, and what does, which is underlined. */
export function heardPart(c: Clash, of: Spoken): readonly [string, string] {
  if (c.is !== 'sound') return ['', of.text];
  const at = c.heard === 'same' ? 0 : rhymeLetters(of.text);
  return [of.text.slice(0, at), of.text.slice(at)];
}
/** What is to be mended comes before what is worth knowing. */
export const isGrave = (c: Clash): boolean =>
  c.is === 'same' || c.is === 'two' || (c.is === 'sound' && c.heard === 'same');

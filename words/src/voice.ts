import type { Voice } from '@corkscrew/core';

const DIGITS = ['zero', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];

/** A text as it is said, word by word: "4A" is "four a". */
const spoken = (text: string): string[] =>
  (text.toLowerCase().match(/\d|[a-z']+/g) ?? []).map((t) => DIGITS[Number(t)] ?? t);

let made: Promise<Voice> | undefined;

/** How words are said: by a pronouncing dictionary (some megabytes, fetched when it is asked for) and by their letters. */
export const voice = (): Promise<Voice> =>
  (made ??= Promise.all([import('cmu-pronouncing-dictionary'), import('double-metaphone')]).then(
    ([{ dictionary }, { doubleMetaphone }]): Voice => ({
      say: (text) => {
        const words = spoken(text);
        const sounds = words.map((w) => (Object.hasOwn(dictionary, w) ? dictionary[w]! : null));
        return words.length === 0 || sounds.includes(null) ? null : sounds.join(' ').split(' ');
      },
      code: (text) =>
        spoken(text)
          .map((w) => doubleMetaphone(w)[0])
          .join(' '),
    }),
  ));

import type { PlayerId } from '../alignment/library.ts';
import { heightWords, sayDistance, type Units } from '../court/units.ts';
import { DEFENDERS } from '../play/vocabulary.ts';
import { DICTIONARY, type Dictionary } from './dictionary.ts';

/** What a team calls one of five: where he guards one it is man to man, or player to player. */
export const MAN_WORDS = ['man', 'player'] as const;
export type ManWord = (typeof MAN_WORDS)[number];

/** What a player is called where his number would be said again. */
interface Pronouns {
  readonly he: string;
  readonly him: string;
  readonly his: string;
  readonly himself: string;
}
const MEN: Pronouns = { he: 'he', him: 'him', his: 'his', himself: 'himself' };
const WOMEN: Pronouns = { he: 'she', him: 'her', his: 'her', himself: 'herself' };

/** How figures become words: one for units, places, players and times, whatever is said. */
export interface Teller extends Pronouns {
  readonly words: Dictionary;
  /** "man", "men", or what the team says for them. */
  readonly man: string;
  readonly men: string;
  /** "2.4 s". */
  readonly seconds: (s: number) => string;
  /** A time in the play: "2.4". */
  readonly clock: (s: number) => string;
  /** A distance nobody reads closer than half a foot: "9 ft 6 in", "2.9 m". */
  readonly about: (feet: number) => string;
  /** How tall a man of so many centimetres is. */
  readonly tall: (cm: number) => string;
  /** "4", "4 and 5", "1, 4 and 5". */
  readonly all: (names: readonly string[]) => string;
  /** The player with an index among ours; a defender with one among theirs. */
  readonly ours: (index: number) => string;
  readonly theirs: (index: number) => string;
}

/** What the team has chosen, as far as words go. */
export interface Told {
  readonly units?: Units | undefined;
  readonly women?: boolean | undefined;
  readonly man?: ManWord | undefined;
  readonly words?: Dictionary | undefined;
}

/** Feet to the nearest half, or metres: nobody sees an inch from the bench. */
const near = (feet: number, units: Units): string =>
  sayDistance(units === 'feet' ? Math.round(feet * 2) / 2 : feet, units);

function all(names: readonly string[]): string {
  const each = [...new Set(names)];
  return each.length < 2 ? (each[0] ?? '') : `${each.slice(0, -1).join(', ')} and ${each.at(-1)}`;
}

export const teller = ({
  units = 'feet',
  women = false,
  man = 'man',
  words = DICTIONARY,
}: Told = {}): Teller => ({
  ...(women ? WOMEN : MEN),
  words,
  man,
  men: man === 'man' ? 'men' : 'players',
  seconds: (s) => `${s.toFixed(1)} s`,
  clock: (s) => s.toFixed(1),
  about: (feet) => near(feet, units),
  tall: (cm) => heightWords(cm, units),
  all,
  ours: (index) => String(index + 1) as PlayerId,
  theirs: (index) => DEFENDERS[index] ?? 'nobody',
});

/** The usual words, where nobody has chosen any. */
export const PLAIN = teller();

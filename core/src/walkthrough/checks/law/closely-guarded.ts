import { said } from '../../../language/said.ts';
import { PLAYERS } from '../../../alignment/library.ts';
import { distance, type Point } from '../../../geometry/vec.ts';
import { longest, spells, type Moment } from '../../../motion/moments.ts';
import type { Check } from '../../finding.ts';
import { DEFENDERS } from '../../../play/vocabulary.ts';
import { defenderAt, withDefence } from '../with-defence.ts';

/** Closely guarded by rule set (from memory): within so many feet, and whether a dribble counts as well. */
const RULES = {
  nfhs: { feet: 6, dribble: true },
  custom: { feet: 6, dribble: true },
  ncaa: { feet: 6, dribble: false },
  fiba: { feet: 1 / 0.3048, dribble: false },
  usPro: null,
} as const;
const FIVE = 5;

export const closelyGuarded: Check = {
  code: 'closely-guarded',
  group: 'law',
  words: 'A closely guarded man gets rid of the ball',
  limit: '5 s within 6 ft (international: 1 m)',
  source: 'rule books, from memory',
  run: withDefence((input, against) => {
    const rule = RULES[input.court.key];
    if (!rule) return [];
    // A man who throws in has five seconds of his own.
    const inBounds = ({ x, y }: Point): boolean => y >= 0 && Math.abs(x) <= input.court.width / 2;
    const guarded = (m: Moment): boolean =>
      m.holder !== null &&
      inBounds(m.places[m.holder]) &&
      DEFENDERS.some((_, d) => distance(defenderAt(against, d, m.t), m.places[m.holder!]) <= rule.feet);
    return PLAYERS.flatMap((p) =>
      [false, true]
        .filter((dribbling) => !dribbling || rule.dribble)
        .flatMap((dribbling) => {
          const spell = longest(
            spells(input.moments, (m) => m.holder === p && m.dribbling === dribbling && guarded(m)),
          );
          if (!spell || spell.seconds < FIVE) return [];
          return [
            {
              frame: spell.from.frame,
              players: [p],
              place: spell.from.places[p],
              time: spell.from.t + FIVE,
              severity: 'illegal' as const,
              says: said('closely-guarded', { who: p, dribbles: dribbling, seconds: spell.seconds }),
            },
          ];
        }),
    );
  }),
};

import { courtFor, teller, type Play, type Teller } from '@corkscrew/core';
import { useMemo } from 'react';
import { useUnits } from '../app/units.ts';
import { useManWord } from './team.ts';
import { useWords } from './words.ts';

/** Who says what is said of a play: in the reader's units, of his or hers, and in the team's words. */
export function useTeller(play: Play): Teller {
  const units = useUnits(courtFor(play));
  const man = useManWord();
  const words = useWords();
  const { women } = play;
  return useMemo(() => teller({ units, women, man, words }), [units, women, man, words]);
}

/** Who speaks of no play in particular, in the team's words. */
export function usePlainTeller(): Teller {
  const man = useManWord();
  const words = useWords();
  return useMemo(() => teller({ man, words }), [man, words]);
}

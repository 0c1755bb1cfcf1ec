import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import type { Play } from '../play/document.ts';
import type { Kept } from '../playbook/kept.ts';
import { bestFive, type FiveMen, type Scores } from './five.ts';
import { fitOf, type Fit } from './fit.ts';
import { needsOf, type NumberNeeds } from './needs.ts';
import { barsOf, type Bar, type Clearance, type Player } from './player.ts';

/** How a man stands to a number of a play: how well he fits it, and what bars him. */
interface Standing {
  readonly fit: Fit;
  readonly bars: readonly Bar[];
}
/** A play with the men of a roster on a day. */
export interface PlayRoster {
  readonly needs: Readonly<Record<PlayerId, NumberNeeds>>;
  /** By man as he stands on the roster, and by number from 1. */
  readonly men: readonly (readonly Standing[])[];
  /** What the best five is found by: a man who is barred has no score. */
  readonly scores: Scores;
  readonly best: FiveMen | null;
  /** Numbers that nobody there can play. */
  readonly nobody: readonly PlayerId[];
}

/** Who can play which number of a play on a day, how well, and who are the best five. */
export function playRoster(
  play: Play,
  men: readonly Kept<Player>[],
  clearances: readonly Kept<Clearance>[],
  day: string,
  level: 'game' | 'practice' = 'game',
): PlayRoster {
  const needs = needsOf(play);
  const standings = men.map(({ body }) =>
    PLAYERS.map((number): Standing => {
      const { duties, needs: asked } = needs[number];
      const job = { play: play.id, series: play.series ?? '', number, duties };
      return { fit: fitOf(body.skills, asked), bars: barsOf(body, job, clearances, day, level) };
    }),
  );
  const scores = standings.map((row) => row.map((s) => (s.bars.length > 0 ? null : s.fit.value)));
  return {
    ...{ needs, men: standings, scores, best: bestFive(scores) },
    nobody: PLAYERS.filter((_, n) => scores.every((row) => row[n] === null)),
  };
}

/** A man who could play a number but for clearances he has not got. */
export interface Clearable {
  readonly man: number;
  readonly missing: readonly (Bar & { readonly is: 'clearance' })[];
}

/**
 * Of a number that nobody there can play the man who is nearest to it: he is there and plays it, lacks the fewest
 * clearances, and of those fits best. Null where a clearance would not help.
 */
export function clearable({ men }: PlayRoster, number: number): Clearable | null {
  const found = men.flatMap((row, man) => {
    const { bars, fit } = row[number]!;
    const missing = bars.flatMap((b) => (b.is === 'clearance' ? [b] : []));
    return missing.length > 0 && missing.length === bars.length ? [{ man, missing, fit: fit.value }] : [];
  });
  const best = found.sort((a, b) => a.missing.length - b.missing.length || b.fit - a.fit || a.man - b.man)[0];
  return best ? { man: best.man, missing: best.missing } : null;
}

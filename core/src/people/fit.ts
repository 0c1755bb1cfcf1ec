import type { PlayerId } from '../alignment/library.ts';
import type { Need, NumberNeeds } from './needs.ts';
import type { Player, Skill } from './player.ts';

/** A skill as it counts in a fit; `rated` is false where nobody has rated it. */
interface FitFactor {
  readonly skill: Skill;
  readonly weight: number;
  readonly score: number;
  readonly rated: boolean;
}
/** How well a man fits a number, 0 to 5, and everything it is made of. */
export interface Fit {
  readonly value: number;
  readonly factors: readonly FitFactor[];
  /** The main need he lacks most for, and by how much below `enough`; none when he has enough of each. */
  readonly lacks: { readonly skill: Skill; readonly by: number } | null;
}

/** What fits a number that needs nothing, and what counts for a skill that nobody has rated. */
const NOTHING = 3;
const UNRATED = 2;
/** A main need weighs this much; below so much of it, half of what is lacking is taken off. */
const MAIN = 0.7;
const ENOUGH = 2;
const COSTS = 0.5;

/** The mean of the skills a number needs, weighed, less half of what the worst main need lacks below 2. */
export function fitOf(skills: Player['skills'], needs: readonly Pick<Need, 'skill' | 'weight'>[]): Fit {
  const factors = needs
    .filter((n) => n.weight > 0)
    .map(({ skill, weight }): FitFactor => {
      const score = skills[skill];
      return { skill, weight, score: score ?? UNRATED, rated: score !== undefined };
    });
  const sum = factors.reduce((n, f) => n + f.weight, 0);
  if (sum === 0) return { value: NOTHING, factors, lacks: null };
  let lacks: Fit['lacks'] = null;
  for (const f of factors) {
    const by = ENOUGH - f.score;
    if (f.weight >= MAIN && by > 0 && by > (lacks?.by ?? 0)) lacks = { skill: f.skill, by };
  }
  const mean = factors.reduce((n, f) => n + f.weight * f.score, 0) / sum;
  return { value: Math.max(0, mean - COSTS * (lacks?.by ?? 0)), factors, lacks };
}

/** A drive asked for with the hand he does not have: how much of it, and whether the play drawn the other way helps. */
export interface WeakHand {
  readonly number: PlayerId;
  readonly asked: 'left' | 'right';
  readonly weight: number;
  /** Flipped, it asks less of his weak hand. */
  readonly flip: boolean;
}

/** What a number asks of a man's weak hand; null where it asks nothing of it. */
export function weakHand(needs: NumberNeeds, hand: Player['hand']): WeakHand | null {
  const asked = hand === 'right' ? 'left' : 'right';
  const weight = needs.drives[asked];
  if (weight <= 0) return null;
  return { number: needs.number, asked, weight, flip: needs.drives[hand] < weight };
}

import type { Said } from '../language/said.ts';
import type { Court } from '../court/court.ts';
import type { Defended } from '../defence/defended.ts';
import type { Plan } from '../defence/plan.ts';
import { railsOf } from '../defence/rails.ts';
import { asRead, readsOn } from '../defence/reads.ts';
import { setupOf } from '../defence/setup.ts';
import { simulate } from '../defence/simulate.ts';
import type { LevelRecord } from '../motion/level.ts';
import type { Timeline } from '../motion/timeline.ts';
import type { Defence, Play } from '../play/document.ts';
import { seeingOf, type Seeing } from './seeing.ts';

/** A line of a play against one defence: what was played, what was seen, and what of the defence was not as written. */
export interface Against {
  readonly defence: Defence;
  readonly plan: Plan;
  readonly notes: readonly Said[];
  readonly defended: Defended;
  readonly seeing: Seeing;
}

/**
 * `timeline` is a line of the play; the reads on it say how the defence plays there, unless it is looked at as it would be
 * when they do something else: `asIs`.
 */
export function playAgainst(
  play: Play,
  timeline: Timeline,
  defence: Defence,
  court: Court,
  level: LevelRecord,
  asIs = false,
): Against {
  const reads = asIs ? [] : readsOn(play, timeline, court);
  const { plan, notes } = setupOf(play, asRead(defence, reads), timeline, court, reads);
  const defended = simulate(railsOf(timeline, court, level), plan);
  return { defence, plan, notes, defended, seeing: seeingOf(defended, plan) };
}

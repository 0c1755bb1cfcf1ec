import type { Defended } from './defended.ts';
import { simulateMan } from './man/man.ts';
import type { Plan } from './plan.ts';
import type { Rails } from './rails.ts';
import { simulateZone } from './zone/simulate.ts';

/**
 * Five defenders against a line of frames in time: where they are, whom they have, and what the seeing needs beside it.
 * The same inputs give the same bytes; mirrored inputs the mirrored track. Only the first `steps` are worked out where
 * no more are asked for: a defence knows nothing of what comes, so those are the same; the rest stays empty.
 */
export const simulate = (rails: Rails, plan: Plan, steps = rails.steps): Defended =>
  plan.type === 'man' ? simulateMan(rails, plan, steps) : simulateZone(rails, plan, steps);

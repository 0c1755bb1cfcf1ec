import type { Defended } from './defended.ts';
import { simulateMan } from './man/man.ts';
import type { Plan } from './plan.ts';
import type { Rails } from './rails.ts';
import { simulateZone } from './zone/simulate.ts';

/**
 * Five defenders against a line of frames in time: the track of ten, and what the seeing needs beside it.
 * The same inputs give the same bytes; mirrored inputs the mirrored track.
 */
export const simulate = (rails: Rails, plan: Plan): Defended =>
  plan.type === 'man' ? simulateMan(rails, plan) : simulateZone(rails, plan);

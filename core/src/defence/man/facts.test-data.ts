import { ballScreen, helps } from './facts/ball-screen.test-data.ts';
import { drives, emptySide, stackFact } from './facts/drives.test-data.ts';
import { handoffs } from './facts/handoffs.test-data.ts';
import { pinDowns, backScreens } from './facts/off-ball.test-data.ts';
import { passes, blocks } from './facts/passes.test-data.ts';
import type { Fact } from './facts/measure.test-data.ts';

/** All facts about man-to-man defence that are tried. */
export const FACTS: readonly Fact[] = [
  ...ballScreen,
  ...helps,
  ...pinDowns,
  ...backScreens,
  ...drives,
  emptySide,
  stackFact,
  ...handoffs,
  ...passes,
  ...blocks,
];

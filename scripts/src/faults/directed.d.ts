import type { Play } from '@corkscrew/core';
import type { Ask } from './requests.ts';
/** What came of faults aimed at what a server must get right, each done many times. */
export interface Directed {
  readonly faults: number;
  /** Answers that were not what they must be. */
  readonly wrong: readonly string[];
}
/** Lost answers, stale saves, saves into the trash, and what can't be kept. */
export declare function directedFaults(ask: Ask, play: Play, times: number): Promise<Directed>;

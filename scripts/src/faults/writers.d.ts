import type { Play } from '@corkscrew/core';
import type { Ask } from './requests.ts';
/** What came of two writers on one play. */
export interface Written {
  readonly saves: number;
  /** Times one was told that the other came first. */
  readonly clashes: number;
  /** Answers that were lost on purpose, and their saves sent again. */
  readonly lostAnswers: number;
  /** Words of a writer that are nowhere in the end. */
  readonly overwritten: number;
}
/**
 * Two writers add words to the situations of one play, each on what he has; a clash is taken up on the other's
 * document. Now and then an answer is lost and the save sent again under its name. Every word must be there.
 */
export declare function twoWriters(ask: Ask, play: Play, saves: number, seed: number): Promise<Written>;

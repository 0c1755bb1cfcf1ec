import type { PlayerId } from '../alignment/library.ts';
import type { Court } from '../court/court.ts';
import type { Units } from '../court/units.ts';
import type { Point } from '../geometry/vec.ts';
import type { Play } from '../play/document.ts';
import type { FrameWalk } from '../play/state.ts';

/** illegal · breaks the play · costs an advantage · good to know */
export type Severity = 'illegal' | 'breaks' | 'costs' | 'know';

/** A coach's sentence about the play: who, where, how much, and where to look. */
export interface Finding {
  readonly code: string;
  readonly group: 'ball' | 'law';
  readonly severity: Severity;
  readonly frame: string;
  readonly action?: string;
  readonly players: readonly PlayerId[];
  readonly place: Point;
  readonly sentence: string;
}

export interface CheckInput {
  readonly play: Play;
  readonly court: Court;
  readonly walks: readonly FrameWalk[];
  /** Units that sentences speak in. */
  readonly units: Units;
}
export interface Check {
  readonly code: string;
  readonly words: string;
  readonly run: (input: CheckInput) => Finding[];
}

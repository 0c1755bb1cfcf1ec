import type { Timeline } from '../motion/timeline.ts';
import type { Play } from '../play/document.ts';
import { courtFor } from '../court/rulesets.ts';
import { lineTo } from '../play/tree.ts';
import { walkLine } from '../play/state.ts';
import { captionOf } from './caption.ts';
import { PLAIN, type Teller } from './teller.ts';

/** What is said while a frame of a line runs, from when to when (s). */
export interface Subtitle {
  readonly frame: string;
  readonly no: number;
  readonly from: number;
  readonly to: number;
  readonly title: string;
  readonly words: string;
}

/** The captions of a line in time, a frame each. */
export function subtitlesOf(play: Play, leaf: string, timeline: Timeline, t: Teller = PLAIN): Subtitle[] {
  const court = courtFor(play);
  const line = lineTo(play, leaf);
  const walks = walkLine(play, line);
  return line.map((frame, i) => {
    const bar = timeline.bars.find((b) => b.frame === frame.id);
    const next = timeline.bars.find((b) => b.frame === line[i + 1]?.id);
    return {
      ...{ frame: frame.id, no: i + 1, from: bar?.start ?? 0, to: next?.start ?? timeline.end },
      title: frame.title ?? '',
      words: frame.caption?.trim() || captionOf(court, walks[i]!, walks.slice(0, i), t),
    };
  });
}

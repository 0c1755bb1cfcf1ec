import {
  compile,
  courtFor,
  leaves,
  lineWords,
  subtitlesOf,
  type Play,
  type Subtitle,
  type Teller,
  type Timeline,
} from '@corkscrew/core';

/** Pictures a second. */
export const RATE = 30;
/** An ending is announced for so long before it runs, and stands for so long when it is over (s). */
const TITLE = 1.2;
const REST = 0.8;

/** One line of a play in a video. */
export interface Take {
  readonly label: string;
  readonly timeline: Timeline;
  readonly subtitles: readonly Subtitle[];
  /** When in the video its title stands, when it runs, and when it is over (s). */
  readonly from: number;
  readonly runs: number;
  readonly to: number;
}
export interface Script {
  readonly name: string;
  readonly takes: readonly Take[];
  readonly seconds: number;
  readonly frames: number;
}

/** What a video of a play shows: one ending, or all of them one after the other, each announced. */
export function scriptFor(play: Play, leaf: string | 'all', t: Teller): Script {
  const ends = leaf === 'all' ? leaves(play).map((f) => f.id) : [leaf];
  const court = courtFor(play);
  let at = 0;
  const takes = ends.map((end): Take => {
    const { timeline } = compile(play, end, court, play.level);
    const runs = at + (ends.length > 1 ? TITLE : 0);
    // A whole number of pictures, so that the next one begins with a picture of its own.
    const to = Math.ceil((runs + timeline.end + REST) * RATE) / RATE;
    const take = {
      label: lineWords(play, end, t),
      timeline,
      subtitles: subtitlesOf(play, end, timeline, t),
      from: at,
      runs,
      to,
    };
    at = to;
    return take;
  });
  return { name: play.name, takes, seconds: at, frames: Math.round(at * RATE) };
}

/** What is shown at a moment: which take, how far it has run, and what is said. */
export function shownAt(
  { takes }: Script,
  t: number,
): {
  readonly take: Take;
  readonly time: number;
  readonly subtitle: Subtitle | undefined;
  readonly isTitle: boolean;
} {
  const take = takes.find((k) => t < k.to - 1e-9) ?? takes.at(-1)!;
  const time = Math.min(take.timeline.end, Math.max(0, t - take.runs));
  const subtitle = take.subtitles.findLast((s) => s.from <= time + 1e-9) ?? take.subtitles[0];
  return { take, time, subtitle, isTitle: t < take.runs };
}

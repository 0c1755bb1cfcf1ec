import {
  compile,
  courtFor,
  levelRecord,
  lineTo,
  metricsOf,
  playAgainst,
  walkThrough,
  withMakes,
  type Against,
  type Defence,
  type Finding,
  type Metrics,
  type Play,
  type OwnSchool,
  type Seeing,
  type Units,
} from '@corkscrew/core';

export interface Question {
  /** When it was asked, by the page's clock (ms); the page measures by it. */
  readonly at: number;
  readonly play: Play;
  /** The frame its line ends with. */
  readonly leaf: string;
  readonly units: Units;
  readonly school: OwnSchool;
  /** Against whom; null is nobody. */
  readonly defence: Defence | null;
}

/** What of all that is seen the page shows; the checks read the rest here. */
type Shown = 'times' | 'openness' | 'windows' | 'passes' | 'splits' | 'splitAt' | 'blocked';

/** What the page draws of a defended line: ten bodies a step, and what was seen. */
export interface AgainstView {
  readonly defence: Defence;
  readonly notes: readonly string[];
  readonly dt: number;
  readonly steps: number;
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly facing: Float64Array;
  /** Five a step: the player each defender guards, −1 nobody. */
  readonly guards: Int8Array;
  readonly seeing: Pick<Seeing, Shown>;
}
export interface Answer {
  readonly findings: readonly Finding[];
  readonly metrics: Metrics;
  readonly against: AgainstView | null;
}

function viewOf({ defence, notes, defended, seeing }: Against): AgainstView {
  const { track, guards } = defended;
  const { dt, steps, x, y, facing } = track;
  const { times, openness, windows, passes, splits, splitAt, blocked } = seeing;
  const shown = { times, openness, windows, passes, splits, splitAt, blocked };
  return { defence, notes, dt, steps, x, y, facing, guards, seeing: shown };
}

/** Walks a line through beside the page, so that the hand never waits for it. */
self.onmessage = ({ data }: MessageEvent<Question>) => {
  const { play, leaf, units, school, defence } = data;
  const court = courtFor(play);
  const line = lineTo(play, leaf);
  const compiled = compile(play, leaf, court, play.level);
  const level = withMakes(levelRecord(play.level, play.women ?? false), school.makes);
  const against = defence && playAgainst(play, compiled.timeline, defence, court, level);
  const answer: Answer = {
    findings: walkThrough(play, line, { units, school, compiled, against }),
    metrics: metricsOf(court, line, compiled.timeline),
    against: against && viewOf(against),
  };
  self.postMessage(answer);
};

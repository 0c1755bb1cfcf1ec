import {
  compile,
  courtFor,
  levelRecord,
  lineTo,
  metricsOf,
  playAgainst,
  viewOf,
  walkThrough,
  withMakes,
  type AgainstView,
  type Defence,
  type Finding,
  type Metrics,
  type Play,
  type OwnSchool,
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

export interface Answer {
  readonly findings: readonly Finding[];
  readonly metrics: Metrics;
  readonly against: AgainstView | null;
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

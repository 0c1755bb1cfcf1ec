import {
  compile,
  courtFor,
  lineTo,
  metricsOf,
  walkThrough,
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
}
export interface Answer {
  readonly findings: readonly Finding[];
  readonly metrics: Metrics;
}

/** Walks a line through beside the page, so that the hand never waits for it. */
self.onmessage = ({ data }: MessageEvent<Question>) => {
  const { play, leaf, units, school } = data;
  const court = courtFor(play);
  const line = lineTo(play, leaf);
  const compiled = compile(play, leaf, court, play.level);
  const answer: Answer = {
    findings: walkThrough(play, line, { units, school, compiled }),
    metrics: metricsOf(court, line, compiled.timeline),
  };
  self.postMessage(answer);
};

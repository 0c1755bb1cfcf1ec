import { recognise } from '../alignment/recognise.ts';
import { courtFor } from '../court/rulesets.ts';
import { flowsOf } from '../flow/ends.ts';
import { figuresOf, metricsOf, type ComparedKey } from '../metrics/metrics.ts';
import { compile } from '../motion/compile.ts';
import type { Play } from '../play/document.ts';
import { startState } from '../play/state.ts';
import { leaves, mainLine } from '../play/tree.ts';

/** What lists show and filter by; derived from the document, never kept in it. */
export interface PlaySummary {
  readonly name: string;
  readonly call: string;
  readonly signal: string;
  readonly against: readonly string[];
  /** The series it belongs to; empty when it belongs to none. */
  readonly series: string;
  /** Frames on the play as drawn. */
  readonly frames: number;
  readonly endings: number;
  /** Seconds from the first move to the end of the play as drawn. */
  readonly seconds: number;
  readonly alignment: string | null;
  readonly alignmentName: string | null;
  /** The plays some line of it goes on in, by their ids. */
  readonly flows: readonly string[];
  readonly figures: Readonly<Record<ComparedKey, number | null>>;
}

/** A play as lists show it. Long plays take long: its main line is timed. */
export function summarise(play: Play): PlaySummary {
  const court = courtFor(play);
  const line = mainLine(play);
  const { places, thrower } = startState(play);
  const known = recognise(court, places, thrower);
  const { timeline } = compile(play, line.at(-1)!.id, court, play.level);
  return {
    name: play.name,
    call: play.call?.word ?? '',
    signal: play.call?.signal ?? '',
    against: play.against,
    series: play.series ?? '',
    frames: line.length,
    endings: leaves(play).length,
    seconds: Math.round(timeline.end * 10) / 10,
    alignment: known?.alignment.key ?? null,
    alignmentName: known?.alignment.name ?? null,
    flows: flowsOf(play),
    figures: figuresOf(metricsOf(court, line, timeline)),
  };
}

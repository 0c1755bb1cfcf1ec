import { recognise } from '../alignment/recognise.ts';
import { courtFor } from '../court/rulesets.ts';
import { flowsOf } from '../flow/ends.ts';
import { figuresOf, metricsOf, type ComparedKey } from '../metrics/metrics.ts';
import { compile } from '../motion/compile.ts';
import type { Play } from '../play/document.ts';
import { startState } from '../play/state.ts';
import { leaves, mainLine } from '../play/tree.ts';

/** Another play by its id, and by its name where the other one is missing. */
interface Other {
  readonly play: string;
  readonly name: string;
  /** The line of it that is meant. */
  readonly line?: string;
}

/** What lists show and filter by; derived from the document, never kept in it. */
export interface PlaySummary {
  readonly name: string;
  readonly call: string;
  readonly signal: string;
  /** One of our drawn figures; empty for none. */
  readonly figure: string;
  readonly against: readonly string[];
  /** The series it belongs to; empty when it belongs to none. */
  readonly series: string;
  /** Its number in the series; empty when it has none. */
  readonly option: string;
  readonly purpose: string;
  readonly status: NonNullable<Play['status']>;
  /** When it is called: as the coach says, and as it is thrown in. */
  readonly situation: readonly string[];
  /** The plays it answers, and the play it is a version of, by their ids and names. */
  readonly counterTo: readonly Other[];
  readonly variantOf: (Other & { readonly kind: NonNullable<Play['variantOf']>['kind'] }) | null;
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

/** When a play is called: what the coach says, and what its throw-in says by itself. */
function situationsOf({ situation, start }: Play): string[] {
  const drawn = start.throwIn && (start.throwIn === 'baseline' ? 'baseline' : 'sideline');
  return [...new Set([...situation, ...(drawn ? [drawn] : [])])];
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
    figure: play.call?.figure ?? '',
    against: play.against,
    series: play.series ?? '',
    option: play.option ?? '',
    purpose: play.purpose ?? '',
    status: play.status ?? 'adopted',
    situation: situationsOf(play),
    counterTo: (play.counterTo ?? []).map(({ play: id, name, line }) => ({
      play: id,
      name,
      ...(line && { line }),
    })),
    variantOf: play.variantOf
      ? { play: play.variantOf.play, name: play.variantOf.name, kind: play.variantOf.kind }
      : null,
    frames: line.length,
    endings: leaves(play).length,
    seconds: Math.round(timeline.end * 10) / 10,
    alignment: known?.alignment.key ?? null,
    alignmentName: known?.alignment.name ?? null,
    flows: flowsOf(play),
    figures: figuresOf(metricsOf(court, line, timeline)),
  };
}

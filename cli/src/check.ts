import {
  actionWords,
  beatOf,
  beatText,
  compile,
  courtFor,
  figuresOf,
  leaves,
  levelRecord,
  lineTo,
  metricsOf,
  playAgainst,
  walkLine,
  walkThrough,
  type Defence,
  type Finding,
  type Frame,
  type Metrics,
  type Play,
  type Timeline,
} from '@corkscrew/core';
import { seenReport, seenText, type SeenReport } from './against.ts';

/** One ending of a play, checked. */
export interface CheckedLine {
  readonly ending: string;
  readonly frames: number;
  readonly findings: readonly Finding[];
  readonly metrics: Metrics;
  readonly timeline: Timeline;
  readonly seen?: SeenReport;
}

const linesOf = (play: Play): Frame[][] => leaves(play).map((leaf) => lineTo(play, leaf.id));

/** Every ending of a play walked through, against a defence when one is given. */
export function checkPlay(play: Play, defence: Defence | null = null): CheckedLine[] {
  const court = courtFor(play);
  const level = levelRecord(play.level, play.women ?? false);
  return linesOf(play).map((line) => {
    const ending = line.at(-1)!.id;
    const compiled = compile(play, ending, court, play.level);
    const against = defence && playAgainst(play, compiled.timeline, defence, court, level);
    return {
      ending,
      frames: line.length,
      ...(against ? { seen: seenReport(against, court) } : {}),
      findings: walkThrough(play, line, { compiled, against }),
      metrics: metricsOf(court, line, compiled.timeline),
      timeline: compiled.timeline,
    };
  });
}

/** True when something in it is against the rules or breaks the play, and the coach has not silenced it. */
export const fails = (lines: readonly CheckedLine[]): boolean =>
  lines.some((l) =>
    l.findings.some((f) => f.silenced === undefined && (f.severity === 'illegal' || f.severity === 'breaks')),
  );

const SAYS = { illegal: 'illegal', breaks: 'breaks the play', costs: 'costs', know: 'to know' } as const;

/** What a checked play says, as lines of text. */
export function reportOf(play: Play, lines: readonly CheckedLine[], zone = false): string {
  return lines
    .map((l, i) => {
      const figures = figuresOf(l.metrics);
      const head = lines.length > 1 ? `${play.name}, ending ${i + 1}` : play.name;
      const first =
        figures.firstLook === null ? 'no look' : `first look at ${figures.firstLook.toFixed(1)} s`;
      return [
        `${head}: ${l.metrics.seconds.toFixed(1)} s, ${l.frames} frames, ${first}, ${l.metrics.passes} passes, ${l.metrics.screens} screens`,
        ...(l.findings.length === 0 ? ['  Nothing breaks.'] : l.findings.map(findingLine)),
        ...(l.seen ? seenText(l.seen, zone) : []),
      ].join('\n');
    })
    .join('\n');
}

const findingLine = (f: Finding): string =>
  `  ${f.time.toFixed(1).padStart(5)} s  ${SAYS[f.severity].padEnd(15)}  ${f.sentence}${f.silenced === undefined ? '' : ` (silenced: ${f.silenced})`}`;

/** The beat sheets of a play, one an ending. */
export function sheetsOf(play: Play): string {
  const court = courtFor(play);
  return linesOf(play)
    .map((line, i, all) => {
      const walks = walkLine(play, line);
      const words = new Map(
        walks.flatMap((w, k) =>
          w.steps.map((s) => [s.action.id, actionWords(court, w, s, walks.slice(0, k)).replace(/^\d /, '')]),
        ),
      );
      const { timeline } = compile(play, line.at(-1)!.id, court, play.level);
      const head = all.length > 1 ? `${play.name}, ending ${i + 1}` : play.name;
      return `${head}\n${beatText(beatOf(timeline, (id) => words.get(id) ?? ''))}`;
    })
    .join('\n\n');
}

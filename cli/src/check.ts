import {
  blockWords,
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
  readWords,
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
  /** What it answers, as a coach says it: its reads in their order; null for the main line. */
  readonly name: string | null;
  readonly frames: number;
  readonly findings: readonly Finding[];
  readonly metrics: Metrics;
  readonly timeline: Timeline;
  readonly seen?: SeenReport;
}

/** "x5 shows", "They switch, then x4 helps": the reads of a line. */
function nameOf(line: readonly Frame[]): string | null {
  const reads = line.flatMap((f) => (f.read ? [readWords(f.read)] : []));
  return reads.length > 0 ? reads.join(', then ') : null;
}

/** How a line is headed: the play, and what it answers where there are several. */
const headOf = (play: Play, name: string | null, several: boolean): string =>
  several ? `${play.name}, ${name ?? 'as drawn'}` : play.name;

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
      name: nameOf(line),
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
  // What is found on every ending is of the frames they share: it is said once.
  const shared = lines.length > 1 ? (lines[0]?.findings ?? []).filter((f) => onAll(lines, f)) : [];
  const common =
    shared.length > 0 ? [`${play.name}, on every ending:\n${shared.map(findingLine).join('\n')}`] : [];
  const each = lines.map((l) => {
    const figures = figuresOf(l.metrics);
    const own = l.findings.filter((f) => !shared.some((x) => x.code === f.code && x.cause === f.cause));
    const head = headOf(play, l.name, lines.length > 1);
    const first = figures.firstLook === null ? 'no look' : `first look at ${figures.firstLook.toFixed(1)} s`;
    return [
      `${head}: ${l.metrics.seconds.toFixed(1)} s, ${l.frames} frames, ${first}, ${l.metrics.passes} passes, ${l.metrics.screens} screens`,
      ...(l.findings.length === 0 ? ['  Nothing breaks.'] : own.map(findingLine)),
      ...(l.seen ? seenText(l.seen, zone) : []),
    ].join('\n');
  });
  return [...common, ...each].join('\n');
}

const onAll = (lines: readonly CheckedLine[], f: Finding): boolean =>
  lines.every((l) => l.findings.some((x) => x.code === f.code && x.cause === f.cause));

const findingLine = (f: Finding): string =>
  `  ${f.time.toFixed(1).padStart(5)} s  ${SAYS[f.severity].padEnd(15)}  ${f.sentence}${f.silenced === undefined ? '' : ` (silenced: ${f.silenced})`}`;

/** The beat sheets of a play, one an ending. */
export function sheetsOf(play: Play): string {
  const court = courtFor(play);
  return linesOf(play)
    .map((line, _, all) => {
      const walks = walkLine(play, line);
      const words = blockWords(court, walks);
      const { timeline } = compile(play, line.at(-1)!.id, court, play.level);
      const head = headOf(play, nameOf(line), all.length > 1);
      return `${head}\n${beatText(beatOf(timeline, (id) => words.get(id) ?? ''))}`;
    })
    .join('\n\n');
}

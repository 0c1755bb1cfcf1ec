import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import type { Court } from '../court/court.ts';
import { behindArc, distanceToRim } from '../court/queries.ts';
import { courtFor } from '../court/rulesets.ts';
import type { Point } from '../geometry/vec.ts';
import { termsOf } from '../language/terms.ts';
import { metricsOf } from '../metrics/metrics.ts';
import { compile } from '../motion/compile.ts';
import { levelRecord } from '../motion/level.ts';
import { contentOf } from '../play/content.ts';
import type { Level, Play } from '../play/document.ts';
import { leaves, lineTo, mainLine } from '../play/tree.ts';
import { comparedOf, headOf, tailOf, type Alike, type Compared } from './alike.ts';
import { endingsOf, into, type Into, type LineEnding, type Standing } from './into.ts';
import { roundOf, type Round } from './round.ts';
import { traceOf, type Trace } from './trace.ts';

/** Raised whenever what is found of a play for its relations, or between two, is found another way. */
export const RELATIONS_ENGINE = 2;

/** A chance of a play, as it is looked for. */
export interface Chance {
  readonly leaf: string;
  readonly player: PlayerId;
  readonly shot: 'three' | 'rim' | 'two';
  readonly side: 'left' | 'right' | 'middle';
  /** Seconds. */
  readonly at: number;
  /** What has to be seen for it, read by read: "deny x2". */
  readonly reads: readonly string[];
}

/** What of a play is compared with others, and what it is looked for by: plain data, kept beside it. */
export interface Related {
  readonly trace: Trace;
  readonly ends: readonly LineEnding[];
  readonly start: Standing;
  readonly level: Level;
  readonly women: boolean;
  readonly chances: readonly Chance[];
  /** The words of the trade it is told with, by their keys. */
  readonly terms: readonly string[];
  /** How it goes round, where it does, and how long a turn takes (s). */
  readonly round: (Round & { readonly seconds: number }) | null;
}

/** How two plays hang together; what does not hold is null. */
export interface Relation {
  readonly head: Alike | null;
  readonly tail: Alike | null;
  /** From the end of the first into the second, and back. */
  readonly into: Into | null;
  readonly back: Into | null;
}

/** What of a document its relations depend on, as a short text. */
export function relatedContent(play: Play): string {
  const { court, customCourt, level, women, start, frames, ifNothing, against, situation } = play;
  const of = frames.map(({ id, parent, read, actions, looks, end }) => ({
    id,
    parent,
    read,
    actions,
    looks,
    end,
  }));
  return contentOf({ court, customCourt, level, women, start, frames: of, ifNothing, against, situation });
}

/** Beside the rim a shot is a finish; nearer to the middle than this it is from neither side (feet). */
const AT_RIM = 7;
const MIDDLE = 4;
/** Plays have so few endings that a coach looks for; beyond it none is looked for by its chances. */
const LINES = 24;

/** Everything about one play that its relations need. Compiles every line once. */
export function relatedOf(play: Play): Related {
  const court = courtFor(play);
  const drawn = mainLine(play).at(-1)!.id;
  const round = roundOf(play);
  const chances: Chance[] = [];
  let trace: Trace | null = null;
  let turn = 0;
  const lines = [drawn, ...leaves(play).flatMap((l) => (l.id === drawn ? [] : [l.id]))];
  for (const leaf of lines.slice(0, LINES)) {
    const line = lineTo(play, leaf);
    const { timeline } = compile(play, leaf, court, play.level);
    if (leaf === drawn) trace = traceOf(timeline);
    if (leaf === round?.leaf) turn = timeline.end;
    const reads = line.flatMap((f) => (f.read ? [[f.read.does, ...(f.read.who ?? [])].join(' ')] : []));
    const last = timeline.flights.at(-1);
    for (const { player, kind, time, place, own } of metricsOf(court, line, timeline).looks) {
      // A ball that is passed on at once was no chance, where the coach does not say so.
      if (!own && kind === 'pass' && last?.receiver !== player) continue;
      const chance: Chance = { leaf, player, ...shotAt(court, place), at: tenth(time), reads };
      if (!chances.some((c) => same(c, chance))) chances.push(chance);
    }
  }
  return {
    trace: trace!,
    ends: endingsOf(play).slice(0, LINES),
    start: {
      places: Object.fromEntries(PLAYERS.map((p) => [p, placeOf(play, p)])) as Standing['places'],
      ball: play.start.ball,
    },
    level: play.level,
    women: play.women ?? false,
    chances: chances.sort((a, b) => a.at - b.at),
    terms: termsOf(play),
    round: round && { ...round, seconds: tenth(turn) },
  };
}

const placeOf = (play: Play, p: PlayerId): Point => ({
  x: play.start.places[p].x,
  y: play.start.places[p].y,
});
const tenth = (s: number): number => Math.round(s * 10) / 10;
/** The same look on two lines is one: it comes before they part. */
const same = (a: Chance, b: Chance): boolean =>
  a.player === b.player && a.shot === b.shot && a.side === b.side && a.at === b.at;

function shotAt(court: Court, place: Point): Pick<Chance, 'shot' | 'side'> {
  const shot = behindArc(court, place) ? 'three' : distanceToRim(court, place) <= AT_RIM ? 'rim' : 'two';
  const side = Math.abs(place.x) <= MIDDLE ? 'middle' : place.x < 0 ? 'left' : 'right';
  return { shot, side };
}

/** A play ready to be compared with many. */
export interface Ready {
  readonly of: Related;
  readonly compared: Compared;
}
export const readyOf = (of: Related): Ready => ({ of, compared: comparedOf(of.trace) });

/** A shorter common end than this is nothing to speak of (s). */
const TAIL = 0.5;

/** How two plays hang together; null when they don't. */
export function relationOf(a: Ready, b: Ready): Relation | null {
  const told = (found: Alike | null, least: number): Alike | null =>
    found && found.seconds >= least ? { ...found, seconds: Math.round(found.seconds * 100) / 100 } : null;
  const head = told(headOf(a.compared, b.compared), 0);
  const tail = told(tailOf(a.compared, b.compared), TAIL);
  const from = into(a.of.ends, b.of.start, levelRecord(b.of.level, b.of.women));
  const back = into(b.of.ends, a.of.start, levelRecord(a.of.level, a.of.women));
  return head || tail || from || back ? { head, tail, into: from, back } : null;
}

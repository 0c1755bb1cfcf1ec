import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import { missedBy } from '../motion/meeting.ts';
import { timeTo } from '../motion/run.ts';
import type { Timeline, TimedAction } from '../motion/timeline.ts';
import type { Tempo } from '../play/document.ts';

/** A moment on one man's stave: seconds, and the row from 0 (number 1) to 4. */
interface BeatPoint {
  readonly t: number;
  readonly row: number;
}

/** What one man does, as a block on his stave. */
export interface BeatBlock {
  readonly id: string;
  readonly frame: string;
  readonly row: number;
  readonly from: number;
  readonly to: number;
  readonly label: string;
  /** How fast, for those who move. */
  readonly tempo: Tempo | null;
  /** His pace in the order he changes it, each up to a moment (seconds); empty for those who stand. */
  readonly paces: readonly { readonly tempo: Tempo; readonly to: number }[];
  /** The coach set its cue himself. */
  readonly cued: boolean;
  /** Passes, shots and handoffs are a moment rather than a stretch. */
  readonly instant: boolean;
  readonly background: boolean;
  /** It is one of those that make the play as long as it is. */
  readonly critical: boolean;
}

interface BeatTie {
  readonly from: BeatPoint;
  readonly to: BeatPoint;
  readonly action: string;
  readonly by: 'coach' | 'inferred';
}

/** Two who miss each other: it leans by the seconds between them. */
interface BeatMiss {
  readonly from: BeatPoint;
  readonly to: BeatPoint;
  readonly action: string;
  readonly late: number;
}

/** The ball on its way through the staves. */
export interface BeatThread {
  readonly is: 'held' | 'dribbled' | 'pass' | 'handoff' | 'shot';
  readonly from: BeatPoint;
  readonly to: BeatPoint;
}

/** A line in time, laid out as a score: five staves and the ball. */
export interface Beat {
  readonly bars: Timeline['bars'];
  readonly blocks: readonly BeatBlock[];
  readonly ties: readonly BeatTie[];
  readonly misses: readonly BeatMiss[];
  readonly thread: readonly BeatThread[];
  readonly ball: readonly { readonly player: PlayerId; readonly from: number; readonly to: number }[];
  readonly end: number;
}

const rowOf = (player: PlayerId): number => PLAYERS.indexOf(player);

const tempoOf = ({ action, run }: TimedAction): Tempo | null =>
  run ? (('tempo' in action ? action.tempo : undefined) ?? 'cut') : null;

function pacesOf(timed: TimedAction): BeatBlock['paces'] {
  const { action, run, start, end } = timed;
  const tempo = tempoOf(timed);
  if (!run || !tempo) return [];
  const parts = ('stretches' in action ? action.stretches : undefined) ?? [];
  const changes = parts
    .filter((p) => p.to > 0 && p.to < 1)
    .map((p) => ({ tempo: p.tempo, to: start + timeTo(run, p.to * run.length) }));
  return [...changes, { tempo, to: end }];
}

/** Lays a timeline out as a score. `words` gives a block its label by the action's id. */
export function beatOf(timeline: Timeline, words: (action: string) => string): Beat {
  const byId = new Map(timeline.actions.map((a) => [a.action.id, a]));
  const critical = new Set(timeline.criticalPath);
  const blocks = timeline.actions.map((a): BeatBlock => ({
    id: a.action.id,
    frame: a.frame,
    row: rowOf(a.action.by),
    from: a.start,
    to: a.action.does === 'pass' || a.action.does === 'shot' ? (a.events.release ?? a.end) : a.end,
    label: words(a.action.id),
    tempo: tempoOf(a),
    paces: pacesOf(a),
    cued: a.action.cue !== undefined,
    instant: a.action.does === 'pass' || a.action.does === 'handoff' || a.action.does === 'shot',
    background: a.action.background ?? false,
    critical: critical.has(a.action.id),
  }));
  const ties = timeline.ties.flatMap((tie): BeatTie[] => {
    const [from, to] = [byId.get(tie.from), byId.get(tie.to)];
    if (!from || !to || (tie.by === 'inferred' && !tie.binds)) return [];
    const moment = tie.event === 'at' ? tie.at : (from.events[tie.event] ?? tie.at);
    return [
      {
        from: { t: moment, row: rowOf(from.action.by) },
        to: { t: to.start, row: rowOf(to.action.by) },
        action: to.action.id,
        by: tie.by,
      },
    ];
  });
  const misses = timeline.meetings.flatMap((m): BeatMiss[] => {
    const late = missedBy(m);
    if (late === null) return [];
    const [a, b] = m.players;
    const first = { t: m.first, row: rowOf(m.kind === 'pass' ? b : a) };
    return [{ from: { t: m.second, row: rowOf(b) }, to: first, action: m.action, late }];
  });
  return {
    bars: timeline.bars,
    blocks,
    ties,
    misses,
    thread: threadOf(timeline),
    ball: ballOf(timeline),
    end: timeline.end,
  };
}

function threadOf(timeline: Timeline): BeatThread[] {
  const { possessions, flights, end } = timeline;
  return possessions.flatMap((p, i): BeatThread[] => {
    const next = possessions[i + 1];
    const to = next?.from ?? end;
    if (p.holder !== null) {
      const row = rowOf(p.holder);
      const held: BeatThread[] =
        to > p.from
          ? [{ is: p.dribbling ? 'dribbled' : 'held', from: { t: p.from, row }, to: { t: to, row } }]
          : [];
      const given =
        next?.holder && next.holder !== p.holder
          ? [{ is: 'handoff' as const, from: { t: to, row }, to: { t: to, row: rowOf(next.holder) } }]
          : [];
      return [...held, ...given];
    }
    const flight = flights.find((f) => Math.abs(f.release - p.from) < 1e-6);
    if (!flight) return [];
    const row = rowOf(flight.passer);
    return [
      {
        is: flight.receiver === null ? 'shot' : 'pass',
        from: { t: flight.release, row },
        to: { t: flight.arrive, row: flight.receiver === null ? row : rowOf(flight.receiver) },
      },
    ];
  });
}

/** Who has the ball, dribbling or not, as stretches. */
function ballOf(timeline: Timeline): Beat['ball'] {
  const out: { player: PlayerId; from: number; to: number }[] = [];
  timeline.possessions.forEach((p, i) => {
    const to = timeline.possessions[i + 1]?.from ?? timeline.end;
    const last = out.at(-1);
    if (p.holder === null || to <= p.from) return;
    if (last?.player === p.holder && Math.abs(last.to - p.from) < 1e-9) last.to = to;
    else out.push({ player: p.holder, from: p.from, to });
  });
  return out;
}

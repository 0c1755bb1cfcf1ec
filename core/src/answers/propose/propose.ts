import { distance, type Point } from '../../geometry/vec.ts';
import { distanceAfter, type Run } from '../../motion/run.ts';
import type { PlayerId } from '../../alignment/library.ts';
import type { Timeline } from '../../motion/timeline.ts';
import type { Action, Cue, Frame } from '../../play/document.ts';
import { leaves } from '../../play/tree.ts';
import type { Board } from '../board.ts';
import { FIRM, looksOf, type Boards, type CellLook } from '../cell.ts';
import type { PointOnLine, Reaction } from '../points.ts';
import type { Draft, RecipeKey } from './draft.ts';
import { draftsFor } from './recipes.ts';
import { sceneOf } from './scene.ts';

/** An answer that nobody has drawn, tried before it is told. */
export interface AnswerProposal {
  readonly recipe: RecipeKey;
  /** The ending as a frame of the play, its read and its pass in time; its ids are free in the play. */
  readonly frame: Frame;
  /** What of it is new: the rest is as the others do it anyhow. */
  readonly fresh: readonly string[];
  readonly look: CellLook;
  /** On how many of the boards it is open, of how many, and the median of its worth. */
  readonly share: number;
  readonly boards: number;
  readonly worth: number;
}

/** So many drafts are looked at again, on so many boards; so many are offered, looked at on so many (from memory). */
const SECOND = { drafts: 8, boards: 3 } as const;
const LAST = { offered: 3, boards: 20 } as const;
/** A pass that leaves this far from its best moment is drawn anew (s). */
const RETIME = 0.15;

interface Rated {
  readonly draft: Draft;
  readonly look: CellLook;
  readonly share: number;
  readonly worth: number;
}

/**
 * The answers a coach would try first to a reaction at a point, the best first, at most three of different kinds; every
 * one was simulated. What it yields between is nothing but a chance to leave.
 */
export function* proposals(
  boards: Boards,
  at: PointOnLine,
  reaction: Reaction,
): Generator<null, AnswerProposal[]> {
  const board = boards.drawn;
  const leaf = leaves(board.play).find((l) => board.line(l.id).points.some((p) => p.id === at.id));
  const scene = leaf && sceneOf(board, board.line(leaf.id), at, reaction);
  if (!scene) return [];
  const first: Rated[] = [];
  for (const draft of draftsFor(scene)) {
    const rated = rate(boards, at, reaction, draft, 1);
    if (rated) first.push(rated);
    yield null;
  }
  const second: Rated[] = [];
  for (const r of best(first).slice(0, SECOND.drafts)) {
    const timed = inTime(boards, at, reaction, r);
    const again = rate(boards, at, reaction, timed, SECOND.boards);
    if (again) second.push(again);
    yield null;
  }
  const out: AnswerProposal[] = [];
  const kinds = new Set<string>();
  for (const r of best(second)) {
    // Balls to different men are different answers.
    const kind = r.draft.recipe === 'outlet' ? `outlet ${r.look.look.player}` : r.draft.recipe;
    if (kinds.has(kind)) continue;
    const last = rate(boards, at, reaction, r.draft, LAST.boards);
    yield null;
    if (!last || last.share < FIRM.share || last.worth < FIRM.worth) continue;
    kinds.add(kind);
    const { draft, look, share, worth } = last;
    out.push({
      recipe: draft.recipe,
      frame: draft.frame,
      fresh: draft.fresh,
      look,
      share,
      boards: LAST.boards,
      worth,
    });
    if (out.length === LAST.offered) break;
  }
  return out.sort((a, b) => b.worth * b.share - a.worth * a.share);
}

/** Open and worth something first; then nearer to it. */
const best = (all: readonly Rated[]): Rated[] => [...all].sort((a, b) => value(b) - value(a));
const value = (r: Rated): number =>
  r.share >= FIRM.share ? 10 + r.share * r.worth : r.share * 5 + Math.max(-4, r.look.slack);

/** The look a draft makes, on some boards; null when it makes none, or throws farther than is safe at the level. */
function rate(
  boards: Boards,
  at: PointOnLine,
  reaction: Reaction,
  draft: Draft,
  count: number,
): Rated | null {
  const seen: CellLook[] = [];
  for (let seed = 0; seed < count; seed++) {
    const board = boards.with(draft.frame, seed);
    const look = lookOf(board, at, reaction, draft);
    if (!look) return null;
    seen.push(look);
  }
  const drawn = seen[0]!;
  const { timeline } = boards.with(draft.frame, 0).line(draft.frame.id);
  const long = timeline.flights.some(
    (f) =>
      f.receiver !== null &&
      draft.fresh.includes(f.action) &&
      distance(f.from, f.to) > boards.drawn.record.pass.safe,
  );
  if (long) return null;
  const worths = seen.map((l) => l.worth).sort((a, b) => a - b);
  return {
    draft,
    look: drawn,
    share: seen.filter((l) => l.open).length / count,
    worth: worths[Math.floor((count - 1) / 2)]!,
  };
}

const lookOf = (board: Board, at: PointOnLine, reaction: Reaction, { frame, look }: Draft): CellLook | null =>
  looksOf(board, at, reaction, [{ leaf: frame.id, ending: frame.id }]).find((l) => l.look.action === look) ??
  null;

/** A dribbler stops for a pass sooner than it leaves, by one of these shares of his way. */
const STOPS = [0.85, 0.6, 0.4, 0] as const;
/** A pass is tried at its best moment and a little later: what the defence is drawn into takes its time (s). */
const LATER = [0, 0.15, 0.3] as const;
/** A second that the pass is off its best moment is worth so much (points, from memory). */
const OFF = 0.3;
/** Not open when it is drawn to leave, a look is worth so much less to who draws it (from memory). */
const LATE = 0.5;

/** The draft with its pass at the best moment that was found, as near as it can be had. */
function inTime(boards: Boards, at: PointOnLine, reaction: Reaction, r: Rated): Draft {
  const { draft, look } = r;
  const best = look.judged.at;
  if (look.look.kind !== 'pass' || Number.isNaN(best) || (look.inTime && offTime(look) <= RETIME))
    return draft;
  const { timeline } = boards.with(draft.frame, 0).line(draft.frame.id);
  const pass = draft.frame.actions.find((a) => a.id === draft.look);
  if (pass?.does !== 'pass') return draft;
  const all = LATER.flatMap((later) =>
    letGoAt(
      timeline,
      draft,
      { ...pass, kind: look.judged.pass ?? pass.kind },
      look.look.player,
      best + later,
    ),
  );
  const value = (l: CellLook): number =>
    (l.open ? l.worth : -1) - OFF * Math.max(0, offTime(l) - RETIME) - (l.inTime ? 0 : LATE);
  let chosen = { draft, value: value(look) };
  for (const timed of all) {
    const again = rate(boards, at, reaction, timed, 1);
    if (again && value(again.look) > chosen.value) chosen = { draft: timed, value: value(again.look) };
  }
  return chosen.draft;
}

/** The draft with its pass at a time, in a few ways when its passer still dribbles then: he stops for it. */
function letGoAt(timeline: Timeline, draft: Draft, pass: Action, to: PlayerId, t: number): Draft[] {
  const { frame } = draft;
  const run = timeline.moves[to].findLast((m) => m.frame === frame.id && m.start <= t);
  const start = timeline.bars.find((b) => b.frame === frame.id)?.start ?? 0;
  const cue: Cue = !run?.run
    ? { on: 'frame', delay: round(t - start) }
    : t < run.end
      ? { on: run.action.id, event: 'at', at: shareAt(run.run, t - run.start) }
      : { on: run.action.id, event: 'end', delay: round(t - run.end) };
  const dribble = timeline.moves[pass.by].findLast(
    (m) => m.action.does === 'dribble' && m.frame === frame.id && m.start < t && m.end > t - 0.05,
  );
  return (dribble?.run ? STOPS : [1]).map((share) => {
    const actions = frame.actions.flatMap((a) => {
      if (a.id === pass.id) return { ...pass, cue };
      if (share === 0 && a.id === dribble?.action.id) return [];
      if (dribble?.run && a.id === dribble.action.id && a.does === 'dribble')
        return { ...a, path: cutAt(dribble.run, distanceAfter(dribble.run, t - dribble.start) * share) };
      return a;
    });
    return { ...draft, frame: { ...frame, actions } };
  });
}

const offTime = (l: CellLook): number => Math.abs(l.judged.at - l.look.at);
const round = (t: number): number => Math.round(t * 20) / 20;
const shareAt = (run: Run, t: number): number =>
  Math.min(1, Math.max(0, Math.round((100 * distanceAfter(run, t)) / Math.max(0.1, run.length)) / 100));

/** The way of a run as far as so many feet, by a few points. */
function cutAt(run: Run, feet: number): Point[] {
  const n = run.x.length - 1;
  const last = Math.max(1, Math.min(n, Math.round((n * feet) / Math.max(0.1, run.length))));
  const at = (i: number) => ({ x: Math.round(run.x[i]! * 4) / 4, y: Math.round(run.y[i]! * 4) / 4 });
  return last < 3 ? [at(last)] : [at(Math.round(last / 2)), at(last)];
}

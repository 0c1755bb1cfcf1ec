import type { Frame } from '../play/document.ts';
import { leaves, lineTo } from '../play/tree.ts';
import type { Defended } from '../defence/defended.ts';
import type { ReadSeen } from '../defence/reads.ts';
import { Board, OVER, type LookSeen } from './board.ts';
import { ABOUT, catchLook, type AnswerLine, type DrawnLook } from './lines.ts';
import type { PointOnLine, Reaction } from './points.ts';
import { answersTo, usualAt, whoDoes } from './told.ts';
import { isReadAt, zoneSites } from './zone-points.ts';

/** What a play has against one reaction at one point. */
export type CellState = 'answered' | 'contested' | 'hole' | 'cant' | 'never';

/** A line that could answer: as drawn, or by the ending that reads it. */
export interface Candidate {
  readonly leaf: string;
  /** The frame whose read names the reaction; null for the play as drawn. */
  readonly ending: string | null;
}

/** The look that answers, or comes nearest to it. */
export interface CellLook extends LookSeen, Candidate {
  readonly open: boolean;
  /** Points, the passes on the way counted in. */
  readonly worth: number;
  readonly slack: number;
}

/** One look over the boards that were tried. */
interface Tried extends Candidate {
  readonly action: string;
  /** The share of the boards on which it is open, and the median of what it is worth on them. */
  readonly share: number;
  readonly worth: number;
}

export interface Cell {
  readonly point: string;
  readonly reaction: Reaction;
  readonly state: CellState;
  /** True for what the defence does anyhow. */
  readonly usual: boolean;
  /** The best look on the board as drawn; null where there is none. */
  readonly look: CellLook | null;
  /** The same look over all boards that were tried, and how many those were, the drawn one among them. */
  readonly tried: Tried | null;
  readonly boards: number;
}

/** Open on so many boards, and worth so much, it is an answer (from memory). */
export const FIRM = { share: 0.6, worth: 0.6 } as const;
/** On the drawn board a verdict nearer to its border than this is looked at again, shaken: three times, then nine. */
const DOUBT = 0.5;
const FEW = 3;
const MORE = 9;
/** A defender who is never this far from where he would be anyhow does nothing else (ft). */
const ELSEWHERE = 1;
/** Below this chance the passes on the way count as closed. */
const ARRIVES = 0.8;

/** The lines of a play that could answer a reaction at a point: the endings that read it, and the play as drawn. */
function candidates(board: Board, point: PointOnLine, reaction: Reaction): Candidate[] {
  const out: Candidate[] = [];
  let drawn: { leaf: string; away: number } | null = null;
  for (const { id: leaf } of leaves(board.play)) {
    const line = board.line(leaf);
    const at = pointOn(line, point);
    if (!at) {
      const ending = insteadOf(board, line, point, reaction);
      if (ending) out.push({ leaf, ending });
      continue;
    }
    const reads = board
      .reads(
        leaf,
        line.frames.map((f) => f.id),
      )
      .filter((r) => isOf(board, r, line, at) && wordsFit(at.kind, r.read.does));
    const fits = reads.find((r) => answersTo(at.kind, reaction, r.read));
    const away = line.frames.filter((f) => !isFirst(board, f)).length;
    if (fits) out.push({ leaf, ending: fits.frame });
    // As drawn is what goes on first; what is drawn for another reaction there is not.
    else if ((reads.length === 0 || away === 0) && away < (drawn?.away ?? Infinity)) drawn = { leaf, away };
  }
  return drawn ? [...out, { leaf: drawn.leaf, ending: null }] : out;
}

/** The point as a line has it; a catch is the same one to a zone wherever the ball goes on from there. */
const pointOn = (line: AnswerLine, point: PointOnLine): PointOnLine | undefined =>
  line.points.find((p) => p.id === point.id) ??
  (point.kind === 'zone' ? zoneSites(line.timeline).find((p) => p.id === point.id) : undefined);

/** The ending of a line that does something else because of a reaction, so that it never comes to the point. */
function insteadOf(board: Board, line: AnswerLine, point: PointOnLine, reaction: Reaction): string | null {
  const before = new Set(lineTo(board.play, point.frame).map((f) => f.parent));
  const who = whoDoes(board.defence, point, reaction);
  const ending = line.frames.find(
    ({ read, parent }) =>
      read !== undefined &&
      before.has(parent) &&
      answersTo(point.kind, reaction, read) &&
      (read.at === undefined || read.at.action === point.action) &&
      (!read.who || who.length === 0 || read.who.some((x) => who.includes(x))),
  );
  return ending?.id ?? null;
}

/** What starts here is drawn first: no other way, and no answer. */
const isFirst = ({ play }: Board, f: Frame): boolean =>
  play.frames.find((x) => x.parent === f.parent)?.id === f.id;

/**
 * A read is of a point when it names its action, or, for who helps, the drive that comes of it. Where the coach names
 * nothing it is of what its own frame begins with, if the word fits nothing that came before.
 */
function isOf(
  { play }: Board,
  { read, frame, action }: ReadSeen,
  line: AnswerLine,
  at: PointOnLine,
): boolean {
  if (at.kind === 'zone')
    return isReadAt(
      play,
      at,
      line.frames.find((f) => f.id === frame)!,
    );
  const id = action?.action.id;
  if (id === at.action) return true;
  const before = line.points.find(
    (p) => p.action === id && p.reactions.some((r) => answersTo(p.kind, r, read)),
  );
  if (!read.at && !before && line.frames[at.depth]?.id === frame) return true;
  const a = action?.action;
  return at.kind === 'tag' && a?.does === 'dribble' && a.by === at.user;
}

const HELP_WORDS: ReadonlySet<Reaction> = new Set<Reaction>([
  'none',
  'weakCorner',
  'top',
  'strongCorner',
  'rotation',
  'helps',
  'stays',
]);
/** A screen on the ball is two points, its coverage and who tags: a word belongs to one of them. */
const wordsFit = (kind: PointOnLine['kind'], does: Reaction): boolean =>
  kind === 'zone' ||
  (kind === 'tag' || kind === 'drive'
    ? HELP_WORDS.has(does)
    : !HELP_WORDS.has(does) || kind === 'pass' || kind === 'offBall');

/** A cell on one board: every look of every candidate. */
export function looksOf(
  board: Board,
  point: PointOnLine,
  reaction: Reaction,
  from: readonly Candidate[],
): CellLook[] {
  const bare = from.every((c) => c.ending === null);
  return from.flatMap(({ leaf, ending }) => {
    const line = board.line(leaf);
    const own = pointOn(line, point);
    const at = own ? { ...own, ...(point.zone && { zone: point.zone }) } : elsewhereOn(line, point, ending);
    const reads = board.reads(leaf, ending ? [ending] : []);
    const plan = board.plan(leaf, { [point.id]: reaction }, reads, own && !point.zone ? [] : [at]);
    const seen = board
      .looks(leaf, plan, (look) => since(line, at, ending, look))
      // A zone chooses when the ball is caught: the pass that brought it is no answer.
      .filter(({ look }) => at.kind !== 'zone' || look.at > at.seen - 1e-6);
    // Where nothing is drawn for it, who catches may shoot.
    const caught = at.kind === 'zone' && bare ? catchLook(line.timeline, board.court, at) : null;
    if (caught) seen.push(...board.look(leaf, plan, caught, at.seen, at.seen - OVER));
    return seen.map((l): CellLook => {
      const closed = l.chain < ARRIVES;
      return {
        ...l,
        leaf,
        ending,
        open: l.judged.open && !closed,
        worth: l.judged.worth * l.chain,
        slack: closed ? Math.min(l.judged.slack, -1) : l.judged.slack,
      };
    });
  });
}

/** A point on a line that never comes to it: what they do there they do to what is done instead. */
function elsewhereOn(
  { timeline, looks }: AnswerLine,
  point: PointOnLine,
  ending: string | null,
): PointOnLine {
  const seen = timeline.bars.find((b) => b.frame === ending)?.start ?? 0;
  const action = looks.find((l) => l.at >= seen && l.player === point.user)?.action ?? point.action;
  return { ...point, action, seen };
}

/** Open and worth it first, then what is worth more; of what is not open what comes nearest to it. */
const bestOf = (looks: readonly CellLook[]): CellLook | null =>
  looks.reduce<CellLook | null>((best, l) => (!best || rank(l) > rank(best) ? l : best), null);
const rank = (l: CellLook): number =>
  l.open && l.worth >= FIRM.worth ? 100 + l.worth : l.open ? 50 + l.worth : Math.max(-40, l.slack);

/**
 * From when a look counts: when it can be seen what they do. What an ending is drawn for counts about when it is drawn,
 * even where that is sooner: it is called, or seen by then.
 */
function since(
  { timeline, frames }: AnswerLine,
  at: PointOnLine,
  ending: string | null,
  look: DrawnLook,
): number {
  if (ending === null) return at.seen;
  const k = frames.findIndex((f) => f.id === ending);
  const start = timeline.bars[k]?.start ?? 0;
  const drawn = look.at >= start - 1e-6 ? Math.max(start, look.at - ABOUT) : Infinity;
  return Math.min(at.seen, k > at.depth ? start : Infinity, drawn);
}

/** The greatest distance of a defender from where he would be, feet. */
function elsewhere(a: Defended, b: Defended): number {
  let most = 0;
  for (let i = 0; i < a.x.length; i++)
    most = Math.max(most, Math.hypot(a.x[i]! - b.x[i]!, a.y[i]! - b.y[i]!));
  return most;
}

/** Whether the defence can do it at all: somebody must be elsewhere for it. */
function canHappen(board: Board, point: string, reaction: Reaction, usual: Reaction): boolean {
  if (reaction === usual) return true;
  const leaf = leaves(board.play).find((l) => board.line(l.id).points.some((p) => p.id === point))!.id;
  const of = (r: Reaction): Defended => board.played(leaf, board.plan(leaf, { [point]: r }, []));
  return elsewhere(of(reaction), of(usual)) >= ELSEWHERE;
}

/** Boards of one play against one defence, made when they are asked for. */
export class Boards {
  readonly #made: Board[] = [];
  readonly #drafts = new WeakMap<Frame, Board[]>();
  constructor(private readonly make: (seed: number, more?: Frame) => Board) {}
  get drawn(): Board {
    return this.seed(0);
  }
  seed(n: number): Board {
    return (this.#made[n] ??= this.make(n));
  }
  /** A board with a frame that is not in the play. */
  with(frame: Frame, n: number): Board {
    let made = this.#drafts.get(frame);
    if (!made) this.#drafts.set(frame, (made = []));
    return (made[n] ??= this.make(n, frame));
  }
}

/** A cell as the drawn board has it; `doubt` when that is too near to its border to be sure. */
export function cellDrawn(
  boards: Boards,
  at: PointOnLine,
  reaction: Reaction,
): { cell: Cell; doubt: boolean } {
  const board = boards.drawn;
  const usual = usualAt(board.defence, at);
  const common = { point: at.id, reaction, usual: reaction === usual, boards: 1 } as const;
  if (at.never.includes(reaction))
    return { cell: { ...common, state: 'never', look: null, tried: null }, doubt: false };
  if (!canHappen(board, at.id, reaction, usual))
    return { cell: { ...common, state: 'cant', look: null, tried: null }, doubt: false };
  const from = candidates(board, at, reaction);
  const look = bestOf(looksOf(board, at, reaction, from));
  const tried = look && {
    leaf: look.leaf,
    ending: look.ending,
    action: look.look.action,
    share: Number(look.open),
    worth: look.worth,
  };
  return {
    cell: { ...common, look, tried, state: stateOf(from, tried) },
    doubt: look !== null && Math.abs(look.slack) <= DOUBT,
  };
}

const stateOf = (from: readonly Candidate[], tried: Tried | null): CellState =>
  tried && tried.share >= FIRM.share && tried.worth >= FIRM.worth
    ? 'answered'
    : from.some((c) => c.ending !== null)
      ? 'contested'
      : 'hole';

/** The same cell on `count` boards, the drawn one among them. */
export function cellOn(boards: Boards, at: PointOnLine, cell: Cell, count: number): Cell {
  if (!cell.look) return cell;
  const from = candidates(boards.drawn, at, cell.reaction);
  const seen = new Map<string, { of: CellLook; open: number; worth: number[] }>();
  for (let seed = 0; seed < count; seed++)
    for (const l of looksOf(boards.seed(seed), at, cell.reaction, from)) {
      const key = `${l.leaf} ${l.look.action}`;
      const known = seen.get(key) ?? { of: l, open: 0, worth: [] };
      if (l.open) known.open += 1;
      known.worth.push(l.worth);
      seen.set(key, known);
    }
  const all = [...seen.values()].map(({ of, open, worth }): Tried & { of: CellLook } => ({
    leaf: of.leaf,
    ending: of.ending,
    action: of.look.action,
    share: open / count,
    worth: median(worth),
    of,
  }));
  const firm = (t: Tried): number =>
    t.share >= FIRM.share && t.worth >= FIRM.worth ? 10 + t.worth : t.share;
  const best = all.reduce((a, b) => (firm(b) > firm(a) ? b : a));
  const { of, ...tried } = best;
  const look =
    looksOf(boards.drawn, at, cell.reaction, [of]).find((l) => l.look.action === tried.action) ?? cell.look;
  return { ...cell, look, tried, boards: count, state: stateOf(from, tried) };
}

/** A doubtful cell again: three boards, and nine where those do not agree. */
export function cellFirm(boards: Boards, at: PointOnLine, cell: Cell): Cell {
  const few = cellOn(boards, at, cell, FEW);
  const agree = few.tried && (few.tried.share === 0 || few.tried.share === 1);
  return agree ? few : cellOn(boards, at, cell, MORE);
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor((sorted.length - 1) / 2)] ?? 0;
}

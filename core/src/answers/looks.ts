import type { Court } from '../court/court.ts';
import { behindArc, distanceToRim } from '../court/queries.ts';
import type { Point } from '../geometry/vec.ts';
import type { Timeline } from '../motion/timeline.ts';
import type { Frame, Look, Play } from '../play/document.ts';
import { childrenOf, frameById, lineThrough } from '../play/tree.ts';
import type { Board } from './board.ts';

/** A look as it stands in a frame: the coach's, or what anybody would call one until he says. */
export interface LookIn {
  readonly look: Look;
  readonly inferred: boolean;
  /** Where he would have it; null where the frame does not tell. */
  readonly at: Point | null;
  /** From where the ball comes to him; null where he has it, or the frame does not tell. */
  readonly from: Point | null;
  /** The leaf of the line that goes on with it. */
  readonly leaf: string;
}

/** A catch nearer than this, or behind the arc, is a look (ft). */
const NEAR = 12;

/** It may come so much sooner than it is drawn (s, from memory). */
const SOONER = 0.4;

/** The looks of a frame in order. `timeOf` gives a line of the play, by its leaf, in time. */
export function looksIn(
  play: Play,
  frame: string,
  court: Court,
  timeOf: (leaf: string) => Timeline,
): LookIn[] {
  const here = frameById(play, frame);
  if (!here) return [];
  const leafOf = (id: string): string => lineThrough(play, id).at(-1)!.id;
  const found = inferred(play, here, court, leafOf, timeOf);
  const own = here.looks ?? [];
  if (own.length === 0) return found;
  return [...own]
    .sort((a, b) => a.order - b.order)
    .map((look): LookIn => {
      const like = found.find((f) => same(f.look, look));
      const leaf = look.frame && frameById(play, look.frame) ? leafOf(look.frame) : leafOf(frame);
      return { look, inferred: false, at: like?.at ?? null, from: like?.from ?? null, leaf };
    });
}

/** The same look: by whom, in which ending, after what. */
const same = (a: Look, b: Look): boolean =>
  a.player === b.player && a.kind === b.kind && a.frame === b.frame && a.after === b.after;

/** What the frame itself gives in its order, then what each ending that starts with it is for. */
function inferred(
  play: Play,
  here: Frame,
  court: Court,
  leafOf: (frame: string) => string,
  timeOf: (leaf: string) => Timeline,
): LookIn[] {
  const out: LookIn[] = [];
  const add = (look: Omit<Look, 'id' | 'order'>, { at, from }: Chance, leaf: string): void => {
    out.push({
      look: { ...look, id: `l${out.length + 1}`, order: out.length + 1 },
      inferred: true,
      at,
      from,
      leaf,
    });
  };
  const leaf = leafOf(here.id);
  for (const l of chances(timeOf(leaf), here, court)) add(l.look, l, leaf);
  for (const child of childrenOf(play, here.id)) {
    if (!child.read) continue;
    const end = leafOf(child.id);
    const line = timeOf(end);
    const frames = lineThrough(play, child.id);
    const first = frames
      .slice(frames.findIndex((f) => f.id === child.id))
      .flatMap((f) => chances(line, f, court))
      .at(-1);
    if (first) add({ ...first.look, when: child.read, frame: child.id }, first, end);
  }
  return out;
}

interface Chance {
  readonly look: Pick<Look, 'player' | 'kind' | 'after'>;
  readonly at: Point;
  readonly from: Point | null;
}

/** The catches and shots of a frame that anybody would call a look; a catch that is shot at once is one, told by the pass. */
function chances(timeline: Timeline, frame: Frame, court: Court): Chance[] {
  const ids = new Set(frame.actions.map((a) => a.id));
  return timeline.flights.flatMap((f): Chance[] => {
    if (!ids.has(f.action)) return [];
    if (f.receiver === null) {
      const caught = timeline.flights.some(
        (p) => p.receiver === f.passer && p.arrive <= f.release && f.release - p.arrive < 1.5,
      );
      return caught
        ? []
        : [{ look: { player: f.passer, kind: 'shot', after: f.action }, at: f.from, from: null }];
    }
    const shoots = timeline.flights.some(
      (s) =>
        s.receiver === null && s.passer === f.receiver && s.release >= f.arrive && s.release - f.arrive < 1.5,
    );
    return shoots || distanceToRim(court, f.to) <= NEAR || behindArc(court, f.to)
      ? [{ look: { player: f.receiver, kind: 'pass', after: f.action }, at: f.to, from: f.from }]
      : [];
  });
}

/** The looks of a frame with one at another place of the order: the coach's from then on. */
export function reordered(all: readonly LookIn[], from: number, to: number): Look[] {
  const looks = all.map((l) => l.look);
  const [moved] = looks.splice(from, 1);
  if (moved) looks.splice(to, 0, moved);
  return looks.map((l, i) => ({ ...l, order: i + 1 }));
}

/** What a look is worth against the defence a board has, its ending by what that answers; null where nothing is thrown or shot for it. */
export interface LookWorth {
  readonly worth: number;
  readonly open: boolean;
  /** When it is best, seconds. */
  readonly at: number;
}

export function worthOf(board: Board, { look, leaf }: Pick<LookIn, 'look' | 'leaf'>): LookWorth | null {
  const line = board.line(leaf);
  const drawn = line.looks.find((l) => l.action === look.after);
  const frame = line.frames.find((f) => f.actions.some((a) => a.id === look.after));
  if (!drawn || !frame) return null;
  const reads = board.reads(leaf, look.frame === undefined ? [] : [look.frame]);
  const plan = board.plan(leaf, {}, reads);
  const start = line.timeline.bars.find((b) => b.frame === frame.id)?.start ?? 0;
  const [seen] = board.look(leaf, plan, drawn, Math.max(start, drawn.at - SOONER), start);
  return seen ? { worth: seen.judged.worth * seen.chain, open: seen.judged.open, at: seen.judged.at } : null;
}

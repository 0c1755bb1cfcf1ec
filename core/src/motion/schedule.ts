import { said } from '../language/said.ts';
import { byPlayer, type PlayerId } from '../alignment/library.ts';
import type { Point } from '../geometry/vec.ts';
import type { FrameWalk } from '../play/state.ts';
import type { PlainCue } from '../play/document.ts';
import { bindBars, bindCues, bindMen, infer, markCuts } from './edges.ts';
import type { Graph } from './graph.ts';
import type { LevelRecord } from './level.ts';
import { isRun, runOf, topSpeed, type Node } from './node.ts';
import type { Run } from './run.ts';
import { evaluate, leave, misses } from './times.ts';

/** Two runs join without a stop when the second starts no later than this after the first (s), at this share of their speed. */
const JOIN = { late: 0.02, keep: 0.85 } as const;

/** For each run, the run of the same man that follows it without a stop; and the other way round. */
interface Joins {
  readonly next: Map<Node, Node>;
  readonly before: Map<Node, Node>;
}

/**
 * Puts the actions of a line into time: what waits for what, then the times, again and again until every
 * run that flows into the next one really does.
 */
export function schedule(
  nodes: readonly Node[],
  walks: readonly FrameWalk[],
  level: LevelRecord,
  rim: Point,
  reads: readonly (PlainCue | null)[] = [],
): Graph {
  markCuts(nodes, reads);
  const g: Graph = {
    nodes,
    bars: Array.from({ length: walks.length + 1 }, (_, frame) => ({
      is: 'bar' as const,
      frame,
      needs: [],
      time: 0,
      binding: null,
      done: false,
    })),
    byId: new Map(nodes.map((n) => [n.action.id, n])),
    level,
    rim,
    reads,
    starts: walks[0]?.before.places ?? byPlayer(() => ({ x: 0, y: 0 })),
    runs: byPlayer((p) => nodes.filter((n) => n.curve && n.action.by === p)),
    faults: [],
  };
  const joins = joinsOf(nodes);
  for (const n of nodes) if (n.curve) n.run = run(n, joins, level);
  bindBars(g);
  bindMen(g);
  bindCues(g);
  infer(g);
  evaluate(g);
  settle(g, joins);
  heldCues(g);
  return g;
}

function joinsOf(nodes: readonly Node[]): Joins {
  const joins: Joins = { next: new Map(), before: new Map() };
  const last = new Map<PlayerId, Node>();
  for (const n of nodes) {
    const before = last.get(n.action.by);
    if (before && isRun(before) && isRun(n) && !n.action.cue && n.cuts.length === 0 && n.curve.length > 1) {
      joins.next.set(before, n);
      joins.before.set(n, before);
    }
    last.set(n.action.by, n);
  }
  return joins;
}

/** The speed two joined runs pass on, ft/s: less the sharper the turn between them. */
function passed(a: Node | undefined, b: Node | undefined, level: LevelRecord): number {
  if (!a || !b) return 0;
  const [u, w] = [a.curve!.points, b.curve!.points];
  const end = u.length - 1;
  const ax = u[end]!.x - (u[end - 1] ?? u[end]!).x;
  const ay = u[end]!.y - (u[end - 1] ?? u[end]!).y;
  const bx = (w[1] ?? w[0]!).x - w[0]!.x;
  const by = (w[1] ?? w[0]!).y - w[0]!.y;
  const size = Math.sqrt((ax * ax + ay * ay) * (bx * bx + by * by));
  const turn = size < 1e-9 ? 0 : Math.max(0, (ax * bx + ay * by) / size);
  return JOIN.keep * turn * Math.min(topSpeed(a, level), topSpeed(b, level));
}

const run = (n: Node, { next, before }: Joins, level: LevelRecord): Run =>
  runOf(n, level, passed(before.get(n), n, level), passed(n, next.get(n), level));

/** So often a pass is aimed anew at a man who turned out to be elsewhere; what is left after that is told as a finding. */
const AIMS = 6;

/**
 * A join whose second run starts later than the first ends was none, and a pass whose man is not where it comes down is
 * thrown to where he is. Joins only go, and aims are counted, so this ends.
 */
function settle(g: Graph, joins: Joins): void {
  for (let aims = 0; ;) {
    const broken = [...joins.next].filter(([a, b]) => b.time > a.end + JOIN.late);
    for (const [a, b] of broken) {
      joins.next.delete(a);
      joins.before.delete(b);
      a.run = run(a, joins, g.level);
      b.run = run(b, joins, g.level);
    }
    const left = leave(g);
    if (broken.length === 0 && (aims++ === AIMS || (!left && !g.nodes.some((n) => misses(g, n))))) return;
    evaluate(g);
  }
}

/** Cues that something stronger outlasts: the man is still running, or the ball is not there. */
function heldCues(g: Graph): void {
  for (const n of g.nodes) {
    const coach = n.needs.find((e) => e.kind === 'coach');
    const late = coach && n.binding !== coach ? n.time - coach.at() : 0;
    if (!coach || late < 0.1 || !n.binding) continue;
    const ball = n.binding.kind === 'ball' || n.binding.kind === 'inferred';
    g.faults.push({
      code: 'cue-held',
      actions: [n.action.id],
      says: said('cue-held', { by: n.action.by, late, ball }),
    });
  }
}

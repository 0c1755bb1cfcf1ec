import type { PlayerId } from '../alignment/library.ts';
import { distance } from '../geometry/vec.ts';
import { said } from '../language/said.ts';
import type { ActionOf, PlainCue, Verb } from '../play/document.ts';
import {
  catchAt,
  circleOf,
  cued,
  dependsOn,
  kindOfPass,
  moverTo,
  placeOn,
  reach,
  runsOf,
  spotOf,
  userOf,
  waitFor,
  type Graph,
} from './graph.ts';
import { flightOf } from './flight.ts';
import { CATCH_TO_DRIBBLE, WINDUP } from './level.ts';
import { happens, isDoes, isRunner, passesBy, type Edge, type Node, type Runner } from './node.ts';
import { timeTo } from './run.ts';

/** Seconds (from memory): a user waits this long after the set, a screener this long after the use, or unused after the set. */
const AFTER_SET = 0.05;
const AFTER_USE = 0.1;
const UNUSED = 0.35;

/** What is done with the ball, and so needs it in hand. */
const PLAYS_BALL: ReadonlySet<Verb> = new Set<Verb>(['pass', 'dribble', 'handoff', 'shot', 'fake']);

/** Seconds until a team has seen what the defence does (from memory). */
const EYE = 0.2;

/**
 * A bar stands where every action of the frame before has ended; an ending's where its read can be seen, while the
 * others finish what they do.
 */
export function bindBars(g: Graph): void {
  let open: number[] = [];
  g.bars.forEach((bar, k) => {
    const before = g.bars[k - 1];
    if (!before) return;
    bar.needs.push({ from: before, kind: 'bar', at: () => before.time });
    open.push(k - 1);
    const cue = g.reads[k];
    const on = cue && g.byId.get(cue.on);
    if (cue && on && on.frame < k) {
      const used = waitFor(g, on, cue);
      // A screen that is used in the ending itself is read when it is set.
      const wait = used.from.frame < k ? used : waitFor(g, on, { event: 'set' });
      bar.needs.push({ from: wait.from, kind: 'bar', at: () => wait.at() + EYE });
      return;
    }
    for (const n of g.nodes)
      if (open.includes(n.frame) && !n.action.background)
        bar.needs.push({ from: n, kind: 'bar', at: () => n.end });
    open = [];
  });
}

/** What a man leaves at once when he is called: he runs, screens, seals or waits, and has nothing to do with the ball in it. */
const LEAVES: ReadonlySet<Verb> = new Set<Verb>(['cut', 'screen', 'seal', 'hold']);

/**
 * In an ending a man's first move cuts short what he does, or was to do, where he is. A ball in hand is played to its
 * end, unless the coach says when he lets it go: then he picks up his dribble for it.
 */
export function markCuts(nodes: readonly Node[], reads: Graph['reads']): void {
  const last = new Map<PlayerId, Node[]>();
  for (const n of nodes) {
    const his = last.get(n.action.by) ?? [];
    last.set(n.action.by, [...his, n]);
    if (!reads[n.frame] || his.at(-1)?.frame === n.frame) continue;
    for (const before of [...his].reverse()) {
      const leaves =
        LEAVES.has(before.action.does) && (!PLAYS_BALL.has(n.action.does) || before.action.does === 'hold');
      if ((!leaves && !breaksOff(n, before)) || before.frame < n.frame - 1) break;
      n.cuts.push(before);
    }
  }
  markAdrift(last);
}

const breaksOff = (n: Node, dribble: Node): boolean =>
  isDoes(dribble, 'dribble') && PLAYS_BALL.has(n.action.does) && n.has && n.action.cue !== undefined;

/** Until his next run, who has broken off a dribble is where he left it. */
function markAdrift(all: ReadonlyMap<PlayerId, readonly Node[]>): void {
  for (const his of all.values()) {
    let adrift = false;
    for (const n of his) {
      adrift ||= n.cuts.some((c) => c.action.does === 'dribble');
      n.adrift = adrift;
      adrift &&= n.curve === null;
    }
  }
}

/** What no cue can change: a man does one thing after another, and the ball is where it is. */
export function bindMen(g: Graph): void {
  const last = new Map<PlayerId, Node[]>();
  let ball: Node | undefined;
  for (const n of g.nodes) {
    const his = last.get(n.action.by) ?? [];
    const previous = his.findLast((x) => !n.cuts.includes(x));
    if (previous) n.needs.push({ from: previous, kind: 'player', at: () => freeFor(n, previous) });
    for (const left of n.cuts)
      n.needs.push(
        left.action.does === 'dribble'
          ? { from: left, kind: 'player', at: () => left.time }
          : { from: left, kind: 'order', at: () => 0 },
      );
    last.set(n.action.by, [...his, n]);
    if (!n.has || !PLAYS_BALL.has(n.action.does)) continue;
    const given = ball;
    if (given && (isDoes(given, 'pass') || isDoes(given, 'handoff')) && given.action.to === n.action.by) {
      const wait = afterCatch(g, given, n);
      n.needs.push({ from: given, kind: 'ball', at: () => happens(given, 'catch') + wait });
    }
    if (n.action.does !== 'fake') ball = n;
  }
}

/** When a man can do the next thing. Into a shot he steps: it starts where he means to catch, not when he has stopped. */
const freeFor = (n: Node, previous: Node): number =>
  n.action.does === 'shot' && isRunner(previous) && previous.action.does === 'cut'
    ? Math.min(previous.end, previous.time + timeTo(previous.run, catchAt(previous)))
    : previous.end;

/** Seconds a man needs between having the ball and starting to do this with it. */
function afterCatch(g: Graph, given: Node, n: Node): number {
  if (given.action.does === 'handoff') return 0;
  if (n.action.does === 'pass') return g.level.man.catchToPass - WINDUP[kindOfPass(g, n as never)];
  return n.action.does === 'dribble' ? CATCH_TO_DRIBBLE : 0;
}

/**
 * The coach's cues in the order of the document; one that would close a circle, or waits for what is not
 * there, is left out and told. An action left without any starts with its frame.
 */
export function bindCues(g: Graph): void {
  for (const n of g.nodes) {
    const bar = g.bars[n.frame]!;
    const { cue } = n.action;
    if (!cue) {
      n.needs.push({ from: bar, kind: 'bar', at: () => bar.time });
      continue;
    }
    const bound = [cue, ...(cue.and ?? [])].filter((c) => bind(g, n, c));
    if (bound.length > 0) continue;
    n.untied = true;
    n.needs.push({ from: bar, kind: 'bar', at: () => bar.time });
  }
}

/** Makes an action wait as one cue says; false, and a fault, when it cannot. */
function bind(g: Graph, n: Node, cue: PlainCue): boolean {
  const bar = g.bars[n.frame]!;
  const delay = cue.delay ?? 0;
  // What a read is seen by starts with its frame.
  if (cue.on === 'frame' || cue.on === 'read') {
    n.needs.push({ from: bar, kind: 'coach', at: () => Math.max(0, bar.time + delay) });
    return true;
  }
  const on = g.byId.get(cue.on);
  if (!on || on.frame > n.frame) {
    g.faults.push({
      code: 'cue-lost',
      actions: [n.action.id],
      says: said('cue-lost', { by: n.action.by, later: on !== undefined }),
    });
    return false;
  }
  const wait = waitFor(g, on, cue);
  if (!wait.known)
    g.faults.push({
      code: 'cue-event',
      actions: [n.action.id],
      says: said('cue-event', {
        by: n.action.by,
        event: cue.event ?? 'end',
        does: on.action.does,
        on: on.action.by,
      }),
    });
  const circle = circleOf(wait.from, n);
  if (circle) {
    g.faults.push({
      code: 'cue-circle',
      actions: circle.map((x) => x.action.id),
      says: said('cue-circle', { who: circle.map((x) => x.action.by) }),
    });
    return false;
  }
  n.needs.push({
    from: wait.from,
    on,
    kind: 'coach',
    event: cue.event ?? 'end',
    at: () => Math.max(0, wait.at() + delay),
  });
  return true;
}

/** What a coach would take for granted where he said nothing; never against what is said, never in a circle. */
export function infer(g: Graph): void {
  for (const n of g.nodes) if (isDoes(n, 'screen')) inferScreen(g, n);
  for (const n of g.nodes) if (isDoes(n, 'handoff')) inferHandoff(g, n);
  for (const n of g.nodes) if (isDoes(n, 'pass') && n.has) inferPass(g, n);
}

function add(n: Node, edge: Edge): void {
  if (!dependsOn(edge.from, n)) n.needs.push(edge);
}

function inferScreen(g: Graph, screen: Node): void {
  if (screen.action.does !== 'screen') return;
  const user = userOf(g, screen);
  const slip = screen.action.slip ?? false;
  if (user && user.frame === screen.frame && !cued(user))
    add(user, {
      from: screen,
      kind: 'inferred',
      event: slip ? 'end' : 'set',
      at: () => (slip ? screen.end : happens(screen, 'set') + AFTER_SET),
    });
  const next = nextOf(g, screen);
  if (!next || cued(next)) return;
  const { hold } = screen.action;
  if (user && !slip) {
    add(next, {
      from: user,
      kind: 'inferred',
      event: 'used',
      at: () => user.time + reach(user, spotOf(screen)) + AFTER_USE,
    });
  }
  if (hold !== undefined || (!user && !slip))
    add(next, {
      from: screen,
      kind: 'inferred',
      event: 'set',
      at: () => screen.end + (hold ?? UNUSED),
    });
}

function nextOf(g: Graph, n: Node): Node | undefined {
  return g.nodes.find(
    (x) =>
      x.action.by === n.action.by &&
      x !== n &&
      (x.frame > n.frame || (x.frame === n.frame && g.nodes.indexOf(x) > g.nodes.indexOf(n))) &&
      x.frame <= n.frame + 1,
  );
}

function inferHandoff(g: Graph, n: Node): void {
  if (n.action.does !== 'handoff') return;
  const receiver = moverTo(g, n, n.action.to);
  if (!receiver) return;
  if (!passesBy(receiver, n.from)) return;
  add(n, { from: receiver, kind: 'order', at: () => 0 });
  // A giver who comes later holds the receiver, so that both are there together.
  if (cued(receiver)) return;
  for (const e of n.needs)
    if (e.kind !== 'order')
      add(receiver, {
        ...e,
        kind: 'inferred',
        event: 'start',
        at: () => e.at() - reach(receiver, n.from),
      });
}

/** A pass goes so that ball and receiver arrive together; one that is called times his cut back from the catch. */
function inferPass(g: Graph, n: Node & { action: ActionOf<'pass'> }): void {
  const receiver = moverTo(g, n, n.action.to);
  if (receiver && cued(n) && !cued(receiver))
    add(receiver, {
      from: n,
      kind: 'inferred',
      event: 'catch',
      at: () => happens(n, 'catch') - timeTo(receiver.run, catchAt(receiver)),
    });
  // Whatever he still runs when the ball leaves, it is thrown to where he is when it comes down.
  for (const run of runsOf(g, n.action.to))
    if (run.frame >= n.frame - 1 && run.frame <= n.frame && !dependsOn(run, n))
      n.needs.push({ from: run, kind: 'order', at: () => 0 });
  const meets = receiver ?? stillRuns(g, n);
  if (!meets || cued(n) || dependsOn(meets, n)) return;
  const kind = kindOfPass(g, n);
  n.needs.push({
    from: meets,
    kind: 'inferred',
    event: 'at',
    at: () => {
      const s = catchAt(meets);
      const flight = flightOf(g.level.pass, kind, distance(n.from, placeOn(meets, s)));
      return meets.time + timeTo(meets.run, s) - flight - WINDUP[kind];
    },
  });
}

/** In an ending that starts while he still runs, he is waited for as in the frame of his run: he does not catch it half-way. */
const stillRuns = (g: Graph, n: Node & { action: ActionOf<'pass'> }): Runner | undefined =>
  g.reads[n.frame] ? runsOf(g, n.action.to).findLast((run) => run.frame === n.frame - 1) : undefined;

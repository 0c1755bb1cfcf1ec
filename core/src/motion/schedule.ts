import type { PlayerId } from '../alignment/library.ts';
import { distance, type Point } from '../geometry/vec.ts';
import type { Cue, Verb } from '../play/document.ts';
import type { FrameWalk } from '../play/state.ts';
import { CATCH_TO_DRIBBLE, FIRST_DRIBBLE, SETTLE, WINDUP, type LevelRecord } from './level.ts';
import {
  isDoes,
  isRun,
  kindOfPass,
  passesBy,
  runOf,
  topSpeed,
  type Bar,
  type Edge,
  type Node,
  type Vertex,
} from './node.ts';
import { distanceAfter, placeAfter, timeTo } from './run.ts';
import type { EventName, Fault } from './timeline.ts';

/** A catch is meant this far before the end of a receiver's way (feet): he catches on the move. */
const CATCH_BEFORE_END = 2;
/** Seconds (from memory): a user waits this long after the set, a screener this long after the use, or unused after the set. */
const AFTER_SET = 0.05;
const AFTER_USE = 0.1;
const UNUSED = 0.35;
const FAKE_TIME = 0.5;
const HOLD_TIME = 1;
/** A shot from closer than this goes up in half the time (feet). */
const AT_RIM = 5;
/** Two runs join without a stop when the second starts no later than this after the first (s), at this share of their speed. */
const JOIN = { late: 0.02, keep: 0.85, rounds: 4 } as const;

/** What is done with the ball, and so needs it in hand. */
const PLAYS_BALL: ReadonlySet<Verb> = new Set<Verb>(['pass', 'dribble', 'handoff', 'shot', 'fake']);

/** Puts the actions of a line into time: ties, then times, in rounds until every run that can flow into the next one does. */
export class Schedule {
  readonly nodes: readonly Node[];
  readonly bars: readonly Bar[];
  readonly faults: Fault[] = [];
  private readonly level: LevelRecord;
  private readonly rim: Point;
  private readonly byId: ReadonlyMap<string, Node>;
  /** For each run, the run of the same man that follows it without a stop. */
  private readonly joins = new Map<Node, Node>();
  private readonly joined = new Map<Node, Node>();

  constructor(nodes: readonly Node[], walks: readonly FrameWalk[], level: LevelRecord, rim: Point) {
    this.nodes = nodes;
    this.level = level;
    this.rim = rim;
    this.byId = new Map(nodes.map((n) => [n.action.id, n]));
    this.bars = Array.from({ length: walks.length + 1 }, (_, frame) => ({
      is: 'bar' as const,
      frame,
      needs: [],
      time: 0,
      binding: null,
      done: false,
    }));
    this.seekJoins();
    for (const n of nodes) if (n.curve) n.run = this.run(n);
    this.bindBars();
    this.bindMen();
    this.bindCues();
    this.infer();
    this.evaluate();
    this.settleJoins();
    this.heldCues();
  }

  get end(): number {
    return this.bars.at(-1)!.time;
  }

  // ── ties ──────────────────────────────────────────────────────────────────────────────────────────

  /** A bar stands where every action of the frame before has ended. */
  private bindBars(): void {
    this.bars.forEach((bar, k) => {
      const before = this.bars[k - 1];
      if (!before) return;
      bar.needs.push({ from: before, kind: 'bar', at: () => before.time });
      for (const n of this.nodes)
        if (n.frame === k - 1 && !n.action.background)
          bar.needs.push({ from: n, kind: 'bar', at: () => n.end });
    });
  }

  /** What no cue can change: a man does one thing after another, and the ball is where it is. */
  private bindMen(): void {
    const last = new Map<PlayerId, Node>();
    let ball: Node | undefined;
    for (const n of this.nodes) {
      const previous = last.get(n.action.by);
      if (previous) n.needs.push({ from: previous, kind: 'player', at: () => previous.end });
      last.set(n.action.by, n);
      if (!n.has || !PLAYS_BALL.has(n.action.does)) continue;
      const given = ball;
      if (given && (isDoes(given, 'pass') || isDoes(given, 'handoff')) && given.action.to === n.action.by) {
        const wait = this.afterCatch(given, n);
        n.needs.push({ from: given, kind: 'ball', at: () => given.events.catch! + wait });
      }
      if (n.action.does !== 'fake') ball = n;
    }
  }

  /** Seconds a man needs between having the ball and starting to do this with it. */
  private afterCatch(given: Node, n: Node): number {
    if (given.action.does === 'handoff') return 0;
    if (n.action.does === 'pass') return this.level.man.catchToPass - WINDUP[kindOfPass(n as never)];
    return n.action.does === 'dribble' ? CATCH_TO_DRIBBLE : 0;
  }

  /** The coach's cues in the order of the document; one that would close a circle is left out and told. */
  private bindCues(): void {
    for (const n of this.nodes) {
      const { cue } = n.action;
      const bar = this.bars[n.frame]!;
      if (!cue || cue.on === 'frame') {
        n.needs.push({
          from: bar,
          kind: cue ? 'coach' : 'bar',
          at: () => Math.max(0, bar.time + (cue?.delay ?? 0)),
        });
        continue;
      }
      const on = this.byId.get(cue.on);
      if (!on || on.frame > n.frame) {
        this.untie(n, {
          code: 'cue-lost',
          actions: [n.action.id],
          sentence: `${n.action.by} waits for something that ${on ? 'comes later in the play' : 'is no longer in the play'}.`,
        });
        continue;
      }
      const circle = this.chain(on, n);
      if (circle) {
        const names = circle.map((x) => x.action.by);
        this.untie(n, {
          code: 'cue-circle',
          actions: circle.map((x) => x.action.id),
          sentence: `${listOf(names)} wait for each other. The tie set last is left out.`,
        });
        continue;
      }
      n.needs.push({
        from: on,
        kind: 'coach',
        event: cue.event ?? 'end',
        at: () => Math.max(0, moment(on, cue) + (cue.delay ?? 0)),
      });
    }
  }

  private untie(n: Node, fault: Fault): void {
    const bar = this.bars[n.frame]!;
    this.faults.push(fault);
    n.untied = true;
    n.needs.push({ from: bar, kind: 'bar', at: () => bar.time });
  }

  private readonly cued = (n: Node): boolean => n.action.cue !== undefined && !n.untied;

  /** What a coach would take for granted where he said nothing; never against what is said, never in a circle. */
  private infer(): void {
    for (const n of this.nodes) if (isDoes(n, 'screen')) this.inferScreen(n);
    for (const n of this.nodes) if (isDoes(n, 'handoff')) this.inferHandoff(n);
    for (const n of this.nodes) if (isDoes(n, 'pass') && n.has) this.inferPass(n);
  }

  private add(n: Node, edge: Edge): void {
    if (!this.dependsOn(edge.from, n)) n.needs.push(edge);
  }

  private inferScreen(screen: Node): void {
    if (screen.action.does !== 'screen') return;
    const user = this.userOf(screen);
    const slip = screen.action.slip ?? false;
    if (user && user.frame === screen.frame && !this.cued(user))
      this.add(user, {
        from: screen,
        kind: 'inferred',
        event: slip ? 'end' : 'set',
        at: () => (slip ? screen.end : screen.events.set! + AFTER_SET),
      });
    const next = this.nextOf(screen);
    if (!next || this.cued(next)) return;
    const { hold } = screen.action;
    if (user && !slip) {
      this.add(next, {
        from: user,
        kind: 'inferred',
        event: 'used',
        at: () => user.time + reach(user, spotOf(screen)) + AFTER_USE,
      });
    }
    if (hold !== undefined || (!user && !slip))
      this.add(next, {
        from: screen,
        kind: 'inferred',
        event: 'set',
        at: () => screen.end + (hold ?? UNUSED),
      });
  }

  /** The move that comes by a screen: in its own frame, else in the next one. */
  userOf(screen: Node): Node | undefined {
    if (screen.action.does !== 'screen') return undefined;
    const who = screen.action.for;
    const at = spotOf(screen);
    return [screen.frame, screen.frame + 1]
      .flatMap((f) => this.nodes.filter((n) => n.frame === f && n.action.by === who && isRun(n)))
      .find((n) => passesBy(n, at) !== null);
  }

  private nextOf(n: Node): Node | undefined {
    return this.nodes.find(
      (x) =>
        x.action.by === n.action.by &&
        x !== n &&
        (x.frame > n.frame || (x.frame === n.frame && this.nodes.indexOf(x) > this.nodes.indexOf(n))) &&
        x.frame <= n.frame + 1,
    );
  }

  private inferHandoff(n: Node): void {
    if (n.action.does !== 'handoff') return;
    const receiver = this.moverTo(n, n.action.to);
    if (!receiver) return;
    if (!passesBy(receiver, n.from)) return;
    this.add(n, { from: receiver, kind: 'order', at: () => 0 });
    // A giver who comes later holds the receiver, so that both are there together.
    if (this.cued(receiver)) return;
    for (const e of n.needs)
      if (e.kind !== 'order')
        this.add(receiver, {
          ...e,
          kind: 'inferred',
          event: 'start',
          at: () => e.at() - reach(receiver, n.from),
        });
  }

  private inferPass(n: Node & { action: { to: PlayerId } }): void {
    const receiver = this.moverTo(n, n.action.to);
    if (!receiver) return;
    if (this.cued(n) && !this.cued(receiver)) {
      // The pass is called: the receiver's cut is timed back from the catch.
      this.add(receiver, {
        from: n,
        kind: 'inferred',
        event: 'catch',
        at: () => n.events.catch! - timeTo(receiver.run!, catchAt(receiver)),
      });
      if (receiver.needs.some((e) => e.from === n)) return;
    }
    if (!this.dependsOn(receiver, n)) n.needs.push({ from: receiver, kind: 'order', at: () => 0 });
  }

  /** The receiver's last run of the frame. */
  moverTo(n: Node, to: PlayerId): Node | undefined {
    return this.nodes.findLast(
      (x) =>
        x.frame === n.frame &&
        x.action.by === to &&
        (x.action.does === 'cut' || x.action.does === 'seal') &&
        x.run,
    );
  }

  private dependsOn(v: Vertex, on: Vertex, seen = new Set<Vertex>()): boolean {
    if (v === on) return true;
    if (seen.has(v)) return false;
    seen.add(v);
    return v.needs.some((e) => this.dependsOn(e.from, on, seen));
  }

  /** The actions that lead from `to` to `from`, when waiting for `from` would make `to` wait for itself. */
  private chain(from: Vertex, to: Vertex): Node[] | null {
    const seen = new Set<Vertex>();
    const walk = (v: Vertex): Vertex[] | null => {
      if (v === to) return [v];
      if (seen.has(v)) return null;
      seen.add(v);
      for (const e of v.needs) {
        const rest = walk(e.from);
        if (rest) return [...rest, v];
      }
      return null;
    };
    return walk(from)?.filter((v): v is Node => 'is' in v && v.is === 'action') ?? null;
  }

  // ── times ─────────────────────────────────────────────────────────────────────────────────────────

  private evaluate(): void {
    for (const v of [...this.bars, ...this.nodes]) v.done = false;
    for (const v of [...this.nodes, ...this.bars]) this.visit(v);
  }

  private visit(v: Vertex): void {
    if (v.done) return;
    v.time = 0;
    v.binding = null;
    for (const e of v.needs) {
      this.visit(e.from);
      const at = e.at();
      if (e.kind !== 'order' && (at > v.time + 1e-9 || v.binding === null)) {
        v.time = Math.max(v.time, at);
        v.binding = e;
      }
    }
    if ('is' in v && v.is === 'action') this.time(v as Node);
    v.done = true;
  }

  private time(n: Node): void {
    const { action, run } = n;
    const start = n.time;
    n.events = { start };
    switch (action.does) {
      case 'pass':
        this.timePass(n);
        break;
      case 'handoff': {
        const receiver = this.moverTo(n, action.to);
        const near = receiver && passesBy(receiver, n.from);
        const there =
          receiver && near && n.needs.some((e) => e.from === receiver)
            ? receiver.time + timeTo(receiver.run!, near.s)
            : start;
        const at = Math.max(start, there);
        n.end = at + 0.1;
        Object.assign(n.events, { release: at, catch: at });
        break;
      }
      case 'screen': {
        const arrive = start + (run?.duration ?? 0);
        if (!action.slip) n.events.set = arrive + SETTLE;
        n.end = n.events.set ?? arrive;
        break;
      }
      case 'shot': {
        const { catchToShot, pullUp } = this.level.man;
        const dribbled = n.step.before.dribble !== 'live';
        const close = distance(n.from, this.rim) < AT_RIM ? 0.5 : 1;
        n.events.release = start + (dribbled ? pullUp : catchToShot) * close;
        n.end = n.events.release + shotFlight(distance(n.from, this.rim));
        break;
      }
      case 'fake':
        n.end = start + FAKE_TIME;
        break;
      case 'hold':
        n.end = start + (action.seconds ?? HOLD_TIME);
        break;
      default:
        n.end = start + (run?.duration ?? 0);
        if (action.does === 'dribble')
          Object.assign(n.events, { firstDribble: Math.min(n.end, start + FIRST_DRIBBLE), pickUp: n.end });
    }
    n.events.end = n.end;
  }

  private timePass(n: Node): void {
    if (!isDoes(n, 'pass')) return;
    const kind = kindOfPass(n);
    const speed = this.level.man.pass[kind];
    const windup = WINDUP[kind];
    const receiver = this.moverTo(n, n.action.to);
    const waits = receiver && n.needs.some((e) => e.from === receiver);
    if (waits && !this.cued(n)) {
      const s = catchAt(receiver);
      const flight = distance(n.from, placeOn(receiver, s)) / speed;
      n.time = Math.max(n.time, receiver.time + timeTo(receiver.run!, s) - flight - windup);
    }
    const release = n.time + windup;
    n.events = { start: n.time, release };
    const where = this.receiverAt(n, receiver);
    let t = release;
    for (let i = 0; i < 30; i++) {
      const next = release + distance(n.from, where(t)) / speed;
      if (Math.abs(next - t) < 1e-9) break;
      t = next;
    }
    n.events.catch = t;
    n.end = t;
  }

  /** Where the receiver of a pass is at a time, as far as the pass may know. */
  private receiverAt(
    n: Node & { action: { to: PlayerId } },
    receiver: Node | undefined,
  ): (t: number) => Point {
    const still = n.step.before.places[n.action.to];
    if (!receiver?.run) return () => still;
    const { run } = receiver;
    if (n.needs.some((e) => e.from === receiver))
      return (t) => placeOn(receiver, distanceAfter(run, t - receiver.time));
    const tie = receiver.needs.find((e) => e.from === n);
    if (tie?.kind === 'inferred') return () => placeOn(receiver, catchAt(receiver));
    // He starts on this pass: his run is known from its start or release on.
    const { cue } = receiver.action;
    const starts =
      tie && (cue?.event === 'start' || cue?.event === 'release') ? moment(n, cue) + (cue.delay ?? 0) : null;
    return starts === null ? () => still : (t) => placeOn(receiver, distanceAfter(run, t - starts));
  }

  // ── runs that flow into each other ────────────────────────────────────────────────────────────────

  private seekJoins(): void {
    const last = new Map<PlayerId, Node>();
    for (const n of this.nodes) {
      const before = last.get(n.action.by);
      if (before && isRun(before) && isRun(n) && !n.action.cue && n.curve.length > 1) this.join(before, n);
      last.set(n.action.by, n);
    }
  }

  private join(a: Node, b: Node): void {
    this.joins.set(a, b);
    this.joined.set(b, a);
  }

  /** The speed two joined runs pass on, ft/s: less the sharper the turn between them. */
  private passed(a: Node, b: Node | undefined): number {
    if (!b) return 0;
    const [u, w] = [a.curve!.points, b.curve!.points];
    const end = u.length - 1;
    const ax = u[end]!.x - (u[end - 1] ?? u[end]!).x;
    const ay = u[end]!.y - (u[end - 1] ?? u[end]!).y;
    const bx = (w[1] ?? w[0]!).x - w[0]!.x;
    const by = (w[1] ?? w[0]!).y - w[0]!.y;
    const size = Math.sqrt((ax * ax + ay * ay) * (bx * bx + by * by));
    const turn = size < 1e-9 ? 0 : Math.max(0, (ax * bx + ay * by) / size);
    return JOIN.keep * turn * Math.min(topSpeed(a, this.level), topSpeed(b, this.level));
  }

  private run(n: Node) {
    const before = this.joined.get(n);
    return runOf(n, this.level, before ? this.passed(before, n) : 0, this.passed(n, this.joins.get(n)));
  }

  /** A join whose second run starts later than the first ends was none. */
  private settleJoins(): void {
    for (let round = 0; round < JOIN.rounds; round++) {
      const broken = [...this.joins].filter(([a, b]) => b.time > a.end + JOIN.late);
      if (broken.length === 0) return;
      for (const [a, b] of broken) {
        this.joins.delete(a);
        this.joined.delete(b);
        a.run = this.run(a);
        b.run = this.run(b);
      }
      this.evaluate();
    }
  }

  /** Cues that something stronger outlasts: the man is still running, or the ball is not there. */
  private heldCues(): void {
    for (const n of this.nodes) {
      const coach = n.needs.find((e) => e.kind === 'coach');
      const late = coach && n.binding !== coach ? n.time - coach.at() : 0;
      if (!coach || late < 0.1 || !n.binding) continue;
      const why =
        n.binding.kind === 'ball' || n.binding.kind === 'inferred'
          ? 'the ball is not there yet'
          : 'he is still on his way';
      this.faults.push({
        code: 'cue-held',
        actions: [n.action.id],
        sentence: `${n.action.by} starts ${late.toFixed(1)} s after his cue: ${why}.`,
      });
    }
  }
}

/** Feet into his way at which a receiver means to catch. */
export const catchAt = (n: Node): number => Math.max(0, (n.run?.length ?? 0) - CATCH_BEFORE_END);

/** Seconds from his start until a runner is nearest to a place he passes. */
const reach = (n: Node, place: Point): number => timeTo(n.run!, passesBy(n, place)?.s ?? 0);

const spotOf = (screen: Node): Point => screen.step.after.places[screen.action.by];

function placeOn(n: Node, s: number): Point {
  const out = { x: 0, y: 0 };
  placeAfter(n.run!, s, out);
  return out;
}

/** Seconds a shot is in the air (from memory: about 0.6 s from close, 1.1 s from the arc). */
const shotFlight = (feet: number): number => 0.55 + feet / 45;

/** The moment of the event a cue names; the end when the action has no such event. */
function moment(on: Node, cue: Cue): number {
  if (cue.event === 'at')
    return on.run
      ? on.time + timeTo(on.run, (cue.at ?? 0) * on.run.length)
      : on.time + (cue.at ?? 0) * (on.end - on.time);
  const name: EventName = cue.event ?? 'end';
  return on.events[name] ?? on.end;
}

function listOf(names: readonly string[]): string {
  const unique = [...new Set(names)];
  return unique.length < 2 ? (unique[0] ?? '') : `${unique.slice(0, -1).join(', ')} and ${unique.at(-1)}`;
}

import { byPlayer, PLAYERS, type PlayerId } from '../alignment/library.ts';
import type { Court } from '../court/court.ts';
import { rimOf } from '../court/queries.ts';
import { nearestOnCurve, pointAt, through, type Curve } from '../geometry/curve.ts';
import { distance, type Point } from '../geometry/vec.ts';
import type { Action, Cue, Level, Play, Tempo } from '../play/document.ts';
import { passKind, screenAngle, USES_WITHIN } from '../play/kinds.ts';
import { holderOf, pathOf, walkLine, type FrameWalk, type Step } from '../play/state.ts';
import { lineTo } from '../play/tree.ts';
import { levelRecord, SETTLE, TEMPO, WINDUP, type LevelRecord } from './level.ts';
import type { EventName, Fault, Flight, Possession, ScreenBody, TimedAction, Timeline } from './timeline.ts';

/** A catch is fixed this far before the end of a receiver's path (feet): he catches on the move. */
const CATCH_BEFORE_END = 2;
/** Seconds a hold, a fake and a stationary act take (from memory). */
const FAKE_TIME = 0.5;
const HOLD_TIME = 1;
const SHOT_ARC = 9;
const ARCS = { chest: 0, bounce: 0, lob: 6, skip: 3 } as const;

export interface Compiled {
  readonly timeline: Timeline;
  readonly faults: readonly Fault[];
}

/**
 * Times one line of frames, from the first to `leafId`. First version: constant speed by tempo and
 * level; players of a frame start together unless one needs another. Never throws on a readable document.
 */
export function compile(play: Play, leafId: string, court: Court, level: Level): Compiled {
  const line = lineTo(play, leafId);
  return new Scheduler(walkLine(play, line), court, levelRecord(level, play.women ?? false)).run();
}

interface Ready {
  /** When each player has finished what he did so far, and where that leaves him. */
  readonly free: Record<PlayerId, number>;
  /** When the ball came into the holder's hands. */
  ball: number;
}

/** Schedules frame by frame: a bar starts when every action of the bar before has ended. */
class Scheduler {
  private readonly done: TimedAction[] = [];
  /** Actions whose cue closed a circle and is ignored. */
  private readonly untied = new Set<string>();
  private readonly byId = new Map<string, TimedAction>();
  private readonly faults: Fault[] = [];
  private readonly flights: Flight[] = [];
  private readonly screens: ScreenBody[] = [];
  private readonly possessions: Possession[] = [];
  private readonly bars: { frame: string; start: number; end: number }[] = [];
  private readonly walks: readonly FrameWalk[];
  private readonly court: Court;
  private readonly level: LevelRecord;
  private readonly ready: Ready = { free: { '1': 0, '2': 0, '3': 0, '4': 0, '5': 0 }, ball: 0 };

  constructor(walks: readonly FrameWalk[], court: Court, level: LevelRecord) {
    this.walks = walks;
    this.court = court;
    this.level = level;
  }

  run(): Compiled {
    const first = this.walks[0];
    if (first) this.possessions.push({ from: 0, holder: holderOf(first.before), dribbling: false });
    let barrier = 0;
    this.walks.forEach((walk, i) => {
      const start = barrier;
      for (const p of PLAYERS)
        this.ready.free[p] = Math.max(this.ready.free[p], walk.frame.actions.some((a) => a.cue) ? 0 : start);
      for (const step of this.order(walk))
        barrier = Math.max(barrier, this.place(walk, step, start, this.walks[i + 1]));
      this.bars.push({ frame: walk.frame.id, start, end: barrier });
    });
    return { timeline: this.timeline(barrier), faults: this.faults };
  }

  /** The steps of a frame, each after those it waits for; circles are broken at the tie set last and reported. */
  private order(walk: FrameWalk): Step[] {
    const steps = [...walk.steps];
    const index = new Map(steps.map((s, i) => [s.action.id, i]));
    const needs = steps.map((s, i) => {
      const before = steps.slice(0, i);
      const set = new Set<number>();
      before.forEach((b, j) => {
        const shares = b.action.by === s.action.by;
        const ball = touchesBall(b.action) && touchesBall(s.action);
        const uses =
          (b.action.does === 'screen' && b.action.for === s.action.by) || receives(b.action, s.action.by);
        if (shares || ball || uses) set.add(j);
      });
      const cued = s.action.cue && index.get(s.action.cue.on);
      if (typeof cued === 'number') set.add(cued);
      return set;
    });
    const out: Step[] = [];
    const placed = new Set<number>();
    while (out.length < steps.length) {
      const next = steps.findIndex((_, i) => !placed.has(i) && [...needs[i]!].every((n) => placed.has(n)));
      if (next >= 0) {
        placed.add(next);
        out.push(steps[next]!);
        continue;
      }
      const stuck = steps.map((_, i) => i).filter((i) => !placed.has(i));
      const last = stuck.filter((i) => steps[i]!.action.cue).at(-1) ?? stuck[0]!;
      const names = stuck.map((i) => steps[i]!.action.by);
      this.faults.push({
        code: 'cue-circle',
        actions: stuck.map((i) => steps[i]!.action.id),
        sentence: `${listOf(names)} wait for each other. The tie set last is left out.`,
      });
      this.untied.add(steps[last]!.action.id);
      needs[last]!.delete(index.get(steps[last]!.action.cue?.on ?? '') ?? -1);
      if ([...needs[last]!].every((n) => placed.has(n))) continue;
      needs[last]!.clear();
    }
    return out;
  }

  private place(walk: FrameWalk, step: Step, barStart: number, next: FrameWalk | undefined): number {
    const { action } = step;
    const from = this.cued(action, barStart);
    const timed = this.time(walk, step, from, next);
    this.done.push(timed);
    this.byId.set(action.id, timed);
    this.ready.free[action.by] = Math.max(this.ready.free[action.by], timed.end);
    return action.background ? 0 : timed.end;
  }

  /** The earliest start: the bar, or the coach's cue in its place; and always the man's own last action. */
  private cued(action: Action, barStart: number): number {
    const own = this.ready.free[action.by];
    if (!action.cue || this.untied.has(action.id)) return Math.max(barStart, own);
    const delay = action.cue.delay ?? 0;
    if (action.cue.on === 'frame') return Math.max(barStart + delay, own, 0);
    const on = this.byId.get(action.cue.on);
    if (!on) {
      this.faults.push({
        code: 'cue-lost',
        actions: [action.id],
        sentence: `${action.by} waits for something that is no longer in the play.`,
      });
      return Math.max(barStart, own);
    }
    return Math.max(eventTime(on, action.cue) + delay, own, 0);
  }

  private time(walk: FrameWalk, step: Step, from: number, next: FrameWalk | undefined): TimedAction {
    const { action } = step;
    const here = step.before.places[action.by];
    const has = holderOf(step.before) === action.by;
    const base = { action, frame: walk.frame.id };
    switch (action.does) {
      case 'cut':
      case 'seal':
        return this.run1(walk, base, step, from, action.does === 'cut' ? (action.tempo ?? 'cut') : 'cut', 1);
      case 'dribble': {
        const start = has ? Math.max(from, this.ready.ball) : from;
        const timed = this.run1(walk, base, step, start, action.tempo ?? 'cut', this.level.man.dribbling);
        if (has)
          this.possessions.push(
            { from: timed.start, holder: action.by, dribbling: true },
            { from: timed.end, holder: action.by, dribbling: false },
          );
        return { ...timed, events: { ...timed.events, firstDribble: timed.start, pickUp: timed.end } };
      }
      case 'screen': {
        const curve = through(here, action.path);
        const arrive = from + curve.length / this.speed(action.tempo ?? 'cut');
        const set = arrive + SETTLE;
        const at = step.after.places[action.by];
        const s = step as Step & { action: Extract<Action, { does: 'screen' }> };
        this.screens.push({
          action: action.id,
          by: action.by,
          user: action.for,
          at,
          angle: screenAngle(walk, s, next),
          set,
          left: set + (action.hold ?? 0.35),
        });
        return { ...base, start: from, end: set, events: { start: from, set, end: set }, curve };
      }
      case 'pass':
        return this.pass(base, step, from, action);
      case 'handoff': {
        const receiver = this.lastMove(action.to, walk);
        const meet = receiver?.curve ? nearestOnCurve(receiver.curve, here).s : 0;
        const there = receiver?.curve ? receiver.start + meet / this.speedOf(receiver) : 0;
        const at = Math.max(from, has ? this.ready.ball : 0, there);
        if (has && action.to !== action.by) {
          this.possessions.push({ from: at, holder: action.to, dribbling: false });
          this.ready.ball = at;
        }
        return {
          ...base,
          start: at,
          end: at + 0.1,
          events: { start: at, release: at, catch: at, end: at + 0.1 },
          curve: null,
        };
      }
      case 'shot': {
        const start = has ? Math.max(from, this.ready.ball) : from;
        const release = start + this.level.man.catchToShot * 0.6;
        const rim = rimOf(this.court);
        const arrive = release + 0.55 + distance(here, rim) / 45;
        if (has) {
          this.flights.push({
            action: action.id,
            from: here,
            to: rim,
            release,
            arrive,
            passer: action.by,
            receiver: null,
            arc: SHOT_ARC * Math.min(1, distance(here, rim) / 15),
          });
          this.possessions.push({ from: release, holder: null, dribbling: false });
        }
        return { ...base, start, end: arrive, events: { start, release, end: arrive }, curve: null };
      }
      case 'fake':
        return {
          ...base,
          start: from,
          end: from + FAKE_TIME,
          events: { start: from, end: from + FAKE_TIME },
          curve: null,
        };
      case 'hold': {
        const end = from + (action.seconds ?? HOLD_TIME);
        return { ...base, start: from, end, events: { start: from, end }, curve: null };
      }
    }
  }

  private speed(tempo: Tempo, share = 1): number {
    return this.level.man.speed * TEMPO[tempo] * share;
  }

  /** A run along a path; off a screen set for him, he comes by just when it is set. */
  private run1(
    walk: FrameWalk,
    base: { action: Action; frame: string },
    step: Step,
    from: number,
    tempo: Tempo,
    share: number,
  ): TimedAction {
    const { action } = step;
    const curve = through(step.before.places[action.by], pathOf(action));
    const speed = this.speed(tempo, share);
    let start = from;
    if (!action.cue) {
      for (const screen of this.screens) {
        if (screen.user !== action.by || !walk.frame.actions.some((a) => a.id === screen.action)) continue;
        const near = nearestOnCurve(curve, screen.at);
        if (near.distance <= USES_WITHIN) start = Math.max(start, screen.set + 0.05 - near.s / speed);
      }
    }
    const duration = stretched(action, curve, (t) => this.speed(t, share), speed);
    return { ...base, start, end: start + duration, events: { start, end: start + duration }, curve };
  }

  private pass(
    base: { action: Action; frame: string },
    step: Step,
    from: number,
    action: Extract<Action, { does: 'pass' }>,
  ): TimedAction {
    const has = holderOf(step.before) === action.by;
    const kind = passKind(step as Step & { action: typeof action });
    const windup = WINDUP[kind];
    const here = step.before.places[action.by];
    const ready = has && this.ready.ball > 0 ? this.ready.ball + this.level.man.catchToPass : 0;
    let start = Math.max(from, ready);
    // Wait for a receiver who is running: ball and man arrive together, shortly before his path ends.
    const run = this.done.filter((d) => d.action.by === action.to && d.curve).at(-1);
    const ballSpeed = this.level.man.pass[kind];
    let catchPoint: Point = step.before.places[action.to];
    if (run?.curve && run.end > start && !action.cue) {
      const s = Math.max(0, run.curve.length - CATCH_BEFORE_END);
      catchPoint = pointAt(run.curve, s);
      const there = run.start + s / this.speedOf(run);
      start = Math.max(start, there - distance(here, catchPoint) / ballSpeed - windup);
    }
    const release = start + windup;
    let arrive = release + distance(here, catchPoint) / ballSpeed;
    if (run?.curve) {
      // A moving receiver: where he is when the ball gets there (a few rounds settle it).
      for (let i = 0; i < 12; i++) {
        catchPoint = pointAt(run.curve, (arrive - run.start) * this.speedOf(run));
        arrive = release + distance(here, catchPoint) / ballSpeed;
      }
    }
    if (has && action.to !== action.by) {
      this.flights.push({
        action: action.id,
        from: here,
        to: catchPoint,
        release,
        arrive,
        passer: action.by,
        receiver: action.to,
        arc: ARCS[kind],
      });
      this.possessions.push(
        { from: release, holder: null, dribbling: false },
        { from: arrive, holder: action.to, dribbling: false },
      );
      this.ready.ball = arrive;
    }
    return {
      ...base,
      start,
      end: arrive,
      events: { start, release, catch: arrive, end: arrive },
      curve: null,
    };
  }

  private lastMove(player: PlayerId, walk: FrameWalk): TimedAction | undefined {
    return this.done.filter((d) => d.action.by === player && d.curve && d.frame === walk.frame.id).at(-1);
  }

  private speedOf(t: TimedAction): number {
    return t.curve && t.end > t.start ? t.curve.length / (t.end - t.start) : Infinity;
  }

  private timeline(end: number): Timeline {
    const actions = [...this.done].sort((a, b) => a.start - b.start);
    const moves = byPlayer((p) => actions.filter((a) => a.action.by === p && a.curve));
    const starts = byPlayer((p) => this.walks[0]?.before.places[p] ?? { x: 0, y: 0 });
    const critical = this.bars.flatMap((b) => {
      const last = actions.filter(
        (a) => a.frame === b.frame && !a.action.background && Math.abs(a.end - b.end) < 1e-9,
      )[0];
      return last ? [last.action.id] : [];
    });
    return {
      actions,
      bars: this.bars,
      flights: this.flights,
      screens: this.screens.map((s) => ({
        ...s,
        left:
          actions.find((a) => a.action.by === s.by && a.start >= s.set && a.curve)?.start ??
          Math.max(s.left, end),
      })),
      possessions: this.possessions,
      moves,
      starts,
      criticalPath: critical,
      end,
    };
  }
}

const touchesBall = (a: Action): boolean =>
  a.does === 'pass' || a.does === 'dribble' || a.does === 'handoff' || a.does === 'shot' || a.does === 'fake';
const receives = (a: Action, player: PlayerId): boolean =>
  (a.does === 'pass' || a.does === 'handoff') && a.to === player;

function stretched(action: Action, curve: Curve, speedAt: (t: Tempo) => number, speed: number): number {
  const parts = 'stretches' in action ? action.stretches : undefined;
  if (!parts || parts.length === 0) return curve.length / speed;
  let at = 0;
  let time = 0;
  for (const p of parts) {
    time += (Math.max(0, p.to - at) * curve.length) / speedAt(p.tempo);
    at = Math.max(at, p.to);
  }
  return time + ((1 - at) * curve.length) / speed;
}

/** The time of the event a cue names; the start when the action has no such event. */
function eventTime(on: TimedAction, cue: Cue): number {
  if (cue.event === 'at') return on.start + (cue.at ?? 0) * (on.end - on.start);
  const name: EventName = cue.event ?? 'end';
  return on.events[name] ?? on.end;
}

function listOf(names: readonly string[]): string {
  const unique = [...new Set(names)];
  return unique.length < 2 ? (unique[0] ?? '') : `${unique.slice(0, -1).join(', ')} and ${unique.at(-1)}`;
}

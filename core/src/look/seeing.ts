import { next, NONE, type Seat, SEATS } from '../geometry/five.ts';
import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import type { Blocked, Defended, DefenceEvent } from '../defence/defended.ts';
import type { Plan } from '../defence/plan.ts';
import { holderAt, onRails, type Moving } from '../defence/rails.ts';
import { driveAlong } from '../space/drive.ts';
import { floorOf, type Floor } from '../space/floor.ts';
import { opennessAt, type Openness } from './openness.ts';
import { edge, passesSeen, type PassSeen, type Span } from './passes.ts';
import { softSpotsOf, type SoftSpot } from '../space/soft-spots.ts';
import { optionsOf, worstSplit, type Option, type Split } from '../space/split.ts';
import { trapped } from '../space/times.ts';

/** A player open for a while, and the best look he has in it. */
interface OpenWindow extends Span {
  readonly player: PlayerId;
  readonly best: Openness;
  readonly bestAt: number;
}
/** A defender split for a while, at its worst. */
interface SplitSpan extends Span {
  readonly split: Split;
  readonly at: number;
}
/** A drive toward the rim: how far it gets before a body is there, and whose. */
interface DriveSeen {
  readonly action: string;
  readonly player: PlayerId;
  readonly at: number;
  readonly feet: number;
  readonly by: number;
}
/** Two men on the ball: who could take it from there. */
interface TrapSeen extends Span {
  readonly holder: PlayerId;
  readonly options: readonly Option[];
}
/** An instant at which the man with the ball decides: he catches, or passes, drives or shoots. */
export interface Instant {
  readonly t: number;
  readonly holder: PlayerId;
  readonly options: readonly Option[];
  readonly soft: readonly SoftSpot[];
}

/** Everything seen of a line against a defence, ten times a second and sharpened where something changes. */
export interface Seeing {
  readonly times: readonly number[];
  /** Per time, per player. */
  readonly openness: readonly (readonly Openness[])[];
  readonly windows: readonly OpenWindow[];
  readonly passes: readonly PassSeen[];
  readonly splits: readonly SplitSpan[];
  /** Per time, who is split then; null nobody, and while the ball flies. */
  readonly splitAt: readonly (Split | null)[];
  readonly drives: readonly DriveSeen[];
  readonly traps: readonly TrapSeen[];
  readonly instants: readonly Instant[];
  readonly events: readonly DefenceEvent[];
  readonly blocked: readonly Blocked[];
}

const EVERY = 6;
/** Something shorter than this is not worth a word (s). */
const LEAST = 0.2;

/**
 * Reads a defended line. `plan` is the defence it was simulated with: passes are held against it again. What is seen of
 * it is worked out when it is asked for, and then kept: not everybody asks for everything.
 */
export const seeingOf = (d: Defended, plan: Plan): Seeing => new Seen(d, plan);

class Seen implements Seeing {
  readonly times: readonly number[];
  readonly events: readonly DefenceEvent[];
  readonly blocked: readonly Blocked[];

  constructor(
    private readonly d: Defended,
    private readonly plan: Plan,
  ) {
    const { dt, steps } = d.rails;
    this.times = Array.from({ length: Math.ceil(steps / EVERY) }, (_, i) => i * EVERY * dt);
    this.events = d.events;
    this.blocked = d.blocked;
  }

  get openness(): Seeing['openness'] {
    return this.kept('openness', () =>
      this.times.map((_, i) => SEATS.map((j) => opennessAt(this.d, i * EVERY, j))),
    );
  }
  get windows(): Seeing['windows'] {
    return this.kept('windows', () => SEATS.flatMap((j) => windowsOf(this.d, this.times, this.openness, j)));
  }
  get passes(): Seeing['passes'] {
    return this.kept('passes', () => passesSeen(this.d, this.plan));
  }
  get splitAt(): Seeing['splitAt'] {
    return this.kept('splitAt', () => this.whileHeld((f) => worstSplit(f)));
  }
  get splits(): Seeing['splits'] {
    return this.kept('splits', () => spansOf(this.times.map((t, i) => ({ t, split: this.splitAt[i]! }))));
  }
  get drives(): Seeing['drives'] {
    return this.kept('drives', () => drivesOf(this.d, floorFor(this.d)));
  }
  get traps(): Seeing['traps'] {
    return this.kept('traps', () => {
      const all = this.whileHeld((f, k) =>
        f.holder !== NONE && trapped(f) && meant(this.d, k, f.holder)
          ? { holder: PLAYERS[f.holder], options: optionsOf(f) }
          : null,
      );
      return trapsOf(this.times.flatMap((t, i) => (all[i] ? [{ t, ...all[i] }] : [])));
    });
  }
  get instants(): Seeing['instants'] {
    return this.kept('instants', () => instantsOf(this.d));
  }

  private readonly all = new Map<keyof Seeing, unknown>();
  private kept<K extends keyof Seeing>(key: K, see: () => Seeing[K]): Seeing[K] {
    if (!this.all.has(key)) this.all.set(key, see());
    return this.all.get(key) as Seeing[K];
  }

  /** What is seen of the floor at each time; nothing while the ball flies. */
  private whileHeld<T>(see: (f: Floor, k: number) => T | null): (T | null)[] {
    const floor = floorFor(this.d);
    return this.times.map((_, i) => {
      const k = i * EVERY;
      return holderAt(this.d.rails, k) === NONE ? null : see(floorAt(this.d, k, floor), k);
    });
  }
}

const floorFor = ({ rails }: Defended): Floor => floorOf(rails.court, rails.level);

/** A player looked up and read at once. */
const his: Moving = { x: 0, y: 0, vx: 0, vy: 0 };

/** The floor at a step of a defended line, into `f`. */
export function floorAt(d: Defended, k: number, f: Floor): Floor {
  const { rails } = d;
  f.holder = holderAt(rails, k);
  const has = f.holder === NONE ? 0 : f.holder;
  f.players = 5;
  const t = k * rails.dt;
  f.sealing = 0;
  f.dribbled = rails.dribbled[k] === 1;
  for (let j: Seat = 0; j < 5; j = next(j)) {
    const { x, y } = onRails(rails, k, j, his);
    f.ox[j] = x;
    f.oy[j] = y;
    f.dx[j] = d.x[k * 5 + j]!;
    f.dy[j] = d.y[k * 5 + j]!;
    f.vx[j] = d.vx[k * 5 + j]!;
    f.vy[j] = d.vy[k * 5 + j]!;
    f.delay[j] = d.held[k * 5 + j]!;
  }
  f.bx = f.ox[has];
  f.by = f.oy[has];
  for (const a of rails.timeline.actions)
    if (a.action.does === 'seal' && a.end <= t && t <= a.end + 1.5)
      f.sealing |= 1 << PLAYERS.indexOf(a.action.by);
  return f;
}

function windowsOf(
  d: Defended,
  times: readonly number[],
  all: readonly (readonly Openness[])[],
  j: Seat,
): OpenWindow[] {
  const { dt } = d.rails;
  const out: OpenWindow[] = [];
  const open = (k: number): boolean => opennessAt(d, k, j).open;
  let since = -1;
  for (let i = 0; i <= times.length; i++) {
    const is = i < times.length && all[i]![j]!.open;
    if (is && since < 0) since = i;
    if (is || since < 0) continue;
    const from = since === 0 ? 0 : edge(open, (since - 1) * EVERY, since * EVERY) * dt;
    const to = i === times.length ? times[i - 1]! : edge(open, i * EVERY, (i - 1) * EVERY) * dt;
    let best = since;
    for (let n = since; n < i; n++) if (all[n]![j]!.value > all[best]![j]!.value) best = n;
    if (to - from >= LEAST - 1e-9)
      out.push({ player: PLAYERS[j], from, to, best: all[best]![j]!, bestAt: times[best]! });
    since = -1;
  }
  return out;
}

const same = (a: Split, b: Split): boolean =>
  a.defender === b.defender && a.players[0] === b.players[0] && a.players[1] === b.players[1];

/** Splits that last: the same man between the same two. */
function spansOf(all: readonly { t: number; split: Split | null }[]): SplitSpan[] {
  const out: SplitSpan[] = [];
  let open: { from: number; to: number; split: Split; at: number } | undefined;
  for (const { t, split } of [...all, { t: Infinity, split: null }]) {
    if (open && split && same(open.split, split)) {
      open.to = t;
      if (split.margin > open.split.margin) Object.assign(open, { split, at: t });
      continue;
    }
    if (open && open.to - open.from >= LEAST - 1e-9) out.push(open);
    open = split ? { from: t, to: t, split, at: t } : undefined;
  }
  return out;
}

/**
 * Two near the ball trap it when both are there for it: a man who denies his own next to it, or passes by, traps nobody.
 * A zone's men are there for the ball.
 */
function meant(d: Defended, k: number, holder: Seat): boolean {
  if (d.type === 'zone') return true;
  const t = k * d.rails.dt;
  const twoOnBall = d.coverages.some(
    (c) => c.onBall && c.does !== 'drop' && c.does !== 'stay' && c.use <= t && t < c.done,
  );
  const there = SEATS.filter((i) => d.guards[k * 5 + i] === holder || d.attends[k * 5 + i] === holder);
  return twoOnBall || there.length > 1;
}

function trapsOf(all: readonly { t: number; holder: PlayerId; options: Option[] }[]): TrapSeen[] {
  const out: (TrapSeen & { to: number })[] = [];
  for (const { t, holder, options } of all) {
    const last = out.at(-1);
    if (last && last.holder === holder && t - last.to < 0.15) last.to = t;
    else out.push({ from: t, to: t, holder, options });
  }
  return out.filter((s) => s.to - s.from >= 2 * LEAST - 1e-9);
}

function drivesOf(d: Defended, f: Floor): DriveSeen[] {
  const { timeline, court, dt, steps } = d.rails;
  const rim = { x: 0, y: court.rimY };
  return timeline.actions.flatMap((a): DriveSeen[] => {
    if (a.action.does !== 'dribble' || !a.run) return [];
    const n = a.run.x.length - 1;
    const from = Math.sqrt(a.run.x[0]! ** 2 + (a.run.y[0]! - rim.y) ** 2);
    const to = Math.sqrt(a.run.x[n]! ** 2 + (a.run.y[n]! - rim.y) ** 2);
    if (from - to < 6) return [];
    floorAt(d, Math.min(steps - 1, Math.round(a.start / dt)), f);
    const way = [1, 2, 3].map((i) => ({
      x: a.run!.x[Math.round((n * i) / 3)]!,
      y: a.run!.y[Math.round((n * i) / 3)]!,
    }));
    const seen = driveAlong(f, [...way, rim]);
    return [{ action: a.action.id, player: a.action.by, at: a.start, feet: seen.feet, by: seen.by }];
  });
}

/** Instants nearer than this are one (s). */
const APART = 0.1;

/** Catches, and the starts of what the ball does next, each once. */
function instantsOf(d: Defended): Instant[] {
  const { timeline, dt, steps } = d.rails;
  const times = timeline.actions
    .flatMap(({ action, start, events }) =>
      action.does === 'pass' || action.does === 'handoff'
        ? [start, events.catch ?? start]
        : action.does === 'shot' || action.does === 'dribble'
          ? [start]
          : [],
    )
    .sort((a, b) => a - b);
  const out: Instant[] = [];
  for (const t of times) {
    if (out.length > 0 && t - out.at(-1)!.t < APART) continue;
    const k = Math.min(steps - 1, Math.round(t / dt));
    const holder = holderAt(d.rails, k);
    if (holder !== NONE) out.push(new Deciding(d, k, PLAYERS[holder]));
  }
  return out;
}

/** An instant, looked at when it is asked for. */
class Deciding implements Instant {
  readonly t: number;
  private known: readonly Option[] | undefined;
  private spots: readonly SoftSpot[] | undefined;

  constructor(
    private readonly d: Defended,
    private readonly k: number,
    readonly holder: PlayerId,
  ) {
    this.t = k * d.rails.dt;
  }

  get options(): readonly Option[] {
    return (this.known ??= optionsOf(this.floor()));
  }
  /** Soft spots are a zone's: of five men who follow five there are none to be named. */
  get soft(): readonly SoftSpot[] {
    return (this.spots ??= this.d.type === 'zone' ? softSpotsOf(this.floor()) : []);
  }
  private floor(): Floor {
    return floorAt(this.d, this.k, floorFor(this.d));
  }
}

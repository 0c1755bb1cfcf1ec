import { PLAYERS, seatOf, type PlayerId } from '../alignment/library.ts';
import type { CoverageSeen, DefenceEvent, Defended } from '../defence/defended.ts';
import { NONE, SEATS, type Seat } from '../geometry/five.ts';
import { floorAt } from '../look/seeing.ts';
import type { Against } from '../look/against.ts';
import { floorOf } from '../space/floor.ts';
import { optionsOf } from '../space/split.ts';
import { pointsOn } from './points.ts';

/** One thing a defender has to do in a play. */
export interface Duty {
  readonly does: 'fights' | 'takes' | 'tags' | 'helps' | 'closesOut' | 'boxesOut' | 'split';
  /** From when to when, seconds. */
  readonly from: number;
  readonly to: number;
  /** Whom it is about; of a split the first of the two. */
  readonly player: PlayerId;
  readonly other?: PlayerId;
  /** Seconds he is behind after a screen, or feet he has to run to a shooter. */
  readonly much?: number;
}

/** What a play asks of one defender. */
export interface Evening {
  readonly defender: Seat;
  readonly duties: readonly Duty[];
  /** Feet he runs in all. */
  readonly feet: number;
}

/** A helper at one moment: who is open when he goes to a man, and by how much; nobody is open when he helps for free. */
export interface Leaves {
  readonly t: number;
  readonly defender: Seat;
  /** Whose man he is, and to whom he goes. */
  readonly own: PlayerId | null;
  readonly to: PlayerId;
  /** Who is open then, and how late everybody is for him (s); null when he costs nothing. */
  readonly opens: { readonly player: PlayerId; readonly late: number; readonly home: number } | null;
}

/** He has fought through a screen when he is this near to his man, or as near as he was and a little, on his rim side (ft, s). */
const FOUGHT = { near: 3.4, more: 0.5, hold: 0.1, most: 3 } as const;
/** A close-out starts this far off, and is over this near (ft). */
const CLOSE_OUT = { from: 6, to: 4 } as const;
/** Who attends another man for less is passing by (s). */
const HELPS = 0.4;

const dist = (d: Defended, k: number, i: Seat, j: number): number =>
  Math.hypot(d.x[k * 5 + i]! - d.rails.x[k * 5 + j]!, d.y[k * 5 + i]! - d.rails.y[k * 5 + j]!);
const stepAt = ({ rails }: Defended, t: number): number =>
  Math.max(0, Math.min(rails.steps - 1, Math.round(t / rails.dt)));

/** What every defender has to do on a line, each with his list in the order of time. */
export function evenings(against: Against): Evening[] {
  const { defended: d, seeing } = against;
  return SEATS.map((i) => {
    const duties = [
      ...d.coverages.flatMap((c) => fights(d, c, i)),
      ...d.events.flatMap((e) => (e.is === 'switch' ? takes(d, e, i) : goes(d, e, i))),
      ...closeOuts(d, i),
      ...seeing.splits
        .filter((s) => s.split.defender === i)
        .map((s): Duty => ({
          does: 'split',
          from: s.from,
          to: s.to,
          player: PLAYERS[s.split.players[0]]!,
          other: PLAYERS[s.split.players[1]]!,
        })),
      ...boxOut(d, i),
    ].sort((a, b) => a.from - b.from);
    return { defender: i, duties, feet: feetOf(d, i) };
  });
}

/** In a switch both of its men take over the other's. */
function takes(d: Defended, e: DefenceEvent, i: Seat): Duty[] {
  const met = d.coverages.find((c) => c.action === e.action);
  if (i !== e.defender && i !== met?.userMan && i !== met?.screenerMan) return [];
  const player = PLAYERS[d.guards[stepAt(d, e.t + d.rails.dt) * 5 + i]!];
  return player ? [{ does: 'takes', from: e.t, to: e.t + HELPS, player }] : [];
}

function goes(d: Defended, e: DefenceEvent, i: Seat): Duty[] {
  const player = PLAYERS[e.player];
  if (e.defender !== i || e.is === 'noHelper' || !player) return [];
  const to = Math.max(e.t + HELPS, until(d, i, e.t, e.player));
  return [{ does: e.is === 'tag' ? 'tags' : 'helps', from: e.t, to, player }];
}

/** Until when he attends a man whom he has gone to. */
function until(d: Defended, i: Seat, from: number, player: number): number {
  let k = stepAt(d, from);
  while (k < d.rails.steps - 1 && d.attends[k * 5 + i] === player) k++;
  return k * d.rails.dt;
}

function fights(d: Defended, c: CoverageSeen, i: Seat): Duty[] {
  if (c.userMan !== i || c.does === 'switch' || !Number.isFinite(c.use)) return [];
  const screen = d.rails.timeline.actions.find((a) => a.action.id === c.action)?.action;
  const user = screen?.does === 'screen' ? screen.for : screen?.does === 'handoff' ? screen.to : null;
  if (!user) return [];
  const j = seatOf(user);
  const before = dist(d, stepAt(d, c.use - 0.5), i, j);
  const near = Math.max(FOUGHT.near, before + FOUGHT.more);
  const { dt, steps, court, x, y, timeline } = d.rails;
  // He is screened when the user comes by, not when he sets out.
  const use = timeline.screens.find((s) => s.action === c.action)?.used?.at ?? c.use;
  // Once the ball is gone from a screen on it there is nothing to fight for.
  const gone = c.onBall
    ? timeline.flights.find((f) => f.passer === user && f.release > use)?.release
    : undefined;
  const most = Math.min(use + FOUGHT.most, gone ?? Infinity, timeline.end);
  let since = -1;
  for (let k = stepAt(d, use); k < steps && k * dt <= most; k++) {
    const his = Math.hypot(d.x[k * 5 + i]!, d.y[k * 5 + i]! - court.rimY);
    const ours = Math.hypot(x[k * 5 + j]!, y[k * 5 + j]! - court.rimY);
    const there = dist(d, k, i, j) <= near && his <= ours + 0.5;
    if (!there) since = -1;
    else if (since < 0) since = k;
    if (since >= 0 && (k - since) * dt >= FOUGHT.hold) {
      const t = since * dt;
      return [{ does: 'fights', from: use, to: t, player: user, much: Math.max(0, t - use) }];
    }
  }
  const t = Math.max(use, most);
  return [{ does: 'fights', from: use, to: t, player: user, much: t - use }];
}

function closeOuts(d: Defended, i: Seat): Duty[] {
  const { timeline, dt, steps } = d.rails;
  return timeline.flights.flatMap((f): Duty[] => {
    if (f.receiver === null) return [];
    const j = seatOf(f.receiver);
    const k = stepAt(d, f.release);
    // Whose man he is when the ball is there has to go.
    const at = stepAt(d, f.arrive);
    if (d.guards[at * 5 + i] !== j) return [];
    const feet = dist(d, k, i, j);
    if (feet < CLOSE_OUT.from) return [];
    let to = at;
    while (to < steps - 1 && dist(d, to, i, j) > CLOSE_OUT.to) to++;
    return [{ does: 'closesOut', from: f.release, to: to * dt, player: f.receiver, much: feet }];
  });
}

function boxOut(d: Defended, i: Seat): Duty[] {
  const shot = d.rails.timeline.flights.findLast((f) => f.receiver === null);
  if (!shot) return [];
  const j = d.guards[stepAt(d, shot.release) * 5 + i]!;
  const player = PLAYERS[j];
  return player && player !== shot.passer
    ? [{ does: 'boxesOut', from: shot.release, to: shot.arrive, player }]
    : [];
}

function feetOf(d: Defended, i: Seat): number {
  let feet = 0;
  for (let k = 1; k < d.rails.steps; k++)
    feet += Math.hypot(d.x[k * 5 + i]! - d.x[k * 5 - 5 + i]!, d.y[k * 5 + i]! - d.y[k * 5 - 5 + i]!);
  return feet;
}

/** A helper stands so far on the rim side of the man he goes to (ft); it is asked so long after the choice is seen (s). */
const HELP = { feet: 3, after: 0.5 } as const;
/** Who is open is told when he is so much more open than with everybody at home (s). */
const TOLD = 0.2;

/** At every ball screen, handoff and drive of a line: what each helper leaves when he goes to the roller, or to the ball. */
export function leaving(against: Against): Leaves[] {
  const { defended: d } = against;
  const { court, level, timeline } = d.rails;
  return pointsOn(timeline, court)
    .filter((p) => p.kind === 'tag' || p.kind === 'drive')
    .flatMap((p) => {
      const t = Math.min(timeline.end, p.seen + HELP.after);
      const k = stepAt(d, t);
      const to = p.kind === 'tag' ? p.by : p.user;
      const f = floorAt(d, k, floorOf(court, level));
      if (f.holder === NONE) return [];
      const home = optionsOf(f);
      return SEATS.flatMap((i): Leaves[] => {
        const his = d.guards[k * 5 + i];
        const own = his === undefined || his < 0 ? undefined : PLAYERS[his];
        if (own === p.by || own === p.user) return [];
        const [x, y] = [f.dx[i], f.dy[i]];
        const j = seatOf(to);
        const [ox, oy] = [f.ox[j], f.oy[j]];
        const far = Math.hypot(ox, oy - court.rimY) || 1;
        f.dx[i] = ox - (HELP.feet * ox) / far;
        f.dy[i] = oy - (HELP.feet * (oy - court.rimY)) / far;
        const gone = optionsOf(f);
        f.dx[i] = x;
        f.dy[i] = y;
        let opens: Leaves['opens'] = null;
        for (const o of gone) {
          if (o.player === j) continue;
          const was = home.find((h) => h.player === o.player)?.late ?? 0;
          if (o.late > 0 && o.late - was >= TOLD && o.late - was > (opens ? opens.late - opens.home : 0))
            opens = { player: PLAYERS[o.player]!, late: o.late, home: was };
        }
        return [{ t, defender: i, own: own ?? null, to, opens }];
      });
    });
}

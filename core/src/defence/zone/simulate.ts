import { five, type Five, fiveSmall, next, NONE, type None, type Seat } from '../../geometry/five.ts';
import type { Defended, DefenceEvent } from '../defended.ts';
import type { ZonePlan } from '../plan.ts';
import type { Act } from '../reads.ts';
import { onRails, ownerAt, type Moving, type Rails } from '../rails.ts';
import { Recorder } from '../recorder.ts';
import { thinks } from '../thinks.ts';
import { PLAYERS } from '../../alignment/library.ts';
import { CHASER_LATE } from '../../space/floor.ts';
import { SPACE } from '../../space/times.ts';
import { BUMP, onWing } from './bump.ts';
import { keepApart, movingFrom, plant, stepZone } from './move.ts';
import { schemeOf, zoneByKey } from './scheme.ts';
import { settled, type Situation } from './shade.ts';

/** A screen is on a man of the zone who stands this near to it (ft). */
const SCREENS = 3.6;
/** Share of his speed that a screened man has left. */
const HELD = 0.15;
const CONE = 0.25881904510252074;
/** A man has a player in his care who is this near (ft). */
const CARES = 10;

/** A player looked up and read at once. */
const his: Moving = { x: 0, y: 0, vx: 0, vy: 0 };
/** Where our five are now. */
const nowX = five();
const nowY = five();

/** A zone slides against the rails, 1/60 s at a time: it sees passes and runs a reaction late, and plants on every pass. */
export function simulateZone(rails: Rails, plan: ZonePlan, steps: number): Defended {
  const { level, court, dt } = rails;
  const table = zoneByKey(plan.zone)!;
  const scheme = schemeOf(table, plan.schools, court);
  const bump = schemeOf(table, plan.schools, court, true);
  const lag = Math.round(level.zone.react / dt);
  const situation: Situation = {
    x: five(),
    y: five(),
    bx: 0,
    by: 0,
    screening: 0,
    chases: plan.chases,
    players: 5,
  };
  const held = holds(rails);
  const slow = five();
  const events: DefenceEvent[] = [];
  const bodies = {
    k: 0,
    t: 0,
    px: five(),
    py: five(),
    vx: five(),
    vy: five(),
    man: fiveSmall<Seat | None>(NONE),
    attends: fiveSmall<Seat | None>(NONE),
    hitUntil: five(),
    hitKeeps: five(HELD),
  };
  see(rails, situation, 0);
  settled(scheme, level, situation, bodies.px, bodies.py);
  const m = movingFrom(bodies.px, bodies.py);
  const out = new Recorder(rails, 'zone');
  let owner = ownerAt(rails, 0);
  let bumpUntil = -1;
  for (let k = 0; k < steps; k++) {
    const t = k * dt;
    bodies.k = k;
    bodies.t = t;
    for (let j: Seat = 0; j < 5; j = next(j)) {
      const { x, y } = onRails(rails, k, j, his);
      nowX[j] = x;
      nowY[j] = y;
    }
    if (thinks(k)) {
      const s = Math.max(0, k - lag);
      see(rails, situation, s);
      const now = ownerAt(rails, s);
      if (now !== NONE && now !== owner) {
        const far = !near(rails, s, owner, now);
        owner = now;
        if (far) plant(m);
        if (onWing(situation.bx, situation.by)) bumpUntil = catchOf(rails, t) + BUMP;
      }
      settled(t < bumpUntil ? bump : scheme, level, situation, m.tx, m.ty);
      if (plan.acts.length > 0) act(plan.acts, rails, situation, m, k, s);
    }
    if (k > 0) {
      for (let d: Seat = 0; d < 5; d = next(d)) slow[d] = holding(held, m, bodies, d, t) ? HELD : 1;
      stepZone(m, level, situation.bx, situation.by, dt, slow);
      keepApart(m, nowX, nowY);
      for (let d: Seat = 0; d < 5; d = next(d)) {
        bodies.vx[d] = (m.x[d] - bodies.px[d]) / dt;
        bodies.vy[d] = (m.y[d] - bodies.py[d]) / dt;
        bodies.px[d] = m.x[d];
        bodies.py[d] = m.y[d];
      }
    }
    for (let d: Seat = 0; d < 5; d = next(d))
      if (plan.chases[d] !== NONE)
        bodies.hitUntil[d] = Math.max(bodies.hitUntil[d], t + CHASER_LATE / (1 - HELD));
    cares(plan.chases, bodies);
    out.record(bodies);
  }
  return out.done(events);
}

/** How near to the ball a man stands who goes out to it, and one who traps; how far one steps up at most (ft, from memory). */
const ACTS = { goes: 3, traps: 2.2, steps: 8, sagsX: 4, sagsY: 9 } as const;

/** What is about the ball where it is: once it is passed on he plays on. */
const ABOUT_BALL: ReadonlySet<Act['does']> = new Set<Act['does']>([
  'goes',
  'stays',
  'stepsUp',
  'trap',
  'helps',
]);

/** What single men are seen to do by the reads of the line, in place of where the zone has them; they see the floor as at step s. */
function act(
  acts: readonly Act[],
  rails: Rails,
  { bx, by }: Situation,
  m: { x: Five; y: Five; tx: Five; ty: Five },
  k: number,
  s: number,
): void {
  const t = k * rails.dt;
  for (const { does, who, from, at, to } of acts) {
    if (t < from || t >= to) continue;
    const now = ownerAt(rails, s);
    if (ABOUT_BALL.has(does) && t > at && now !== NONE && now !== ownerAt(rails, stepAt(rails, at))) continue;
    const rim = rails.court.rimY;
    const far = Math.sqrt(bx * bx + (rim - by) ** 2) || 1e-9;
    const dx = bx - m.x[who];
    const dy = by - m.y[who];
    const off = Math.sqrt(dx * dx + dy * dy) || 1e-9;
    if (does === 'goes' || does === 'helps') {
      m.tx[who] = bx - (bx / far) * ACTS.goes;
      m.ty[who] = by + ((rim - by) / far) * ACTS.goes;
    } else if (does === 'trap') {
      m.tx[who] = bx - (dx / off) * ACTS.traps;
      m.ty[who] = by - (dy / off) * ACTS.traps;
    } else if (does === 'stepsUp') {
      const k = Math.min(ACTS.steps, Math.max(0, off - ACTS.goes)) / off;
      m.tx[who] = m.x[who] + dx * k;
      m.ty[who] = m.y[who] + dy * k;
    } else if (does === 'sags') {
      m.tx[who] = Math.min(ACTS.sagsX, Math.max(-ACTS.sagsX, m.tx[who]));
      m.ty[who] = Math.min(ACTS.sagsY, m.ty[who]);
    } else {
      // He stays where he is; one who is late does for as long as he is.
      m.tx[who] = m.x[who];
      m.ty[who] = m.y[who];
    }
  }
}

const stepAt = (rails: Rails, t: number): number =>
  Math.min(rails.steps - 1, Math.max(0, Math.ceil(t / rails.dt)));

/** The floor as a zone has it at step s: the players, and the ball with whoever owns it. */
function see(rails: Rails, situation: Situation, s: number): void {
  for (let j: Seat = 0; j < 5; j = next(j)) {
    const { x, y } = onRails(rails, s, j, his);
    situation.x[j] = x;
    situation.y[j] = y;
  }
  const owner = ownerAt(rails, s);
  if (owner !== NONE) {
    // A pass is answered where it goes to.
    const flight = rails.track.holder[s]! < 0;
    const at = flight ? Math.round(catchOf(rails, s * rails.dt) / rails.dt) : s;
    const { x, y } = onRails(rails, at, owner, his);
    situation.bx = x;
    situation.by = y;
  }
  situation.screening = 0;
  const t = s * rails.dt;
  for (const b of rails.timeline.screens)
    if (t >= b.set && t < b.left) situation.screening |= 1 << PLAYERS.indexOf(b.by);
}

function catchOf(rails: Rails, t: number): number {
  for (const f of rails.timeline.flights) if (f.release <= t && t < f.arrive) return f.arrive;
  return t;
}

/** A handoff moves nobody: the ball stays where it was. */
function near(rails: Rails, s: number, a: Seat | None, b: Seat): boolean {
  if (a === NONE) return false;
  const { x, y } = onRails(rails, s, a, his);
  const other = onRails(rails, s, b, his);
  return (x - other.x) ** 2 + (y - other.y) ** 2 < 16;
}

interface Hold {
  readonly on: Seat | None;
  readonly x: number;
  readonly y: number;
  readonly from: number;
  readonly to: number;
  /** When it began to cost him; −1 not yet. */
  since: number;
}

/** The screens of a line as a zone meets them; whom a screen is on may be said, else it is the nearest man. */
function holds(rails: Rails): Hold[] {
  return rails.timeline.screens
    .filter((b) => !b.slip)
    .map((b) => {
      const { action } = rails.timeline.actions.find((a) => a.action.id === b.action)!;
      const on = action.does === 'screen' && action.on ? ((Number(action.on.slice(1)) - 1) as Seat) : NONE;
      return { on, x: b.at.x, y: b.at.y, from: b.set, to: b.left + 0.3, since: -1 };
    });
}

/** Whether a screen holds defender d up now: he wants past it, and it has cost him less than it can. */
function holding(
  held: readonly Hold[],
  m: { x: Five; y: Five; tx: Five; ty: Five },
  bodies: { hitUntil: Five },
  d: Seat,
  t: number,
): boolean {
  for (const h of held) {
    if (t < h.from || t > h.to || (h.on !== NONE && h.on !== d)) continue;
    const sx = h.x - m.x[d];
    const sy = h.y - m.y[d];
    if (sx * sx + sy * sy > SCREENS * SCREENS) continue;
    const ax = m.tx[d] - m.x[d];
    const ay = m.ty[d] - m.y[d];
    const wants = ax * ax + ay * ay;
    if (wants < 1 || ax * sx + ay * sy < CONE * Math.sqrt(wants * (sx * sx + sy * sy))) continue;
    if (h.since < 0) h.since = t;
    if (t - h.since >= SPACE.screened) continue;
    bodies.hitUntil[d] = h.since + SPACE.screened;
    return true;
  }
  return false;
}

/** Whom each man has in his care: the man he chases, else the nearest in his area. */
function cares(chases: Situation['chases'], bodies: { px: Five; py: Five; man: Five<Seat | None> }): void {
  for (let d: Seat = 0; d < 5; d = next(d)) {
    const chased = chases[d];
    bodies.man[d] = chased;
    if (chased !== NONE) continue;
    const x = bodies.px[d];
    const y = bodies.py[d];
    let least = CARES * CARES;
    for (let j: Seat = 0; j < 5; j = next(j)) {
      const far = (nowX[j] - x) ** 2 + (nowY[j] - y) ** 2;
      if (far < least) {
        least = far;
        bodies.man[d] = j;
      }
    }
  }
}

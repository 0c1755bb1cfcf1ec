import type { Defended, DefenceEvent } from '../defended.ts';
import type { ZonePlan } from '../plan.ts';
import type { Rails } from '../rails.ts';
import { Recorder } from '../recorder.ts';
import { PLAYERS } from '../../alignment/library.ts';
import { SPACE } from '../../space/times.ts';
import { BUMP, onWing } from './bump.ts';
import { movingFrom, plant, stepZone } from './move.ts';
import { schemeOf, zoneByKey } from './scheme.ts';
import { settled, type Situation } from './shade.ts';

/** A screen is on a man of the zone who stands this near to it (ft). */
const SCREENS = 3.6;
/** Share of his speed that a screened man has left. */
const HELD = 0.15;
const CONE = 0.25881904510252074;
/** A man has a player in his care who is this near (ft). */
const CARES = 10;

/** A zone slides against the rails, 1/60 s at a time: it sees passes and runs a reaction late, and plants on every pass. */
export function simulateZone(rails: Rails, plan: ZonePlan): Defended {
  const { level, court, dt } = rails;
  const table = zoneByKey(plan.zone)!;
  const scheme = schemeOf(table, plan.schools, court);
  const bump = schemeOf(table, plan.schools, court, true);
  const lag = Math.round(level.zone.react / dt);
  const situation: Situation = {
    x: new Float64Array(5),
    y: new Float64Array(5),
    bx: 0,
    by: 0,
    screening: 0,
    chases: Int8Array.from(plan.chases),
    players: 5,
  };
  const held = holds(rails);
  const slow = new Float64Array(5);
  const events: DefenceEvent[] = [];
  const bodies = {
    k: 0,
    t: 0,
    px: new Float64Array(5),
    py: new Float64Array(5),
    vx: new Float64Array(5),
    vy: new Float64Array(5),
    man: new Int8Array(5),
    attends: new Int8Array(5).fill(-1),
    hitUntil: new Float64Array(5),
    hitKeeps: new Float64Array(5).fill(HELD),
  };
  see(rails, situation, 0);
  settled(scheme, level, situation, bodies.px, bodies.py);
  const m = movingFrom(bodies.px, bodies.py);
  const out = new Recorder(rails, 'zone');
  let owner = rails.owner[0]!;
  let bumpUntil = -1;
  for (let k = 0; k < rails.steps; k++) {
    const t = k * dt;
    bodies.k = k;
    bodies.t = t;
    if (k > 0) {
      const s = Math.max(0, k - lag);
      see(rails, situation, s);
      const now = rails.owner[s]!;
      if (now >= 0 && now !== owner) {
        const far = !near(rails, s, owner, now);
        owner = now;
        if (far) plant(m);
        if (onWing(situation.bx, situation.by)) bumpUntil = catchOf(rails, t) + BUMP;
      }
      settled(t < bumpUntil ? bump : scheme, level, situation, m.tx, m.ty);
      for (let d = 0; d < 5; d++) slow[d] = holding(held, m, bodies, d, t) ? HELD : 1;
      stepZone(m, level, situation.bx, situation.by, dt, slow);
      for (let d = 0; d < 5; d++) {
        bodies.vx[d] = (m.x[d]! - bodies.px[d]!) / dt;
        bodies.vy[d] = (m.y[d]! - bodies.py[d]!) / dt;
      }
      bodies.px.set(m.x);
      bodies.py.set(m.y);
    }
    cares(rails, situation, bodies, k);
    out.record(bodies);
  }
  return out.done(events);
}

/** The floor as a zone has it at step s: the players, and the ball with whoever owns it. */
function see(rails: Rails, situation: Situation, s: number): void {
  for (let j = 0; j < 5; j++) {
    situation.x[j] = rails.x[s * 5 + j]!;
    situation.y[j] = rails.y[s * 5 + j]!;
  }
  const owner = rails.owner[s]!;
  if (owner >= 0) {
    // A pass is answered where it goes to.
    const flight = rails.track.holder[s]! < 0;
    const at = flight ? Math.min(rails.steps - 1, Math.round(catchOf(rails, s * rails.dt) / rails.dt)) : s;
    situation.bx = rails.x[at * 5 + owner]!;
    situation.by = rails.y[at * 5 + owner]!;
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
function near(rails: Rails, s: number, a: number, b: number): boolean {
  if (a < 0) return false;
  return (
    (rails.x[s * 5 + a]! - rails.x[s * 5 + b]!) ** 2 + (rails.y[s * 5 + a]! - rails.y[s * 5 + b]!) ** 2 < 16
  );
}

interface Hold {
  readonly on: number;
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
      const on = action.does === 'screen' && action.on ? Number(action.on.slice(1)) - 1 : -1;
      return { on, x: b.at.x, y: b.at.y, from: b.set, to: b.left + 0.3, since: -1 };
    });
}

/** Whether a screen holds defender d up now: he wants past it, and it has cost him less than it can. */
function holding(
  held: readonly Hold[],
  m: { x: Float64Array; y: Float64Array; tx: Float64Array; ty: Float64Array },
  bodies: { hitUntil: Float64Array },
  d: number,
  t: number,
): boolean {
  for (const h of held) {
    if (t < h.from || t > h.to || (h.on >= 0 && h.on !== d)) continue;
    const sx = h.x - m.x[d]!;
    const sy = h.y - m.y[d]!;
    if (sx * sx + sy * sy > SCREENS * SCREENS) continue;
    const ax = m.tx[d]! - m.x[d]!;
    const ay = m.ty[d]! - m.y[d]!;
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
function cares(
  rails: Rails,
  situation: Situation,
  bodies: { px: Float64Array; py: Float64Array; man: Int8Array },
  k: number,
): void {
  for (let d = 0; d < 5; d++) {
    const chased = situation.chases[d]!;
    bodies.man[d] = chased;
    if (chased >= 0) continue;
    let least = CARES * CARES;
    for (let j = 0; j < 5; j++) {
      const far = (rails.x[k * 5 + j]! - bodies.px[d]!) ** 2 + (rails.y[k * 5 + j]! - bodies.py[d]!) ** 2;
      if (far < least) {
        least = far;
        bodies.man[d] = j;
      }
    }
  }
}

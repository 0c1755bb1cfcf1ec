import { copyFive, fillFive, next, NONE, type Seat } from '../../geometry/five.ts';
import type { CoverageSeen, Defended, DefenceEvent } from '../defended.ts';
import type { ManPlan } from '../plan.ts';
import type { Rails } from '../rails.ts';
import { Recorder } from '../recorder.ts';
import { thinks, THINKS_EVERY } from '../thinks.ts';
import { act, lateness } from './acts.ts';
import { collide } from './collide.ts';
import { advance, contextsOf, PHASE, type Context } from './context.ts';
import { OFF_BALL_MACHINES, ON_BALL_MACHINES } from './coverages/index.ts';
import type { Coverage } from './coverages/machine.ts';
import { lowHelp } from './deny.ts';
import { driveHelp } from './drive.ts';
import { BODY } from './figures.ts';
import { tag } from './help.ts';
import { normal } from './normal.ts';
import { seal } from './seal.ts';
import { carryOn, keepOffRim, steer } from './steer.ts';
import { moveOn, perceive, worldOf, type World } from './world.ts';
import type { OffBall, OnBall } from '../plan.ts';

/** Five men guard five men against the rails, a step of 1/60 s at a time. Nothing is random; nothing is made in a step. */
export function simulateMan(rails: Rails, plan: ManPlan, steps = rails.steps): Defended {
  const contexts = contextsOf(rails, plan);
  const w = worldOf(rails, plan, contexts);
  const machines = contexts.map((c): Coverage =>
    c.onBall ? ON_BALL_MACHINES[c.coverage as OnBall] : OFF_BALL_MACHINES[c.coverage as OffBall],
  );
  const events: DefenceEvent[] = [];
  settle(w);
  const out = new Recorder(rails, 'man');
  for (let k = 0; k < steps; k++) {
    moveOn(w, k);
    if (k > 0) {
      if (thinks(k)) {
        intend(w, machines, events);
        carryOn(w, THINKS_EVERY * w.dt);
      }
      for (let d: Seat = 0; d < 5; d = next(d)) steer(w, d);
      collide(w);
    }
    out.record(w);
  }
  return out.done(events, contexts.filter((c) => c.since[PHASE.alert] < Infinity).map(seenOf));
}

const seenOf = (c: Context): CoverageSeen => ({
  action: c.action,
  does: c.coverage,
  onBall: c.onBall,
  userMan: c.userMan,
  screenerMan: c.screenerMan,
  alert: c.since[PHASE.alert],
  use: c.since[PHASE.use],
  after: c.since[PHASE.after],
  done: c.since[PHASE.done],
});

/** They start where their rules put them, at rest. */
function settle(w: World): void {
  moveOn(w, 0);
  perceive(w);
  for (let d: Seat = 0; d < 5; d = next(d)) {
    normal(w, d);
    w.px[d] = w.tx[d];
    w.py[d] = w.ty[d];
    const x = w.plan.start?.[2 * d];
    const y = w.plan.start?.[2 * d + 1];
    if (x !== undefined && y !== undefined && !Number.isNaN(x)) {
      w.px[d] = x;
      w.py[d] = y;
    }
  }
  for (let d: Seat = 0; d < 5; d = next(d)) inside(w, d);
  for (let i = 0; i < 3; i++) collide(w);
  for (let d: Seat = 0; d < 5; d = next(d)) inside(w, d);
  copyFive(w.lastX, w.px);
  copyFive(w.lastY, w.py);
}

/** In bounds, and off the rim. */
function inside(w: World, d: Seat): void {
  const wide = w.rails.court.width / 2 - BODY.inBounds;
  w.px[d] = Math.min(wide, Math.max(-wide, w.px[d]));
  w.py[d] = Math.max(BODY.inBounds, w.py[d]);
  keepOffRim(w, d);
}

/** Fills in everybody's target: his normal place, then help on a drive, tags, and the screens that are on. */
function intend(w: World, machines: readonly Coverage[], events: DefenceEvent[]): void {
  perceive(w);
  lateness(w);
  seal(w);
  fillFive(w.forced, -1);
  fillFive(w.busy, 0);
  fillFive(w.attends, NONE);
  for (const c of w.contexts) {
    follow(w, c, machines[c.index]!, events);
    if (c.since[c.phase] === Infinity) c.since[c.phase] = w.t;
  }
  for (let d: Seat = 0; d < 5; d = next(d)) normal(w, d);
  const { driveHelper } = w;
  driveHelp(w);
  if (w.driveHelper !== NONE && w.driveHelper !== driveHelper)
    events.push({ t: w.t, is: 'help', defender: w.driveHelper, player: w.owner });
  lowHelp(w);
  act(w);
  for (const c of w.contexts) {
    const { decided } = c;
    tag(w, c);
    if (!decided && c.tagger !== NONE)
      events.push({ t: w.t, is: 'tag', action: c.action, defender: c.tagger, player: c.screener });
  }
  for (const c of w.contexts) {
    if (c.phase === PHASE.idle || c.phase === PHASE.done) continue;
    const m = machines[c.index]!;
    // Who plays a screen on the ball has no eyes for one set for his own man meanwhile.
    if (c.onBall || w.busy[c.userMan] === 0) m.user(w, c, c.userMan);
    if (c.tagger !== c.screenerMan) m.screener(w, c, c.screenerMan);
  }
}

/** Moves a coverage on: who its two men are, what they have seen, when they change, when it is over. */
function follow(w: World, c: Context, m: Coverage, events: DefenceEvent[]): void {
  if (c.phase === PHASE.done) return;
  if (c.phase === PHASE.idle) {
    c.userMan = w.of[c.user];
    c.screenerMan = w.of[c.screener];
  }
  const lag = (c.onBall ? w.lag.ball : w.lag.off) * w.dt;
  advance(c, w.t, lag, w.px[c.userMan], w.py[c.userMan]);
  if (c.phase === PHASE.idle) return;
  if (c.onBall) {
    w.busy[c.userMan] = 1;
    w.busy[c.screenerMan] = 1;
  }
  if (m.switches && !c.swapped && c.phase >= PHASE.use && w.t >= changeAt(w, c)) change(w, c, events);
  if (over(w, c)) c.phase = PHASE.done;
}

/** When the two see that they change men; a man who slips is seen late. */
const changeAt = (w: World, c: Context): number =>
  c.slip ? c.leaves + 0.3 + 0.4 * w.react : c.uses - 0.1 + 0.15 * w.react;

function change(w: World, c: Context, events: DefenceEvent[]): void {
  const a = c.userMan;
  const b = c.screenerMan;
  c.swapped = true;
  if (w.man[a] !== c.user || w.man[b] !== c.screener) {
    // One of them has another man by now: two would run after one.
    c.phase = PHASE.done;
    return;
  }
  w.man[a] = c.screener;
  w.man[b] = c.user;
  w.of[c.screener] = a;
  w.of[c.user] = b;
  events.push({ t: w.t, is: 'switch', action: c.action, defender: b, player: c.user });
  c.phase = PHASE.done;
}

function over(w: World, c: Context): boolean {
  if (c.phase === PHASE.done || w.t >= c.until) return true;
  if (c.phase < PHASE.use) return w.t > c.uses + 3;
  if (!c.onBall) return w.t > c.uses + 1.3;
  if (c.phase === PHASE.after && w.owner !== c.user && w.t > c.uses + (w.lag.pass + 2) * w.dt) return true;
  if (w.t > c.uses + 3) return true;
  if (c.phase !== PHASE.after) return false;
  const { x, y } = w.now[c.user];
  const dx = w.px[c.userMan] - x;
  const dy = w.py[c.userMan] - y;
  const back = dx * dx + dy * dy < 3.4 * 3.4 && dx * -x + dy * (w.rimY - y) > 0;
  if (!back) c.backSince = Infinity;
  else if (c.backSince === Infinity) c.backSince = w.t;
  return back && w.t - c.backSince >= 0.1;
}

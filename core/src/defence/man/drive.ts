import { fillFive, next, NONE, type None, type Seat } from '../../geometry/five.ts';
import { toldNow } from './acts.ts';
import { HELP, PACE } from './figures.ts';
import { go } from './target.ts';
import { look, ROLE, type World } from './world.ts';

/** A drive as the others see it: a little late, and carried on. Written again in each step. */
const drive = { x: 0, y: 0, vx: 0, vy: 0, speed: 0, rimwardX: 0, rimwardY: 0, far: 0 };

/** His stunt in this drive is over. */
const STUNTED = -2;
const NOT_YET = -1;

/**
 * Help on a drive as it is taught. From the middle the men next to the ball stunt at it and recover; along the baseline
 * the top sinks. When the man on the ball is beaten one man stops it: the low one before others, the strong corner's last.
 */
export function driveHelp(w: World): void {
  const j = w.owner;
  look(w, j, w.lag.off);
  const { seen } = w;
  Object.assign(drive, seen);
  drive.speed = Math.sqrt(seen.vx * seen.vx + seen.vy * seen.vy);
  drive.far = Math.sqrt(seen.x * seen.x + (w.rimY - seen.y) ** 2) || 1e-9;
  drive.rimwardX = -seen.x / drive.far;
  drive.rimwardY = (w.rimY - seen.y) / drive.far;
  const held = w.rails.track.holder[Math.max(0, w.k - w.lag.off)] === j;
  const toRim = drive.vx * drive.rimwardX + drive.vy * drive.rimwardY;
  const cos = drive.speed < 1e-9 ? 0 : toRim / drive.speed;
  if (!held || drive.speed < HELP.stops || cos < 0) {
    w.driveHelper = NONE;
    w.driving = false;
    w.alongBaseline = false;
    fillFive(w.stunts, NOT_YET);
  }
  if (!held || !w.plan.driveHelp || toldNow(w, j)?.help === 'none') return;
  if (drive.speed > HELP.drives && cos > HELP.toRim) {
    w.driving = true;
    w.alongBaseline = baseline(w);
    for (let d: Seat = 0; d < 5; d = next(d)) {
      if (w.man[d] === j || w.busy[d] === 1) continue;
      if (w.alongBaseline) sink(w, d);
      else stunt(w, d);
      cutterBrings(w, d);
    }
  }
  if (w.driveHelper !== NONE && passed(w, w.driveHelper)) w.driveHelper = NONE;
  if (w.driveHelper === NONE && drive.speed > HELP.drives && cos > HELP.beatenToRim && beaten(w))
    w.driveHelper = chooseStopper(w);
  if (w.driveHelper !== NONE) stop(w, w.driveHelper);
}

/** Run on to the edge of the lane, it comes in low: along the baseline, from there to its end. */
function baseline(w: World): boolean {
  const x = Math.abs(drive.x);
  const inward = drive.x < 0 ? drive.vx : -drive.vx;
  if (x <= HELP.laneEdge || inward <= 0) return w.alongBaseline;
  return drive.y + (drive.vy * (x - HELP.laneEdge)) / inward < HELP.low;
}

/** His player stands in a corner: where that is seen in `seen`, and whether it is the ball's. */
const inCorner = ({ seen }: World): boolean => seen.y < HELP.cornerY && Math.abs(seen.x) > HELP.cornerX;
const ballSide = ({ seen }: World, ballX: number): boolean => seen.x * ballX > 0;

/** A man next to the ball steps at its line for a moment and goes back: once a drive, and never out of the strong corner. */
function stunt(w: World, d: Seat): void {
  const m = w.man[d];
  if (w.stunts[d] === STUNTED || !((w.apart >> m) & 1) || w.role[m] === ROLE.twoAway) return;
  look(w, m, w.lag.off);
  if (inCorner(w) && ballSide(w, drive.x)) return;
  const { px, py } = w;
  const dx = px[d] - drive.x;
  const dy = py[d] - drive.y;
  const ahead = (dx * drive.vx + dy * drive.vy) / drive.speed;
  const along = Math.max(0, Math.min(HELP.stuntAhead, ahead));
  const meetX = drive.x + (drive.vx / drive.speed) * along;
  const meetY = drive.y + (drive.vy / drive.speed) * along;
  const ox = px[d] - meetX;
  const oy = py[d] - meetY;
  const off = Math.sqrt(ox * ox + oy * oy);
  if (w.stunts[d] === NOT_YET) {
    if (off >= HELP.stuntWithin || off < 1e-9) return;
    w.stunts[d] = w.t;
  }
  if (w.t - w.stunts[d] > HELP.stuntFor || ahead < -HELP.stuntPast) {
    w.stunts[d] = STUNTED;
    return;
  }
  const k = off < 1e-9 ? 0 : HELP.stuntShort / off;
  go(w, d, meetX + ox * k, meetY + oy * k);
  w.attends[d] = w.owner;
}

/** Against a drive along the baseline the men of the top fall half-way to the lane. */
function sink(w: World, d: Seat): void {
  look(w, w.man[d], w.lag.off);
  const { x, y } = w.seen;
  if (y <= HELP.topY) return;
  go(w, d, (x + HELP.sinkX * drive.x) / 2, (y + HELP.sinkY) / 2);
}

/** A mate who cuts through the lane ahead of the ball brings his man into it. */
function cutterBrings(w: World, d: Seat): void {
  look(w, w.man[d], w.lag.off);
  const { x, y, vx, vy } = w.seen;
  const { cutter } = HELP;
  if (vx * vx + vy * vy < cutter.runs * cutter.runs || Math.abs(x) > cutter.wide || y > cutter.high) return;
  const dx = w.px[d] - drive.x;
  const dy = w.py[d] - drive.y;
  const along = (dx * drive.vx + dy * drive.vy) / drive.speed;
  const off = Math.abs(dx * drive.vy - dy * drive.vx) / drive.speed;
  if (along <= 0 || off >= cutter.off) return;
  go(w, d, drive.x + (drive.vx / drive.speed) * along, drive.y + (drive.vy / drive.speed) * along);
  w.attends[d] = w.owner;
}

/** Neither the man on the ball nor one of a two-man coverage is before it on its way to the rim. */
function beaten(w: World): boolean {
  const own = w.of[w.owner];
  for (let d: Seat = 0; d < 5; d = next(d)) {
    if (d !== own && w.busy[d] === 0) continue;
    const dx = w.px[d] - drive.x;
    const dy = w.py[d] - drive.y;
    const far = d === own ? HELP.beatenFar : HELP.coverFar;
    const front = dx * drive.rimwardX + dy * drive.rimwardY >= HELP.beatenFront;
    const off = Math.abs(dx * drive.rimwardY - dy * drive.rimwardX);
    if (front && off <= HELP.beatenOff && dx * dx + dy * dy <= far * far) return false;
  }
  return true;
}

/** The ball has got by the man who went to stop it. */
function passed(w: World, d: Seat): boolean {
  const dx = w.px[d] - drive.x;
  const dy = w.py[d] - drive.y;
  const along = dx * drive.rimwardX + dy * drive.rimwardY;
  return along < -HELP.passedBy && dx * dx + dy * dy > HELP.passedOff * HELP.passedOff;
}

/** Who teams send: by what leaving his man costs, and how late he would be. Numbers do not matter. */
function chooseStopper(w: World): Seat | None {
  let best: Seat | None = NONE;
  let least = Infinity;
  for (let d: Seat = 0; d < 5; d = next(d)) {
    if (w.man[d] === w.owner || w.busy[d] === 1) continue;
    const score = cost(w, d) + Math.max(0, late(w, d));
    // Two who are even are told apart by the side the ball goes to.
    const even = Math.abs(score - least) < 1e-9 && best !== NONE;
    if (even ? (w.px[d] - w.px[best as Seat]) * drive.vx > 0 : score < least) {
      least = score;
      best = d;
    }
  }
  return best;
}

/** What it costs that he leaves his player, seconds: the strong corner gives the nearest kick-out, the low man the least. */
function cost(w: World, d: Seat): number {
  const m = w.man[d];
  look(w, m, w.lag.off);
  const { x, y } = w.seen;
  const far = Math.sqrt(x * x + (y - w.rimY) ** 2);
  const strong = ballSide(w, drive.x);
  const { costs } = HELP;
  let is: number;
  if (inCorner(w)) is = strong && w.plan.help !== 'strongCorner' ? costs.strongCorner : costs.corner;
  else if (far < HELP.lowWithin) is = 0;
  else if (y > HELP.topY) is = w.alongBaseline ? costs.topBaseline : costs.top;
  else is = strong ? costs.near : costs.other;
  return w.role[m] === ROLE.oneAway && far > HELP.outside ? Math.max(costs.near, is) : is;
}

/** How late he would be where he is least so on the ball's way to the rim, seconds. */
function late(w: World, d: Seat): number {
  let least = Infinity;
  const end = Math.max(2, drive.far - 2.5);
  for (let s = 2; s <= end; s += 1) {
    const gx = drive.x + drive.rimwardX * s - w.px[d];
    const gy = drive.y + drive.rimwardY * s - w.py[d];
    const gap = Math.sqrt(gx * gx + gy * gy) || 1e-9;
    const away = Math.max(0, -(w.vx[d] * gx + w.vy[d] * gy) / gap);
    const turn = (2 * away) / (1.35 * w.push[d]);
    const run = Math.max(0, gap - HELP.body) / (0.7 * w.speed[d]);
    least = Math.min(least, run + turn + 0.1 - s / Math.max(drive.speed, 1));
  }
  return least;
}

/** On the ball's way to the rim, as far out as he can get. */
function stop(w: World, d: Seat): void {
  if (w.man[d] === w.owner) {
    w.driveHelper = NONE;
    return;
  }
  const dx = w.px[d] - drive.x;
  const dy = w.py[d] - drive.y;
  const along = dx * drive.rimwardX + dy * drive.rimwardY;
  const off = Math.abs(dx * drive.rimwardY - dy * drive.rimwardX);
  // He aims ahead of where he stands beside the way, so that he meets it and does not chase it.
  const s = Math.min(drive.far - 2, Math.max(3, along + 0.35 * off));
  go(w, d, drive.x + drive.rimwardX * s, drive.y + drive.rimwardY * s, PACE.run * w.speed[d]);
  w.attends[d] = w.owner;
}

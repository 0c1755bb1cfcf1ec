import { type Five, fiveSmall, next, NONE, type None, type Seat } from '../geometry/five.ts';
import type { PassKind } from '../motion/level.ts';
import type { Floor } from './floor.ts';
import { shotPlace } from './shot-worth.ts';
import { arrival, passSeen, passTo, type Arrival } from './times.ts';

/** One pass the ball could take now: who gets there, when, and how late for the shot. */
export interface Option {
  readonly player: Seat;
  /** The first man there, how far he is from the receiver at the release, and when he contests. */
  readonly defender: Seat;
  readonly closeOut: number;
  readonly contest: number;
  readonly ball: number;
  /** Seconds by which his contest comes too late for the shot: above 0 open, above a third wide open. */
  readonly late: number;
  /** The kind of pass that gets there best. */
  readonly kind: PassKind;
  readonly margin: number;
  readonly laneMan: number;
}

/** A defender who must account for two: whichever he takes, the other is open by `margin`. */
export interface Split {
  readonly defender: Seat;
  readonly players: readonly [Seat, Seat];
  /** How late he is to each when he stands with the other (s). */
  readonly late: readonly [number, number];
  /** When the first man contests each then, and when the ball is there (s from the release). */
  readonly contest: readonly [number, number];
  readonly ball: readonly [number, number];
  /** Feet he has to run from the one to the other, to him whom he is less late to. */
  readonly closeOut: number;
  readonly margin: number;
  /** What is left when he stands in between: above 0 no place saves both. */
  readonly hedge: number;
  readonly grade: 'split' | 'torn';
}

const first: Arrival = { t: 0, who: 0 };
const pass = passSeen();
const GUARDS = 3;
const STEPS = 8;

const seals = (f: Floor, j: Seat): Seat | None => ((f.sealing >> j) & 1 ? j : NONE);

function lateTo(f: Floor, j: Seat): number {
  const x = f.ox[j];
  const y = f.oy[j];
  passTo(f, x, y, pass);
  arrival(f, x, y, seals(f, j), first);
  return first.t - pass.t - f.level.zone.late[shotPlace(f.court, x, y)];
}

/** No less than `lateTo`, without looking at lanes: no ball is faster than the flattest pass. */
function lateAtMost(f: Floor, j: Seat): number {
  const x = f.ox[j];
  const y = f.oy[j];
  arrival(f, x, y, seals(f, j), first);
  const length = Math.sqrt((x - f.bx) ** 2 + (y - f.by) ** 2);
  return first.t - length / f.level.pass.speed.chest - f.level.zone.late[shotPlace(f.court, x, y)];
}

/** Every pass the ball could take. */
export function optionsOf(f: Floor): Option[] {
  const out: Option[] = [];
  for (let j: Seat = 0; j < 5; j = next(j)) {
    if (j >= f.players) break;
    if (j === f.holder) continue;
    const late = lateTo(f, j);
    const d = first.who;
    out.push({
      player: j,
      defender: d,
      closeOut: Math.sqrt((f.dx[d] - f.ox[j]) ** 2 + (f.dy[d] - f.oy[j]) ** 2),
      contest: first.t,
      ball: pass.t,
      late,
      kind: pass.kind,
      margin: pass.margin,
      laneMan: pass.who,
    });
  }
  return out;
}

/** Where a man guards player j: three feet from him, toward the middle of rim and ball. */
function guardPoint(f: Floor, j: Seat): { x: number; y: number } {
  const ax = f.bx / 2 - f.ox[j];
  const ay = (f.court.rimY + f.by) / 2 - f.oy[j];
  const far = Math.sqrt(ax * ax + ay * ay);
  const k = far < 1e-9 ? 0 : Math.min(GUARDS, far) / far;
  return { x: f.ox[j] + ax * k, y: f.oy[j] + ay * k };
}

/** The worst split of an instant, with every player in the charge of the man who gets to him first; null when nobody is. */
export function worstSplit(f: Floor): Split | null {
  let worst: Between | null = null;
  const charge = chargesOf(f);
  for (let a: Seat = 0; a < 5; a = next(a))
    for (let b: Seat = next(a); b < 5; b = next(b)) {
      const d = charge[a];
      if (d === NONE || charge[b] !== d) continue;
      const s = between(f, d, a, b);
      if (s && s.margin > (worst ? worst.margin : 0)) worst = s;
    }
  return worst && hedged(f, worst);
}

const charges = fiveSmall<Seat | None>();

/** Who gets to each player first; nobody to the man with the ball. */
function chargesOf(f: Floor): Five<Seat | None> {
  for (let j: Seat = 0; j < 5; j = next(j)) {
    charges[j] = NONE;
    if (j >= f.players || j === f.holder) continue;
    arrival(f, f.ox[j], f.oy[j], seals(f, j), first);
    charges[j] = first.who;
  }
  return charges;
}

interface Place {
  readonly x: number;
  readonly y: number;
}
/** A defender who stands with the one, and with the other. */
interface Between extends Pick<Split, 'defender' | 'players' | 'late' | 'contest' | 'ball' | 'margin'> {
  readonly guards: readonly [Place, Place];
}

/** Asks something of the floor with defender d at a place; afterwards he is where he was. */
function standing<T>(f: Floor, d: Seat, at: Place, ask: () => T): T {
  const [x, y] = [f.dx[d], f.dy[d]];
  f.dx[d] = at.x;
  f.dy[d] = at.y;
  const answer = ask();
  f.dx[d] = x;
  f.dy[d] = y;
  return answer;
}

/** How late he is to each while he stands with the other; null when he is in time for one whatever the lane. */
function between(f: Floor, d: Seat, a: Seat, b: Seat): Between | null {
  const guardA = guardPoint(f, a);
  const guardB = guardPoint(f, b);
  if (standing(f, d, guardA, () => lateAtMost(f, b)) <= 0) return null;
  if (standing(f, d, guardB, () => lateAtMost(f, a)) <= 0) return null;
  const to = (j: Seat) => (): readonly [number, number, number] => [lateTo(f, j), first.t, pass.t];
  const [lateB, contestB, ballB] = standing(f, d, guardA, to(b));
  const [lateA, contestA, ballA] = standing(f, d, guardB, to(a));
  return {
    defender: d,
    players: [a, b],
    late: [lateA, lateB],
    contest: [contestA, contestB],
    ball: [ballA, ballB],
    margin: Math.min(lateA, lateB),
    guards: [guardA, guardB],
  };
}

/** What is left of a split when its man stands in between. */
function hedged(f: Floor, { guards, ...split }: Between): Split {
  const { defender: d, players, late } = split;
  const [a, b] = players;
  const [atA, atB] = guards;
  let hedge = Infinity;
  for (let i = 0; i <= STEPS; i++) {
    const k = i / STEPS;
    const place = { x: atA.x + (atB.x - atA.x) * k, y: atA.y + (atB.y - atA.y) * k };
    hedge = Math.min(
      hedge,
      standing(f, d, place, () => Math.max(lateTo(f, a), lateTo(f, b))),
    );
  }
  const [from, to] = late[0] < late[1] ? [atB, a] : [atA, b];
  return {
    ...split,
    closeOut: Math.sqrt((from.x - f.ox[to]) ** 2 + (from.y - f.oy[to]) ** 2),
    hedge,
    grade: hedge > 0 ? 'torn' : 'split',
  };
}

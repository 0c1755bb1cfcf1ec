import { assign } from '../alignment/recognise.ts';
import { byPlayer, PLAYERS, type PlayerId } from '../alignment/library.ts';
import { distance, type Point } from '../geometry/vec.ts';
import { endOf } from '../flow/ends.ts';
import type { Play } from '../play/document.ts';
import { flip, permute, splice } from '../play/operations.ts';
import { holderOf, walkLine, type FloorState } from '../play/state.ts';
import { leaves, lineTo, mainLine } from '../play/tree.ts';

/** A play whose end is its start, perhaps in a mirror, with places exchanged. */
export interface Round {
  /** The line that goes round. */
  readonly leaf: string;
  /** Its end is the start on the other side. */
  readonly mirrored: boolean;
  /** After one turn each has the place, and the job, of this one. */
  readonly to: Readonly<Record<PlayerId, PlayerId>>;
  /** Feet from the place he takes, of the one who is farthest. */
  readonly off: number;
}

/** A man has come round when he is within so much of the place (feet): a step. */
const STEP = 4;

/** The first line of a play, the drawn one before others, that ends as it starts; null when none does. */
export function roundOf(play: Play): Round | null {
  const drawn = mainLine(play).at(-1)!.id;
  for (const leaf of [drawn, ...leaves(play).flatMap((l) => (l.id === drawn ? [] : [l.id]))]) {
    const found = roundOn(play, leaf);
    if (found) return found;
  }
  return null;
}

function roundOn(play: Play, leaf: string): Round | null {
  const line = lineTo(play, leaf);
  if (
    !line.some((f) =>
      f.actions.some((a) => a.does === 'pass' || a.does === 'handoff' || a.does === 'dribble'),
    )
  )
    return null;
  const end = walkLine(play, line).at(-1)!.after;
  const holder = holderOf(end);
  if (holder === null) return null;
  const said = endOf(play, leaf);
  // What the coach leads into another play does not go round, wherever they stand by then.
  if (said?.is === 'play' && said.id !== play.id) return null;
  const sides = [false, true]
    .filter((mirrored) => said?.is !== 'reset' || said.flipped === mirrored)
    .flatMap((mirrored) => {
      const places = PLAYERS.map((p) => seen(play.start.places[p], mirrored));
      const { worst, spotOf } = assign(
        PLAYERS.map((p) => end.places[p]),
        places,
      );
      const to = byPlayer((_, i) => PLAYERS[spotOf[i]!]!);
      return worst <= STEP && to[holder] === play.start.ball ? [{ leaf, mirrored, to, off: worst }] : [];
    });
  // A set that is its own mirror ends both ways: the coach runs it again as it is drawn.
  return sides[0] ?? null;
}
const seen = (p: Point, mirrored: boolean): Point => (mirrored ? { x: -p.x, y: p.y } : p);

/** The rings of an exchange of five: who follows whom until it is the first one's turn again; longest first. */
export function cyclesOf(to: Readonly<Record<PlayerId, PlayerId>>): PlayerId[][] {
  const left = new Set<PlayerId>(PLAYERS);
  const cycles: PlayerId[][] = [];
  for (const first of PLAYERS) {
    if (!left.has(first)) continue;
    const ring: PlayerId[] = [];
    for (let p = first; left.has(p); p = to[p]) {
      left.delete(p);
      ring.push(p);
    }
    cycles.push(ring);
  }
  return cycles.sort((a, b) => b.length - a.length);
}

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

/** After how many turns everybody is back where he started, on the same side. */
export function turnsHome({ to, mirrored }: Pick<Round, 'to' | 'mirrored'>): number {
  const all = cyclesOf(to).map((c) => c.length);
  return [...all, mirrored ? 2 : 1].reduce((a, b) => (a * b) / gcd(a, b), 1);
}

/** Whose job a man has in a turn; the first turn is 0. */
export function jobIn({ to }: Pick<Round, 'to'>, player: PlayerId, turn: number): PlayerId {
  let job = player;
  for (let i = 0; i < turn; i++) job = to[job];
  return job;
}

/** Who starts a turn where, by number; a mirrored play turns every second one. */
export function turnStart(play: Play, round: Round, turn: number): Record<PlayerId, Point> {
  const mirrored = round.mirrored && turn % 2 === 1;
  return byPlayer((p) => seen(play.start.places[jobIn(round, p, turn)], mirrored));
}

/** Every place a man comes to in a turn: where he starts it, and where each of his ways ends. */
export function visitsIn(play: Play, round: Round, player: PlayerId, turn: number): Point[] {
  const job = jobIn(round, player, turn);
  const mirrored = round.mirrored && turn % 2 === 1;
  const places: Point[] = [turnStart(play, round, turn)[player]];
  for (const { steps } of walkLine(play, lineTo(play, round.leaf)))
    for (const { after } of steps) {
      const at = seen(after.places[job], mirrored);
      if (distance(at, places.at(-1)!) > 1) places.push(at);
    }
  return places;
}

/** The line that goes round as a play of so many turns, drawn from where the turn before has left everybody. */
export function turnsOf(play: Play, round: Round, turns: number): Play {
  const line = lineTo(play, round.leaf);
  const one = { ...play, frames: line.map((f, i) => ({ ...f, parent: i === 0 ? null : line[i - 1]!.id })) };
  let all: Play = one;
  for (let turn = 1; turn < turns; turn++) {
    // Who does a job in this turn: the other way round than whose job a man has.
    const does = byPlayer((p) => PLAYERS.find((q) => jobIn(round, q, turn) === p)!);
    const numbered = permute(one, does);
    const next = round.mirrored && turn % 2 === 1 ? flip(numbered) : numbered;
    const now = walkLine(all, all.frames).at(-1)!.after;
    all = splice(all, all.frames.at(-1)!.id, { ...next, start: standing(next, now) });
  }
  return all;
}

/** A start where everybody stands already: nothing leads into it. */
const standing = (play: Play, now: FloorState): Play['start'] => ({
  ...play.start,
  places: { ...play.start.places, ...now.places },
  ball: holderOf(now) ?? play.start.ball,
});

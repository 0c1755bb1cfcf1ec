import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import { distance, type Point } from '../geometry/vec.ts';
import { polyline } from '../geometry/curve.ts';
import type { LevelRecord } from '../motion/level.ts';
import { runAlong } from '../motion/run.ts';
import type { Play } from '../play/document.ts';
import { walkLine } from '../play/state.ts';
import { leaves, lineTo } from '../play/tree.ts';

/** Where five men stand, and who has the ball. */
export interface Standing {
  readonly places: Readonly<Record<PlayerId, Point>>;
  readonly ball: PlayerId;
}
/** How a line of a play leaves them; who shot has the ball still: he did not shoot. */
export interface LineEnding extends Standing {
  readonly leaf: string;
}

/** How the end of one play comes to the start of another. */
export interface Into {
  readonly leaf: string;
  /** It goes on on the other side than it is drawn. */
  readonly flipped: boolean;
  /** Who has farthest to go, and how far (feet). */
  readonly who: PlayerId;
  readonly feet: number;
  /** Seconds until he is there, at a jog. */
  readonly seconds: number;
  /** How many are there already. */
  readonly there: number;
  /** Who has to give the ball to whom first. */
  readonly pass: readonly [PlayerId, PlayerId] | null;
}

/** Farther than this for one man, or for all together (feet), and it does not flow: he could as well line up anew. */
const FLOWS = { one: 18, all: 45 } as const;
/** Within a step he is there (feet), as bridges between plays have it. */
const THERE = 1;

/** How each line of a play leaves the five. */
export function endingsOf(play: Play): LineEnding[] {
  return leaves(play).map(({ id }) => {
    const { places, ball } = walkLine(play, lineTo(play, id)).at(-1)!.after;
    return { leaf: id, places, ball: ball.at === 'player' ? ball.player : ball.shooter };
  });
}

/** The ending of one play from which another is nearest, as drawn or on the other side; null when it is far from all. */
export function into(ends: readonly LineEnding[], start: Standing, record: LevelRecord): Into | null {
  let best: (Omit<Into, 'seconds'> & { all: number }) | null = null;
  for (const flipped of [false, true])
    for (const end of ends) {
      const feet = PLAYERS.map((p) => distance(end.places[p], seen(start.places[p], flipped)));
      const far = Math.max(...feet);
      const all = feet.reduce((a, b) => a + b, 0);
      if (far > FLOWS.one || all > FLOWS.all || (best && all >= best.all - 1e-9)) continue;
      best = {
        ...{ leaf: end.leaf, flipped, feet: far, all },
        who: PLAYERS[feet.indexOf(far)]!,
        there: feet.filter((f) => f <= THERE).length,
        pass: end.ball === start.ball ? null : [end.ball, start.ball],
      };
    }
  if (!best) return null;
  const { all: _all, ...found } = best;
  return { ...found, seconds: found.feet <= THERE ? 0 : jog(found.feet, record) };
}

const seen = (p: Point, flipped: boolean): Point => (flipped ? { x: -p.x, y: p.y } : p);

/** Seconds from rest to rest over a straight way, at a jog. */
const jog = (feet: number, record: LevelRecord): number =>
  runAlong(
    polyline([
      { x: 0, y: 0 },
      { x: feet, y: 0 },
    ]),
    record,
    { tempo: 'jog' },
  ).duration;

import { type Seat } from '../../../geometry/five.ts';
import type { Context } from '../context.ts';
import type { World } from '../world.ts';

/** What a coverage asks of its two men while it is on. Each writes the target of defender d, or leaves his normal one. */
export interface Coverage {
  /** The man who guards the user of the screen. */
  readonly user: (w: World, c: Context, d: Seat) => void;
  /** The man who guards the screener. */
  readonly screener: (w: World, c: Context, d: Seat) => void;
  /** The two change men when it is used. */
  readonly switches?: boolean;
}

/** Which side of the screen he must take: over it, on the user's side, or under it. */
export function force(w: World, c: Context, d: Seat, side: 1 | -1): void {
  w.forced[d] = c.index;
  w.side[d] = side;
}

/** A place (ft) from the screen: along the user's way, to the rim, and to the side he passes on. */
export function fromScreen(
  w: World,
  c: Context,
  along: number,
  rim: number,
  side = 0,
): { x: number; y: number } {
  const ry = w.rimY - c.sy;
  const far = Math.sqrt(c.sx * c.sx + ry * ry) || 1e-9;
  place.x = c.sx + c.wx * along - (c.sx / far) * rim + c.nx * side;
  place.y = c.sy + c.wy * along + (ry / far) * rim + c.ny * side;
  return place;
}
/** Written by the calls above and read at once; nothing in a step makes an object. */
const place = { x: 0, y: 0 };

/** A place off (x, y): `along` feet the user's way and `rim` feet to the rim. */
export function fromUser(
  w: World,
  c: Context,
  x: number,
  y: number,
  along: number,
  rim: number,
): typeof place {
  const ry = w.rimY - y;
  const far = Math.sqrt(x * x + ry * ry) || 1e-9;
  place.x = x + c.wx * along - (x / far) * rim;
  place.y = y + c.wy * along + (ry / far) * rim;
  return place;
}

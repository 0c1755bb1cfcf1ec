import type { Court, FrameWalk, Point } from '@corkscrew/core';
import { actionItems } from './actions.ts';
import { isFree, type Label } from './place-tags.ts';
import { sceneSize, toScene, type Scale, type SceneItem } from './scene.ts';
import { words } from './words.ts';

/** A look over a court: its number, from where the ball comes and where he has it, and the frames that lead to it. */
export interface LookLine {
  readonly number: number;
  readonly from: Point | null;
  readonly at: Point;
  readonly walks: readonly FrameWalk[];
}

/** The lines of the frames that lead to a look; shapes are the actions' own. */
export const lookItems = (court: Court, { walks }: LookLine, scale: Scale): SceneItem[] =>
  walks.flatMap((w, i) => w.steps.flatMap((s) => actionItems(court, w, s, scale, walks[i + 1])));

/** A number stands so far from a man, or half as far again; how wide and high it is (drawing units). */
const OFF = 27;
const FARTHER = 1.5;
const WIDE = 10;
const HIGH = 15;
/** It is turned out of the ball's way as far as it must to stand free (degrees). */
const TURNS = [0, 35, -35, 70, -70, 110, -110, 150, -150, 180] as const;

/**
 * Looks by their number at both ends: where the ball leaves and where it is caught, clear of the men, who stand at
 * `men` (feet), and of each other; several that find no room stand side by side.
 */
export function lookNumbers(
  looks: readonly LookLine[],
  scale: Scale,
  men: readonly Point[] = [],
): SceneItem[] {
  const k = scale.mark;
  const size = sceneSize(scale);
  const bodies = men.map((p) => toScene(scale, p));
  const taken: Label[] = [];
  const put = (n: number, at: Point, toward: Point | null): SceneItem => {
    const c = toScene(scale, at);
    const d = toward ? toScene(scale, toward) : { x: c.x, y: c.y - 1 };
    const long = Math.hypot(d.x - c.x, d.y - c.y) || 1;
    const way = { x: (d.x - c.x) / long, y: (d.y - c.y) / long };
    const label = (turn: number, off: number): Label => {
      const [cos, sin] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)];
      return {
        c: {
          x: c.x + (way.x * cos - way.y * sin) * off * k,
          y: c.y + (way.x * sin + way.y * cos) * off * k,
        },
        ...{ width: WIDE * k, height: HIGH * k },
      };
    };
    const around = [1, FARTHER].flatMap((far) => TURNS.map((turn) => label(turn, OFF * far)));
    const free = around.find((l) => isFree(l, bodies, taken, size, MAN_R * k));
    const first = around[0]!;
    const beside = taken.filter(
      (o) => Math.hypot(o.c.x - first.c.x, o.c.y - first.c.y) < HIGH * k * 2,
    ).length;
    const found = free ?? { ...first, c: { x: first.c.x + beside * HIGH * k, y: first.c.y } };
    taken.push(found);
    return words(String(n), { x: found.c.x, y: found.c.y + 5 * k }, 'pen', { size: 15 * k, part: 'look' });
  };
  return looks.flatMap(({ number, from, at }) =>
    from ? [put(number, from, at), put(number, at, null)] : [put(number, at, null)],
  );
}
/** Round a man's disc (drawing units). */
const MAN_R = 18;

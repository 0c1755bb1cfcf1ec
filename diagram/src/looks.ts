import type { Court, FrameWalk, Point } from '@corkscrew/core';
import { actionItems } from './actions.ts';
import { toScene, type Scale, type SceneItem } from './scene.ts';
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

/** A number stands so far from a man, and numbers of one place so far apart (drawing units). */
const OFF = 27;
const APART = 15;

/** Looks by their number at both ends: where the ball leaves and where it is caught; several in one place stand side by side. */
export function lookNumbers(looks: readonly LookLine[], scale: Scale): SceneItem[] {
  const taken = new Map<string, number>();
  const put = (n: number, at: Point, toward: Point | null): SceneItem => {
    const c = toScene(scale, at);
    const d = toward ? toScene(scale, toward) : { x: c.x, y: c.y - 1 };
    const long = Math.hypot(d.x - c.x, d.y - c.y) || 1;
    const x = c.x + ((d.x - c.x) / long) * OFF * scale.mark;
    const y = c.y + ((d.y - c.y) / long) * OFF * scale.mark;
    const place = `${Math.round(x / APART)} ${Math.round(y / APART)}`;
    const before = taken.get(place) ?? 0;
    taken.set(place, before + 1);
    return words(String(n), { x: x + before * APART * scale.mark, y: y + 5 }, 'pen', {
      size: 15 * scale.mark,
      part: 'look',
    });
  };
  return looks.flatMap(({ number, from, at }) =>
    from ? [put(number, from, at), put(number, at, null)] : [put(number, at, null)],
  );
}

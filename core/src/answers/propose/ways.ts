import { distance, type Point } from '../../geometry/vec.ts';
import { positionAt } from '../../motion/track.ts';
import { pathOf } from '../../play/state.ts';
import type { Draft, Drafting } from './draft.ts';
import type { Scene } from './scene.ts';

/** The usual answers (common practice), each in a few ways that differ in feet: which of them holds is found by trying. */
export type Recipe = (scene: Scene) => Draft[];

/** Who pops out has nobody so near (ft). */
const ROOM = 9;

/** The user's way as drawn, as far as it leads past the screen. */
export function runOn(d: Drafting, scene: Scene): void {
  if (d.goesOn || scene.at.kind === 'zone') return;
  const { use, at, q, w } = scene;
  const drawn = use && use.by === at.user ? pathOf(use) : [];
  const path = drawn.length > 0 ? drawn : [along(q, w, 4)];
  const dribbles = scene.at.kind === 'onBall' || scene.at.kind === 'tag';
  if (dribbles) d.dribble(at.user, path, { kind: 'attack' });
  else d.cut(at.user, path, { tempo: 'cut' });
}
export const along = (from: Point, way: Point, feet: number): Point => ({
  x: from.x + way.x * feet,
  y: from.y + way.y * feet,
});
export const roomFor = (scene: Scene, p: Point): boolean =>
  scene.mates.every((m) => distance(positionAt(scene.timeline, m, scene.t + 1), p) >= ROOM);

/** The user with the ball past it: off the dribble, or once he has been handed the ball. */
export function goOn(d: Drafting, scene: Scene, stop: Point): void {
  const { at, q } = scene;
  if (at.kind === 'handoff') d.cut(at.user, [q], { tempo: 'sprint' });
  d.dribble(at.user, at.kind === 'handoff' ? [stop] : [q, stop], { kind: 'attack' });
}

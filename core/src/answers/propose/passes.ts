import type { PlayerId } from '../../alignment/library.ts';
import { behindArc } from '../../court/queries.ts';
import { distance, type Point } from '../../geometry/vec.ts';
import { positionAt } from '../../motion/track.ts';
import { pathOf } from '../../play/state.ts';
import { fromUse, insteadOf, type Draft, type Drafting } from './draft.ts';
import { farFromRim, type Scene } from './scene.ts';
import { runOn, type Recipe } from './ways.ts';

/** Who throws: the man who used it, or who has the ball beside it. */
const passerOf = ({ at, holder }: Scene): PlayerId =>
  at.kind === 'offBall' || at.kind === 'entry' || at.kind === 'pass' ? holder : at.user;

/** Where a mate will be, when it is a place to shoot from; null when it is not. */
function shootsFrom(scene: Scene, mate: PlayerId): Point | null {
  const place = positionAt(scene.timeline, mate, scene.t + 0.8);
  return behindArc(scene.court, place) || farFromRim(scene, place) <= 12 ? place : null;
}

/** To one of the others, where he stands. */
export const outlet: Recipe = (scene) => {
  const passer = passerOf(scene);
  return scene.mates.flatMap((mate): Draft[] => {
    const place = shootsFrom(scene, mate);
    if (mate === passer || !place) return [];
    const d = fromUse(scene);
    runOnWith(d, scene);
    const look = d.pass(passer, mate);
    d.shot(mate, place);
    return [d.done('outlet', look)];
  });
};

/** To one who is too far to be thrown to, by way of another. */
export const swing: Recipe = (scene) => {
  const passer = passerOf(scene);
  const at = (p: PlayerId): Point => positionAt(scene.timeline, p, scene.t + 0.8);
  return scene.mates.flatMap((mate) =>
    scene.mates.flatMap((via): Draft[] => {
      const place = shootsFrom(scene, mate);
      const straight = distance(at(passer), at(mate));
      const between = Math.max(distance(at(passer), at(via)), distance(at(via), at(mate)));
      if (via === mate || mate === passer || via === passer || !place || between > straight - 4) return [];
      const d = fromUse(scene);
      runOnWith(d, scene);
      d.pass(passer, via, { cue: { on: 'read', delay: 0.3 } });
      const look = d.pass(via, mate);
      d.shot(mate, place);
      return [d.done('swing', look)];
    }),
  );
};
/** Both men as they are drawn. */
function runOnWith(d: Drafting, scene: Scene): void {
  runOn(d, scene);
  const { at, used } = scene;
  if (at.kind === 'drive' || at.kind === 'zone' || d.goesOn) return;
  const his = used.actions.findLast((a) => a.by === at.by && a.does === 'cut');
  if (his) d.cut(at.by, pathOf(his), { tempo: 'sprint' });
}

/** Against a zone: one of the others cuts behind whoever left, to a block or a short corner. */
export const dive: Recipe = (scene) =>
  cutTo(scene, 'dive', [
    { x: 6 * scene.side, y: 6.5 },
    { x: -6 * scene.side, y: 6.5 },
    { x: 11.5 * scene.side, y: 3.5 },
  ]);
/** Or comes to the middle of it. */
export const flash: Recipe = (scene) => cutTo(scene, 'flash', [{ x: 0, y: 15 }]);

/** A pass to one who cuts to a place; one who is there is not cut to. */
function cutTo(scene: Scene, recipe: 'dive' | 'flash', places: readonly Point[]): Draft[] {
  const { at, timeline, t } = scene;
  return scene.mates.flatMap((mate) =>
    places.flatMap((to): Draft[] => {
      const from = positionAt(timeline, mate, t);
      if (distance(from, to) < 4 || distance(from, to) > 20) return [];
      const d = fromUse(scene);
      const cut = d.cut(mate, [to]);
      const look = d.pass(at.user, mate, { cue: { on: cut, event: 'at', at: 0.7 } });
      d.shot(mate, to);
      return [d.done(recipe, look)];
    }),
  );
}

export const keep: Recipe = (scene) => {
  const { at, side } = scene;
  return [
    { x: 2, y: 7 },
    { x: -2, y: 7 },
  ].map((p) => {
    const d = insteadOf(scene);
    const to = { x: p.x * -side, y: p.y };
    const drawn = scene.use ? pathOf(scene.use) : [scene.q];
    const run = d.cut(at.user, drawn, { tempo: 'cut' });
    d.do({ by: at.by, does: 'fake', of: 'handoff', to: at.user, cue: { on: run, event: 'at', at: 0.5 } });
    d.readAt(run);
    d.dribble(at.by, [to], { kind: 'drive', cue: { on: run, event: 'at', at: 0.7 } });
    return d.done('keep', d.shot(at.by, to));
  });
};

/** The denied man goes behind. */
export const backDoor: Recipe = (scene) => {
  const { at } = scene;
  const from = scene.q;
  const s = Math.sign(from.x) || scene.side;
  return [
    { x: 3, y: 6.5 },
    { x: 1, y: 7 },
  ].flatMap((p) =>
    (['bounce', 'lob'] as const).map((kind) => {
      const d = insteadOf(scene);
      const to = { x: p.x * s, y: p.y };
      const cut = d.cut(at.user, [{ x: from.x - 3 * s, y: from.y - 6 }, to], { kind: 'back' });
      d.readAt(cut);
      const look = d.pass(at.by, at.user, { kind });
      d.shot(at.user, to);
      return d.done('backCut', look);
    }),
  );
};
/** The man with the ball comes at the denied one with his dribble, and he goes behind while his man looks. */
export const dribbleAt: Recipe = (scene) => {
  const { at, q } = scene;
  const from = scene.spot;
  const s = Math.sign(q.x) || scene.side;
  return [0.35, 0.55].flatMap((share) =>
    (['bounce', 'lob'] as const).map((kind) => {
      const d = insteadOf(scene);
      const stop = { x: from.x + (q.x - from.x) * 0.6, y: from.y + (q.y - from.y) * 0.6 };
      const comes = d.dribble(at.by, [stop], { tempo: 'cut' });
      const to = { x: 2 * s, y: 6.5 };
      const cut = d.cut(at.user, [to], { kind: 'back', cue: { on: comes, event: 'at', at: share } });
      d.readAt(cut);
      const look = d.pass(at.by, at.user, { kind });
      d.shot(at.user, to);
      return d.done('dribbleAt', look);
    }),
  );
};
export const lob: Recipe = (scene) => {
  const { at } = scene;
  const d = insteadOf(scene);
  const seal = d.do({ by: at.user, does: 'seal', path: [] });
  d.readAt(seal);
  const look = d.pass(at.by, at.user, { kind: 'lob', cue: { on: seal, event: 'start', delay: 1 } });
  d.shot(at.user, scene.q);
  return [d.done('lob', look)];
};
/** Over the other side: the ball to a mate who comes to the elbow or the slot, and from there to the sealed post. */
export const highLow: Recipe = (scene) => {
  const { at } = scene;
  const s = Math.sign(scene.q.x) || scene.side;
  return scene.mates.flatMap((mate): Draft[] => {
    const p = positionAt(scene.timeline, mate, scene.t);
    if (p.y < 14) return [];
    return [
      { x: -4 * s, y: 18.5 },
      { x: -1 * s, y: 19 },
    ].map((spot) => {
      const d = insteadOf(scene);
      const seal = d.do({ by: at.user, does: 'seal', path: [] });
      d.readAt(seal);
      d.cut(mate, [spot], { tempo: 'cut', kind: 'flash' });
      d.pass(at.by, mate);
      const look = d.pass(mate, at.user);
      d.shot(at.user, scene.q);
      return d.done('highLow', look);
    });
  });
};

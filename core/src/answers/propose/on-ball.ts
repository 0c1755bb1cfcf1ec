import { unit, type Point } from '../../geometry/vec.ts';
import { pathOf } from '../../play/state.ts';
import { afterUse, fromUse, insteadOf, leads, way as rounded } from './draft.ts';
import { farFromRim, outside, placeBefore, towardRim } from './scene.ts';
import { along, goOn, roomFor, runOn, type Recipe } from './ways.ts';

/** Pull up: so far past where he comes by. */
export const pullUp: Recipe = (scene) =>
  [1.2, 2.5, 4].map((feet) => {
    const d = afterUse(scene);
    const stop = along(scene.q, scene.w, feet);
    goOn(d, scene, stop);
    return d.done('pullUp', d.shot(scene.at.user, stop));
  });

export const mid: Recipe = (scene) =>
  [15, 12, 8].flatMap((feet) => {
    if (farFromRim(scene, scene.q) < feet + 3) return [];
    const d = afterUse(scene);
    const stop = towardRim(scene, along(scene.q, scene.w, 5), feet);
    goOn(d, scene, stop);
    return [d.done('mid', d.shot(scene.at.user, stop))];
  });

/** The screener to the rim, thrown to on the way. */
function rollTo(
  recipe: 'roll' | 'shortRoll',
  places: readonly Point[],
  kinds: readonly ('bounce' | 'lob' | undefined)[],
): Recipe {
  return (scene) =>
    places.flatMap((p) =>
      kinds.map((kind) => {
        const d = fromUse(scene);
        const { at, side } = scene;
        const to = { x: p.x * side, y: p.y };
        runOn(d, scene);
        d.cut(at.by, [to], { kind: recipe });
        const look = d.pass(at.user, at.by, kind ? { kind } : {});
        d.shot(at.by, to);
        return d.done(recipe, look);
      }),
    );
}
export const roll = rollTo(
  'roll',
  [
    { x: 1, y: 6.5 },
    { x: 5, y: 7.5 },
    { x: -3, y: 6.5 },
  ],
  ['bounce', 'lob'],
);
export const shortRoll = rollTo(
  'shortRoll',
  [
    { x: 0, y: 17 },
    { x: 4, y: 17 },
    { x: -3, y: 15 },
  ],
  [undefined],
);

const POPS = [0, -18, -35] as const;
export const pop: Recipe = (scene) =>
  POPS.flatMap((turn) => {
    const { at, side, spot } = scene;
    const to = outside(scene, spot, -turn * side);
    if (!roomFor(scene, to)) return [];
    const d = fromUse(scene);
    runOn(d, scene);
    d.cut(at.by, [to], { kind: 'pop', tempo: 'cut' });
    const look = d.pass(at.user, at.by);
    d.shot(at.by, to);
    return [d.done('pop', look)];
  });

/** The screen is never set: he is gone before contact, to the rim or out. */
function unset(recipe: 'slip' | 'ghost', to: Point, kind?: 'bounce' | 'lob'): Recipe {
  return (scene) => {
    const { at, set, spot } = scene;
    const old = set.actions.find((a) => a.id === at.action);
    if (old?.does !== 'screen' || !leads(placeBefore(scene, set, at.by), [spot])) return [];
    const d = insteadOf(scene);
    const { id: _id, cue: _cue, hold: _hold, ...rest } = old;
    const screen = d.do({ ...rest, slip: true });
    d.readAt(screen);
    runOn(d, scene);
    d.cut(at.by, [to], {
      kind: recipe === 'slip' ? 'slip' : 'pop',
      cue: { on: screen, event: 'end' },
    });
    const ball = at.kind === 'offBall' ? scene.holder : at.user;
    const look = d.pass(ball, at.by, kind ? { kind } : {});
    d.shot(at.by, to);
    return [d.done(recipe, look)];
  };
}
export const slip: Recipe = (scene) =>
  [
    { x: 1, y: 6.5 },
    { x: 5, y: 7.5 },
    { x: -3, y: 6.5 },
  ].flatMap((p) =>
    (['bounce', 'lob'] as const).flatMap((kind) =>
      unset('slip', { x: p.x * scene.side, y: p.y }, kind)(scene),
    ),
  );
export const ghost: Recipe = (scene) =>
  POPS.flatMap((turn) => {
    const to = outside(scene, scene.spot, -turn * scene.side);
    return roomFor(scene, to) ? unset('ghost', to)(scene) : [];
  });

/** Set again nearer to the rim, where who goes under is met; then a shot from behind it. */
export const lower: Recipe = (scene) => {
  const { at, set, spot, side } = scene;
  const old = set.actions.find((a) => a.id === at.action);
  if (old?.does !== 'screen') return [];
  return [2, 3.5].map((feet) => {
    const d = insteadOf(scene);
    const place = along(spot, unit(spot, scene.rim), feet);
    const { id: _id, cue: _cue, ...rest } = old;
    const screen = d.do({ ...rest, path: rounded([place]) });
    d.readAt(screen);
    const behind = along(place, unit(scene.rim, place), 2.7);
    const stop = { x: behind.x + 1.5 * side, y: behind.y };
    d.dribble(at.user, [behind, stop], { kind: 'attack' });
    return d.done('lower', d.shot(at.user, stop));
  });
};

/** Away from the screen. */
export const reject: Recipe = (scene) => {
  const { at, side } = scene;
  return [
    { x: -4, y: 8 },
    { x: -2, y: 7 },
  ].map((p) => {
    const d = insteadOf(scene);
    const { id: _id, cue: _cue, ...rest } = scene.set.actions.find((a) => a.id === at.action)!;
    d.readAt(d.do(rest as never));
    const to = { x: p.x * side, y: p.y };
    const from = placeBefore(scene, scene.set, at.user);
    d.dribble(at.user, [{ x: from.x - 5 * side, y: from.y - 7 }, to], { kind: 'reject' });
    return d.done('reject', d.shot(at.user, to));
  });
};

/** Once more where he goes under: the screen is set again on the side to which he comes back. */
export const rescreen: Recipe = (scene) => {
  const { at, side } = scene;
  const end = scene.use ? (pathOf(scene.use).at(-1) ?? scene.q) : scene.q;
  return [2.5, 3.5].map((feet) => {
    const d = fromUse(scene);
    runOn(d, scene);
    const place = { x: end.x - feet * side, y: end.y - 1 };
    const again = d.do({ by: at.by, does: 'screen', for: at.user, path: rounded([place]), kind: 'rescreen' });
    const stop = { x: place.x - 4 * side, y: place.y + 1.5 };
    d.dribble(at.user, [{ x: place.x, y: place.y + 2.6 }, stop], {
      kind: 'attack',
      cue: { on: again, event: 'set' },
    });
    return d.done('rescreen', d.shot(at.user, stop));
  });
};

/** Pushed to a side, the screener turns the screen across, and the user goes where he is pushed. */
export const turn: Recipe = (scene) => {
  const { at, set, spot, side } = scene;
  const old = set.actions.find((a) => a.id === at.action);
  if (old?.does !== 'screen') return [];
  return [2.5, 3.5].flatMap((feet) =>
    [3, 6].map((past) => {
      const d = insteadOf(scene);
      const place = { x: spot.x - feet * side, y: spot.y - 0.5 };
      const { id: _id, cue: _cue, angle: _angle, ...rest } = old;
      d.readAt(d.do({ ...rest, path: rounded([place]) }));
      const stop = { x: place.x - past * side, y: place.y - 0.5 };
      d.dribble(at.user, [{ x: place.x - 1.5 * side, y: place.y + 2.4 }, stop], { kind: 'attack' });
      return d.done('turn', d.shot(at.user, stop));
    }),
  );
};

/** The big on a small man: he seals him on the way in. */
export const seal: Recipe = (scene) => {
  const { at, side } = scene;
  return [
    { x: 3, y: 8.5 },
    { x: -3, y: 8.5 },
  ].flatMap((p) =>
    (['lob', 'bounce'] as const).map((kind) => {
      const d = fromUse(scene);
      runOn(d, scene);
      const to = { x: p.x * side, y: p.y };
      const run = d.cut(at.by, [to], { kind: 'roll' });
      const holds = d.do({ by: at.by, does: 'seal', path: [], cue: { on: run, event: 'end' } });
      const look = d.pass(at.user, at.by, { kind, cue: { on: holds, event: 'start', delay: 0.6 } });
      d.shot(at.by, to);
      return d.done('seal', look);
    }),
  );
};

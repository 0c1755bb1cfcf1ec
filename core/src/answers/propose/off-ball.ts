import { unit, type Point } from '../../geometry/vec.ts';
import { afterUse, fromUse, insteadOf } from './draft.ts';
import { farFromRim, outside, placeBefore, type Scene } from './scene.ts';
import { along, roomFor, runOn, type Recipe } from './ways.ts';

function toUser(
  recipe: 'curl' | 'fade' | 'backCut',
  path: (scene: Scene) => Point[][],
  kinds: readonly ('bounce' | 'lob' | undefined)[],
): Recipe {
  return (scene) =>
    path(scene).flatMap((way) =>
      kinds.map((kind) => {
        const { at, set, used } = scene;
        const d = recipe === 'backCut' && set === used ? insteadOf(scene) : afterUse(scene);
        if (recipe === 'backCut' && set === used) {
          const { id: _id, cue: _cue, ...rest } = set.actions.find((a) => a.id === at.action)!;
          const screen = d.do(rest as never);
          d.readAt(screen);
          d.cut(at.user, way, { kind: 'back', cue: { on: screen, event: 'start', delay: 0.3 } });
        } else
          d.cut(at.user, way, { kind: recipe === 'curl' ? 'curl' : recipe === 'fade' ? 'fade' : 'back' });
        const look = d.pass(scene.holder, at.user, kind ? { kind } : {});
        d.shot(at.user, way.at(-1)!);
        return d.done(recipe, look);
      }),
    );
}
export const curl = toUser(
  'curl',
  ({ spot, rim, side }) => {
    const over = along(spot, unit(rim, spot), 2.6);
    return [
      [over, { x: 3 * side, y: 6.5 }],
      [over, { x: 4 * side, y: 9 }],
      [over, { x: -1 * side, y: 7 }],
    ];
  },
  ['bounce', undefined],
);
export const fade = toUser(
  'fade',
  (scene) => {
    const start = placeBefore(scene, scene.used, scene.at.user);
    const corner = { x: Math.sign(start.x || scene.side) * (scene.court.cornerX + 1.5), y: 4 };
    return [
      [outside(scene, scene.spot, 20 * scene.side)],
      [outside(scene, scene.spot, -20 * scene.side)],
      [corner],
    ];
  },
  [undefined],
);
export const backCut = toUser(
  'backCut',
  ({ side, spot }) => {
    const s = Math.abs(spot.x) > 2 ? Math.sign(spot.x) : side;
    return [[{ x: 3 * s, y: 6.5 }], [{ x: 1 * s, y: 7 }]];
  },
  ['bounce', 'lob'],
);
/** The screener after it: out, or in to the ball. */
export const screenerFree: Recipe = (scene) => {
  const { at, spot, side } = scene;
  const ways = [outside(scene, spot, 12), outside(scene, spot, -12), { x: 2 * side, y: 7 }];
  return ways.flatMap((to) => {
    if (!roomFor(scene, to)) return [];
    const d = fromUse(scene);
    runOn(d, scene);
    d.cut(at.by, [to], { tempo: 'cut', kind: farFromRim(scene, to) > 12 ? 'pop' : 'roll' });
    const look = d.pass(scene.holder, at.by);
    d.shot(at.by, to);
    return [d.done('pop', look)];
  });
};

import type { PlayerId } from '../../alignment/library.ts';
import { behindArc } from '../../court/queries.ts';
import { distance, unit, type Point } from '../../geometry/vec.ts';
import { positionAt } from '../../motion/track.ts';
import type { Action } from '../../play/document.ts';
import { pathOf } from '../../play/state.ts';
import type { PointKind, Reaction } from '../points.ts';
import { afterUse, Drafting, fromUse, insteadOf, leads, way as rounded, type Draft } from './draft.ts';
import { farFromRim, outside, placeBefore, towardRim, type Scene } from './scene.ts';

/** The usual answers (common practice), each in a few ways that differ in feet: which of them holds is found by trying. */
type Recipe = (scene: Scene) => Draft[];

/** A popper has nobody so near (ft), a skip is thrown from here on. */
const ROOM = 9;

/** The user's way as drawn, as far as it leads past the screen. */
function runOn(d: Drafting, scene: Scene): void {
  if (d.goesOn) return;
  const { use, at, q, w } = scene;
  const drawn = use && use.by === at.user ? pathOf(use) : [];
  const path = drawn.length > 0 ? drawn : [along(q, w, 4)];
  const dribbles = scene.at.kind === 'onBall' || scene.at.kind === 'tag';
  if (dribbles) d.dribble(at.user, path, { kind: 'attack' });
  else d.cut(at.user, path, { tempo: 'cut' });
}
const along = (from: Point, way: Point, feet: number): Point => ({
  x: from.x + way.x * feet,
  y: from.y + way.y * feet,
});
const roomFor = (scene: Scene, p: Point): boolean =>
  scene.mates.every((m) => distance(positionAt(scene.timeline, m, scene.t + 1), p) >= ROOM);

/** The user with the ball past it: off the dribble, or once he has been handed the ball. */
function goOn(d: Drafting, scene: Scene, stop: Point): void {
  const { at, q } = scene;
  if (at.kind === 'handoff') d.cut(at.user, [q], { tempo: 'sprint' });
  d.dribble(at.user, at.kind === 'handoff' ? [stop] : [q, stop], { kind: 'attack' });
}

/** Pull up: so far past where he comes by. */
const pullUp: Recipe = (scene) =>
  [1.2, 2.5, 4].map((feet) => {
    const d = afterUse(scene);
    const stop = along(scene.q, scene.w, feet);
    goOn(d, scene, stop);
    return d.done('pullUp', d.shot(scene.at.user, stop));
  });

const mid: Recipe = (scene) =>
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
const roll = rollTo(
  'roll',
  [
    { x: 1, y: 6.5 },
    { x: 5, y: 7.5 },
    { x: -3, y: 6.5 },
  ],
  ['bounce', 'lob'],
);
const shortRoll = rollTo(
  'shortRoll',
  [
    { x: 0, y: 17 },
    { x: 4, y: 17 },
    { x: -3, y: 15 },
  ],
  [undefined],
);

const POPS = [0, -18, -35] as const;
const pop: Recipe = (scene) =>
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
const slip: Recipe = (scene) =>
  [
    { x: 1, y: 6.5 },
    { x: 5, y: 7.5 },
    { x: -3, y: 6.5 },
  ].flatMap((p) =>
    (['bounce', 'lob'] as const).flatMap((kind) =>
      unset('slip', { x: p.x * scene.side, y: p.y }, kind)(scene),
    ),
  );
const ghost: Recipe = (scene) =>
  POPS.flatMap((turn) => {
    const to = outside(scene, scene.spot, -turn * scene.side);
    return roomFor(scene, to) ? unset('ghost', to)(scene) : [];
  });

/** Set again nearer to the rim, where who goes under is met; then a shot from behind it. */
const lower: Recipe = (scene) => {
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
const reject: Recipe = (scene) => {
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

/** Who throws: the man who used it, or who has the ball beside it. */
const passerOf = ({ at, holder }: Scene): PlayerId =>
  at.kind === 'offBall' || at.kind === 'entry' || at.kind === 'pass' ? holder : at.user;

/** Where a mate will be, when it is a place to shoot from; null when it is not. */
function shootsFrom(scene: Scene, mate: PlayerId): Point | null {
  const place = positionAt(scene.timeline, mate, scene.t + 0.8);
  return behindArc(scene.court, place) || farFromRim(scene, place) <= 12 ? place : null;
}

/** To one of the others, where he stands. */
const outlet: Recipe = (scene) => {
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
const swing: Recipe = (scene) => {
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
  if (at.kind === 'drive' || d.goesOn) return;
  const his = used.actions.findLast((a) => a.by === at.by && a.does === 'cut');
  if (his) d.cut(at.by, pathOf(his), { tempo: 'sprint' });
}

// Off the ball

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
const curl = toUser(
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
const fade = toUser(
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
const backCut = toUser(
  'backCut',
  ({ side, spot }) => {
    const s = Math.abs(spot.x) > 2 ? Math.sign(spot.x) : side;
    return [[{ x: 3 * s, y: 6.5 }], [{ x: 1 * s, y: 7 }]];
  },
  ['bounce', 'lob'],
);
/** The screener after it: out, or in to the ball. */
const screenerFree: Recipe = (scene) => {
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

// Handoffs, passes, posts

const keep: Recipe = (scene) => {
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
const backDoor: Recipe = (scene) => {
  const { at } = scene;
  const from = scene.q;
  const s = Math.sign(from.x) || scene.side;
  return [
    { x: 3, y: 6.5 },
    { x: 1, y: 7 },
  ].flatMap((p) =>
    (['bounce', 'lob'] as const).map((kind) => {
      const d = new Drafting(scene, scene.set, (a) => stays(scene, a));
      const to = { x: p.x * s, y: p.y };
      const cut = d.cut(at.user, [{ x: from.x - 3 * s, y: from.y - 6 }, to], { kind: 'back' });
      d.readAt(cut);
      const look = d.pass(at.by, at.user, { kind });
      d.shot(at.user, to);
      return d.done('backCut', look);
    }),
  );
};
/** What goes when a pass is not thrown: the pass, and all of the ball and of its two men after it. */
function stays(scene: Scene, a: Action): boolean {
  const { set, at } = scene;
  const i = set.actions.findIndex((x) => x.id === at.action);
  const k = set.actions.indexOf(a);
  return (
    a.id === at.action ||
    (k > i && (a.by === at.user || a.by === at.by || !['cut', 'screen', 'seal', 'hold'].includes(a.does)))
  );
}

const lob: Recipe = (scene) => {
  const { at } = scene;
  const d = new Drafting(scene, scene.set, (a) => stays(scene, a));
  const seal = d.do({ by: at.user, does: 'seal', path: [] });
  d.readAt(seal);
  const look = d.pass(at.by, at.user, { kind: 'lob', cue: { on: seal, event: 'start', delay: 1 } });
  d.shot(at.user, scene.q);
  return [d.done('lob', look)];
};
/** Over the other side: the ball to a mate who comes to the elbow or the slot, and from there to the sealed post. */
const highLow: Recipe = (scene) => {
  const { at } = scene;
  const s = Math.sign(scene.q.x) || scene.side;
  return scene.mates.flatMap((mate): Draft[] => {
    const p = positionAt(scene.timeline, mate, scene.t);
    if (p.y < 14) return [];
    return [
      { x: -4 * s, y: 18.5 },
      { x: -1 * s, y: 19 },
    ].map((spot) => {
      const d = new Drafting(scene, scene.set, (a) => stays(scene, a));
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

type Usual = Readonly<Partial<Record<Reaction, readonly Recipe[]>>>;
/** What is usually done about it; where nothing is said, everything of the kind is tried. */
const USUAL: Readonly<
  Record<PointKind, { readonly [R in Reaction]?: readonly Recipe[] } & { readonly any: readonly Recipe[] }>
> = {
  onBall: {
    under: [pullUp, lower, pop],
    drop: [pop, mid, roll, pullUp],
    level: [slip, roll, shortRoll, pop],
    show: [slip, roll, shortRoll, pop],
    trap: [slip, roll, shortRoll, pop],
    switch: [slip, ghost, roll],
    push: [pop, shortRoll, ghost, reject],
    any: [roll, pop, pullUp],
  },
  tag: { any: [outlet, swing, pop, shortRoll] },
  offBall: {
    trail: [curl, slip],
    under: [fade, slip],
    switch: [slip, screenerFree],
    topLock: [backCut, slip],
    bump: [screenerFree, slip],
    stay: [curl, backCut, screenerFree],
    any: [curl, fade, slip],
  },
  handoff: {
    switch: [keep, roll, pop],
    show: [roll, pop],
    trap: [roll, pop, outlet],
    under: [pullUp, pop],
    drop: [pop, mid, roll],
    any: [roll, pop, keep],
  },
  drive: { any: [outlet] },
  entry: { front: [lob, highLow], any: [] },
  pass: { deny: [backDoor], any: [] },
} satisfies Record<PointKind, Usual & { any: readonly Recipe[] }>;

/** Every draft of the usual answers to what they do here. */
export function draftsFor(scene: Scene): Draft[] {
  const of = USUAL[scene.at.kind];
  return (of[scene.reaction] ?? of.any).flatMap((recipe) => recipe(scene));
}

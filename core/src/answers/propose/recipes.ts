import type { PointKind, Reaction } from '../points.ts';
import type { Draft } from './draft.ts';
import { backCut, curl, fade, screenerFree } from './off-ball.ts';
import {
  ghost,
  lower,
  mid,
  pop,
  pullUp,
  reject,
  rescreen,
  roll,
  seal,
  shortRoll,
  slip,
  turn,
} from './on-ball.ts';
import { backDoor, dive, dribbleAt, flash, highLow, keep, lob, outlet, swing } from './passes.ts';
import type { Scene } from './scene.ts';
import type { Recipe } from './ways.ts';

type Usual = Readonly<Partial<Record<Reaction, readonly Recipe[]>>>;
/** What is usually done about it; where nothing is said, everything of the kind is tried. */
const USUAL: Readonly<
  Record<PointKind, { readonly [R in Reaction]?: readonly Recipe[] } & { readonly any: readonly Recipe[] }>
> = {
  onBall: {
    under: [pullUp, lower, pop, rescreen],
    drop: [pop, mid, roll, pullUp],
    level: [slip, roll, shortRoll, pop],
    show: [slip, roll, shortRoll, pop],
    trap: [slip, roll, shortRoll, pop],
    switch: [slip, ghost, roll, seal],
    push: [pop, shortRoll, ghost, reject, turn],
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
  pass: { deny: [backDoor, dribbleAt], any: [] },
  zone: { any: [outlet, dive, flash, swing] },
} satisfies Record<PointKind, Usual & { any: readonly Recipe[] }>;

/** Every draft of the usual answers to what they do here. */
export function draftsFor(scene: Scene): Draft[] {
  const of = USUAL[scene.at.kind];
  return (of[scene.reaction] ?? of.any).flatMap((recipe) => recipe(scene));
}

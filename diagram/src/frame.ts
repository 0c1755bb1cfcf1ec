import {
  byPlayer,
  degrees,
  holderOf,
  inBounds,
  PLAYERS,
  pathOf,
  polyline,
  rimOf,
  through,
  unit,
  type Court,
  type FloorState,
  type FrameWalk,
  type PlayerId,
  type Point,
} from '@corkscrew/core';
import { actionItems } from './actions.ts';
import { bodyItems, fanOut, type Body } from './bodies.ts';
import { floorItems } from './floor.ts';
import {
  DESK,
  round,
  THUMB,
  THUMB_WIDE,
  sceneSize,
  toScene,
  type Scale,
  type Scene,
  type SceneItem,
} from './scene.ts';
import { circle, curveData } from './strokes.ts';

export interface FrameScene {
  readonly court: Court;
  readonly walk: FrameWalk;
  /** The following frame on the line: it tells where the user of a screen goes. */
  readonly next?: FrameWalk | undefined;
  /** Drawn as onion skin. */
  readonly previous?: FrameWalk | undefined;
  readonly scale?: Scale;
  readonly detail?: boolean;
  /** Only the floor and the lines: bodies are drawn elsewhere (while the play runs). */
  readonly bodies?: boolean;
}

/** Each man at rest faces the ball; the holder faces the rim. Men in one place are drawn beside each other. */
export function restingBodies(court: Court, state: FloorState, scale: Scale): Record<PlayerId, Body> {
  const holder = holderOf(state);
  const rim = rimOf(court);
  const drawn = fanOut(state.places, scale);
  return byPlayer((p) => {
    const at = drawn[p];
    const sees = holder && holder !== p ? state.places[holder] : rim;
    return { at, facing: degrees(unit(at, sees)) };
  });
}

/** The picture of one frame: floor, last frame, lines, bodies and ball. */
export function frameScene({
  court,
  walk,
  next,
  previous,
  scale = DESK,
  detail = true,
  bodies = true,
}: FrameScene): Scene {
  const items: SceneItem[] = floorItems(court, scale, detail);
  if (previous) items.push(...onionItems(previous, scale));
  for (const step of walk.steps) items.push(...actionItems(court, walk, step, scale, next));
  if (bodies)
    items.push(...bodyItems(restingBodies(court, walk.before, scale), holderOf(walk.before), scale, detail));
  return { ...sceneSize(scale), items };
}

/** The scale of a small picture: wider where somebody stands out of bounds. */
export function thumbScale(court: Court, walk: FrameWalk): Scale {
  return PLAYERS.some((p) => !inBounds(court, walk.before.places[p])) ? THUMB_WIDE : THUMB;
}

/** Where everyone was and how he came: dotted, never clickable. */
function onionItems(previous: FrameWalk, scale: Scale): SceneItem[] {
  const items: SceneItem[] = [];
  for (const p of PLAYERS) {
    const runs = previous.steps.filter((s) => s.action.by === p && pathOf(s.action).length > 0);
    if (runs.length === 0) continue;
    const c = toScene(scale, previous.before.places[p]);
    items.push({
      shape: 'path',
      part: 'last-frame',
      stroke: 'ink3',
      width: 1.2,
      dash: '2 3',
      d: circle(c, 12 * scale.mark),
    });
    items.push({
      shape: 'text',
      part: 'last-frame',
      x: c.x,
      y: round(c.y + 4.6 * scale.mark),
      text: p,
      size: round(14 * scale.mark),
      fill: 'ink3',
    });
    for (const s of runs) {
      const curve = polyline(
        through(s.before.places[p], pathOf(s.action)).points.map((q) => toScene(scale, q)),
      );
      items.push({
        shape: 'path',
        part: 'last-frame',
        stroke: 'ink3',
        width: 1.2,
        dash: '1.5 4',
        d: curveData(curve),
      });
    }
  }
  return items;
}

/** Five places and nothing else, without numbers: how a set looks from afar. */
export function setScene(court: Court, places: Readonly<Record<PlayerId, Point>>, scale: Scale): Scene {
  const items = PLAYERS.map((p): SceneItem => ({
    shape: 'path',
    part: 'man',
    fill: 'ink',
    d: circle(toScene(scale, places[p]), 9 * scale.mark),
  }));
  return { ...sceneSize(scale), items: [...floorItems(court, scale, false), ...items] };
}

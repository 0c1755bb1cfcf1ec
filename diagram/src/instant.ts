import {
  ballAt,
  byPlayer,
  facingAt,
  momentAt,
  PLAYERS,
  positionAt,
  restTimes,
  rimOf,
  stepOf,
  type AgainstView,
  type Court,
  type Timeline,
  type Units,
  HELD,
} from '@corkscrew/core';
import { ballItems, bodyItems } from './bodies.ts';
import { floorItems } from './floor.ts';
import { gapItems } from './gaps.ts';
import { DESK, sceneSize, toScene, type Scale, type Scene, type SceneItem } from './scene.ts';
import { defenderItems, laneItems, openItems, slidItems, splitItems, type Instants } from './seen.ts';

/** A line of a play in time, perhaps against a defence. */
export interface LineInTime {
  readonly court: Court;
  readonly timeline: Timeline;
  readonly against?: AgainstView | null | undefined;
}

/** What of an instant is drawn. Layers that need a defence are empty without one. */
export interface Layers {
  readonly floor?: boolean;
  /** The ways they have slid since a moment, seconds. */
  readonly slidSince?: number | undefined;
  readonly open?: boolean;
  readonly splits?: boolean;
  /** The lane of the pass with this id. */
  readonly lane?: string | undefined;
  readonly defenders?: boolean;
  /** Our five and the ball. */
  readonly men?: boolean;
  /** Gaps beside the ball, measured in these units. */
  readonly gaps?: Units | undefined;
}

/** The scene of an instant of a line, seconds from its start: whatever of floor, bodies and figures is asked for. */
export const sceneAt = (line: LineInTime, t: number, layers: Layers, scale: Scale = DESK): Scene =>
  sceneOf(line, t, new Array<number>(10).fill(t), layers, scale);

/**
 * The scene of a frame that stands: each of ours where he is when he is done with the frames before, and each
 * defender where he is when his man gets there.
 */
export function sceneOfFrame(line: LineInTime, frame: string, layers: Layers, scale: Scale = DESK): Scene {
  const ours = restTimes(line.timeline, frame);
  const start = Math.min(...ours);
  const { against } = line;
  if (!against) return sceneOf(line, start, [...ours, ...ours], layers, scale);
  const k = stepOf(against, start);
  const theirs = PLAYERS.map((_, d) => {
    const man = against.guards[k * 5 + d]!;
    return against.defence.type === 'man' && man >= 0 ? ours[man]! : start;
  });
  return sceneOf(line, start, [...ours, ...theirs], layers, scale);
}

function sceneOf(
  { court, timeline, against }: LineInTime,
  now: number,
  at: Instants,
  layers: Layers,
  scale: Scale,
): Scene {
  const items: SceneItem[] = layers.floor ? floorItems(court, scale, true) : [];
  if (against) {
    if (layers.slidSince !== undefined) items.push(...slidItems(against, layers.slidSince, now, scale));
    if (layers.open) items.push(...openItems(against, at, scale));
    if (layers.splits) items.push(...splitItems(against, now, at, scale));
    if (layers.lane) items.push(...laneItems(against, layers.lane, scale));
    if (layers.defenders) items.push(...defenderItems(against, at, scale));
  }
  if (layers.men) items.push(...menItems(court, timeline, now, scale));
  if (layers.gaps) {
    const { places, holder } = momentAt(timeline, now);
    items.push(...gapItems(court, places, holder, layers.gaps, scale));
  }
  return { ...sceneSize(scale), items };
}

/** Our five and the ball at an instant. */
function menItems(court: Court, timeline: Timeline, t: number, scale: Scale): SceneItem[] {
  const ball = ballAt(timeline, t);
  const rim = rimOf(court);
  const bodies = byPlayer((p) => ({
    at: positionAt(timeline, p, t),
    facing: facingAt(timeline, p, t, ball.holder === p ? rim : ball.point),
  }));
  const men = bodyItems(bodies, ball.holder, scale, true);
  return ball.holder === null
    ? [...men, ...ballItems(toScene(scale, ball.point), scale, Math.max(0, ball.height - HELD))]
    : men;
}

import { PLAYERS, type PlayerId } from '../../alignment/library.ts';
import type { Court } from '../../court/court.ts';
import { distanceToRim } from '../../court/queries.ts';
import { distance, unit, type Point } from '../../geometry/vec.ts';
import { positionAt } from '../../motion/track.ts';
import type { Timeline } from '../../motion/timeline.ts';
import type { Action, Defence, Frame, Play } from '../../play/document.ts';
import { pathOf, walkLine } from '../../play/state.ts';
import { frameById } from '../../play/tree.ts';
import type { Board } from '../board.ts';
import type { AnswerLine } from '../lines.ts';
import type { PointOnLine, Reaction } from '../points.ts';

/** A point of a play as one who looks for an answer to a reaction sees it: feet, seconds. */
export interface Scene {
  readonly play: Play;
  readonly court: Court;
  readonly defence: Defence;
  readonly timeline: Timeline;
  readonly at: PointOnLine;
  readonly reaction: Reaction;
  /** The frame of the action they react to, and the one in which it is used; often the same. */
  readonly set: Frame;
  readonly used: Frame;
  /** What the user does with it: his run round the screen, to the handoff, his drive; null where he only stands. */
  readonly use: Action | null;
  /** When that is, where he is then, and the way he goes. */
  readonly t: number;
  readonly q: Point;
  readonly w: Point;
  /** The side he goes to: 1 right, −1 left. */
  readonly side: 1 | -1;
  /** Where the other man of it stands: the screener, who hands off, who passes. */
  readonly spot: Point;
  /** Who has the ball then. */
  readonly holder: PlayerId;
  /** The others: of a catch against a zone also who threw it. */
  readonly mates: readonly PlayerId[];
  readonly rim: Point;
}

/** The scene of a point on a line; null where it cannot be made out. */
export function sceneOf(board: Board, line: AnswerLine, at: PointOnLine, reaction: Reaction): Scene | null {
  const { timeline } = line;
  const { play, court } = board;
  const set = frameById(play, at.frame);
  const timed = timeline.actions.find((a) => a.action.id === at.action);
  if (!set || !timed) return null;
  const body = timeline.screens.find((s) => s.action === at.action);
  const use = useOf(line, at, body?.used?.action);
  const used = (use && line.frames.find((f) => f.actions.includes(use))) ?? set;
  const t = body ? (body.used?.at ?? body.arrive) : (timed.events.catch ?? timed.end);
  const moment = at.kind === 'entry' || at.kind === 'pass' ? timed.start : t;
  const q = positionAt(timeline, at.user, moment);
  const next = positionAt(timeline, at.user, moment + 0.3);
  const w = distance(q, next) > 0.3 ? unit(q, next) : unit(q, { x: 0, y: court.rimY });
  const lean = Math.abs(w.x) > 0.2 ? w.x : q.x;
  const held = timeline.possessions.findLast((p) => p.from <= moment + 1e-6 && p.holder !== null)?.holder;
  const holder = held ?? at.by;
  return {
    play,
    court,
    defence: board.defence,
    timeline,
    at,
    reaction,
    set,
    used,
    use,
    t: moment,
    q,
    w,
    side: lean < 0 ? -1 : 1,
    spot: body?.at ?? positionAt(timeline, at.by, moment),
    holder,
    mates: PLAYERS.filter((p) => p !== at.user && (p !== at.by || at.kind === 'zone')),
    rim: { x: 0, y: court.rimY },
  };
}

/** The action with which the user makes use of it. */
function useOf(line: AnswerLine, at: PointOnLine, by: string | undefined): Action | null {
  const all = line.frames.flatMap((f) => f.actions);
  if (by !== undefined) return all.find((a) => a.id === by) ?? null;
  const own = all.find((a) => a.id === at.action) ?? null;
  if (at.kind === 'drive') return own;
  const frame = line.frames.find((f) => f.id === at.frame);
  return (
    frame?.actions.findLast((a) => a.by === at.user && pathOf(a).length > 0 && a.does !== 'screen') ?? null
  );
}

/** Where a man stands when an answer to it begins: at the end of what he does in the frame before. */
export function placeBefore(scene: Scene, frame: Frame, player: PlayerId): Point {
  const line = lineUpTo(scene, frame);
  return line.before.places[player];
}
function lineUpTo({ play, timeline }: Scene, frame: Frame) {
  const frames = timeline.bars.flatMap((b) => frameById(play, b.frame) ?? []);
  return walkLine(play, frames).find((w) => w.frame.id === frame.id)!;
}

export const farFromRim = (scene: Scene, p: Point): number => distanceToRim(scene.court, p);

/** A place so far outside the arc, turned by degrees round the rim from where another place lies. */
export function outside(scene: Scene, from: Point, by: number, beyond = 1.5): Point {
  const { court, rim } = scene;
  const a = Math.atan2(from.y - rim.y, from.x - rim.x) + (by * Math.PI) / 180;
  const r = court.arcRadius + beyond;
  const p = { x: rim.x + r * Math.cos(a), y: rim.y + r * Math.sin(a) };
  const most = court.cornerX + beyond - 0.2;
  return { x: Math.max(-most, Math.min(most, p.x)), y: Math.max(3, p.y) };
}

/** A place on the way from one to the rim, so many feet from it. */
export function towardRim(scene: Scene, from: Point, feet: number): Point {
  const v = unit(scene.rim, from);
  return { x: scene.rim.x + v.x * feet, y: scene.rim.y + v.y * feet };
}

import {
  holderOf,
  momentAt,
  NEEDS,
  ON_MAN,
  playerAt,
  propose,
  snap,
  type Court,
  type FrameWalk,
  type NewAction,
  type PlayerId,
  type Waypoint,
} from '@corkscrew/core';
import { handOf, toFloor, toScene, type Body, type Scale } from '@corkscrew/diagram';
import type { PointerEvent } from 'react';
import { floorPoints } from '../../../floor/HalfCourt.tsx';
import { useDrag, type Held, type P } from '../../../ui/drag.ts';
import { apply, useDesk, usePick, type Desk } from '../store.ts';
import { timelineOf } from '../timeline.ts';
import { aim, chooseAction, chooseMan, draw, frameNow, manAt, meant } from './hand.ts';

/** What the hand holds on the court: a man, the ball of the man who has it, or the end of an armed verb's line. */
type Item =
  | { readonly is: 'man'; readonly who: PlayerId; readonly other: PlayerId | null }
  | { readonly is: 'ball'; readonly who: PlayerId }
  | { readonly is: 'aim' };

/** A man, and the ball, are had this near to the middle of their marks (units of the scene at the usual size of marks). */
const REACH = 22;
const BALL_REACH = 10;
/** The ball dropped this near the rim is shot (feet). */
const AT_RIM = 2.2;

interface Floor {
  readonly court: Court;
  readonly walk: FrameWalk;
  readonly bodies: Readonly<Record<PlayerId, Body>>;
  readonly scale: Scale;
  /** Nobody draws here now: it is too small, or the room is not the hand's. */
  readonly idle: boolean;
}

/** What the hand does on the court: picks men, draws, aims an armed verb, sets the five. */
export function useHand(floor: Floor) {
  const { court, walk, scale, idle } = floor;
  const s = usePick('play', 'branch', 'frameId', 'pending', 'placing', 'selected');
  const shown = shownOn(floor);
  const drag = useDrag<Item>({
    measure: floorPoints(scale),
    from: 0.5,
    onDrop: (h) => drop(h),
    onTap: (item, at) => tap(item, at),
  });
  const down = (e: PointerEvent<SVGSVGElement>) => {
    if (idle || e.button !== 0) return;
    const item = touched(floor, floorPoints(scale)(e.currentTarget)(e));
    if (item) {
      // Touching a man brings drawing back.
      const now = useDesk.getState();
      if (item.is === 'man' && (now.time !== null || now.running))
        useDesk.setState({ time: null, running: false });
      return drag.take(e, item);
    }
    const line = (e.target as Element).closest('[data-action]')?.getAttribute('data-action');
    if (line) chooseAction(line);
    else useDesk.setState({ selected: null, actionId: null, notice: null });
  };
  const tap = (item: Item, at: P) => {
    if (item.is === 'aim') return aimAt(at, false);
    const again = item.is === 'man' && item.who === s.selected && item.other;
    chooseMan(again || item.who);
  };
  const drop = (h: Held<Item>) => {
    if (h.item.is === 'aim') return aimAt(h.at, h.free);
    if (s.placing) return setDown(floor, h.item, h.at, h.free);
    const action = drawn(floor, h);
    if (action) draw(action, true);
  };
  const aimAt = (at: P, free: boolean): void => {
    const { pending } = useDesk.getState();
    if (pending) aim(pending, snap(court, at, free), manAt(walk, shown, at, ON_MAN, s.selected ?? undefined));
  };
  const held = drag.held?.moved ? drag.held : null;
  const proposed =
    held && !s.placing
      ? held.item.is === 'aim'
        ? aimed(floor, s, held)
        : drawn(floor, held)
      : held
        ? null
        : meant(s);
  return {
    down,
    hand: drag.hand,
    /** What is dragged now and where it is, snapped as it would be set down. */
    held: held && { item: held.item, at: snap(court, held.at, held.free) },
    proposed,
  };
}

/** Where the men are drawn, feet: those in one place stand apart. */
const shownOn = ({ bodies }: Floor): Record<PlayerId, P> =>
  Object.fromEntries(Object.entries(bodies).map(([id, b]) => [id, b.at])) as Record<PlayerId, P>;

/** Where the ball is drawn: in the hand of the man who has it after the frame. */
function ballOn({ walk, bodies, scale }: Floor): { who: PlayerId; at: P } | null {
  const who = holderOf(walk.after);
  if (!who) return null;
  const same = holderOf(walk.before) === who;
  const body = same ? bodies[who] : { at: walk.after.places[who], facing: bodies[who].facing };
  return { who, at: toFloor(scale, handOf(toScene(scale, body.at), body.facing, scale)) };
}

/** What is under the hand at a point of the floor: the end of an armed verb, the ball, or a man; null is none of them. */
function touched(floor: Floor, p: P): Item | null {
  const { scale } = floor;
  const now = useDesk.getState();
  if (now.pending && now.selected) return { is: 'aim' };
  const places =
    now.time === null
      ? shownOn(floor)
      : momentAt(timelineOf(now.play, now.branch, now.frameId), now.time).places;
  const [who, other] = nearest(places, p, (1.2 * REACH * scale.mark) / scale.ppf);
  const ball = now.placing ? { who: now.play.start.ball, at: ballOn(floor)?.at ?? p } : ballOn(floor);
  const toBall = ball ? Math.hypot(ball.at.x - p.x, ball.at.y - p.y) : Infinity;
  const toMan = who ? Math.hypot(places[who].x - p.x, places[who].y - p.y) : Infinity;
  if (ball && now.time === null && toBall < (BALL_REACH * scale.mark) / scale.ppf && toBall < toMan)
    return { is: 'ball', who: ball.who };
  return who ? { is: 'man', who, other: other ?? null } : null;
}

/** While the five are set: a man stands where he is put, and the ball is given to whom it is put on. */
function setDown({ court, walk }: Floor, item: Exclude<Item, { is: 'aim' }>, at: P, free: boolean): void {
  if (item.is === 'man') {
    apply({ do: 'place', player: item.who, place: snap(court, at, free) }, { selected: item.who });
    return;
  }
  const to = playerAt(walk.before.places, at, ON_MAN);
  if (to) apply({ do: 'ball', player: to }, { selected: to });
}

/** What a drag that is held there would draw. */
function drawn(floor: Floor, { item, at, free }: Held<Item>): NewAction | null {
  if (item.is === 'aim') return null;
  const { court, walk } = floor;
  const { who } = item;
  const ball = item.is === 'ball';
  if (ball && Math.hypot(at.x, at.y - court.rimY) <= AT_RIM) return { by: who, does: 'shot' };
  const man = ball
    ? manAt(walk, shownOn(floor), at, ON_MAN, who)
    : playerAt(walk.after.places, at, ON_MAN, who);
  // Near a teammate the drop is meant for him: no spot pulls it away.
  return propose(walk, { who, at: snap(court, at, free || man !== undefined), ball, verb: null, to: man });
}

/** What an armed verb would draw where it is aimed at. */
function aimed(
  floor: Floor,
  s: Pick<Desk, 'play' | 'branch' | 'frameId' | 'pending' | 'selected'>,
  { at, free }: Held<Item>,
): NewAction | null {
  if (!s.pending || !s.selected) return null;
  const man = manAt(floor.walk, shownOn(floor), at, ON_MAN, s.selected);
  const wants = NEEDS[s.pending.verb] !== 'place' ? man : undefined;
  const place: Waypoint = snap(floor.court, at, free || wants !== undefined);
  return propose(frameNow(s), { who: s.selected, verb: s.pending.verb, ball: false, at: place, to: wants });
}

/** Men within reach of a point, the nearest first. */
function nearest(places: Readonly<Record<PlayerId, P>>, p: P, reach: number): PlayerId[] {
  return (Object.keys(places) as PlayerId[])
    .map((id) => ({ id, d: Math.hypot(places[id].x - p.x, places[id].y - p.y) }))
    .filter((m) => m.d <= reach)
    .sort((a, b) => a.d - b.d)
    .map((m) => m.id);
}

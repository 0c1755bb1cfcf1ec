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
import { apply, useDesk, usePick } from '../store.ts';
import { timelineOf } from '../timeline.ts';
import { aim, chooseAction, chooseMan, draw, frameNow, manAt, meant } from './hand.ts';

/** What the hand holds on the court: a man, the ball of the man who has it, or the end of an armed verb's line. */
type Item =
  | { readonly is: 'man'; readonly who: PlayerId; readonly other: PlayerId | null }
  | { readonly is: 'ball'; readonly who: PlayerId }
  | { readonly is: 'aim' };

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
export function useHand({ court, walk, bodies, scale, idle }: Floor) {
  const s = usePick('play', 'branch', 'frameId', 'pending', 'placing', 'selected');
  const reach = (22 * scale.mark) / scale.ppf;
  const shown = Object.fromEntries(Object.entries(bodies).map(([id, b]) => [id, b.at])) as Record<
    PlayerId,
    P
  >;
  const drag = useDrag<Item>({
    measure: floorPoints(scale),
    from: 0.5,
    onDrop: (h) => drop(h),
    onTap: (item, at) => tap(item, at),
  });

  const ballOf = (): { who: PlayerId; at: P } | null => {
    const who = holderOf(walk.after);
    if (!who) return null;
    const same = holderOf(walk.before) === who;
    const body = same ? bodies[who] : { at: walk.after.places[who], facing: bodies[who].facing };
    return { who, at: toFloor(scale, handOf(toScene(scale, body.at), body.facing, scale)) };
  };
  const down = (e: PointerEvent<SVGSVGElement>) => {
    if (idle || e.button !== 0) return;
    const p = floorPoints(scale)(e.currentTarget)(e);
    if (s.pending && s.selected) return drag.take(e, { is: 'aim' });
    const now = useDesk.getState();
    const where =
      now.time === null ? shown : momentAt(timelineOf(now.play, now.branch, now.frameId), now.time).places;
    const near = nearest(where, p, reach * 1.2);
    const ball = s.placing ? { who: s.play.start.ball, at: ballOf()?.at ?? p } : ballOf();
    const toBall = ball ? Math.hypot(ball.at.x - p.x, ball.at.y - p.y) : Infinity;
    const who = near[0];
    const toMan = who ? Math.hypot(where[who].x - p.x, where[who].y - p.y) : Infinity;
    if (ball && now.time === null && toBall < (10 * scale.mark) / scale.ppf && toBall < toMan)
      return drag.take(e, { is: 'ball', who: ball.who });
    if (who) {
      // Touching a man brings drawing back.
      if (now.time !== null || now.running) useDesk.setState({ time: null, running: false });
      return drag.take(e, { is: 'man', who, other: near[1] ?? null });
    }
    const line = (e.target as Element).closest('[data-action]')?.getAttribute('data-action');
    if (line) chooseAction(line);
    else useDesk.setState({ selected: null, actionId: null, notice: null });
  };
  const tap = (item: Item, at: P) => {
    if (item.is === 'aim') return void aimAt(at, false);
    const again = item.is === 'man' && item.who === s.selected && item.other;
    chooseMan(again || item.who);
  };
  const drop = (h: Held<Item>) => {
    if (h.item.is === 'aim') return void aimAt(h.at, h.free);
    if (s.placing) {
      if (h.item.is === 'man')
        apply(
          { do: 'place', player: h.item.who, place: snap(court, h.at, h.free) },
          { selected: h.item.who },
        );
      else {
        const to = playerAt(walk.before.places, h.at, ON_MAN);
        if (to) apply({ do: 'ball', player: to }, { selected: to });
      }
      return;
    }
    const action = drawn(h);
    if (action) draw(action, true);
  };
  const aimAt = (at: P, free: boolean) => {
    const { pending } = useDesk.getState();
    if (pending) aim(pending, snap(court, at, free), manAt(walk, shown, at, ON_MAN, s.selected ?? undefined));
  };
  /** What a drag that is held there would draw. */
  const drawn = ({ item, at, free }: Held<Item>): NewAction | null => {
    if (item.is === 'aim') return null;
    const { who } = item;
    const ball = item.is === 'ball';
    if (ball && Math.hypot(at.x, at.y - court.rimY) <= AT_RIM) return { by: who, does: 'shot' };
    const man = ball ? manAt(walk, shown, at, ON_MAN, who) : playerAt(walk.after.places, at, ON_MAN, who);
    // Near a teammate the drop is meant for him: no spot pulls it away.
    return propose(walk, { who, at: snap(court, at, free || man !== undefined), ball, verb: null, to: man });
  };
  const held = drag.held?.moved ? drag.held : null;
  const proposed =
    held && !s.placing ? (held.item.is === 'aim' ? aimed(held) : drawn(held)) : held ? null : meant(s);
  /** What an armed verb would draw where it is aimed at. */
  function aimed({ at, free }: Held<Item>): NewAction | null {
    if (!s.pending || !s.selected) return null;
    const man = manAt(walk, shown, at, ON_MAN, s.selected);
    const wants = NEEDS[s.pending.verb] !== 'place' ? man : undefined;
    const place: Waypoint = snap(court, at, free || wants !== undefined);
    return propose(frameNow(s), { who: s.selected, verb: s.pending.verb, ball: false, at: place, to: wants });
  }
  return {
    down,
    hand: drag.hand,
    /** What is dragged now and where it is, snapped as it would be set down. */
    held: held && { item: held.item, at: snap(court, held.at, held.free) },
    proposed,
  };
}

/** Men within reach of a point, the nearest first. */
function nearest(places: Readonly<Record<PlayerId, P>>, p: P, reach: number): PlayerId[] {
  return (Object.keys(places) as PlayerId[])
    .map((id) => ({ id, d: Math.hypot(places[id].x - p.x, places[id].y - p.y) }))
    .filter((m) => m.d <= reach)
    .sort((a, b) => a.d - b.d)
    .map((m) => m.id);
}

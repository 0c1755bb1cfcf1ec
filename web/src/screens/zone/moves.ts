import { startChase, stepChase, throwTo, type Chase, type Point } from '@corkscrew/core';
import { create } from 'zustand';
import type { ZoneMoment } from '../../app/to-zone.ts';
import { chasesIn, courtOf, levelOf, schemeFor, useRoom, type Room } from './room.ts';

/** The chase that is on; the room's places hold as long as it lasts. */
interface Running {
  readonly chase: Chase | null;
  /** How far the chase has come, seconds: it moves in place, and is drawn again with this. */
  readonly now: number;
  /** The moment looked back at, seconds from the start; null is now. */
  readonly at: number | null;
}
export const useChase = create<Running>(() => ({ chase: null, now: 0, at: null }));

const show = (chase: Chase | null): void => useChase.setState({ chase, now: chase?.t ?? 0, at: null });

/** Within this a man has a ball that is put down beside him (ft). */
const HAS = 2.5;

/** Puts the ball somewhere: whoever stands there has it. */
export function putBall(at: Point): void {
  stopChase();
  const { places } = useRoom.getState();
  const near = places.findIndex((p) => Math.hypot(p.x - at.x, p.y - at.y) <= HAS);
  useRoom.setState({ ball: near >= 0 ? places[near]! : at, holder: near });
}

/** Moves a man; the ball goes with him who has it. */
export function putPlayer(j: number, at: Point): void {
  stopChase();
  const { places, holder } = useRoom.getState();
  useRoom.setState({
    places: places.map((p, i) => (i === j ? at : p)),
    ...(holder === j ? { ball: at } : {}),
  });
}

export function putAll(places: readonly Point[], holder = 0): void {
  stopChase();
  useRoom.setState({ places, holder, ball: places[holder]! });
}

const begin = (room: Room, defenders?: readonly Point[]): Chase =>
  startChase({
    scheme: schemeFor(room, room.zone),
    bump: schemeFor(room, room.zone, true),
    level: levelOf(room),
    players: room.places,
    chases: chasesIn(room, room.zone),
    holder: room.holder,
    ...(defenders ? { defenders } : {}),
  });

/** Has the zone stand where it is in a play, not where it would come to rest; the next pass starts from there. */
function beginFrom(defenders: readonly Point[]): void {
  stopChase();
  show(begin(useRoom.getState(), defenders));
}

/** Puts a moment of a play into the room. */
export function takeMoment({ defenders, ...moment }: ZoneMoment): void {
  stopChase();
  useRoom.setState({ ...moment, set: '' });
  if (defenders) beginFrom(defenders);
}

let frame = 0;

/** Passes the ball on: the zone chases it in real time. */
export function pass(to: number): void {
  const room = useRoom.getState();
  let { chase } = useChase.getState();
  if (!chase) {
    if (room.holder < 0) {
      putBall(room.places[to]!);
      return;
    }
    chase = begin(room);
  }
  if (!throwTo(chase, to, courtOf(room))) return;
  show(chase);
  cancelAnimationFrame(frame);
  let last = performance.now();
  const step = (now: number) => {
    const running = useChase.getState();
    if (!running.chase) return;
    const more = stepChase(running.chase, Math.min(0.05, (now - last) / 1000));
    last = now;
    useChase.setState({ now: running.chase.t });
    if (more) frame = requestAnimationFrame(step);
    else useRoom.setState({ holder: running.chase.holder, ball: running.chase.ball });
  };
  frame = requestAnimationFrame(step);
}

/** Ends a chase: the zone is at rest again where the ball is. */
export function stopChase(): void {
  const { chase } = useChase.getState();
  if (!chase) return;
  cancelAnimationFrame(frame);
  const to = chase.flight?.to ?? chase.holder;
  show(null);
  useRoom.setState({ holder: to, ball: useRoom.getState().places[to]! });
}

/** Looks back at a moment of the chase (seconds); at its end it is now again. */
export function goBackTo(t: number): void {
  const { chase } = useChase.getState();
  if (!chase) return;
  useChase.setState({ at: t >= chase.t - 1e-6 ? null : Math.max(0, t) });
}

/** The room is left: a ball in the air is caught, and nothing runs on. */
export function leaveRoom(): void {
  if (useChase.getState().chase?.flight) stopChase();
  cancelAnimationFrame(frame);
}

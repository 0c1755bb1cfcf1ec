import {
  alignmentByKey,
  alignmentPlaces,
  chaseFloor,
  courtFor,
  floorOf,
  levelRecord,
  mapSoftness,
  optionsOf,
  schemeOf,
  settled,
  softMap,
  softSpots,
  startChase,
  stepChase,
  throwTo,
  worstSplit,
  zoneByKey,
  PLAYERS,
  type Chase,
  type Chased,
  type Court,
  type Floor,
  type Level,
  type Option,
  type Point,
  type RuleSetKey,
  type Scheme,
  type SoftMap,
  type SoftSpot,
  type Split,
  type ZoneKey,
} from '@corkscrew/core';
import { create } from 'zustand';
import { createJSONStorage, persist } from 'zustand/middleware';
import { useShallow } from 'zustand/react/shallow';
import { lateStorage } from '../../app/late-storage.ts';

/** What the coach has set up: whose zone, how it is played, who stands where, and where the ball is. */
export interface Room {
  readonly court: RuleSetKey;
  readonly level: Level;
  readonly zone: ZoneKey;
  readonly schools: readonly string[];
  /** Beside it: another zone against our five, another set of ours against this zone, or nothing. */
  readonly beside: ZoneKey | `set:${string}` | null;
  /** Key of the alignment they were put in; empty when they come from a play. */
  readonly set: string;
  /** The play this was a moment of. */
  readonly from: { readonly id: string; readonly name: string } | null;
  readonly places: readonly Point[];
  /** Who has the ball, −1 when it lies on the floor where it was put. */
  readonly holder: number;
  readonly ball: Point;
  readonly inside: number;
  readonly spacing: number;
}

const START_SET = 'overload';
const first = alignmentByKey(START_SET)!;

/** The five of an alignment, 1 first. */
export function placesOf(court: Court, set: string): Point[] {
  const places = alignmentPlaces(court, alignmentByKey(set) ?? first);
  return PLAYERS.map((p) => ({ x: places[p].x, y: places[p].y }));
}
const nfhs = courtFor({ court: 'nfhs' });
const startPlaces = placesOf(nfhs, first.key);

export const useRoom = create<Room>()(
  persist<Room>(
    () => ({
      court: 'nfhs',
      level: 'highSchool',
      zone: '2-3',
      schools: [],
      beside: null,
      set: first.key,
      from: null,
      places: startPlaces,
      holder: 0,
      ball: startPlaces[0]!,
      inside: 1,
      spacing: 12,
    }),
    { name: 'corkscrew.zone', version: 1, storage: createJSONStorage(lateStorage) },
  ),
);

/** Everything but where men and ball are: it does not change while something is dragged. */
export type Setting = Omit<Room, 'places' | 'holder' | 'ball'>;
export const useSetting = (): Setting =>
  useRoom(
    useShallow(({ court, level, zone, schools, beside, set, from, inside, spacing }) => ({
      court,
      level,
      zone,
      schools,
      beside,
      set,
      from,
      inside,
      spacing,
    })),
  );

/** The chase that is on, and the passes so far; the room's places hold as long as it lasts. */
interface Running {
  readonly chase: Chase | null;
  readonly chased: readonly Chased[];
  /** Counts frames, so that what moves is drawn again. */
  readonly tick: number;
}
export const useChase = create<Running>(() => ({ chase: null, chased: [], tick: 0 }));

/** A zone looked at: where it stands, whom it splits, where it is soft. */
export interface Picture {
  readonly floor: Floor;
  readonly options: readonly Option[];
  readonly split: Split | null;
  readonly spots: readonly SoftSpot[];
  readonly map: SoftMap;
}

const seenOf = (room: Pick<Room, 'places' | 'ball'>) => ({
  x: Float64Array.from({ length: 5 }, (_, i) => room.places[i]?.x ?? 0),
  y: Float64Array.from({ length: 5 }, (_, i) => room.places[i]?.y ?? 0),
  bx: room.ball.x,
  by: room.ball.y,
  screening: 0,
  chases: new Int8Array(5).fill(-1),
  players: room.places.length,
});

export function schemeFor(room: Pick<Room, 'court' | 'schools'>, zone: ZoneKey): Scheme {
  return schemeOf(zoneByKey(zone)!, room.schools, courtFor({ court: room.court }));
}

/** A zone at rest against the room's five. */
export function restPicture(
  room: Pick<Room, 'court' | 'level' | 'schools' | 'places' | 'ball' | 'holder'>,
  zone: ZoneKey,
): Picture {
  const court = courtFor({ court: room.court });
  const level = levelRecord(room.level);
  const floor = floorOf(court, level);
  Object.assign(floor, {
    bx: room.ball.x,
    by: room.ball.y,
    holder: room.holder,
    players: room.places.length,
  });
  room.places.forEach((p, j) => {
    floor.ox[j] = p.x;
    floor.oy[j] = p.y;
  });
  settled(schemeFor(room, zone), level, seenOf(room), floor.dx, floor.dy);
  return lookAt(floor);
}

/** What stands beside the room's own picture: both names, and what it looks like. */
interface Beside {
  readonly against: string;
  readonly name: string;
  readonly picture: Picture;
}

export function besidePicture(room: Room): Beside | null {
  const { beside } = room;
  if (!beside) return null;
  if (!beside.startsWith('set:'))
    return { against: room.zone, name: beside, picture: restPicture(room, beside as ZoneKey) };
  const set = beside.slice('set:'.length);
  const places = placesOf(courtFor({ court: room.court }), set);
  // The ball is with whoever of them stands nearest to where it is now.
  const far = places.map((p) => Math.hypot(p.x - room.ball.x, p.y - room.ball.y));
  const holder = far.indexOf(Math.min(...far));
  return {
    against: alignmentByKey(room.set)?.name ?? 'Ours',
    name: alignmentByKey(set)?.name ?? set,
    picture: restPicture({ ...room, places, holder, ball: places[holder]! }, room.zone),
  };
}

/** A zone on the move. */
export const movingPicture = (room: Room, chase: Chase): Picture =>
  lookAt(chaseFloor(chase, courtFor({ court: room.court })));

function lookAt(floor: Floor): Picture {
  const map = mapSoftness(floor, softMap());
  const options = optionsOf(floor);
  return { floor, options, split: worstSplit(floor, options), spots: softSpots(floor, map), map };
}

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
    chase = startChase(schemeFor(room, room.zone), levelRecord(room.level), room.places, room.holder);
  }
  if (!throwTo(chase, to, courtFor({ court: room.court }))) return;
  useChase.setState({ chase, chased: [...chase.chased] });
  cancelAnimationFrame(frame);
  let last = performance.now();
  const step = (now: number) => {
    const running = useChase.getState();
    if (!running.chase) return;
    const more = stepChase(running.chase, Math.min(0.05, (now - last) / 1000));
    last = now;
    useChase.setState({ tick: running.tick + 1 });
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
  useChase.setState({ chase: null, chased: [] });
  useRoom.setState({ holder: to, ball: useRoom.getState().places[to]! });
}

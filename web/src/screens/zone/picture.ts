import {
  alignmentByKey,
  type Chase,
  chaseFloor,
  type Floor,
  floorOf,
  mapSoftness,
  NONE,
  type Option,
  optionsOf,
  type Point,
  chasersLate,
  putAttackers,
  standApart,
  sampleAt,
  SEATS,
  settled,
  situationAt,
  softMap,
  type SoftMap,
  type SoftSpot,
  softSpots,
  type Split,
  worstSplit,
  type ZoneKey,
} from '@corkscrew/core';
import { chasesIn, courtOf, levelOf, placesOf, schemeFor, type Room } from './room.ts';

/** A zone looked at: where it stands, whom it splits, where it is soft. */
export interface Picture {
  readonly floor: Floor;
  readonly options: readonly Option[];
  readonly split: Split | null;
  readonly spots: readonly SoftSpot[];
  readonly map: SoftMap;
  /** The way each defender has come since the ball was last thrown, feet; none at rest. */
  readonly trails: readonly (readonly Point[])[];
}

/** A zone at rest against the room's five. */
export function restPicture(
  room: Omit<Room, 'beside' | 'inside' | 'spacing' | 'from'>,
  zone: ZoneKey,
): Picture {
  const level = levelOf(room);
  const floor = floorOf(courtOf(room), level);
  floor.bx = room.ball.x;
  floor.by = room.ball.y;
  floor.holder = SEATS.find((j) => j === room.holder) ?? NONE;
  putAttackers(floor, room.places);
  const chases = chasesIn(room, zone);
  chasersLate(floor, chases);
  settled(schemeFor(room, zone), level, situationAt(room.places, room.ball, chases), floor.dx, floor.dy);
  standApart(floor.dx, floor.dy, floor.ox, floor.oy, floor.players);
  return pictureOf(floor);
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
  const places = placesOf(courtOf(room), set);
  // The ball is with whoever of them stands nearest to where it is now.
  const far = places.map((p) => Math.hypot(p.x - room.ball.x, p.y - room.ball.y));
  const holder = far.indexOf(Math.min(...far));
  return {
    against: alignmentByKey(room.set)?.name ?? 'Ours',
    name: alignmentByKey(set)?.name ?? set,
    picture: restPicture({ ...room, set, places, holder, ball: places[holder]! }, room.zone),
  };
}

/** A zone on the move, at a moment of the chase (seconds). */
export function movingPicture(room: Pick<Room, 'court'>, chase: Chase, t: number): Picture {
  const thrown = chase.chased.findLast((c) => c.released <= t)?.released ?? 0;
  const picture = pictureOf(chaseFloor(chase, courtOf(room), t));
  // While the ball flies it can't go to either of two.
  const split = picture.floor.holder < 0 ? null : picture.split;
  return { ...picture, split, trails: trailsOf(chase, thrown, t) };
}

/** Points of a trail. */
const POINTS = 9;

function trailsOf({ film }: Chase, from: number, to: number): Point[][] {
  const a = sampleAt(film, from);
  const b = sampleAt(film, to);
  return [0, 1, 2, 3, 4].map((d) =>
    Array.from({ length: POINTS }, (_, i) => {
      const k = Math.round(a + ((b - a) * i) / (POINTS - 1));
      return { x: film.x[k * 5 + d]!, y: film.y[k * 5 + d]! };
    }),
  );
}

function pictureOf(floor: Floor): Picture {
  const map = mapSoftness(floor, softMap());
  const options = optionsOf(floor);
  return { floor, options, split: worstSplit(floor), spots: softSpots(floor, map), map, trails: [] };
}

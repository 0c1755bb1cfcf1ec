import {
  alignmentByKey,
  alignmentPlaces,
  chasedBy,
  type Court,
  courtFor,
  type Five,
  fiveOf,
  type Level,
  levelRecord,
  type LevelRecord,
  type None,
  NONE,
  type PlayerId,
  PLAYERS,
  type Point,
  type RuleSetKey,
  type Scheme,
  schemeOf,
  type Seat,
  seatOf,
  spotPoint,
  zoneByKey,
  type ZoneKey,
} from '@corkscrew/core';
import { create } from 'zustand';
import { createJSONStorage, persist } from 'zustand/middleware';
import { useShallow } from 'zustand/react/shallow';
import { lateStorage } from '../../app/late-storage.ts';
import type { Origin } from '../../app/to-zone.ts';

/** What the coach has set up: whose zone, how it is played, who stands where, and where the ball is. */
export interface Room {
  readonly court: RuleSetKey;
  readonly level: Level;
  /** Women's speeds and passes: so when a play that was brought here is theirs. */
  readonly women: boolean;
  readonly zone: ZoneKey;
  readonly schools: readonly string[];
  /** Whom each of the five chases, when the coach says so; '' is nobody, and for a chaser the nearest. */
  readonly chases: readonly (PlayerId | '')[];
  /** Beside it: another zone against our five, another set of ours against this zone, or nothing. */
  readonly beside: ZoneKey | `set:${string}` | null;
  /** Key of the alignment they were put in; empty when they come from a play. */
  readonly set: string;
  /** The play this was a moment of, and when (seconds). */
  readonly from: Origin | null;
  readonly places: readonly Point[];
  /** Who has the ball, −1 when it lies on the floor where it was put. */
  readonly holder: number;
  readonly ball: Point;
  readonly inside: number;
  readonly spacing: number;
}

export const NEAREST: Room['chases'] = ['', '', '', '', ''];

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
      women: false,
      zone: '2-3',
      schools: [],
      chases: NEAREST,
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
    useShallow(({ court, level, women, zone, schools, chases, beside, set, from, inside, spacing }) => ({
      court,
      level,
      women,
      zone,
      schools,
      chases,
      beside,
      set,
      from,
      inside,
      spacing,
    })),
  );

/** What men of the room's level can do. */
export const levelOf = (room: Pick<Room, 'level' | 'women'>): LevelRecord =>
  levelRecord(room.level, room.women);

export const courtOf = (room: Pick<Room, 'court'>): Court => courtFor({ court: room.court });

/** The room's zone or another one, as it is played; `timed` is how until the usual man is at the wing. */
export const schemeFor = (room: Pick<Room, 'court' | 'schools'>, zone: ZoneKey, timed = false): Scheme =>
  schemeOf(zoneByKey(zone)!, room.schools, courtOf(room), timed);

/**
 * Whom each defender chases, player indices, −1 nobody. The nearest is who it is in the set they were put in: it
 * does not change while men are dragged about.
 */
export function chasesIn(
  room: Pick<Room, 'court' | 'set' | 'places' | 'zone' | 'chases'>,
  zone: ZoneKey,
): Five<Seat | None> {
  const court = courtOf(room);
  const said = zone === room.zone ? room.chases : NEAREST;
  const told = fiveOf<Seat | None>((d) => (said[d] ? seatOf(said[d]) : NONE));
  const home = room.set ? placesOf(court, room.set) : room.places;
  return chasedBy(zoneByKey(zone)!, court, home, spotPoint(court, 'top'), told);
}

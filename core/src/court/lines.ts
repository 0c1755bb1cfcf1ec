import { arcMeetsCorner, BACKBOARD_HALF, FLOOR_DEPTH, RIM_RADIUS, type Court } from './court.ts';
import type { Point } from '../geometry/vec.ts';

/** A marking: a straight, or an arc of a circle from one angle to another (degrees counter-clockwise from +x). */
export type CourtLine =
  | { readonly name: LineName; readonly shape: 'straight'; readonly a: Point; readonly b: Point }
  | {
      readonly name: LineName;
      readonly shape: 'arc';
      readonly centre: Point;
      readonly radius: number;
      readonly from: number;
      readonly to: number;
    };
type LineName =
  | 'baseline'
  | 'sideline'
  | 'lane'
  | 'laneMark'
  | 'freeThrow'
  | 'freeThrowCircle'
  | 'threePoint'
  | 'restricted'
  | 'backboard'
  | 'rim'
  | 'hash';

/** Distances of the lane-space marks from the baseline, feet (rule-book court diagrams, from memory). */
const LANE_MARKS = [7, 8, 11, 14] as const;

/** All markings of the half court inside the drawn floor. */
export function courtLines(court: Court): CourtLine[] {
  const half = court.width / 2;
  const lane = court.laneWidth / 2;
  const rim = { x: 0, y: court.rimY };
  const lines: CourtLine[] = [];
  const straight = (name: LineName, ax: number, ay: number, bx: number, by: number) =>
    lines.push({ name, shape: 'straight', a: { x: ax, y: ay }, b: { x: bx, y: by } });
  const arc = (name: LineName, centre: Point, radius: number, from: number, to: number) =>
    lines.push({ name, shape: 'arc', centre, radius, from, to });

  straight('baseline', -half, 0, half, 0);
  for (const s of [-1, 1]) {
    straight('sideline', s * half, 0, s * half, FLOOR_DEPTH);
    straight('lane', s * lane, 0, s * lane, court.freeThrowY);
    straight('hash', s * half, court.hashY, s * (half - 3), court.hashY);
    for (const y of LANE_MARKS) straight('laneMark', s * lane, y, s * (lane + 0.6), y);
    straight('threePoint', s * court.cornerX, 0, s * court.cornerX, arcMeetsCorner(court));
  }
  straight('freeThrow', -lane, court.freeThrowY, lane, court.freeThrowY);
  arc('freeThrowCircle', { x: 0, y: court.freeThrowY }, court.circleRadius, 0, 180);
  // An old court of a league's own may have no arc at all.
  const meet =
    court.arcRadius <= 0
      ? 90
      : (Math.asin((arcMeetsCorner(court) - court.rimY) / court.arcRadius) * 180) / Math.PI;
  arc('threePoint', rim, court.arcRadius, meet, 180 - meet);
  if (court.restrictedRadius !== null) {
    arc('restricted', rim, court.restrictedRadius, 0, 180);
    for (const s of [-1, 1]) {
      straight(
        'restricted',
        s * court.restrictedRadius,
        court.backboardY,
        s * court.restrictedRadius,
        court.rimY,
      );
    }
  }
  straight('backboard', -BACKBOARD_HALF, court.backboardY, BACKBOARD_HALF, court.backboardY);
  arc('rim', rim, RIM_RADIUS, 0, 360);
  return lines;
}

import type { PassKind, PassRecord } from './level.ts';

/** Half of gravity, ft/s². */
export const FALLS = 16.1;
/** A plain pass this long goes over the head (feet, from memory). */
const OVERHEAD_FROM = 22;
/** Where a bounce meets the floor, as a share of its way, and how high the ball is then; and where it leaves and is caught (feet). */
const BOUNCE = { at: 0.62, height: 0.4, bounce: [3, 2.5], pocket: [2, 2.5] } as const;

/** The kind a pass flies that nobody gave one. */
export const plainKind = (length: number): 'chest' | 'skip' => (length < OVERHEAD_FROM ? 'chest' : 'skip');

/** Seconds a ball is up that rises so many feet over its ends. */
export const risesIn = (feet: number): number => Math.sqrt((4 * feet) / FALLS);

/** Seconds in the air of a pass of a kind, feet long. The clock knows no defender: a lob rises as over nobody. */
export function flightOf(pass: PassRecord, kind: PassKind, length: number): number {
  const plain = length / pass.speed[kind];
  return kind === 'lob' ? Math.max(plain, risesIn(pass.rise.plain)) : plain;
}

/** How high the ball leaves the hand and is caught, feet. */
export function endsOf({ hands }: PassRecord, kind: PassKind): readonly [number, number] {
  switch (kind) {
    case 'chest':
      return [hands.shoulder - 0.3, hands.shoulder - 0.2];
    case 'skip':
      return [hands.stand - 0.2, hands.shoulder + 0.9];
    case 'lob':
      return [hands.stand - 0.2, hands.stand];
    default:
      return BOUNCE[kind];
  }
}

/** How high a ball is at a share u of its way, feet: thrown so that it comes down after `flight` seconds, or by the floor. */
export function heightOn(kind: PassKind, from: number, to: number, flight: number, u: number): number {
  if (kind !== 'bounce' && kind !== 'pocket')
    return from + (to - from) * u + FALLS * flight * flight * u * (1 - u);
  return u < BOUNCE.at
    ? from + ((BOUNCE.height - from) * u) / BOUNCE.at
    : BOUNCE.height + ((to - BOUNCE.height) * (u - BOUNCE.at)) / (1 - BOUNCE.at);
}

import type { Meeting } from './timeline.ts';

/** The ball may be this much before its man, a man this much before the ball, a receiver this much before the giver (s, from memory). */
export const BALL_EARLY = 0.3;
export const MAN_WAITS = 0.8;
const GIVER_LATE = 0.3;

/** Seconds by which two miss each other; null when they are together. Who gives a handoff, or sets a screen, may wait. */
export function missedBy(m: Meeting): number | null {
  const late = m.first - m.second;
  switch (m.kind) {
    case 'screen':
      return late > 1e-6 ? late : null;
    case 'handoff':
      return late > GIVER_LATE ? late : null;
    case 'pass':
      return -late > BALL_EARLY ? -late : late > MAN_WAITS ? late : null;
  }
}

import type { Player } from '@corkscrew/core';

/** What can be chosen of a man, wherever he is written down. */
export const HANDS = [
  ['right', 'Right'],
  ['left', 'Left'],
] as const;

const speedWords = (speed: number): string =>
  speed === 1 ? 'As most' : `${Math.abs(Math.round((speed - 1) * 100))} % ${speed > 1 ? 'faster' : 'slower'}`;
const SPEEDS = [0.85, 0.9, 0.95, 1, 1.05, 1.1, 1.15].map((s) => [String(s), speedWords(s)] as const);

/** A figure between those offered, of a list from elsewhere, is offered too. */
export const speedsWith = (speed: number): readonly (readonly [string, string])[] =>
  SPEEDS.some(([s]) => Number(s) === speed)
    ? SPEEDS
    : [...SPEEDS, [String(speed), speedWords(speed)] as const].sort((a, b) => Number(a[0]) - Number(b[0]));

export const THERE = [
  ['in', 'In'],
  ['limited', 'Limited'],
  ['out', 'Out'],
] as const;

/** A man who is in, spared or away from today on; what is written of other days stays. */
export function withPresence(man: Player, day: string, as: (typeof THERE)[number][0]): Player {
  const rest = man.out.filter((o) => day < o.from || (o.to !== undefined && day > o.to));
  return { ...man, out: as === 'in' ? rest : [...rest, { from: day, as }] };
}

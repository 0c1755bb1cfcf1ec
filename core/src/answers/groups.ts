import type { Cell, CellState } from './cell.ts';
import type { PointKind, PointOnLine, Reaction } from './points.ts';

/** Points of one kind stand together: the same things can be done there. */
export const POINT_GROUPS: readonly { readonly kinds: readonly PointKind[]; readonly words: string }[] = [
  { kinds: ['onBall'], words: 'Screens on the ball' },
  { kinds: ['tag'], words: 'Help on the roll' },
  { kinds: ['offBall'], words: 'Screens off the ball' },
  { kinds: ['handoff'], words: 'Handoffs' },
  { kinds: ['drive'], words: 'Drives' },
  { kinds: ['entry'], words: 'Into the post' },
  { kinds: ['pass'], words: 'Passes' },
  { kinds: ['zone'], words: 'Where the ball comes, and who has to choose' },
];

const SHORT: Readonly<Partial<Record<Reaction, string>>> = {
  topLock: 'lock',
  weakCorner: 'weak',
  strongCorner: 'strong',
  rotation: 'rotate',
  stepsUp: 'up',
};
/** A reaction in one short word, over its column. */
export const reactionShort = (r: Reaction): string => SHORT[r] ?? r;

/** A point with what was judged of it. */
export interface JudgedRow {
  readonly point: PointOnLine;
  readonly cells: readonly Cell[];
}

/** What can be done at some points, once: what they are expected to do comes first. */
export function expectedFirst(rows: readonly JudgedRow[]): Reaction[] {
  const all = [...new Set(rows.flatMap((r) => r.point.reactions))];
  const usual = new Set(rows.flatMap((r) => r.cells.filter((c) => c.usual).map((c) => c.reaction)));
  return [...all.filter((r) => usual.has(r)), ...all.filter((r) => !usual.has(r))];
}

/** What a cell says, in words. */
export const STATE_WORDS: Readonly<Record<CellState, string>> = {
  answered: 'answered',
  contested: 'contested',
  hole: 'hole',
  cant: "can't happen",
  never: 'never done',
};

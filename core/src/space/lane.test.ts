import { describe, expect, it } from 'vitest';
import { levelRecord, type PassKind } from '../motion/level.ts';
import type { Level } from '../play/document.ts';
import { laneOf, laneSeen, type Hands } from './lane.ts';

/**
 * Lanes worked out by hand-written code of another make from the same description of a pass: to two thousandths of a
 * second and the same man. Five boards; each line is a kind, a place, a level, the margin and the man.
 */
const BOARDS = {
  A: {
    ball: [18.5, 17],
    men: [
      [0.5, 20.8],
      [16, 15.5],
      [-2.8, 8.5],
      [13.3, 6.6],
      [4.8, 8.6],
    ],
  },
  B: {
    ball: [18.5, 17],
    men: [
      [10.5, 21],
      [16.2, 15.6],
      [5, 14],
      [-2.5, 8],
      [11, 4.8],
    ],
  },
  C: {
    ball: [19, 16],
    men: [
      [16.4, 14.5],
      [8.1, 19.3],
      [-1.8, 7],
      [0, 14.7],
      [9.9, 9.4],
    ],
  },
  D: {
    ball: [8, 26],
    men: [
      [6.9, 23.2],
      [16.1, 18.1],
      [-14.3, 6.4],
      [-10.8, 18.5],
      [-5, 7.9],
    ],
  },
  E: {
    ball: [22, 3.5],
    men: [
      [15.6, 15.2],
      [20.8, 6.9],
      [-3.5, 9],
      [19.2, 3.9],
      [6, 6.2],
    ],
  },
} as const;
const LANES: Readonly<Record<keyof typeof BOARDS, string>> = {
  A: 'c 0,27 h 0.29 x1; s 0,27 h 0.304 x1; b 0,27 c 0.135 x1; s -18.5,17 h 0.549 x3; c 22,3.5 y 0.875 x4; c 4,17 p 0.505 x1; l 7,7 h -0.097 x5; s -22,3.5 c 0.476 x3',
  B: 'c 0,27 h -0.228 x1; s 0,27 h -0.09 x1; b 0,27 c -0.298 x1; c 22,3.5 h 0.855 x5; s -18.5,17 y 0.853 x4; c 3,15 p -0.245 x3; l 0,6 h -0.223 x4; s -22,3.5 c 0.487 x4',
  C: 'c 8,8 h -0.293 x5; b 8,8 h -0.434 x5; s 8,8 c -0.265 x5; l 8,8 h -0.066 x3; p 8,12 y 0.313 x5; c 4,26.5 p 0.137 x2; s -21,6 h 0.494 x3; l -6,7 c -0.453 x3',
  D: 'c 20,16 h -0.172 x2; b 20,16 h -0.306 x2; s 20,16 c -0.106 x2; l 10,9 h 0.181 x2; p 12,20 y 1.221 x2; s -21,6 p -0.094 x3; c -16,21 h 0.013 x4; c 0,18 c 0.977 x4',
  E: 'c 18.5,17 h -0.103 x2; s 18.5,17 h -0.021 x2; b 18.5,17 c -0.136 x2; c 3,15 h 0.186 x4; s 3,15 y 0.471 x5; s -18.5,17 p 0.197 x4; l 2,6 h -0.324 x5; b 11,3 c -0.08 x4',
};
const KIND: Record<string, PassKind> = { c: 'chest', s: 'skip', b: 'bounce', l: 'lob', p: 'pocket' };
const LEVEL: Record<string, Level> = { y: 'youth', h: 'highSchool', c: 'college', p: 'pro' };
const RIM = 5.25;

function handsOn(board: keyof typeof BOARDS): Hands {
  const { men } = BOARDS[board];
  return {
    x: men.map(([x]) => x),
    y: men.map(([, y]) => y),
    vx: [0, 0, 0, 0, 0],
    vy: men.map((_, i) => (board === 'D' && i === 1 ? -8 : 0)),
    held: [0, 0, 0, 0, 0],
  };
}
const CASES = Object.entries(LANES).flatMap(([board, all]) =>
  all.split('; ').map((line) => {
    const [kind, to, level, margin, who] = line.split(' ') as [string, string, string, string, string];
    return { board: board as keyof typeof BOARDS, kind, to, level, margin: Number(margin), who };
  }),
);

describe('one lane', () => {
  it.each(CASES)('$board: $kind to $to at $level', ({ board, kind, to, level, margin, who }) => {
    const [x, y] = to.split(',').map(Number) as [number, number];
    const [ax, ay] = BOARDS[board].ball;
    const seen = laneOf(
      levelRecord(LEVEL[level]!),
      RIM,
      handsOn(board),
      0,
      ax,
      ay,
      x,
      y,
      KIND[kind]!,
      0,
      laneSeen(),
    );
    expect(Math.abs(seen.margin - margin)).toBeLessThan(0.0025);
    expect(`x${seen.who + 1}`).toBe(who);
  });
});

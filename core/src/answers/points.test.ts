import { describe, expect, it } from 'vitest';
import type { Board } from '../defence/board.test-data.ts';
import { pointsOf } from './grid.ts';
import {
  act,
  cut,
  drib,
  judged,
  ON_TOP,
  pass,
  playWith,
  POP,
  ROLL,
  screen,
  shot,
  SLIP,
  SPOT,
} from './plays.test-data.ts';

const points = (b: Board) => pointsOf(judged(playWith(b)).drawn);
const kinds = (b: Board): string[] => points(b).map((p) => `${p.kind} ${p.by} ${p.user}`);
const on = (...frames: Board['frames']): Board => ({ places: ON_TOP, frames });

describe('where the defence has a choice (common practice)', () => {
  it('a ball screen, and the tag when its screener rolls, not when he pops', () => {
    expect(kinds(ROLL)).toEqual(['onBall 5 1', 'tag 5 1']);
    expect(kinds(on(POP))).toEqual(['onBall 5 1']);
  });
  it('the same thing on another line is the same place: a slip meets the reaction it answers', () => {
    const play = playWith(ROLL, [{ read: { does: 'switch' }, actions: SLIP }]);
    const { drawn } = judged(play);
    const ids = ['f1', 'e1'].map((leaf) => drawn.line(leaf).points.find((p) => p.kind === 'onBall')!.id);
    expect(ids[0]).toBe(ids[1]);
    expect(pointsOf(drawn).filter((p) => p.kind === 'onBall')).toHaveLength(1);
  });
  it('it is seen when the screen is used, a slip a moment before it is there, and the team’s eye later', () => {
    const { drawn } = judged(playWith(ROLL, [{ read: { does: 'switch' }, actions: SLIP }]));
    const at = (leaf: string) => drawn.line(leaf).points.find((p) => p.kind === 'onBall')!;
    const [used, slipped] = [drawn.line('f1').timeline.screens[0]!, drawn.line('e1').timeline.screens[0]!];
    expect(at('f1').seen).toBeCloseTo(used.used!.at + 0.2, 6);
    expect(at('e1').seen).toBeCloseTo(slipped.arrive - 0.1, 6);
  });
  it('near the basket nobody goes under a ball screen, nor pushes it to a side', () => {
    const low: Board = {
      places: { ...ON_TOP, '1': [12, 10], '5': [4, 8] },
      frames: [[screen('5', '1', [8, 9.5]), drib('1', [9, 12, 3, 12])]],
    };
    const of = (b: Board) => points(b).find((p) => p.kind === 'onBall')!.reactions;
    expect(of(low)).not.toContain('under');
    expect(of(low)).not.toContain('push');
    expect(of(ROLL)).toContain('under');
  });
  it('off the ball: a low screen is not locked from the top, a back screen may be bumped', () => {
    const pin = on([screen('5', '2', [17, 10]), cut('2', [18, 12, 19, 20]), pass('1', '2')]);
    const of = points(pin).find((p) => p.kind === 'offBall')!;
    expect(of.reactions).toEqual(['trail', 'under', 'switch', 'topLock']);
    const back: Board = {
      places: { ...ON_TOP, '2': [18, 20] },
      frames: [[screen('5', '2', [15, 17]), cut('2', [14, 14, 4, 7]), pass('1', '2'), shot('2')]],
    };
    expect(points(back).find((p) => p.kind === 'offBall')!.reactions).toEqual(
      expect.arrayContaining(['bump', 'stay']),
    );
  });
  it('a drive that ends near the rim; a handoff; a post who stands; a pass that is not the last', () => {
    expect(kinds(on([drib('1', [3, 18, 2, 8])]))).toEqual(['drive 1 1']);
    expect(kinds(on([drib('1', [6, 24])]))).toEqual([]);
    const hand = on([act({ by: '1', does: 'handoff', to: '4' }), cut('4', [-1, 28, 6, 24])]);
    expect(kinds(hand)).toEqual(['handoff 1 4']);
    const post: Board = { places: { ...ON_TOP, '5': [8, 8] }, frames: [[pass('1', '5')]] };
    expect(kinds(post)).toEqual(['entry 1 5']);
    expect(kinds(on([pass('1', '4')], [pass('4', '3')]))).toEqual(['pass 1 4']);
  });
  it('a screen nobody uses is none', () => {
    expect(kinds(on([screen('5', '1', SPOT)]))).toEqual([]);
  });
});

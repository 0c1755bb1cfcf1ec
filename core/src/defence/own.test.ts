import { describe, expect, it } from 'vitest';
import { compile } from '../motion/compile.ts';
import { courtFor } from '../court/rulesets.ts';
import { levelRecord } from '../motion/level.ts';
import { playFrom, type Board } from './board.test-data.ts';
import type { Defence, Play } from '../play/document.ts';
import { tellable } from './own.ts';
import { railsOf } from './rails.ts';
import { setupOf } from './setup.ts';
import { simulate } from './simulate.ts';

const at = (x: number, y: number) => [x, y] as const;
const SPREAD: Board['places'] = {
  '1': at(0, 27),
  '2': at(18, 18),
  '3': at(22, 3.5),
  '4': at(-22, 3.5),
  '5': at(-6, 8),
} as Board['places'];

function lineOf(play: Play) {
  const court = courtFor(play);
  const { timeline } = compile(play, play.frames.at(-1)!.id, court, play.level);
  return { court, timeline };
}
function against(play: Play, defence: Partial<Defence>) {
  const { court, timeline } = lineOf(play);
  const { plan } = setupOf(play, { id: 'd', name: 'D', type: 'man', ...defence }, timeline, court);
  return simulate(railsOf(timeline, court, levelRecord(play.level)), plan);
}

describe('what can be told of one action', () => {
  const board: Board = {
    places: SPREAD,
    frames: [
      [
        { by: '5', does: 'screen', for: '1', path: [{ x: 3, y: 25 }], id: 'ball screen' },
        {
          by: '1',
          does: 'dribble',
          path: [
            { x: 8, y: 16 },
            { x: 3, y: 8 },
          ],
          id: 'drive',
        },
        { by: '2', does: 'cut', path: [{ x: 19, y: 22 }], id: 'lift' },
      ],
      [{ by: '1', does: 'pass', to: '3', id: 'kick' }],
      [{ by: '3', does: 'pass', to: '5', id: 'out' }],
    ],
  } as unknown as Board;
  const play = playFrom(board, 'highSchool');
  const { court, timeline } = lineOf(play);
  const of = (id: string) =>
    tellable(
      timeline,
      court,
      timeline.actions.find((a) => a.action.id === id)!,
    );

  it('is who tags at a screen on the ball, help on a drive, the post on an entry, and nothing else', () => {
    expect(of('ball screen')).toEqual(['tag']);
    expect(of('drive')).toEqual(['help']);
    expect(of('lift')).toEqual([]);
    expect(of('kick')).toEqual([]);
    expect(of('out')).toEqual([]);
    const entry = playFrom(
      { places: SPREAD, frames: [[{ by: '1', does: 'pass', to: '5', id: 'entry' }]] } as unknown as Board,
      'highSchool',
    );
    const line = lineOf(entry);
    expect(tellable(line.timeline, line.court, line.timeline.actions[0]!)).toEqual(['post']);
  });

  it('is heeded: nobody helps on the drive of which that is told, though they usually do', () => {
    const path = [
      { x: 6, y: 18 },
      { x: 1, y: 7 },
    ];
    const driven = playFrom(
      {
        places: { ...SPREAD, '5': at(-16, 5) },
        frames: [[{ by: '1', does: 'dribble', kind: 'attack', path, id: 'drive' }]],
      } as unknown as Board,
      'highSchool',
    );
    const helped = (d: ReturnType<typeof against>) => d.events.some((e) => e.is === 'help');
    expect(helped(against(driven, {}))).toBe(true);
    expect(helped(against(driven, { overrides: { drive: { does: 'own', help: 'none' } } }))).toBe(false);
  });
});

describe('the man on a thrower-in', () => {
  const board = {
    places: { ...SPREAD, '1': at(8, -3) },
    frames: [
      [{ by: '5', does: 'hold', seconds: 2, id: 'wait' }],
      [{ by: '1', does: 'pass', to: '2', id: 'in' }],
      [{ by: '1', does: 'cut', path: [{ x: -20, y: 8 }], id: 'away' }],
      [{ by: '5', does: 'hold', seconds: 1, id: 'then' }],
    ],
  } as unknown as Board;
  const play = { ...playFrom(board, 'highSchool') };
  const thrown: Play = { ...play, start: { ...play.start, throwIn: 'baseline', ball: '1' } };

  it('stands in bounds and near him; off him he stands before the basket until the ball is in', () => {
    const on = against(thrown, {});
    const off = against(thrown, { offThrower: true });
    const k = Math.round(1.5 / on.rails.dt) * 5;
    for (let i = 0; i < on.rails.steps; i++) expect(on.y[i * 5]!).toBeGreaterThan(0.5);
    expect(Math.hypot(on.x[k]! - 8, on.y[k]! + 3)).toBeLessThan(6);
    expect(off.y[k]!).toBeGreaterThan(5);
    expect(Math.abs(off.x[k]!)).toBeLessThan(6);
    // Once it is in he guards his man again.
    const last = (off.rails.steps - 1) * 5;
    const gap = (d: typeof off): number =>
      Math.hypot(d.x[last]! - d.rails.x[last]!, d.y[last]! - d.rails.y[last]!);
    expect(gap(off)).toBeLessThan(gap(on) + 3);
  });

  it('is nobody where nobody throws in', () => {
    const plain = against(play, {});
    expect(Array.from(against(play, { offThrower: true }).x)).toEqual(Array.from(plain.x));
  });
});

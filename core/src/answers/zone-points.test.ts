import { describe, expect, it } from 'vitest';
import type { Board } from '../defence/board.test-data.ts';
import type { Defence, Play } from '../play/document.ts';
import type { Cell } from './cell.ts';
import { pointsOf, rowOf } from './grid.ts';
import { cut, judged, mirrored, pass, playWith, shot } from './plays.test-data.ts';
import type { PointOnLine } from './points.ts';
import { usualAt, whoDoes } from './told.ts';
import { whole } from './whole.ts';

const zone = (key: string): Defence => ({ id: 'z', name: key, type: 'zone', zone: key });
/** On top, at the right wing and in the right corner, one at the far wing, one in the middle. */
const SWING: Board = {
  places: { '1': [0, 27], '2': [18, 17.5], '3': [-18, 17.5], '4': [21.5, 3.5], '5': [0, 16] },
  frames: [[pass('1', '2')], [pass('2', '4'), shot('4')]],
};
const points = (play: Play, defence: Defence): PointOnLine[] => pointsOf(judged(play, defence).drawn);
const cells = (play: Play, defence: Defence): Record<string, Cell> => {
  const boards = judged(play, defence);
  return Object.fromEntries(
    pointsOf(boards.drawn).flatMap((p) => whole(rowOf(boards, p)).map((c) => [`${p.user} ${c.reaction}`, c])),
  );
};
const OTHER_SIDE = { x1: 'x2', x2: 'x1', x3: 'x4', x4: 'x3', x5: 'x5' } as const;

describe('where a zone has a choice', () => {
  const play = playWith(SWING);
  it('is a catch for which a man has to leave somebody; who only shoots there has answered before', () => {
    const found = points(play, zone('2-3'));
    expect(found.map((p) => p.user)).toEqual(['2']);
    const [wing] = found;
    expect(wing).toMatchObject({ kind: 'zone', by: '1', depth: 0 });
    expect(wing!.reactions).toEqual(expect.arrayContaining(['goes', 'stays']));
    // The guard or the forward of that side, who has the corner or the middle as well (common practice).
    expect(['x2', 'x4']).toContain(wing!.zone!.man);
  });
  it('is the same from the other side, by the man of that side', () => {
    const [right] = points(play, zone('2-3'));
    const [left] = points(playWith(mirrored(SWING)), zone('2-3'));
    expect(left!.zone!.man).toBe(OTHER_SIDE[right!.zone!.man]);
    expect(left!.zone!.usual).toBe(right!.zone!.usual);
    expect(left!.seen).toBeCloseTo(right!.seen, 6);
  });
  it('at the middle of it a man steps up; in a corner they may trap, with the next one', () => {
    const middle = points(
      playWith({
        places: { ...SWING.places, '4': [3, 6] },
        frames: [[pass('1', '5')], [pass('5', '4'), shot('4')]],
      }),
      zone('2-3'),
    );
    expect(middle[0]!.reactions).toContain('stepsUp');
    const corner = points(
      playWith({
        ...SWING,
        frames: [
          [pass('1', '2'), pass('2', '4')],
          [pass('4', '5', { cue: { on: 'frame', delay: 1 } }), shot('5')],
        ],
      }),
      zone('1-3-1'),
    ).find((p) => p.user === '4')!;
    expect(corner.reactions).toContain('trap');
    expect(whoDoes(zone('1-3-1'), corner, 'trap')).toEqual([corner.zone!.man, corner.zone!.second]);
    expect(usualAt(zone('1-3-1'), corner)).toBe(corner.zone!.usual);
  });
  it('is where an ending says it is, and by whom that says', () => {
    const drawn = playWith(SWING);
    const [f1] = drawn.frames;
    const ending = (who: 'x4' | 'x5', does: 'goes' | 'stays') => ({
      id: `e-${does}`,
      parent: f1!.id,
      read: { does, who: [who] },
      actions: [{ id: `p-${does}`, by: '2' as const, does: 'pass' as const, to: '3' as const }],
    });
    const [wing] = points(
      { ...drawn, frames: [...drawn.frames, ending('x5', 'goes'), ending('x5', 'stays')] },
      zone('2-3'),
    );
    expect(wing!.zone!.man).toBe('x5');
  });
});

describe('a cell against a zone', () => {
  it('an ending for one who stays is judged against one who stays, and is no answer to one who goes', () => {
    const drawn = playWith(SWING);
    const [f1, f2] = drawn.frames;
    const man = points(drawn, zone('2-3'))[0]!.zone!.man;
    const shoots: Play = {
      ...drawn,
      frames: [
        f1!,
        f2!,
        {
          id: 'e',
          parent: f1!.id,
          read: { does: 'stays', who: [man] },
          actions: [{ id: 's', by: '2', does: 'shot' }],
        },
      ],
    };
    const of = cells(shoots, zone('2-3'));
    expect(of['2 stays']!.tried?.ending).toBe('e');
    expect(of['2 stays']!.look!.look.player).toBe('2');
    expect(of['2 goes']!.tried?.ending ?? null).toBeNull();
  });
  it('where nobody comes out to a man behind the arc he shoots, drawn or not', () => {
    const { '2 stays': stays, '2 goes': goes } = cells(playWith(SWING), zone('2-3'));
    expect(stays).toMatchObject({ state: 'answered', tried: { ending: null } });
    expect(stays!.look!.look).toMatchObject({ player: '2', kind: 'shot' });
    if (goes?.look?.look.player === '2')
      expect(goes.look.judged.worth).toBeLessThan(stays!.look!.judged.worth);
  });
  it('nothing is judged twice, whatever is drawn elsewhere', () => {
    const more = playWith({ ...SWING, frames: [...SWING.frames, [cut('3', [-8, 7])]] });
    const a = cells(playWith(SWING), zone('2-3'))['2 goes'];
    const again = cells(playWith(SWING), zone('2-3'))['2 goes'];
    expect(JSON.stringify(again)).toBe(JSON.stringify(a));
    expect(cells(more, zone('2-3'))['2 goes']!.state).toBe(a!.state);
  });
});

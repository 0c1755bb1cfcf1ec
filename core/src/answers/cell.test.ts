import { describe, expect, it } from 'vitest';
import { edit } from '../play/edit.ts';
import type { Play, Read } from '../play/document.ts';
import { cellDrawn, cellOn, type Cell } from './cell.ts';
import { pointsOf, rowOf } from './grid.ts';
import { judged, man, mirrored, playWith, POP, ROLL, SLIP } from './plays.test-data.ts';
import { whole } from './whole.ts';
import { whySaid } from './words.ts';

const read = (does: Read['does']): Read => ({ does });
const THREE = playWith(ROLL, [
  { read: read('switch'), actions: SLIP },
  { read: read('drop'), actions: POP },
]);
const grid = (play: Play, defence = man()): Record<string, Cell> => {
  const boards = judged(play, defence);
  return Object.fromEntries(
    pointsOf(boards.drawn).flatMap((p) => whole(rowOf(boards, p)).map((c) => [`${p.kind} ${c.reaction}`, c])),
  );
};

describe('a ball screen with a roll, a slip and a pop (common practice: order and signs from the description of the model)', () => {
  const cells = grid(THREE);
  const of = (key: string): Cell => cells[`onBall ${key}`]!;
  it('the roll beats two on the ball by itself; a drop and a switch are answered by the endings drawn for them', () => {
    for (const key of ['show', 'trap', 'level']) {
      expect(of(key).state).toBe('answered');
      expect(of(key).tried!.ending).toBeNull();
      expect(of(key).tried!.worth).toBeGreaterThan(1.1);
    }
    expect(of('switch')).toMatchObject({ state: 'answered', tried: { ending: 'e1' } });
    expect(of('drop')).toMatchObject({ state: 'answered', usual: true, tried: { ending: 'e2' } });
    expect(of('switch').tried!.worth).toBeGreaterThan(of('drop').tried!.worth);
  });
  it('without those endings both are holes, and so is under: nothing of them is open', () => {
    const bare = grid(playWith(ROLL));
    for (const key of ['drop', 'switch', 'under'] as const) expect(bare[`onBall ${key}`]!.state).toBe('hole');
  });
  it('an ending that does not answer is contested, and says by how much', () => {
    const wrong = grid(playWith(ROLL, [{ read: read('drop'), actions: SLIP }]));
    const cell = wrong['onBall drop']!;
    expect(cell.state).toBe('contested');
    expect(whySaid(cell)[0]!.key).toMatch(/^answer-(feet|lane|way)$/);
    expect(cell.look!.slack).toBeLessThan(0);
  });
  it('is the same from the other side', () => {
    const left = grid(playWith(mirrored(ROLL), []));
    const right = grid(playWith(ROLL, []));
    for (const [key, cell] of Object.entries(right)) {
      // What is near its border is shaken, and a shaken board has no mirror.
      if (cell.boards > 1) continue;
      expect(left[key]!.state).toBe(cell.state);
      expect(left[key]!.look?.judged.worth ?? 0).toBeCloseTo(cell.look?.judged.worth ?? 0, 6);
    }
  });
});

describe('a cell', () => {
  const bytes = (c: Cell): string => JSON.stringify(c);
  it('asked alone, in the grid, and after an edit elsewhere is the same to the byte', () => {
    const boards = judged(THREE);
    const [p] = pointsOf(boards.drawn).filter((x) => x.kind === 'onBall');
    const row = whole(rowOf(boards, p!));
    const alone = judged(THREE);
    const { cell } = cellDrawn(alone, p!, 'switch');
    const inRow = row.find((c) => c.reaction === 'switch')!;
    expect(bytes(cellOn(alone, p!, cell, inRow.boards))).toBe(bytes(cellOn(boards, p!, inRow, inRow.boards)));
    const edited = edit(THREE, { do: 'caption', frame: 'f1', title: 'Another word for it' });
    const other = edit(edited.ok ? edited.play : THREE, { do: 'notes', notes: 'more' });
    const again = judged(other.ok ? other.play : THREE);
    expect(bytes(cellDrawn(again, p!, 'switch').cell)).toBe(bytes(cell));
  });
  it('on twenty boards says on how many it is open, and the same twenty every time', () => {
    const boards = judged(THREE);
    const p = pointsOf(boards.drawn).find((x) => x.kind === 'onBall')!;
    const { cell } = cellDrawn(boards, p, 'show');
    const once = cellOn(boards, p, cell, 20);
    expect(once.boards).toBe(20);
    expect(once.tried!.share).toBeGreaterThanOrEqual(0.9);
    expect(bytes(cellOn(judged(THREE), p, cell, 20))).toBe(bytes(once));
  });
  it('that needs nobody elsewhere can’t happen: nobody can front who is not in the post', () => {
    const cells = grid(THREE);
    for (const c of Object.values(cells)) if (c.usual) expect(c.state).not.toBe('cant');
  });
});

describe('what they never do', () => {
  it('is no hole, is not judged, and is not looked for; said again, it is', () => {
    const play = playWith(ROLL);
    const at = { kind: 'onBall', by: '5', user: '1', depth: 0 } as const;
    const said = edit(play, { do: 'never', at, does: 'switch', never: true });
    if (!said.ok) throw new Error(said.sentence);
    expect(grid(said.play)['onBall switch']).toMatchObject({ state: 'never', look: null });
    expect(grid(said.play)['onBall under']!.state).toBe('hole');
    const back = edit(said.play, { do: 'never', at, does: 'switch', never: false });
    expect(back.ok && back.play.refused).toBeFalsy();
  });
});

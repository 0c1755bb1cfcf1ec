import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Play } from '../play/document.ts';
import { edit } from '../play/edit.ts';
import { playOf } from '../play/sample.test-data.ts';
import { mainLine } from '../play/tree.ts';
import { comparedLine, compareLines } from './compare.ts';

const line = (play: Play) => comparedLine(play, mainLine(play).at(-1)!.id);
const compared = (a: Play, b: Play) => compareLines(line(a), line(b));
const pass = (by: '1' | '2', to: '2' | '1') => ({ by, does: 'pass' as const, to });
const cut = (by: '3' | '4', x: number, y: number) => ({ by, does: 'cut' as const, path: [{ x, y }] });
const three = (): Play => playOf([[pass('1', '2')], [cut('3', 0, 8)], [pass('2', '1')]]);

describe('two plays beside each other', () => {
  it('the same play differs in nothing', () => {
    expect(compared(three(), three())).toEqual(
      [0, 1, 2].map((i) => ({ a: i, b: i, onlyA: [], onlyB: [], moved: [] })),
    );
  });
  it('a frame that only one has stands alone, and the others keep their partners', () => {
    const longer = playOf([[pass('1', '2')], [cut('4', -18, 6)], [cut('3', 0, 8)], [pass('2', '1')]]);
    const rows = compared(three(), { ...longer, id: 'longer' });
    expect(rows.map((r) => [r.a, r.b])).toEqual([
      [0, 0],
      [null, 1],
      [1, 2],
      [2, 3],
    ]);
    expect(rows[1]!.onlyB[0]!.words).toMatch(/^4 /);
    // What comes after it is later.
    expect(rows[3]!.moved[0]!.later).toBeGreaterThan(0.3);
  });
  it('says what one does otherwise, in words', () => {
    const other = playOf([[pass('1', '2')], [cut('3', -22, 4)], [pass('2', '1')]]);
    const [, second] = compared(three(), other);
    expect(second).toMatchObject({ a: 1, b: 1 });
    expect(second!.onlyA[0]!.words).toContain('3 ');
    expect(second!.onlyB[0]!.words).toContain('left corner');
  });
  it('versions of one play are paired by their frames, whatever is done in them', () => {
    const play = three();
    const moved = edit(play, { do: 'patchAction', id: 'a2', set: { path: [{ x: -22, y: 4 }] } });
    expect(moved.ok && compared(play, moved.play).map((r) => [r.a, r.b])).toEqual([
      [0, 0],
      [1, 1],
      [2, 2],
    ]);
  });
  it('every frame of both comes once, in order', () => {
    const frame = fc.subarray([pass('1', '2'), cut('3', 0, 8), cut('4', -18, 6)]);
    const play = fc.array(frame, { minLength: 1, maxLength: 5 }).map((frames) => playOf(frames));
    fc.assert(
      fc.property(play, play, (a, b) => {
        const rows = compared(a, { ...b, id: 'other' });
        const seen = (of: 'a' | 'b') => rows.flatMap((r) => (r[of] === null ? [] : [r[of]]));
        expect(seen('a')).toEqual(a.frames.map((_, i) => i));
        expect(seen('b')).toEqual(b.frames.map((_, i) => i));
      }),
      { numRuns: 60 },
    );
  });
});

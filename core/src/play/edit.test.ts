import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PLAYERS } from '../alignment/library.ts';
import { compile } from '../motion/compile.ts';
import { courtFor } from '../court/rulesets.ts';
import { walkThrough } from '../walkthrough/walkthrough.ts';
import type { Play } from './document.ts';
import { LIMITS } from './limits.ts';
import type { Change } from './change.ts';
import { edit, editAll } from './edit.ts';
import { flip, permute, rotateNumbers, splice, swapNumbers, type Numbers } from './operations.ts';
import { readPlay, readPlayText, writePlay } from './read.ts';
import { anyChange, samplePlay } from './sample.test-data.ts';
import { holderOf, stateAt, walkLine } from './state.ts';
import { leaves, lineTo, mainLine } from './tree.ts';

/** Applies what it can, as a coach would; returns every document on the way. */
function history(changes: readonly Change[]): Play[] {
  const all = [samplePlay()];
  for (const c of changes) {
    const r = edit(all.at(-1)!, c);
    if (r.ok) all.push(r.play);
  }
  return all;
}
const changes = fc.array(anyChange, { maxLength: 25 });
const ok = (play: Play, ...list: Change[]): Play => {
  const r = editAll(play, list);
  if (!r.ok) throw new Error(r.sentence);
  return r.play;
};

describe('any sequence of edits', () => {
  it('yields a document that reads, writes and reads again the same', () => {
    fc.assert(
      fc.property(changes, (list) => {
        const play = history(list).at(-1)!;
        const read = readPlay(play);
        expect(read.ok ? 'fine' : read.sentence).toBe('fine');
        const again = readPlayText(writePlay(play));
        expect(again.ok && again.play).toEqual(JSON.parse(JSON.stringify(play)));
      }),
      { numRuns: 150 },
    );
  });
  it('has exactly one ball in every state, and every line compiles to finite, ordered times', () => {
    fc.assert(
      fc.property(changes, (list) => {
        const play = history(list).at(-1)!;
        for (const leaf of leaves(play)) {
          const line = lineTo(play, leaf.id);
          for (const walk of walkLine(play, line)) {
            for (const s of [walk.before, ...walk.steps.map((x) => x.after)]) {
              expect(s.ball.at === 'player' ? PLAYERS.includes(s.ball.player) : s.ball.at === 'rim').toBe(
                true,
              );
            }
          }
          const { timeline } = compile(play, leaf.id, courtFor(play), play.level);
          for (const a of timeline.actions) {
            expect(Number.isFinite(a.start) && Number.isFinite(a.end)).toBe(true);
            expect(a.end).toBeGreaterThanOrEqual(a.start);
          }
          for (let i = 1; i < timeline.possessions.length; i++)
            expect(timeline.possessions[i]!.from).toBeGreaterThanOrEqual(
              timeline.possessions[i - 1]!.from - 1e-9,
            );
          walkThrough(play, line);
        }
      }),
      { numRuns: 100 },
    );
  });
  it('never alters the document it was given: undoing all is the start', () => {
    fc.assert(
      fc.property(changes, (list) => {
        const start = JSON.stringify(samplePlay());
        const all = history(list);
        expect(JSON.stringify(all[0])).toBe(start);
      }),
      { numRuns: 50 },
    );
  });
  it('flip twice is the same play; captions turn with it', () => {
    fc.assert(
      fc.property(changes, (list) => {
        const play = history(list).at(-1)!;
        expect(flip(flip(play))).toEqual(play);
      }),
      { numRuns: 80 },
    );
    const play = ok(samplePlay(), {
      do: 'caption',
      frame: 'f1',
      caption: 'All right: 3 to the right corner',
    });
    expect(flip(play).frames[0]!.caption).toBe('All right: 3 to the left corner');
  });
  it('exchanging numbers is a group action', () => {
    const compose = (p: Numbers, q: Numbers): Numbers =>
      Object.fromEntries(PLAYERS.map((x) => [x, q[p[x]]])) as Numbers;
    const numbers = fc.constantFrom(rotateNumbers, swapNumbers('1', '5'), swapNumbers('2', '3'));
    fc.assert(
      fc.property(changes, numbers, numbers, (list, p, q) => {
        const play = history(list).at(-1)!;
        expect(permute(permute(play, p), q)).toEqual(permute(play, compose(p, q)));
      }),
      { numRuns: 80 },
    );
  });
  it('leaves numbers in captions that are not players alone', () => {
    const play = ok(samplePlay(), {
      do: 'caption',
      frame: 'f1',
      caption: '2 waits 3 s, then x2 and the 2-3 shift; 3 goes',
    });
    expect(permute(play, swapNumbers('2', '3')).frames[0]!.caption).toBe(
      '3 waits 3 s, then x2 and the 2-3 shift; 2 goes',
    );
  });
});

describe('frames', () => {
  const two = () =>
    ok(
      samplePlay(),
      { do: 'addAction', frame: 'f1', action: { by: '1', does: 'pass', to: '4' } },
      { do: 'addFrame', after: 'f1' },
      { do: 'addAction', frame: 'f2', action: { by: '4', does: 'shot' } },
    );
  it('an inserted frame stands between; a fork stands beside', () => {
    const inserted = ok(two(), { do: 'addFrame', after: 'f1' });
    expect(mainLine(inserted).map((f) => f.id)).toEqual(['f1', 'f3', 'f2']);
    const forked = ok(two(), { do: 'addFrame', after: 'f1', fork: true });
    expect(mainLine(forked).map((f) => f.id)).toEqual(['f1', 'f2']);
    expect(leaves(forked).map((f) => f.id)).toEqual(['f2', 'f3']);
  });
  it('later frames follow when an earlier one changes', () => {
    const moved = ok(two(), {
      do: 'addAction',
      frame: 'f1',
      action: { by: '2', does: 'cut', path: [{ x: -10, y: 20 }] },
    });
    expect(stateAt(moved, 'f2').places['2']).toEqual({ x: -10, y: 20 });
    expect(holderOf(stateAt(moved, 'f2'))).toBe('4');
  });
  it('a change that makes a later frame impossible is applied and found, not repaired', () => {
    const broken = ok(two(), { do: 'removeAction', id: 'a1' });
    expect(broken.frames[1]!.actions).toHaveLength(1);
    expect(walkThrough(broken, mainLine(broken)).map((f) => f.sentence)).toEqual([
      "4 can't shoot: 1 has it.",
    ]);
  });
  it('removing frame 1 with several answers is refused with a sentence', () => {
    const r = edit(ok(two(), { do: 'addFrame', after: 'f1', fork: true }), { do: 'removeFrame', id: 'f1' });
    expect(r).toMatchObject({
      ok: false,
      sentence: '2 answers start from frame 1. Remove them first, or empty the frame.',
    });
  });
  it('a new action never takes the id of a removed one that a cue still names', () => {
    const cued = ok(
      two(),
      { do: 'setAction', id: 'a2', action: { by: '4', does: 'shot', cue: { on: 'a7' } } },
      { do: 'addAction', frame: 'f1', action: { by: '3', does: 'hold' } },
    );
    expect(cued.frames[0]!.actions.at(-1)!.id).toBe('a8');
  });
  it('continuing with another play first brings everyone to its places', () => {
    const joined = splice(two(), 'f1', samplePlay('box'));
    const line = lineTo(joined, joined.frames.at(-1)!.id);
    const end = stateAt(joined, line.at(-1)!.id);
    for (const p of PLAYERS)
      expect(end.places[p]).toMatchObject({
        x: samplePlay('box').start.places[p].x,
        y: samplePlay('box').start.places[p].y,
      });
    expect(holderOf(end)).toBe('1');
  });
  it('continuing from a frame that is gone is refused', () => {
    expect(edit(two(), { do: 'splice', after: 'f9', play: samplePlay('box') })).toMatchObject({
      ok: false,
      sentence: 'That frame is gone.',
    });
  });
  it('limits are refused with a sentence', () => {
    let play = samplePlay();
    for (let i = 1; i < LIMITS.frames; i++) play = ok(play, { do: 'addFrame', after: `f${i}` });
    expect(edit(play, { do: 'addFrame', after: 'f1' })).toMatchObject({
      ok: false,
      sentence: 'That would make 401 frames; a play has at most 400.',
    });
    expect(edit(play, { do: 'name', name: 'x'.repeat(81) }).ok).toBe(false);
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Change } from './change.ts';
import type { Frame, Play } from './document.ts';
import { edit } from './edit.ts';
import { rotateNumbers, swapNumbers } from './operations.ts';
import { anyChange, samplePlay } from './sample.test-data.ts';
import { canonical } from './same.ts';

/** Any play a coach could have drawn, with a fork at least. */
const plays = fc.array(anyChange, { maxLength: 20 }).map((changes) =>
  [
    ...changes,
    { do: 'addFrame', after: null } as const,
    { do: 'addFrame', after: 'f1', fork: true } as const,
  ].reduce<Play>((play, c) => {
    const r = edit(play, c as Change);
    return r.ok ? r.play : play;
  }, samplePlay()),
);
const after = (play: Play, ...changes: Change[]): Play =>
  changes.reduce((p, c) => {
    const r = edit(p, c);
    if (!r.ok) throw new Error(r.sentence);
    return r.play;
  }, play);
const siblings = (play: Play, f: Frame): Frame[] => play.frames.filter((x) => x.parent === f.parent);

describe('the tree of frames, whatever is drawn', () => {
  it('an ending promoted, and the old first one promoted again, is as it was', () => {
    fc.assert(
      fc.property(plays, (play) => {
        for (const f of play.frames) {
          const all = siblings(play, f);
          if (all.length !== 2 || all[0] === f) continue;
          const there = after(play, { do: 'orderEnding', id: f.id, to: 0 });
          expect(siblings(there, f)[0]!.id).toBe(f.id);
          const back = after(there, { do: 'orderEnding', id: all[0]!.id, to: 0 });
          expect(canonical(siblings(back, f))).toBe(canonical(all));
        }
      }),
      { numRuns: 60 },
    );
  });
  it('a frame copied, and the copy taken out, leaves the frames as they were', () => {
    fc.assert(
      fc.property(plays, (play) => {
        for (const f of play.frames.slice(0, 4)) {
          const r = edit(play, { do: 'duplicateFrame', id: f.id });
          if (!r.ok) continue;
          const copy = r.play.frames.find((x) => !play.frames.some((y) => y.id === x.id))!;
          const gone = after(r.play, { do: 'removeFrame', id: copy.id });
          expect(canonical(gone.frames)).toBe(canonical(play.frames));
        }
      }),
      { numRuns: 60 },
    );
  });
  it('an ending pasted, and taken away, leaves the play as it was, and names nothing outside itself', () => {
    fc.assert(
      fc.property(plays, fc.nat(), (play, n) => {
        const frame = play.frames[n % play.frames.length]!;
        const r = edit(play, { do: 'pasteEnding', after: frame.parent, frame });
        if (!r.ok) return;
        const copy = r.play.frames.find((x) => !play.frames.some((y) => y.id === x.id))!;
        const old = new Set(play.frames.flatMap((f) => f.actions.map((a) => a.id)));
        for (const a of copy.actions) expect(old.has(a.id)).toBe(false);
        const own = new Set(frame.actions.map((a) => a.id));
        for (const a of copy.actions) if (a.cue) expect(own.has(a.cue.on)).toBe(false);
        const gone = after(r.play, { do: 'removeEnding', id: copy.id });
        expect(canonical(gone.frames)).toBe(canonical(play.frames));
      }),
      { numRuns: 60 },
    );
  });
  it('mirror and change of numbers commute with each other and with promotion', () => {
    const numbers = [swapNumbers('2', '4'), rotateNumbers];
    fc.assert(
      fc.property(plays, fc.constantFrom(...numbers), (play, to) => {
        const flip: Change = { do: 'flip' };
        const renumber: Change = { do: 'numbers', to };
        expect(canonical(after(play, flip, renumber))).toBe(canonical(after(play, renumber, flip)));
        const last = play.frames.findLast((f) => siblings(play, f).length > 1);
        if (!last) return;
        const promote: Change = { do: 'orderEnding', id: last.id, to: 0 };
        expect(canonical(after(play, flip, promote))).toBe(canonical(after(play, promote, flip)));
        expect(canonical(after(play, renumber, promote))).toBe(canonical(after(play, promote, renumber)));
      }),
      { numRuns: 60 },
    );
  });
});

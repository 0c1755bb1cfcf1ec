import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DICTIONARY } from '../language/dictionary.ts';
import { dictionaryOf } from '../language/own-words.ts';
import { edit } from '../play/edit.ts';
import type { Play } from '../play/document.ts';
import { anyChange, samplePlay } from '../play/sample.test-data.ts';
import { sameDocument } from '../play/same.ts';
import { lantern } from './lantern.test-data.ts';
import { printScript } from './print.ts';
import { retold, rewritten, settle, textOf, writtenOf, type Written } from './written.ts';

/** What is written when one text of a line is put in place of another. */
const typed = (w: Written, from: string | RegExp, to: string): Written =>
  rewritten(w, textOf(w).replace(from, to));
const actionsOf = (play: Play, frame: number): string[] =>
  play.frames[frame]!.actions.map((a) => `${a.by} ${a.does}`);

describe('a play being written', () => {
  it('says of every line what of the play it is', () => {
    const play = lantern();
    const w = writtenOf(play);
    const line = (text: string): number => w.lines.findIndex((l) => l.text.includes(text)) + 1;
    expect(w.says.get(line('passes to 4'))).toEqual({
      ...{ is: 'action', frame: play.frames[0]!.id, action: play.frames[0]!.actions[0]!.id },
    });
    expect(w.says.get(line('2: Chase'))).toEqual({ is: 'frame', frame: play.frames[1]!.id });
    expect(w.says.get(line('if they switch'))).toEqual({ is: 'read', frame: play.frames[3]!.id });
    expect(w.says.get(line('set horns'))).toEqual({ is: 'head', word: 'set' });
    expect(w.marks.filter((m) => m.role === 'sprint')).toHaveLength(3);
  });

  it('draws what can be read, and keeps a line that can’t be read at what it said last', () => {
    const play = lantern();
    const broken = typed(writtenOf(play), 'to left wing, walk', 'to left wong, walk');
    const also = typed(broken, '  5 slips to rim', '  5 slips to rim, sprint');
    const { written, play: now } = settle(also, play);
    expect(written.faults).toMatchObject([{ sentence: 'No place is called “left wong”. Left wing?' }]);
    expect(now.frames[0]!.actions).toEqual(play.frames[0]!.actions);
    expect(now.frames[3]!.actions[0]).toMatchObject({ by: '5', tempo: 'sprint' });
    const mended = settle(typed(written, 'left wong', 'right wing'), now);
    expect(mended.written.faults).toEqual([]);
    expect(mended.play.frames[0]!.actions[1]).toMatchObject({ path: [{ spot: 'wingR' }] });
  });

  it('a line that never could be read says nothing; a line taken out is taken out of the play', () => {
    const play = lantern();
    const more = settle(typed(writtenOf(play), '  4 hands off to 3\n', '  4 hands off to 3\n  1 fl\n'), play);
    expect(more.written.faults).toHaveLength(1);
    expect(sameDocument(more.play, play)).toBe(true);
    const less = settle(typed(more.written, '  2 lifts to left wing, walk\n', ''), more.play);
    expect(actionsOf(less.play, 0)).toEqual(['1 pass']);
    expect(textOf(less.written)).toContain('1 fl');
  });

  it('where nothing comes of the text at all the play stays, and all of it is told', () => {
    const play = lantern();
    const broken = settle(typed(writtenOf(play), '2: Chase the handoff', '7: Chase the handoff'), play);
    expect(broken.play.frames).toHaveLength(4);
    const worse = settle(typed(broken.written, '1: Elbow entry', ''), broken.play);
    expect(worse.play.frames.length).toBeGreaterThan(0);
    expect(worse.written.faults.length).toBeGreaterThan(0);
    for (const f of worse.written.faults)
      expect(textOf(worse.written).slice(f.from, f.to)).not.toContain('\n');
  });

  it('what is drawn is written, and comments and lines that can’t be read stay where they were', () => {
    const play = lantern();
    const start = settle(
      typed(
        typed(writtenOf(play), '1 passes to 4', '1 passes to 4   # hit him early'),
        '  5 screens',
        '  # now the screen\n  3 fli\n  5 screens',
      ),
      play,
    );
    const drawn = edit(start.play, { do: 'addFrame', after: start.play.frames[1]!.id });
    if (!drawn.ok) throw new Error(drawn.sentence);
    const moved = edit(drawn.play, {
      ...{ do: 'patchAction', id: start.play.frames[0]!.actions[1]!.id, set: { tempo: 'jog' } },
    });
    if (!moved.ok) throw new Error(moved.sentence);
    const again = settle(retold(start.written, start.play, moved.play), moved.play);
    const text = textOf(again.written);
    expect(text).toContain('1 passes to 4   # hit him early');
    expect(text).toMatch(/2: Chase the handoff\n {2}# now the screen\n {2}3 fli\n {2}5 screens/);
    expect(text).toContain('2 lifts to left wing, jog');
    expect(sameDocument(again.play, moved.play)).toBe(true);
    // A frame that goes leaves what was written about it where it stood.
    const gone = edit(moved.play, { do: 'removeFrame', id: start.play.frames[1]!.id });
    if (!gone.ok) throw new Error(gone.sentence);
    expect(textOf(retold(again.written, moved.play, gone.play))).toContain('# now the screen');
  });

  it('is said in other words and back, with its comments', () => {
    const play = lantern();
    const ours = dictionaryOf([{ key: 'spot.wing', word: 'jetty' }] as never);
    const start = settle(typed(writtenOf(play), ', walk', ', walk # slowly'), play).written;
    const said = settle(retold(start, play, play, { to: ours }), play, ours);
    expect(textOf(said.written)).toContain('2 lifts to left jetty, walk # slowly');
    expect(sameDocument(said.play, play)).toBe(true);
    const back = retold(said.written, play, play, { from: ours, to: DICTIONARY });
    expect(textOf(back)).toContain('2 lifts to left wing, walk # slowly');
  });

  it('whatever is drawn is written the same as if it had been written from the start', () => {
    fc.assert(
      fc.property(fc.array(anyChange, { minLength: 1, maxLength: 12 }), (changes) => {
        const first = samplePlay();
        let written = writtenOf(first);
        let play = first;
        for (const change of changes) {
          const r = edit(play, change);
          if (!r.ok) continue;
          written = settle(retold(written, play, r.play), r.play).written;
          play = r.play;
        }
        const said = (text: string): string[] => text.split('\n').filter((l) => l.trim() !== '');
        expect(said(textOf(written))).toEqual(said(printScript(play)));
      }),
      { numRuns: 60 },
    );
  });
});

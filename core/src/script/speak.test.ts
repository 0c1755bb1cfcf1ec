import { describe, expect, it } from 'vitest';
import { compile } from '../motion/compile.ts';
import { courtFor } from '../court/rulesets.ts';
import { lantern } from './lantern.test-data.ts';
import { pasteScript, writtenPart } from './part.ts';
import { speak } from './speak.ts';

describe('spoken short', () => {
  const play = lantern();
  const frame = play.frames[0]!.id;
  const said = (sentence: string) => {
    const r = speak(play, frame, sentence);
    if (!r.ok) throw new Error(r.sentence);
    const { actions } = r.play.frames.find((f) => f.id === frame)!;
    return actions.filter((a) => r.actions.includes(a.id));
  };
  it('a sentence becomes the same actions as its lines', () => {
    expect(said('2 cuts to the left slot, 4 hands off to 2')).toMatchObject([
      { by: '2', does: 'cut', path: [{ spot: 'slotL' }] },
      { by: '4', does: 'handoff', to: '2' },
    ]);
  });
  it.each([
    ['5 screens for 3 at right wing, sprint and 3 cuts to rim, when 5 is set.', ['5 screen', '3 cut']],
    ['4 passes to 2 then 2 shoots', ['4 pass', '2 shot']],
    ['1 cuts to rim, when 4 catches and when 2 is there, 2 holds 2 s', ['1 cut', '2 hold']],
  ])('%s', (sentence, what) => {
    expect(said(sentence).map((a) => `${a.by} ${a.does}`)).toEqual(what);
  });
  it('keeps all that was there', () => {
    const r = speak(play, frame, '1 cuts to rim');
    if (!r.ok) throw new Error(r.sentence);
    expect(r.play.frames[1]).toEqual(play.frames[1]);
    expect(r.play.frames[0]!.actions.slice(0, 2)).toEqual(play.frames[0]!.actions);
  });
  it.each([
    ['hello there', 'Say who does what: “2 cuts to the left slot, 4 hands off to 2”.', 'hello there'],
    ['2 flies to rim', '“flies” is nothing anybody does here.', 'flies'],
    ['4 shoots, 3 cuts to left slott', 'No place is called “left slott”. Left slot?', 'left slott'],
    ['', 'Say who does what: “2 cuts to the left slot, 4 hands off to 2”.', ''],
  ])('“%s” is told, with its place', (sentence, told, where) => {
    const r = speak(play, frame, sentence);
    expect(r).toMatchObject({ ok: false, sentence: told });
    if (!r.ok) expect(sentence.slice(r.from, r.to)).toBe(where);
  });
  it('a sentence with line ends and signs stays one sentence', () => {
    expect(speak(play, frame, '2 cuts to rim\n3: # x').ok).toBe(false);
    expect(speak(play, frame, '2 cuts to rim, '.repeat(60)).ok).toBe(false);
  });
});

describe('a part of a play as it is written', () => {
  const play = lantern();
  const [, chase, turn] = play.frames;
  it('a frame stands by itself, and waits for nothing that is not in it', () => {
    const text = writtenPart(play, { is: 'frame', frame: chase!.id });
    expect(text).toMatch(/^# Lantern, from frame 2\n+1: Chase the handoff\n/);
    expect(text).toContain('when 5 is set');
    expect(writtenPart(play, { is: 'ending', frame: chase!.id })).toContain('2: Turn the corner');
    expect(writtenPart(play, { is: 'play' })).toContain('play "Lantern"');
    expect(writtenPart(play, { is: 'frame', frame: 'gone' })).toBe('');
  });
  it('is pasted behind a frame, before what followed there, and can be run', () => {
    const text = writtenPart(play, { is: 'frame', frame: chase!.id });
    const first = play.frames[0]!.id;
    const r = pasteScript(play, first, text);
    if (!r.ok) throw new Error(r.faults[0]!.sentence);
    const made = r.play.frames.find((f) => f.id === r.frame)!;
    expect(made).toMatchObject({ parent: first, title: 'Chase the handoff' });
    expect(r.play.frames.find((f) => f.id === chase!.id)!.parent).toBe(made.id);
    const [screen, cut] = made.actions;
    expect(cut!.cue).toMatchObject({ on: screen!.id, event: 'set' });
    const ids = r.play.frames.flatMap((f) => f.actions.map((a) => a.id));
    expect(new Set(ids).size).toBe(ids.length);
    const line = compile(r.play, turn!.id, courtFor(play), play.level).timeline;
    expect(line.bars.map((b) => b.frame)).toContain(made.id);
  });
  it('with what they do before it, it is a further ending', () => {
    const text = writtenPart(play, { is: 'ending', frame: turn!.id });
    const r = pasteScript(play, chase!.id, text);
    if (!r.ok) throw new Error(r.faults[0]!.sentence);
    expect(r.play.frames.filter((f) => f.parent === chase!.id)).toHaveLength(3);
    expect(r.play.frames.find((f) => f.id === r.frame)!.read).toMatchObject({ does: 'drop', who: ['x4'] });
  });
  it('a whole play is pasted as its frames', () => {
    const r = pasteScript(play, play.frames.at(-1)!.id, writtenPart(play, { is: 'play' }));
    if (!r.ok) throw new Error(r.faults[0]!.sentence);
    expect(r.play.frames).toHaveLength(8);
    expect(r.play.name).toBe('Lantern');
  });
  it('what can’t be read is told by the line of what was pasted', () => {
    expect(pasteScript(play, chase!.id, '1: One\n  2 cuts to nowhere at all')).toMatchObject({
      ok: false,
      faults: [{ line: 2 }],
    });
    expect(pasteScript(play, 'gone', '1:\n  1 shoots')).toMatchObject({ ok: false });
  });
});

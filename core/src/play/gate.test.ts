import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PLAYERS } from '../alignment/library.ts';
import { courtFor } from '../court/rulesets.ts';
import { compile } from '../motion/compile.ts';
import { track } from '../motion/track.ts';
import { checkInput, walkThrough } from '../walkthrough/walkthrough.ts';
import type { Change, NewAction } from './change.ts';
import type { Play } from './document.ts';
import { edit, editAll } from './edit.ts';
import { excessOf } from './gate.ts';
import { LIMITS, LONGEST_LINE } from './limits.ts';
import { cutText, suffixed } from './names.ts';
import { readPlay, readPlayText, writePlay } from './read.ts';
import { anyChange, playOf, samplePlay } from './sample.test-data.ts';
import { bytesOf, utf8Length } from './size.ts';
import { leaves, lineTo, mainLine } from './tree.ts';
import { ODD_VERSION_1 } from './version-1.test-data.ts';

const cut = (more: object = {}): NewAction =>
  ({ by: '2', does: 'cut', path: [{ x: 0, y: 20 }], ...more }) as NewAction;
const drawn = () =>
  playOf([
    [cut(), { by: '5', does: 'screen', for: '2', path: [{ x: -8, y: 18 }] }, { by: '1', does: 'hold' }],
  ]);
const place = (x: number, y: number): Change => ({ do: 'place', player: '2', place: { x, y } });
const add = (action: object): Change => ({ do: 'addAction', frame: 'f1', action: action as NewAction });
const patch = (set: object, id = 'a1'): Change => ({ do: 'patchAction', id, set });
const custom = (changes: object): Change => ({
  do: 'court',
  court: 'custom',
  customCourt: { base: 'nfhs', changes },
});
/** As the language itself encodes a text: every byte of it a per cent sign and two digits, or one plain character. */
const utf8 = (text: string): number => encodeURIComponent(text).replace(/%../g, 'x').length;
const nested = (levels: number): unknown => (levels === 0 ? 1 : [nested(levels - 1)]);

describe('what an edit refuses, in a coach’s sentence, changing nothing', () => {
  it.each<[string, Change, RegExp]>([
    ['a long name', { do: 'name', name: 'x'.repeat(81) }, /^A name has at most 80 characters\.$/],
    ['30 bends', add(cut({ path: Array(30).fill({ x: 1, y: 9 }) })), /^A path has at most 24 bends\.$/],
    ['30 bends by a handle', patch({ path: Array(30).fill({ x: 1, y: 9 }) }), /at most 24 bends/],
    ['a path of nothing', patch({ path: [] }), /^A path leads nowhere\.$/],
    ['a place far away', place(1e6, 3), /^A place is far off the floor\.$/],
    ['a place a bit too far', place(55, 3), /far off the floor/],
    ['a place that is none', place(NaN, 3), /^A place is not a number\.$/],
    ['a long note', patch({ note: 'x'.repeat(201) }), /^A note has at most 200 characters\.$/],
    ['a wait of a quarter of an hour', patch({ cue: { on: 'frame', delay: 1000 } }), /^A wait /],
    [
      'a wait of a minute',
      patch({ cue: { on: 'frame', delay: 60 } }),
      /^A wait lies between -10 and 30 s\.$/,
    ],
    ['a hold of a minute', patch({ seconds: 60 }, 'a3'), /^A hold is at most 30 s\.$/],
    ['an arc of nothing', custom({ arcRadius: 0 }), /^A measure of the court lies between 12 and 30 ft\.$/],
    ['a lane of nothing', custom({ laneWidth: 0 }), /lies between 6 and 24 ft/],
    ['a corner line outside its arc', custom({ cornerX: 25, arcRadius: 20 }), /inside its arc/],
    [
      'a corner line outside the court',
      custom({ cornerX: 20, arcRadius: 22, width: 38 }),
      /inside its sidelines/,
    ],
    [
      'numbers that are no exchange',
      { do: 'numbers', to: { '1': '2', '2': '2', '3': '3', '4': '4', '5': '5' } },
      /no two the same/,
    ],
    ['half an emoji', patch({ note: 'go \ud83c' }), /^A note has half a character in it\.$/],
    ['the character that can’t be kept', { do: 'notes', notes: 'a\0b' }, /U\+0000/],
    ['a field that does not go with it', patch({ to: '3' }), /does not go with a cut/],
    ['another verb’s kind', patch({ kind: 'skip' }), /^A kind is not something Corkscrew knows\.$/],
    ['an unknown field as deep as the sea', patch({ path: [{ x: 1, y: 9, sea: nested(60) }] }), /too deep/],
    [
      'thirteen defences',
      {
        do: 'defences',
        defences: Array.from({ length: 13 }, (_, i) => ({ id: `d${i}`, name: '', type: 'man' })),
      },
      /^A play has at most 12 defences\.$/,
    ],
    ['a long list', { do: 'against', against: Array(13).fill('man') }, /at most 12 defences/],
    [
      'a cue with four others',
      patch({ cue: { on: 'frame', and: Array(4).fill({ on: 'a2' }) } }),
      /at most 3 further cues/,
    ],
    ['an action nobody knows', add({ by: '1', does: 'fly' }), /^A verb is not something Corkscrew knows\.$/],
  ])('%s', (_, change, words) => {
    const play = drawn();
    const before = JSON.stringify(play);
    const r = edit(play, change);
    expect(r.ok ? 'done' : r.sentence).toMatch(words);
    expect(JSON.stringify(play)).toBe(before);
  });
  it('41 actions, 401 frames, and more bytes than a play may have', () => {
    const full = playOf([Array.from({ length: LIMITS.actions }, () => cut())]);
    expect(edit(full, add(cut()))).toMatchObject({ sentence: 'A frame has at most 40 actions.' });
    const note = 'נ'.repeat(200);
    let big = editAll(samplePlay(), [{ do: 'notes', notes: 'x'.repeat(4000) }]);
    const frame = Array.from({ length: 40 }, (): Change => add(cut({ note })));
    big = editAll((big as { play: Play }).play, frame);
    while (big.ok) big = edit(big.play, { do: 'duplicateFrame', id: 'f1' });
    expect(big.sentence).toMatch(/larger than 2 MB/);
  });
});

describe('any sequence of edits', () => {
  const changes = fc.array(anyChange, { maxLength: 25 });
  it('never gives a document that cannot be read, and angles stay within a turn', () => {
    fc.assert(
      fc.property(changes, (list) => {
        let play = samplePlay();
        for (const c of list) {
          const r = edit(play, c);
          if (!r.ok) continue;
          play = r.play;
          const read = readPlay(play);
          expect(read.ok ? '' : `${c.do}: ${read.sentence}`).toBe('');
        }
        for (const a of play.frames.flatMap((f) => f.actions)) {
          const angles = [a.facing, 'angle' in a ? a.angle : 0].filter((x) => x !== undefined);
          expect(angles.every((x) => x > -180 && x <= 180)).toBe(true);
        }
        expect(excessOf(play)).toEqual([]);
        expect(bytesOf(play)).toBe(utf8(JSON.stringify(play)));
      }),
      { numRuns: 150 },
    );
  });

  /** A mark on every object of a document, under a name nobody knows. */
  function marked(value: unknown, n = { of: 0 }): unknown {
    if (Array.isArray(value)) return value.map((v) => marked(v, n));
    if (typeof value !== 'object' || value === null) return value;
    const out = Object.fromEntries(Object.entries(value).map(([k, v]) => [k, marked(v, n)]));
    // Records by defender or action have no room for anything else.
    const record = Object.keys(value).length > 0 && Object.keys(value).every((k) => /^(x|a)\d+$/.test(k));
    return record ? out : { ...out, unheardOf: `m${n.of++}` };
  }
  const marksIn = (value: unknown): string[] => JSON.stringify(value).match(/"m\d+"/g) ?? [];
  const marksOf = (play: Play) => ({
    start: marksIn(play.start),
    actions: new Map(
      play.frames.flatMap((f) =>
        f.actions.map((a) => [a.id, marksIn({ ...a, cue: 0, path: 0, stretches: 0 })]),
      ),
    ),
    frames: new Map(play.frames.map((f) => [f.id, marksIn({ ...f, actions: 0, looks: 0, read: 0 })])),
  });
  it('keeps unknown fields of every object it keeps', () => {
    fc.assert(
      fc.property(changes, changes, (first, then) => {
        let play = samplePlay();
        for (const c of first) {
          const r = edit(play, c);
          if (r.ok) play = r.play;
        }
        play = marked(play) as Play;
        for (const c of then) {
          const r = edit(play, c);
          if (!r.ok) continue;
          const [before, after] = [marksOf(play), marksOf(r.play)];
          expect(after.start.sort()).toEqual(before.start.sort());
          for (const part of ['actions', 'frames'] as const)
            for (const [id, marks] of after[part])
              if (before[part].has(id)) expect([c.do, id, marks]).toEqual([c.do, id, before[part].get(id)]);
          play = r.play;
        }
      }),
      { numRuns: 150 },
    );
  });
  it('keeps them in the path, the cue and the pace that a patch says anew', () => {
    const play = marked(
      playOf([[cut({ cue: { on: 'frame', delay: 1 }, stretches: [{ to: 0.5, tempo: 'walk' }] })]]),
    ) as Play;
    const r = edit(
      play,
      patch({ path: [{ x: 2, y: 9 }], cue: { on: 'frame' }, stretches: [{ to: 1, tempo: 'jog' }] }),
    );
    const [a] = (r as { play: Play }).play.frames[0]!.actions;
    expect(a).toMatchObject({
      path: [{ x: 2, y: 9, unheardOf: expect.any(String) }],
      cue: { on: 'frame', unheardOf: expect.any(String) },
      stretches: [{ to: 1, unheardOf: expect.any(String) }],
    });
    expect(a!.cue).not.toHaveProperty('delay');
  });
});

describe('copies', () => {
  const screened = () => {
    const base = playOf([
      [
        { by: '5', does: 'screen', for: '1', path: [{ x: -2, y: 24 }] },
        cut({ cue: { on: 'a1', event: 'set', and: [{ on: 'a1' }] } }),
      ],
    ]);
    const r = editAll(base, [
      {
        do: 'defences',
        defences: [{ id: 'd1', name: 'D', type: 'man', overrides: { a1: { does: 'trap' } } }],
      },
      { do: 'addFrame', after: 'f1', read: { does: 'switch', at: { action: 'a1' }, look: 'a2' } },
    ]);
    return (r as { play: Play }).play;
  };
  it('of a line and of a frame take coverages, cues and reads along', () => {
    for (const change of [
      { do: 'copyLine', from: 'f1', after: 'f2' },
      { do: 'duplicateFrame', id: 'f1' },
    ] as const) {
      const r = edit(screened(), change);
      const { frames, defences } = (r as { play: Play }).play;
      const copy = frames.flatMap((f) => f.actions).find((a) => a.id !== 'a1' && a.does === 'screen')!;
      const cutter = frames.flatMap((f) => f.actions).find((a) => a.id !== 'a2' && a.does === 'cut')!;
      expect(defences![0]!.overrides![copy.id]).toEqual({ does: 'trap' });
      expect(cutter.cue).toMatchObject({ on: copy.id, and: [{ on: copy.id }] });
    }
    const r = edit(screened(), { do: 'copyLine', from: 'f1', after: 'f2' });
    const last = (r as { play: Play }).play.frames.at(-1)!;
    expect(last.read).toMatchObject({ does: 'switch', at: { action: 'a3' }, look: 'a4' });
  });
  it('an id that only a read or a further cue still names is never used again', () => {
    const r = editAll(screened(), [
      { do: 'removeAction', id: 'a2' },
      { do: 'removeAction', id: 'a1' },
      add(cut()),
    ]);
    expect((r as { play: Play }).play.frames[0]!.actions[0]!.id).toBe('a3');
  });
  it('names are cut at whole characters', () => {
    expect(cutText('a👩‍👩‍👧‍👦b', 6)).toBe('a');
    const copy = edit(
      { ...samplePlay(), name: `${'x'.repeat(72)}🏀🏀` },
      { do: 'copy', id: 'c', suffix: ' (copy)' },
    );
    expect(copy).toMatchObject({ ok: true, play: { id: 'c', name: `${'x'.repeat(72)} (copy)` } });
    expect(suffixed('Lantern', '')).toBe('Lantern');
  });
});

describe('endings from the set', () => {
  it('stand beside the play as drawn, and a frame before everything becomes the parent of all', () => {
    const r = editAll(drawn(), [
      { do: 'addFrame', after: null, fork: true },
      { do: 'addFrame', after: null },
    ]);
    const { play } = r as { play: Play };
    expect(play.frames.map((f) => [f.id, f.parent])).toEqual([
      ['f3', null],
      ['f1', 'f3'],
      ['f2', 'f3'],
    ]);
    const forked = (edit(drawn(), { do: 'addFrame', after: null, fork: true }) as { play: Play }).play;
    expect(leaves(forked).map((f) => lineTo(forked, f.id).length)).toEqual([1, 1]);
    const gone = edit(forked, { do: 'removeFrame', id: 'f1' });
    expect(gone).toMatchObject({ ok: true, play: { frames: [{ id: 'f2', parent: null }] } });
  });
});

describe('a document of version 1 with every odd thing it allowed', () => {
  const read = () => {
    const r = readPlay(ODD_VERSION_1);
    if (!r.ok) throw new Error(r.sentence);
    return r.play;
  };
  it('opens; nothing but the number changes, and names that mean something now are set aside', () => {
    const { version, option, status, needs, ...same } = ODD_VERSION_1;
    const play = read() as unknown as Record<string, unknown>;
    expect(play).toMatchObject({
      version: (version! as number) + 1,
      'option (version 1)': option,
      'status (version 1)': status,
      'needs (version 1)': needs,
    });
    for (const key of ['name', 'call', 'customCourt', 'start', 'buried', 'colourOfShoes', 'notes'])
      expect(play[key]).toEqual(same[key]);
    const [f1] = play.frames as Record<string, unknown>[];
    expect(f1).toMatchObject({
      'end (version 1)': 'in tears',
      actions: [
        { facing: 1e300, cue: { delay: 60, 'and (version 1)': 'thunder', sound: 'clap' } },
        {},
        { hold: 30 },
        {},
        {},
        {},
      ],
    });
  });
  it('runs and is drawn in numbers, and is told what could not be set today', () => {
    const play = read();
    const { timeline } = compile(play, mainLine(play).at(-1)!.id, courtFor(play), play.level);
    for (const a of timeline.actions) expect([a.start, a.end].every(Number.isFinite)).toBe(true);
    const told = walkThrough(play, mainLine(play));
    expect(told.map((f) => f.sentence).join('\n')).not.toMatch(/NaN|undefined|Infinity/);
    const excess = told.filter((f) => f.code === 'excess').map((f) => f.sentence);
    expect(excess).toContain('The wait of action 1 in frame 1 lies between -10 and 30 s.');
    expect(excess).toContain('The place of 1 in the set is far off the floor.');
    expect(excess).toContain('The name has a character in it that can’t be kept (U+0000).');
    expect(excess.join()).toMatch(/order of a look/);
  });
  it('can be edited on: what was beyond a rule stays, what is set anew keeps it', () => {
    const play = read();
    for (const c of [
      { do: 'flip' },
      { do: 'court', court: 'fiba' },
      patch({ tempo: 'sprint' }),
      { do: 'addFrame', after: 'frame two' },
      { do: 'place', player: '2', place: { x: 0, y: 25 } },
    ] as Change[]) {
      const r = edit(play, c);
      expect(r.ok ? '' : r.sentence).toBe('');
      expect(readPlay((r as { play: Play }).play).ok).toBe(true);
    }
    expect(edit(play, patch({ cue: { on: 'frame', delay: 59 } }))).toMatchObject({ ok: true });
    expect(edit(play, patch({ cue: { on: 'frame', delay: 59 } }, 'a2'))).toMatchObject({ ok: false });
  });
});

describe('size', () => {
  it('is counted in UTF-8', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme' }), (s) => {
        expect(utf8Length(s)).toBe(utf8(s));
      }),
    );
    fc.assert(
      fc.property(fc.jsonValue(), (v) => {
        expect(bytesOf(v)).toBe(utf8(JSON.stringify(v)));
      }),
    );
  });
  it('an exported play, however large, can be read in again', () => {
    let r = edit(samplePlay(), { do: 'notes', notes: 'ש'.repeat(4000) });
    const frame = Array.from({ length: 40 }, (): Change => add(cut({ note: '漢'.repeat(100) })));
    r = editAll((r as { play: Play }).play, frame);
    let last = samplePlay();
    while (r.ok) {
      last = r.play;
      r = edit(r.play, { do: 'duplicateFrame', id: 'f1' });
    }
    expect(bytesOf(last)).toBeGreaterThan(1.8 * 1024 * 1024);
    expect(readPlayText(writePlay(last)).ok).toBe(true);
  });
  it('what is nested beyond all measure is refused with a sentence, not a crash', () => {
    let deep: unknown = 1;
    for (let i = 0; i < 200_000; i++) deep = [deep];
    expect(readPlay({ ...samplePlay(), deep })).toMatchObject({
      ok: false,
      sentence: expect.stringMatching(/too deep/),
    });
  });
});

it('a play of hours is told, and measured only as far as anybody plans', () => {
  const holds = PLAYERS.map((by): NewAction => ({ by, does: 'hold', seconds: 30 }));
  const play = playOf(Array.from({ length: 200 }, () => holds));
  const line = mainLine(play);
  const { moments, timeline } = checkInput(play, line);
  expect(timeline.end).toBeGreaterThan(1000);
  expect([moments.length, moments.at(-1)!.t]).toEqual([LONGEST_LINE * 10 + 1, LONGEST_LINE]);
  expect(track(timeline).steps).toBe(LONGEST_LINE * 60 + 1);
  const told = walkThrough(play, line).find((f) => f.code === 'line-long')!;
  expect(told.sentence).toMatch(/^This line takes \d{4,}\.\d s\. Nothing after 120 s is looked at\.$/);
});

import { describe, expect, it } from 'vitest';
import { edit } from './edit.ts';
import { readPlay, readPlayText } from './read.ts';
import { sameDocument } from './same.ts';
import { samplePlay } from './sample.test-data.ts';

const sentence = (input: unknown): string => {
  const r = readPlay(input);
  return r.ok ? 'read' : r.sentence;
};
const raw = () => JSON.parse(JSON.stringify(samplePlay())) as Record<string, unknown>;

/** A kept document of version 0, as the first trials wrote it. */
const VERSION_0 = {
  format: 'corkscrew-play',
  version: 0,
  id: 'old',
  name: 'Old sketch',
  call: 'Sketch',
  court: 'nfhs',
  ball: '1',
  places: samplePlay().start.places,
  frames: [{ actions: [{ id: 'a1', by: '1', does: 'pass', to: '4' }] }, { actions: [] }],
};

it('documents are the same whatever the order of their fields', () => {
  expect(sameDocument({ a: 1, b: [{ c: 2, d: undefined }] }, { b: [{ c: 2 }], a: 1 })).toBe(true);
  expect(sameDocument({ a: [1, 2] }, { a: [2, 1] })).toBe(false);
});

describe('reading a play', () => {
  it('migrates the kept sample of version 0', () => {
    const r = readPlay(VERSION_0);
    expect(r.ok && r.play).toMatchObject({
      version: 2,
      call: { word: 'Sketch' },
      start: { ball: '1' },
      frames: [
        { id: 'f1', parent: null },
        { id: 'f2', parent: 'f1' },
      ],
    });
  });
  it('keeps fields it does not know', () => {
    const doc = {
      ...raw(),
      colourOfShoes: 'white',
      frames: [{ id: 'f1', parent: null, actions: [{ id: 'a1', by: '2', does: 'hold', mood: 'calm' }] }],
    };
    const r = readPlay(doc);
    expect(r.ok && JSON.parse(JSON.stringify(r.play))).toMatchObject({
      colourOfShoes: 'white',
      frames: [{ actions: [{ mood: 'calm' }] }],
    });
    const edited = r.ok ? edit(r.play, { do: 'name', name: 'New' }) : null;
    expect(edited?.ok && JSON.stringify(edited.play)).toContain('calm');
  });
  it.each([
    ['nothing', null, /no play in it/],
    ['a foreign file', { kind: 'recipe' }, /first line does not say so/],
    ['the future', { ...raw(), version: 9 }, /newer Corkscrew \(version 9; this one reads up to 2\)/],
    ['no version', { ...raw(), version: undefined }, /which version/],
    [
      'a verb nobody knows',
      { ...raw(), frames: [{ id: 'f1', parent: null, actions: [{ id: 'a', by: '1', does: 'fly' }] }] },
      /the verb of action 1 in frame 1 is not something Corkscrew knows/,
    ],
    [
      'a place off the map',
      {
        ...raw(),
        start: { ...samplePlay().start, places: { ...samplePlay().start.places, '1': { x: 1e9, y: 0 } } },
      },
      /the place of 1 in the set is far off the floor/,
    ],
    [
      '500 frames',
      {
        ...raw(),
        frames: Array.from({ length: 500 }, (_, i) => ({ id: `f${i}`, parent: null, actions: [] })),
      },
      /has 500 frames; a play has at most 400/,
    ],
    [
      'a frame without a start',
      {
        ...raw(),
        frames: [
          { id: 'f1', parent: null, actions: [] },
          { id: 'f2', parent: 'f9', actions: [] },
        ],
      },
      /frame 2 does not follow from frame 1/,
    ],
    [
      'frames in a ring',
      {
        ...raw(),
        frames: [
          { id: 'f1', parent: null, actions: [] },
          { id: 'f2', parent: 'f3', actions: [] },
          { id: 'f3', parent: 'f2', actions: [] },
        ],
      },
      /frame 2 does not follow/,
    ],
    [
      'one id twice',
      {
        ...raw(),
        frames: [
          {
            id: 'f1',
            parent: null,
            actions: [
              { id: 'a', by: '1', does: 'hold' },
              { id: 'a', by: '2', does: 'hold' },
            ],
          },
        ],
      },
      /same id \(a\)/,
    ],
  ])('says in a sentence what is wrong with %s', (_, input, words) => {
    expect(sentence(input)).toMatch(words);
  });
  it('refuses 10 MB of text and broken text', () => {
    expect(readPlayText('x'.repeat(10 * 1024 * 1024))).toMatchObject({
      ok: false,
      sentence: expect.stringMatching(/too large/),
    });
    expect(readPlayText('{"format": "corkscrew-play", ')).toMatchObject({
      ok: false,
      sentence: expect.stringMatching(/broken/),
    });
  });
  it('takes names in any script, with emoji and with markup as plain text', () => {
    for (const name of ['קרן', '🏀 Zip', '<b onclick=1>x</b>'])
      expect(sentence({ ...raw(), name })).toBe('read');
  });
});

import { describe, expect, it } from 'vitest';
import { clashesOf, isFree, type Spoken, type Voice } from './clash.ts';
import { DICTIONARY } from './dictionary.ts';
import { FIGURES, figuresAlike, signalsAlike } from './signals.ts';

/** Nobody says anything: only what is written and shown counts. */
const mute: Voice = { say: () => null, code: (t) => t };
const spoken = (id: string, text: string, more: Partial<Spoken> = {}): Spoken => ({
  ...{ id, kind: 'word', text, about: 'do', means: '' },
  ...more,
});
const kinds = (all: Spoken[], firstLetter = false) => clashesOf(all, mute, firstLetter).map((c) => c.is);

describe('clashes in writing and signs', () => {
  it('one word for two things, one call for two plays, one letter between two', () => {
    expect(kinds([spoken('a', 'Lee'), spoken('b', 'lee ')])).toEqual(['two']);
    expect(kinds([spoken('a', 'Kite', { kind: 'play' }), spoken('b', 'kite', { kind: 'play' })])).toEqual([
      'same',
    ]);
    expect(kinds([spoken('a', 'hawser'), spoken('b', 'hawker')])).toEqual(['written']);
    expect(kinds([spoken('a', 'hawser'), spoken('b', 'hawsers')])).toEqual(['written']);
    expect(kinds([spoken('a', 'hawser'), spoken('b', 'hawesr')])).toEqual(['written']);
    expect(kinds([spoken('a', 'hawser'), spoken('b', 'bollard')])).toEqual([]);
    // Short ones, and numbers, differ by a letter as a matter of course.
    expect(kinds([spoken('a', 'tow'), spoken('b', 'two')])).toEqual([]);
    expect(
      kinds([spoken('a', 'Quay 41', { kind: 'play' }), spoken('b', 'Quay 42', { kind: 'play' })]),
    ).toEqual([]);
  });
  it('a play that is called by the word of its series clashes with it no more than its number does', () => {
    const series = spoken('s', 'Quay', { kind: 'series' });
    expect(kinds([series, spoken('p', 'Quay', { kind: 'play', series: 'Quay' })])).toEqual([]);
    expect(kinds([series, spoken('p', 'Quay 4', { kind: 'play', series: 'Quay' })])).toEqual([]);
  });
  it('a word of ours that the trade has for something else; its own word is none', () => {
    expect(kinds([spoken('a', 'drop', { key: 'cut.roll' })])).toEqual(['theirs']);
    expect(kinds([spoken('a', 'switch', { kind: 'play' })])).toEqual(['theirs']);
    expect(kinds([spoken('a', 'roll', { key: 'cut.roll' })])).toEqual([]);
    expect(kinds([spoken('a', 'pass', { key: 'pass.chest' })])).toEqual([]);
  });
  it('the first letter, where the team goes by it', () => {
    const wake = spoken('a', 'wake', { key: 'cut.roll' });
    expect(kinds([wake])).toEqual([]);
    expect(clashesOf([wake], mute, true)).toMatchObject([{ is: 'letter', letter: 'R' }]);
    expect(kinds([spoken('a', 'rudder', { key: 'cut.roll' })], true)).toEqual([]);
  });
  it('one sign for two series, or for two plays of one; signs of plays of other series come after theirs', () => {
    const sign = (id: string, figure: string, more: Partial<Spoken> = {}) =>
      spoken(id, id === 'a' ? 'Quay' : 'Pilot', { kind: 'series', signal: { figure }, ...more });
    expect(kinds([sign('a', 'fistUp'), sign('b', 'fistUp')])).toEqual(['signal']);
    expect(kinds([sign('a', 'fistUp'), sign('b', 'armsOut')])).toEqual([]);
    const play = (id: string, series: string) => sign(id, 'fistUp', { kind: 'play', series });
    expect(kinds([play('a', 'Quay'), play('b', 'Pilot')])).toEqual([]);
    expect(kinds([play('a', 'Quay'), play('b', 'Quay')])).toEqual(['signal']);
    expect(signalsAlike({ words: 'Pulls a rope' }, { words: 'pulls a rope.' })).toBe(true);
    expect(signalsAlike({ words: '' }, { words: '' })).toBe(false);
  });
  it('a replacement is free when it clashes with nothing', () => {
    const all = [spoken('a', 'lee'), spoken('b', 'hawser')];
    expect(isFree('plank', all[0]!, all, mute, false)).toBe(true);
    expect(isFree('hawsers', all[0]!, all, mute, false)).toBe(false);
    expect(isFree('hawser', all[1]!, all, mute, false)).toBe(true);
  });
  it('a clash keeps its name whichever comes first, and loses it with another word', () => {
    const [a, b] = [spoken('a', 'lee'), spoken('b', 'lee')];
    expect(clashesOf([a, b], mute, false)[0]!.id).toBe(clashesOf([b, a], mute, false)[0]!.id);
    expect(clashesOf([spoken('a', 'low'), spoken('b', 'low')], mute, false)[0]!.id).not.toBe(
      clashesOf([a, b], mute, false)[0]!.id,
    );
  });
});

describe('our signals', () => {
  it('are told apart from the far corner, each from every other', () => {
    const alike = FIGURES.flatMap((a, i) =>
      FIGURES.slice(i + 1).flatMap((b) => (figuresAlike(a, b) ? [`${a.key} ${b.key}`] : [])),
    );
    expect(alike).toEqual([]);
  });
  it('the standard dictionary clashes with nothing of itself but what is one thing said twice', () => {
    const all = Object.entries(DICTIONARY).map(([key, t]) => spoken(key, t.word, { key: key as never }));
    expect(clashesOf(all, mute, true).filter((c) => c.is === 'letter')).toEqual([]);
  });
});

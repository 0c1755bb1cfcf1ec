import { describe, expect, it } from 'vitest';
import { newPlay } from '../play/new-play.ts';
import { summarise } from '../playbook/summary.ts';
import { clashesOf, type Voice } from './clash.ts';
import { heardPart, clashTitle, clashWhy, isGrave } from './clash-words.ts';
import { entriesOf, spokenOf } from './entries.ts';

const row = (name: string, series: string, word?: string) => {
  const play = newPlay({ id: name, name, court: 'nfhs', level: 'pro', alignment: 'horns', ball: '1' });
  return { id: name, summary: summarise({ ...play, series, ...(word ? { call: { word } } : {}) }) };
};
const words = [
  { id: 'w1', body: { key: 'cut.roll', word: 'swell' } },
  { id: 'w2', body: { key: 'cut.roll', word: 'breaker' } },
  { id: 'w3', body: { means: 'leave him', word: 'lee' } },
  { id: 'w4', body: { key: 'spot.weakSide', word: 'lee' } },
];
const series = [{ id: 's1', body: { word: 'Quay', order: 0, figure: 'palmUp', signal: 'Flat hand' } }];
const entries = entriesOf([row('Quay 4', 'Quay', 'Quay 4'), row('Kite', '')], series, words);
const mute: Voice = {
  say: (t) =>
    t === 'tow' || t === 'toe'
      ? ['T', 'OW1']
      : t === 'tide'
        ? ['T', 'AY1', 'D']
        : t === 'ride'
          ? ['R', 'AY1', 'D']
          : null,
  code: (t) => t,
};

describe('everything that is called something', () => {
  it('calls, the trade’s words with ours, and words for meanings of our own; a second word for one is our own', () => {
    const of = (id: string) => entries.find((e) => e.id === id)!;
    expect(of('series Quay')).toMatchObject({
      ours: 'Quay',
      figure: 'palmUp',
      of: { kind: 'series', id: 's1' },
    });
    expect(of('play Quay 4')).toMatchObject({ group: 'call', ours: 'Quay 4', series: 'Quay' });
    expect(of('term cut.roll')).toMatchObject({ plain: 'roll', ours: 'swell' });
    expect(of('term cut.pop')).toMatchObject({ ours: '', of: null });
    expect(of('word w2')).toMatchObject({ group: 'own', ours: 'breaker' });
    expect(of('word w3')).toMatchObject({ group: 'own', plain: 'leave him' });
  });
  it('what has no word of ours is not called out; a play without a call is called by its name', () => {
    const spoken = spokenOf(entries);
    expect(spoken.map((s) => s.text)).toEqual(
      expect.arrayContaining(['Quay', 'Quay 4', 'Kite', 'swell', 'lee']),
    );
    expect(spoken.some((s) => s.id === 'term cut.pop')).toBe(false);
    expect(clashesOf(spoken, mute, false).map(clashTitle)).toEqual(['lee means two things']);
  });
});

describe('a clash as it is told', () => {
  const said = (a: string, b: string) =>
    clashesOf(
      [a, b].map((text, i) => ({
        id: `${i}`,
        kind: 'word' as const,
        text,
        about: 'do' as const,
        means: `thing ${i}`,
      })),
      mute,
      false,
    )[0]!;
  it('says which, why, and what carries', () => {
    const same = said('tow', 'toe');
    expect(clashTitle(same)).toBe('tow and toe sound the same');
    expect(clashWhy(same)).toBe('Nobody can tell them apart by ear.');
    expect(heardPart(same, same.a)).toEqual(['', 'tow']);
    expect(isGrave(same)).toBe(true);
    const rhyme = said('tide', 'ride');
    expect(clashTitle(rhyme)).toBe('tide and ride sound alike in a gym');
    expect(heardPart(rhyme, rhyme.a)).toEqual(['t', 'ide']);
    expect(isGrave(rhyme)).toBe(false);
  });
  it('of one word for two things says both', () => {
    expect(clashWhy(said('lee', 'Lee'))).toBe('thing 0; and thing 1.');
  });
});

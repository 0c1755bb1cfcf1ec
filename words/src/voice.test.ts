import { clashesOf, type Spoken } from '@corkscrew/core';
import { describe, expect, it } from 'vitest';
import { voice } from './voice.ts';

/** Pairs of gym words that are taken for each other across a gym, by hand (common practice): one sound, one rhyme, or nearly. */
const CLASH =
  `tow toe|tide slide|pin spin|post ghost|slip flip|curl twirl|pop drop|roll bowl|zip whip|wing swing
horn thorn|box rocks|stack slack|hook look|fade wade|flash dash|down gown|fist list|thumb drum|red bread
blue two|green lean|gold hold|black back|four floor|five dive|nine line|ten den|eight gate|punch lunch
key quay|dog fog|bear bare|seal zeal|cap cab|bat bad|luck lug|fan van|batter badder|pilot pirate
rope robe|bell swell|pick big|rice rise|race raise|sun sum`
    .split(/[|\n]/)
    .map((p) => p.trim().split(' ') as [string, string]);
/** And such that are not: another vowel is stressed, or another ending is heard. */
const CLEAR =
  `tide bell|fist thumb|horns box|gate kite|red blue|slip pop|curl fade|post wing|anchor lantern|pilot quay
squall bell|rope gull|fog shoal|moor squib|stack diamond|zip roll|black white|one two|four five|six seven
lion tiger|hammer rocket|texas ohio|corner elbow|nail slot|top block|flare cross|screen cut|north south|left right
iron copper|eagle hawk|tide time|pin pit|cap cash|bat ball|sun sub|race ray|down dove`
    .split(/[|\n]/)
    .map((p) => p.trim().split(' ') as [string, string]);

const word = (text: string, more: Partial<Spoken> = {}): Spoken => ({
  ...{ id: text, kind: 'play', text, about: 'call', means: '' },
  ...more,
});

describe('words in a gym, by the pronouncing dictionary', () => {
  it.each(CLASH)('%s and %s are taken for each other', async (a, b) => {
    const found = clashesOf([word(a), word(b)], await voice(), false);
    expect(found.map((c) => c.is)).toContain('sound');
  });
  it.each(CLEAR)('%s and %s are told apart', async (a, b) => {
    expect(clashesOf([word(a), word(b)], await voice(), false).filter((c) => c.is === 'sound')).toEqual([]);
  });
  it('what both say tells nothing apart, and numbers are said as they are read', async () => {
    const v = await voice();
    const of = (a: string, b: string) => clashesOf([word(a), word(b)], v, false).map((c) => c.is);
    expect(of('Quay 4', 'Quay 5')).toEqual([]);
    expect(of('Quay 4', 'Quay 4A')).toEqual([]);
    expect(of('Quay 4', 'Pilot 4')).toEqual([]);
    expect(of('Fog 3', 'lee')).toEqual([]);
    expect(of('Tide 1', 'Slide 1')).toEqual(['sound']);
    // Of several words each may tell them apart, wherever it stands.
    expect(of('Bell 2B', 'Quay 4B')).toEqual([]);
    expect(of('Fog 3', 'Pilot 5B')).toEqual([]);
    expect(of('Rope 2', 'Gull blue')).toEqual([]);
    expect(of('Rope 2', 'Robe blue')).toEqual(['sound']);
  });
  it('a word that is in no dictionary is said as its coach says, or judged by its letters', async () => {
    const v = await voice();
    expect(v.say('hawser')).toBeNull();
    const sounds = clashesOf([word('hawser', { sounds: 'saw' }), word('jaw')], v, false);
    expect(sounds.map((c) => c.is)).toEqual(['sound']);
    expect(clashesOf([word('gangway'), word('ganguay')], v, false).length).toBe(1);
    expect(clashesOf([word('hawser'), word('gangway')], v, false)).toEqual([]);
  });
  it('right to left, emoji and markup are no words that can be said', async () => {
    const v = await voice();
    expect(clashesOf([word('נמל'), word('🏀'), word('<b>'), word('')], v, false)).toEqual([]);
  });
});

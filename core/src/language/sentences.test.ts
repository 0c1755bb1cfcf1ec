import { describe, expect, it } from 'vitest';
import { PLAYERS } from '../alignment/library.ts';
import { CUT_KINDS, DRIBBLE_KINDS, PASS_KINDS, SCREEN_KINDS } from '../play/vocabulary.ts';
import { DICTIONARY } from './dictionary.ts';
import { SENTENCES } from './english/sentences.ts';
import { said } from './said.ts';
import { figuresOfSaid, tell } from './tell.ts';
import { PLAIN, teller } from './teller.ts';

/** One of each figure that any sentence asks for. */
const FIGURES = {
  ...{ who: '4', by: '4', a: '4', b: '5', to: '2', man: 1, takes: 2, usual: 'drop', holder: '2' },
  ...{ later: true, ball: true, late: 1.24, early: 0.4, seconds: 3.14, most: 120, clock: 24, does: 'pass' },
  ...{
    feet: 9.5,
    was: 2.25,
    is: 1.25,
    on: 2,
    degrees: 80,
    safe: 30,
    across: true,
    side: 'left',
    inside: ['2', '3'],
    driver: '1',
  },
  ...{ from: 2, count: 2, sent: 3, passes: 4, passer: '1', receiver: '2', verdict: 'late', soft: ['nail'] },
  ...{
    decisions: 3,
    spot: 'wingL',
    at: 2.5,
    word: 'x',
    where: 'onBall',
    zone: '2-3',
    way: 'x',
    nth: 2,
    id: 'a1',
  },
  ...{ field: 'tempo', megabytes: 2, path: ['name'], wrong: { is: 'letters', most: 80 }, dribbles: true },
};
/** Sentences in which a name is the index of one of theirs, or a spot, or several men. */
const OTHER: Record<string, object> = {
  backside: { soft: 'nail' },
  'cue-circle': { who: ['4', '5'] },
  'soft-empty': { ball: 'top' },
  ...Object.fromEntries(['lane-contested', 'look-open', 'close-out-unused'].map((k) => [k, { by: 3 }])),
  'pass-window': { by: 0.4, to: 3.2 },
  'mismatch-tall': { by: 1, ours: 203, theirs: 185 },
  'mismatch-fast': { by: 4, percent: 12 },
  'help-unseen': { by: 3, to: 3.2 },
  'no-man': { who: 2 },
  'pass-kind': { kind: 'lob', why: 'rim', limit: 13 },
  'both-guard': { a: 0, b: 1 },
  ...Object.fromEntries(
    ['fights', 'takes', 'tags', 'helps', 'closes-out', 'boxes-out', 'split'].map((k) => [
      `duty-${k}`,
      { by: 3, lost: 0.4, who: '2' },
    ]),
  ),
  'leaves-opens': { by: 2, to: '5', who: '3', late: 0.5 },
  'leaves-free': { by: 2, to: '5', lift: '3' },
  'answer-point': { kind: 'onBall', by: '5', user: '1' },
  'answer-recipe': { recipe: 'slip', to: '5' },
  'answer-open': { worth: 1.35, early: 0.4 },
  'answer-cheap': { worth: 0.4 },
  'answer-firm': { open: 12, boards: 20 },
  'answer-worst': { worth: 0.94, what: ['if they switch'] },
  'line-end': { end: null },
  'read-gone': { read: { does: 'switch' } },
  'read-same': { read: { does: 'switch' } },
  'read-against': { read: { does: 'switch' }, before: { does: 'drop', who: ['x5'] } },
  'diff-frame-new': { read: null },
  'diff-frame-gone': { read: { does: 'switch' } },
  'diff-read': { read: { does: 'switch' } },
  'version-screen': { by: '5', user: '1', on: 1, top: true },
  'version-man': { by: '5', user: '1' },
  'version-ending': { read: { does: 'switch' } },
  'version-drawn': { read: { does: 'switch' } },
  'way-to': { who: '3', ball: ['2', '1'] },
  ...Object.fromEntries(
    ['answer-feet', 'answer-lane', 'answer-way'].map((k) => [k, { by: 3, need: 4, late: 0.2 }]),
  ),
};
const say = (key: keyof typeof SENTENCES, t = PLAIN): string =>
  tell({ key, with: { ...FIGURES, ...OTHER[key] } } as never, t);
const KEYS = Object.keys(SENTENCES) as (keyof typeof SENTENCES)[];

describe('every sentence', () => {
  it.each(KEYS)('%s is whole, whatever its figures', (key) => {
    const words = say(key);
    expect(words).not.toMatch(/undefined|NaN|null|\[object/);
    expect(words).toMatch(/^[A-Z“"\dx]/);
    expect(words).not.toMatch(/ {2}|!|please|successfully/i);
  });
  it.each(KEYS)('%s says she and her of women', (key) => {
    expect(say(key, teller({ women: true }))).not.toMatch(/\b(he|him|his|himself)\b/);
  });
  it.each(KEYS)('%s says player where a team says so', (key) => {
    expect(say(key, teller({ man: 'player' }))).not.toMatch(/\b(man|men)\b/);
  });
  it('measures in the reader’s units', () => {
    const wide = said('screen-wide', { a: '4', b: '2', feet: 9.6 });
    expect(tell(wide)).toBe('2 passes 9 ft 6 in wide of 4: his man slips through.');
    expect(tell(wide, teller({ units: 'metres' }))).toBe('2 passes 2.9 m wide of 4: his man slips through.');
  });
});

describe('figures that tell causes apart', () => {
  it('are whole, and the same in all words', () => {
    const of = (late: number) => JSON.stringify(figuresOfSaid(said('pass-late', { who: '2', late })));
    expect(of(1.1)).toBe(of(1.3));
    expect(of(1.1)).not.toBe(of(2.1));
  });
});

describe('the dictionary (common practice)', () => {
  it('has a word for every kind, in all its forms', () => {
    const keys = new Set(Object.keys(DICTIONARY));
    for (const k of CUT_KINDS) expect(keys).toContain(`cut.${k}`);
    for (const k of SCREEN_KINDS) expect(keys).toContain(`screen.${k}`);
    for (const k of DRIBBLE_KINDS) expect(keys).toContain(`dribble.${k}`);
    for (const k of PASS_KINDS) expect(keys).toContain(`pass.${k}`);
    for (const t of Object.values(DICTIONARY))
      for (const form of [t.word, t.plural, t.base, t.third, t.ing]) expect(form.trim()).not.toBe('');
  });
  it('says the forms as they are said', () => {
    const { 'cut.curl': curl, 'cut.giveAndGo': go, 'pass.lob': lob, 'screen.widePin': pin } = DICTIONARY;
    expect([curl.third, curl.ing, curl.plural]).toEqual(['curls', 'curling', 'curls']);
    expect([go.third, go.plural]).toEqual(['gives and goes', 'give and goes']);
    expect([lob.third, lob.ing]).toEqual(['lobs', 'lobbing']);
    expect([pin.third, pin.ing]).toEqual(['sets a wide pin', 'setting a wide pin']);
    expect(DICTIONARY['cut.flash'].third).toBe('flashes');
  });
  it('no two kinds are said alike', () => {
    const thirds = Object.values(DICTIONARY).map((t) => t.third);
    const twice = thirds.filter((t, i) => thirds.indexOf(t) !== i);
    // A plain pass and a chest pass, a plain cut and a basket cut.
    expect(twice).toEqual(['cuts', 'passes']);
  });
});

it('names are listed as they are said', () => {
  expect([[], ['1'], ['1', '2'], [...PLAYERS]].map((n) => PLAIN.all(n))).toEqual([
    '',
    '1',
    '1 and 2',
    '1, 2, 3, 4 and 5',
  ]);
});

describe('findings in the words of a team', () => {
  const ours = teller({
    words: {
      ...DICTIONARY,
      'spot.corner': { ...DICTIONARY['spot.corner'], word: 'jetty' },
      'dribble.drive': { ...DICTIONARY['dribble.drive'], third: 'sails' },
      'pass.bounce': { ...DICTIONARY['pass.bounce'], word: 'eel' },
      handoff: { ...DICTIONARY.handoff, word: 'hawser' },
    },
  });
  it('name places, what is done and passes as it does', () => {
    const say = (key: keyof typeof SENTENCES, figures: object) => tell(said(key, figures as never), ours);
    expect(say('soft-empty', { ball: 'cornerR', soft: ['cornerL', 'nail'] })).toBe(
      'Ball at the right jetty: the zone is soft at the left jetty, nail, and nobody is there.',
    );
    expect(say('drive-open-side', { who: '1' })).toBe('1 sails to an open side: no help stands there.');
    expect(say('receiver-not-there', { a: '4', b: '1', feet: 6 })).toContain("isn't there for the hawser");
    expect(
      say('lane-contested', { by: 3, passer: '1', receiver: '2', early: 0.2, better: 'bounce' }),
    ).toContain('An eel is there.');
    expect(say('mend-move', { who: '3', spot: 'cornerL' })).toBe('Move 3 to the left jetty');
  });
});

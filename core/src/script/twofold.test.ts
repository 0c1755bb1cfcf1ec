import { describe, expect, it } from 'vitest';
import { dictionaryOf } from '../language/own-words.ts';
import { sameDocument } from '../play/same.ts';
import { lantern, LANTERN_TEXT } from './lantern.test-data.ts';
import { parseScript } from './parse.ts';
import { printScript } from './print.ts';

const words = (...of: readonly (readonly [string, string])[]) =>
  dictionaryOf(of.map(([key, word]) => ({ key, word })) as never);

describe('a word with two meanings', () => {
  it('is asked about, with both to choose from, and never guessed', () => {
    const ours = words(
      ['spot.wing', 'jetty'],
      ['spot.slot', 'jetty'],
      ['cut.curl', 'bend'],
      ['cut.fade', 'bend'],
    );
    const place = parseScript(LANTERN_TEXT.replace('left wing', 'left jetty'), { dictionary: ours });
    expect(place).toMatchObject({
      ok: false,
      faults: [
        {
          sentence: '“left jetty” is your name for two places: left slot, or left wing?',
          fixes: [{ text: 'left slot' }, { text: 'left wing' }],
        },
      ],
    });
    const verb = parseScript(LANTERN_TEXT.replace('2 lifts', '2 bends'), { dictionary: ours });
    expect(verb).toMatchObject({
      ok: false,
      faults: [{ fixes: [{ text: 'curls' }, { text: 'fades' }] }],
    });
  });
  it('a play is written in words that mean one thing, and read back as it was', () => {
    const ours = words(
      ...([
        ['spot.wing', 'jetty'],
        ['spot.slot', 'jetty'],
        ['cut.lift', 'bend'],
        ['cut.fade', 'bend'],
      ] as const),
      ['spot.rim', 'wing'],
    );
    const play = lantern();
    const text = printScript(play, ours);
    expect(text).not.toContain('jetty');
    const back = parseScript(text, { base: play, dictionary: ours });
    expect(back.ok && sameDocument(back.play, play)).toBe(true);
  });
  it('the trade’s words are understood among a team’s own, where the team has no other use for them', () => {
    const ours = words(['spot.wing', 'jetty'], ['pass', 'feed']);
    expect(parseScript(LANTERN_TEXT, { dictionary: ours }).ok).toBe(true);
  });
});

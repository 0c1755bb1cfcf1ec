import { describe, expect, it } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import { dictionaryOf } from '../language/own-words.ts';
import { LANTERN_TEXT } from './lantern.test-data.ts';
import { joined, nextWords } from './next.ts';
import { parseScript } from './parse.ts';

const court = courtFor({ court: 'fiba' });
const HEAD = LANTERN_TEXT.slice(0, LANTERN_TEXT.indexOf('if x4 drops'));
const after = (line: string, dictionary?: Parameters<typeof nextWords>[3]) =>
  nextWords(`${HEAD}${line}`, HEAD.length + line.length, court, dictionary);

describe('what may stand next', () => {
  it.each([
    ['  ', ['2', '1']],
    ['  2 ', ['cuts', 'dribbles', 'passes']],
    ['  4 passes ', ['to 1', 'to 2', 'to 3', 'to 5']],
    ['  2 cuts to left c', ['to left corner']],
    ['  5 screens for 2 ', ['at rim']],
    ['  2 cuts to rim', [', when 5 is set', ', when 3 is there', ', sprint']],
    ['  2 cuts to rim, spr', ['sprint']],
    ['if x4 dr', ['drops']],
    ['look 1: 3 ', ['shoots']],
  ])('behind “%s”', (line, words) => {
    const said = after(line).words.map((w) => w.replace(/^, /, ''));
    for (const w of words) expect(said).toContain(w.replace(/^, /, ''));
  });
  it('nothing is offered in a comment, and no man passes to himself', () => {
    expect(after('  1 passes to 4 # to').words).toEqual([]);
    expect(after('  4 passes ').words).not.toContain('to 4');
  });
  it('before the frames the head is offered, what is there only once', () => {
    const { words } = nextWords('play "A"\n', 9, court);
    expect(words).toContain('call');
    expect(words).not.toContain('play');
    expect(nextWords('set ', 4, court).words).toContain('horns');
  });
  it('what is offered completes a line that can be read, or leads on in one', () => {
    for (const line of [
      '  2 ',
      '  2 cuts ',
      '  2 cuts to rim',
      '  5 screens for 2',
      '  3 dribbles to left',
    ]) {
      const { from, words } = after(line);
      expect(words.length).toBeGreaterThan(0);
      for (const w of words) {
        const whole = joined(`${HEAD}${line}`.slice(0, from), w);
        const parsed = parseScript(whole);
        const at = parsed.ok ? whole.length : parsed.faults[0]!.from;
        expect(at, `${line}|${w}`).toBeGreaterThanOrEqual(whole.length - 1);
      }
    }
  });
  it('a team’s own words are offered', () => {
    const ours = dictionaryOf([{ key: 'spot.wing', word: 'jetty' }] as never);
    expect(after('  2 cuts to left j', ours).words).toContain('to left jetty');
  });
});

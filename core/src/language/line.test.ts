import { describe, expect, it } from 'vitest';
import { editAll } from '../play/edit.ts';
import { playOf } from '../play/sample.test-data.ts';
import { endingWords, lineWords } from './line.ts';

describe('what a line is called', () => {
  const play = playOf([[{ by: '1', does: 'pass', to: '4' }], [{ by: '4', does: 'shot' }]]);
  it('is as drawn while nothing forks', () => expect(lineWords(play, 'f2')).toBe('As drawn'));
  it('is what they do, ending by ending; one without a read is counted', () => {
    const forked = editAll(play, [
      { do: 'addFrame', after: 'f1', fork: true, read: { does: 'switch' } },
      { do: 'addFrame', after: 'f1', fork: true },
    ]);
    if (!forked.ok) throw new Error(forked.sentence);
    const ends = forked.play.frames.filter((f) => f.parent === 'f1');
    expect(ends.map((f) => lineWords(forked.play, f.id))).toEqual(ends.map((f, k) => endingWords(f, k)));
    // What goes on as drawn turns off nowhere.
    expect(lineWords(forked.play, ends[0]!.id)).toBe('As drawn');
    expect(ends.map((f, k) => endingWords(f, k))).toEqual(['As drawn', 'They switch', 'Answer 3']);
  });
});

import { levelRecord, newPlay, type Fives } from '@corkscrew/core';
import { describe, expect, it } from 'vitest';
import { contentAt, lineInTime } from './lines.ts';
import { menKey, recordOf, recordWith } from './men.ts';

const play = newPlay({
  ...{ id: 'p', name: 'P', court: 'nfhs', level: 'highSchool', alignment: 'horns', ball: '1' },
});
const quick: Fives = { ours: [{ speed: 1.1 }, null, null, null, null] };
const tall: Fives = { theirs: [{ speed: 1, heightCm: 205 }, null, null, null, null] };

describe('who plays', () => {
  it('is the level, as it is, when nobody is named', () => {
    expect(recordWith(play, null)).toBeUndefined();
    expect(recordOf(play, { teaching: {} })).toBe(levelRecord('highSchool'));
  });

  it('is the same record as long as the same men are chosen: what did not change is not run anew', () => {
    expect(recordWith(play, quick)).toBe(recordWith(play, quick));
    expect(recordWith({ ...play, women: true }, quick)).not.toBe(recordWith(play, quick));
    expect(recordWith(play, quick)!.ours![0].man.speed).toBeCloseTo(
      1.1 * levelRecord('highSchool').man.speed,
      9,
    );
    expect(recordWith(play, quick)!.theirs).toBeUndefined();
  });

  it('makes what the team makes, each man his share of it', () => {
    const makes = { three: 40 };
    const rated: Fives = { ours: [{ speed: 1, makes: { three: 1.1 } }, null, null, null, null] };
    const record = recordOf(play, { teaching: { makes }, fives: rated });
    const plain = recordOf(play, { teaching: { makes } });
    expect(record.man.makes).toEqual(plain.man.makes);
    expect(record.ours![0].man.makes.three).toBeCloseTo(1.1 * plain.man.makes.three, 9);
    expect(record.ours![1].man.makes.three).toBeCloseTo(plain.man.makes.three, 9);
  });

  it('tells questions apart by the men, and by what the team makes', () => {
    const keys = [
      menKey({ teaching: {} }),
      menKey({ teaching: {}, fives: quick }),
      menKey({ teaching: {}, fives: tall }),
      menKey({ teaching: { makes: { rim: 60 } }, fives: quick }),
    ];
    expect(new Set(keys).size).toBe(keys.length);
    expect(menKey({ teaching: {}, fives: null })).toBe(keys[0]);
    // What is taught otherwise moves nobody.
    expect(menKey({ teaching: { idle: 9 } })).toBe(keys[0]);
  });

  it('a line in time is another one with other men, and known by itself without', () => {
    const leaf = play.frames.at(-1)!.id;
    expect(lineInTime(play, leaf).content).toBe(contentAt(play, leaf));
    expect(lineInTime(play, leaf, quick).content).not.toBe(contentAt(play, leaf));
    expect(lineInTime(play, leaf, quick).compiled).not.toBe(lineInTime(play, leaf).compiled);
  });
});

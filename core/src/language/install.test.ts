import { describe, expect, it } from 'vitest';
import { DICTIONARY } from './dictionary.ts';
import type { Ready } from '../install/ready.ts';
import type { Progress } from '../install/stages.ts';
import {
  conceptWords,
  givesWords,
  lettingWords,
  moveWords,
  progressWords,
  readyWords,
  reasonWords,
  shortWords,
} from './install.ts';

const progress = (more: Partial<Progress>): Progress => ({
  ...{ stage: 'live', introduced: '2026-11-02', reviewed: '2026-11-04', live: 10, clean: 8, touches: 4 },
  ...{ last: '2026-11-10', since: 0, faded: false, retention: 1 },
  ...more,
});
const ready = (more: Partial<Ready>): Ready => ({
  ...{
    unit: { play: 'p', leaf: null },
    name: 'P',
    weight: 2,
    progress: progress({}),
    asked: 10,
    is: 'ready',
  },
  ...{
    done: { introduce: 8, review: 3, live: 10 },
    planned: { introduce: 0, review: 0, live: 0 },
    short: [],
  },
  ...more,
});
const day = (id: string): string => ({ a: 'Mon 7 Dec', b: 'Tue 8 Dec' })[id] ?? id;

describe('what a concept is called', () => {
  it('as a coach says it, with its place where that counts', () => {
    expect(conceptWords('screen:pinDown')).toBe(DICTIONARY['screen.pinDown'].word);
    expect(conceptWords('screen:ball')).toBe('screening the ball');
    expect(conceptWords('screen:off')).toBe('screening off the ball');
    expect(conceptWords('handoff')).toBe('handoff');
    expect(conceptWords('handoff:wing')).toBe('handoff at the wing');
    expect(conceptWords('entry:elbow')).toBe('entry to the elbow');
    expect(conceptWords('entry:post')).toBe('entry to the post');
    expect(conceptWords('throwIn:baseline')).toBe('Baseline throw-in');
    expect(conceptWords('throwIn:sideline')).toBe('Sideline throw-in');
    expect(conceptWords('alignment:horns')).toMatch(/ alignment$/);
    expect(conceptWords('read:switch')).toMatch(/^reading: /);
    expect(conceptWords('on:onBall')).toBe('reading the ball screen');
    expect(conceptWords('call:fist up')).toBe('the call “fist up”');
  });
  it('a word with a colon in it is the whole word; what nobody named is a movement', () => {
    expect(conceptWords('call:two: left')).toBe('the call “two: left”');
    expect(conceptWords('pass chest wing top | cut curl')).toBe('a movement');
    expect(conceptWords('cut:nobodyKnows')).toBe('nobodyKnows');
  });
});

describe('how a play stands, in a few words', () => {
  it('what is missing: two things at most, the first thing first; with nothing planned that alone', () => {
    expect(shortWords([])).toBe('');
    expect(
      shortWords([
        { is: 'introduce', by: 1 },
        { is: 'live', by: 10 },
      ]),
    ).toBe('nothing planned');
    expect(
      shortWords([
        { is: 'review', by: 1 },
        { is: 'live', by: 4.5 },
        { is: 'clean', by: 3 },
      ]),
    ).toBe('no review, 4.5 min live short');
    expect(shortWords([{ is: 'clean', by: 1 }])).toBe('1 clean rep short');
    expect(shortWords([{ is: 'clean', by: 6 }])).toBe('6 clean reps short');
    expect(shortWords([{ is: 'fresh', by: 19 }])).toBe('last time 19 days before');
  });
  it('ready, ready but long ago, on plan with its minutes, or what is missing', () => {
    expect(readyWords(ready({}))).toBe('ready');
    expect(readyWords(ready({ progress: progress({ faded: true, since: 19 }) }))).toBe(
      'ready, last done 19 days ago',
    );
    const planned = { introduce: 8, review: 3, live: 10 };
    expect(readyWords(ready({ is: 'onPlan', planned }))).toBe('on plan, 21 min');
    expect(readyWords(ready({ is: 'notOnCourse', short: [{ is: 'live', by: 2 }] }))).toBe('2 min live short');
  });
  it('how far it is and since when', () => {
    expect(progressWords(progress({ since: null, stage: 'drawn' }))).toBe('Not taught yet');
    expect(progressWords(progress({ since: 0, stage: 'introduced' }))).toBe('Introduced, done today');
    expect(progressWords(progress({ since: 1, stage: 'reviewed' }))).toBe('Reviewed, done yesterday');
    expect(progressWords(progress({ since: 19 }))).toBe('Live, last done 19 days ago');
    expect(progressWords(progress({ since: 2, stage: 'settled' }))).toBe('Settled, last done 2 days ago');
  });
});

describe('why a block stands there', () => {
  it.each([
    [{ is: 'in', game: 'Gorsedale', days: 1, weight: 2 }, 'New here for Gorsedale, a day later.'],
    [
      { is: 'in', game: 'Gorsedale', days: 4, weight: 3 },
      'New here for Gorsedale, 4 days later; it stands in a main section of the sheet.',
    ],
    [{ is: 'secondDay', since: 3 }, 'The second day with it, 3 days after it came in.'],
    [{ is: 'due', touch: 2, since: 9 }, 'Due again: 9 days since it came in.'],
    [{ is: 'fresh', game: 'Gorsedale', days: 16 }, 'Else it would be 16 days old at Gorsedale.'],
    [
      { is: 'live', game: 'Gorsedale', minutes: 8, of: 10 },
      'Brings it to 8 min of 10 live before Gorsedale.',
    ],
    [{ is: 'drill' }, 'Taught by itself, so that the play it is for fits into a practice.'],
  ] as const)('%o', (reason, words) => {
    expect(reasonWords(reason)).toBe(words);
  });
});

describe('what changes and what would give more', () => {
  it('a move says what, how it is run, from where to where, and how long', () => {
    const base = { name: 'Quay 4, They switch', stage: 'walk', minutes: 7 } as const;
    expect(moveWords({ ...base, is: 'added', to: 'a' }, day)).toBe(
      'Quay 4, They switch, walk: 7 min on Mon 7 Dec',
    );
    expect(moveWords({ ...base, is: 'gone', from: 'a' }, day)).toContain('no longer on Mon 7 Dec');
    expect(moveWords({ ...base, is: 'moved', from: 'a', to: 'b' }, day)).toContain('Mon 7 Dec → Tue 8 Dec');
    expect(moveWords({ ...base, is: 'longer', to: 'b' }, day)).toContain('7 min now on Tue 8 Dec, longer');
    expect(moveWords({ ...base, is: 'shorter', to: 'b' }, day)).toContain('7 min now on Tue 8 Dec, shorter');
  });
  it('what is let go, and what comes of it', () => {
    const block = { id: 'x', name: '5 on 5' };
    const minutes = { is: 'minutes', practice: 0, by: 10 } as const;
    expect(lettingWords({ relax: minutes, practice: 'a', block }, 2, day)).toBe(
      'Take 10 min from 5 on 5 on Mon 7 Dec for plays',
    );
    expect(lettingWords({ relax: minutes, practice: 'a', block: null }, 2, day)).toBe(
      '10 more minutes for plays on Mon 7 Dec',
    );
    expect(lettingWords({ relax: { is: 'new', by: 1 }, practice: null, block: null }, 2, day)).toBe(
      'Let 3 new plays into one practice',
    );
    const unlock = { is: 'unlock', practice: 1, option: 0 } as const;
    expect(lettingWords({ relax: unlock, practice: 'b', block: { id: 'y', name: 'Quay 4' } }, 2, day)).toBe(
      'Unlock Quay 4 on Tue 8 Dec',
    );
    expect(
      givesWords(
        { ready: [{ game: 0, option: 1, from: 0.4, to: 1 }] },
        (o) => `Play ${o}`,
        () => 'Gorsedale',
      ),
    ).toEqual(['Play 1 is 100 % ready for Gorsedale then, not 40 %']);
  });
});

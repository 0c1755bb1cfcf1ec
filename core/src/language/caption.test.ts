import { describe, expect, it } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import { spotPoint, type SpotKey } from '../court/spots.ts';
import type { Cue } from '../play/document.ts';
import type { NewAction } from '../play/change.ts';
import { playOf } from '../play/sample.test-data.ts';
import { walkLine } from '../play/state.ts';
import { mainLine } from '../play/tree.ts';
import { captionOf } from './caption.ts';
import { readWords } from './read.ts';
import { flip } from '../play/operations.ts';
import { placesPassed } from './passed.ts';
import { SAID_PLAYS } from './said-plays.test-data.ts';

const court = courtFor({ court: 'nfhs' });
const at = (spot: SpotKey) => ({ ...spotPoint(court, spot), spot });

/** Captions of a play whose frames hold these actions. */
function captions(alignment: string, ...frames: NewAction[][]): string[] {
  const play = playOf(frames, [], alignment);
  const walks = walkLine(play, mainLine(play));
  return walks.map((w, i) => captionOf(court, w, walks.slice(0, i)));
}

describe('captions say what a coach would see (common practice)', () => {
  it('a pass to the elbow and a back-door cut', () => {
    expect(
      captions('oneFourHigh', [
        { by: '1', does: 'pass', to: '4' },
        { by: '3', does: 'cut', path: [at('rim')] },
      ]),
    ).toEqual(['1 passes to 4 at the left elbow; 3 cuts back door to the rim']);
  });
  it('give and go', () => {
    expect(
      captions('fiveOut', [
        { by: '1', does: 'pass', to: '2' },
        { by: '1', does: 'cut', path: [at('rim')] },
      ])[0],
    ).toContain('1 gives and goes to the rim');
  });
  it('lift and drift, flash and post-up', () => {
    expect(captions('horns', [{ by: '2', does: 'cut', path: [at('wingL')] }])[0]).toBe(
      '2 lifts to the left wing',
    );
    expect(captions('fiveOut', [{ by: '2', does: 'cut', path: [at('cornerR')] }])[0]).toBe(
      '2 drifts to the right corner',
    );
    expect(captions('box', [{ by: '2', does: 'cut', path: [at('highPost')] }])[0]).toBe(
      '2 flashes to the high post',
    );
    expect(captions('oneFourHigh', [{ by: '5', does: 'cut', path: [at('blockR')] }])[0]).toBe(
      '5 posts up at the right block',
    );
  });
  it('a ball screen, then the roll or the pop', () => {
    const screen: NewAction = { by: '5', does: 'screen', for: '1', path: [{ x: 3, y: 25 }] };
    const use: NewAction = { by: '1', does: 'dribble', path: [at('slotR')] };
    expect(captions('horns', [screen], [use, { by: '5', does: 'cut', path: [at('rim')] }])).toEqual([
      '5 screens the ball for 1 near the top',
      '1 dribbles to the right slot; 5 rolls to the rim',
    ]);
    expect(captions('horns', [screen], [use, { by: '5', does: 'cut', path: [at('wingL')] }])[1]).toContain(
      '5 pops to the left wing',
    );
  });
  it('a curl and a fade off a screen', () => {
    const pin: NewAction = { by: '5', does: 'screen', for: '3', path: [{ x: 17, y: 13 }] };
    expect(
      captions('horns', [pin, { by: '3', does: 'cut', path: [{ x: 17, y: 15 }, at('rim')] }])[0],
    ).toContain('3 curls to the rim off 5');
  });
  it('skip, handoff, shot, fake, hold, seal', () => {
    expect(
      captions('fiveOut', [{ by: '1', does: 'pass', to: '2' }], [{ by: '2', does: 'pass', to: '5' }])[1],
    ).toBe('2 skips to 5 at the left corner');
    expect(
      captions('horns', [
        { by: '1', does: 'fake', of: 'handoff', to: '4' },
        { by: '1', does: 'hold' },
        { by: '5', does: 'seal', path: [at('blockR')] },
        { by: '1', does: 'shot' },
      ])[0],
    ).toBe('1 fakes the handoff to 4, then holds; 5 seals at the right block; 1 shoots from the top');
  });
  it('what is waited for, how fast, and what for', () => {
    const entry: NewAction = { by: '1', does: 'pass', to: '4' };
    expect(
      captions('horns', [
        entry,
        { by: '2', does: 'cut', path: [at('wingL')], tempo: 'jog', cue: { on: 'a1', event: 'release' } },
        { by: '5', does: 'screen', for: '3', path: [{ x: 14, y: 13 }], cue: { on: 'a1', event: 'catch' } },
        { by: '1', does: 'cut', path: [{ x: 4, y: 24 }], tempo: 'walk', cue: { on: 'a1', event: 'catch' } },
      ]),
    ).toEqual([
      '1 passes to 4 at the left elbow; as 1 passes, 2 lifts to the left wing at a jog; ' +
        'as 4 catches, 5 sets a wide pin for 3 near the right wing and 1 walks near the right slot',
    ]);
    // The first word of a caption is written large, a change of pace in the order it comes.
    expect(
      captions(
        'horns',
        [entry],
        [
          {
            ...{ by: '3', does: 'cut', path: [at('rim')], kind: 'back', tempo: 'sprint' },
            ...{ cue: { on: 'a1', event: 'catch', delay: 0.5 }, note: 'x3 turns his head' },
          },
          {
            by: '1',
            does: 'cut',
            path: [{ x: 1, y: 15 }],
            stretches: [{ to: 0.4, tempo: 'walk' }],
            tempo: 'sprint',
          },
        ],
      )[1],
    ).toBe(
      '0.5 s after 4 catches, 3 cuts back door to the rim at a sprint (x3 turns his head); ' +
        '1 walks, then sprints near the nail',
    );
  });
  it('what he does after something of his own he goes on with; a dribble goes at a man', () => {
    expect(
      captions('horns', [
        { by: '1', does: 'dribble', path: [{ x: -14, y: 16 }], kind: 'dribbleAt' },
        { by: '3', does: 'cut', path: [at('wingR')] },
        { by: '1', does: 'cut', path: [at('top')], cue: { on: 'a1', event: 'end' } },
      ]),
    ).toEqual(['1 dribbles at 4; 3 lifts to the right wing; 1 then cuts to the top']);
  });
  it('moments of every action are said, and of two both; of what is gone nothing', () => {
    const use = (cue: Cue, ...first: NewAction[]): string =>
      captions('horns', first, [{ by: '2', does: 'cut', path: [at('wingL')], cue }])[1]!.split(',')[0]!;
    const screen: NewAction = { by: '5', does: 'screen', for: '3', path: [{ x: 14, y: 13 }] };
    const way: NewAction = { by: '3', does: 'cut', path: [at('wingR')] };
    expect(use({ on: 'a1', event: 'set' }, screen)).toBe('Once 5 is set');
    expect(use({ on: 'a1', event: 'used' }, screen)).toBe('As 3 comes off 5');
    expect(use({ on: 'a1' }, way)).toBe('Once 3 is there');
    expect(use({ on: 'a1', event: 'at', at: 0.5 }, way)).toBe('As 3 is half-way');
    expect(use({ on: 'a1', event: 'at', place: at('slotR') }, way)).toBe('As 3 passes the right slot');
    expect(use({ on: 'a1', event: 'end', delay: -0.5 }, way)).toBe('Just before 3 is there');
    expect(use({ on: 'a1', event: 'set', and: [{ on: 'a2', event: 'start' }] }, screen, way)).toBe(
      'Once 5 is set and as 3 starts',
    );
    expect(use({ on: 'frame', delay: 1 }, way)).toBe('After 1.0 s');
    expect(use({ on: 'gone', event: 'end' }, way)).toBe('2 lifts to the left wing');
  });
  it('the coach’s own kind wins over what the floor tells', () => {
    expect(captions('horns', [{ by: '2', does: 'cut', path: [at('wingL')], kind: 'loop' }])[0]).toBe(
      '2 loops to the left wing',
    );
  });
});

it('reads in words', () => {
  expect(readWords({ who: ['x5'], does: 'drop' })).toBe('x5 drops');
  expect(readWords({ does: 'switch' })).toBe('They switch');
  expect(readWords({ does: 'own', note: 'x2 naps' })).toBe('x2 naps');
});

describe('places passed on a way', () => {
  const passed = (...path: SpotKey[]) => {
    const play = playOf([[{ by: '2', does: 'cut', path: path.map(at) }]]);
    return placesPassed(court, walkLine(play, mainLine(play))[0]!.steps[0]!);
  };
  it('are the points drawn, and half-way, in order', () => {
    const all = passed('wingL', 'top', 'slotR');
    expect(all.map((p) => p.words)).toEqual([
      'passes the left wing',
      expect.stringMatching(/^is half-way/) as string,
      'passes the top',
    ]);
    expect(all.map((p) => p.at)).toEqual([...all.map((p) => p.at)].sort((a, b) => a - b));
    expect(all.every((p) => p.at > 0 && p.at < 1)).toBe(true);
  });
  it('a straight way has its middle, a man who stands has none', () => {
    expect(passed('wingL').map((p) => p.at)).toEqual([0.5]);
    const still = playOf([[{ by: '1', does: 'hold' }]]);
    expect(placesPassed(court, walkLine(still, mainLine(still))[0]!.steps[0]!)).toEqual([]);
  });
});

describe('the smallest plays, as a coach says them (common practice)', () => {
  it('has sixty and more', () => expect(SAID_PLAYS.length).toBeGreaterThanOrEqual(60));
  it.each(SAID_PLAYS)('$says', ({ set, frames, says }) => {
    expect(captions(set, ...frames.map((f) => [...f])).at(-1)).toBe(says);
  });
  it('say the same of the mirror image, the sides exchanged', () => {
    const sides = (s: string) => s.replace(/\b(left|right)\b/g, (w) => (w === 'left' ? 'right' : 'left'));
    for (const { set, frames, says } of SAID_PLAYS) {
      const play = flip(
        playOf(
          frames.map((f) => [...f]),
          [],
          set,
        ),
      );
      const walks = walkLine(play, mainLine(play));
      expect(captionOf(court, walks.at(-1)!, walks.slice(0, -1))).toBe(sides(says));
    }
  });
});

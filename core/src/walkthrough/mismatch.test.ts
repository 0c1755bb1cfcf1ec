import { describe, expect, it } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import { playFrom, way, type Board } from '../defence/board.test-data.ts';
import { playAgainst } from '../look/against.ts';
import { compile } from '../motion/compile.ts';
import { levelRecord } from '../motion/level.ts';
import { withFives, type Build } from '../motion/men.ts';
import { SEATS } from '../geometry/five.ts';
import type { Action, Defence } from '../play/document.ts';
import { flip } from '../play/operations.ts';
import { mainLine } from '../play/tree.ts';
import { walkThrough } from './walkthrough.ts';

/** 5 screens for the ball in the middle; who switches, x5 has 1 and x1 has 5. */
const screen: Board = {
  places: { '1': [0, 27], '2': [-22, 3.5], '3': [22, 3.5], '4': [10, 26], '5': [4, 19] },
  frames: [
    [
      { by: '5', does: 'screen', for: '1', path: way([-2.4, 24.6]), tempo: 'cut' },
      { by: '1', does: 'dribble', path: way([-2.6, 27.2, -9.5, 22.5]), tempo: 'sprint' },
      { by: '5', does: 'cut', path: way([-1, 6.5]), tempo: 'sprint' },
    ],
    [{ by: '1', does: 'hold', seconds: 2 }],
  ] as unknown as Omit<Action, 'id'>[][],
};
const meets = (onBall: Defence['onBall']): Defence =>
  ({ id: 'd', name: 'Man', type: 'man', help: 'none', onBall }) as Defence;
const heights = (...cm: number[]): Build[] => SEATS.map((s) => ({ speed: 1, heightCm: cm[s]! }));

function told(
  onBall: Defence['onBall'],
  ours: readonly (Build | null)[] | undefined,
  theirs: readonly (Build | null)[] | undefined,
  { units = 'feet', mirrored = false }: { units?: 'feet' | 'metres'; mirrored?: boolean } = {},
): string[] {
  const drawn = playFrom(screen);
  const play = mirrored ? flip(drawn) : drawn;
  const court = courtFor(play);
  const line = mainLine(play);
  const record = withFives(levelRecord(play.level), { ours, theirs });
  const compiled = compile(play, line.at(-1)!.id, court, play.level, record);
  const against = playAgainst(play, compiled.timeline, meets(onBall), court, record);
  return walkThrough(play, line, { compiled, record, against, units })
    .filter((f) => f.code === 'mismatch')
    .map((f) => f.sentence);
}

const OURS = heights(183, 188, 191, 198, 203);
const SMALL = heights(185, 188, 191, 196, 201);

describe('a mismatch after a switch', () => {
  it('names the small man on the big one, in the coach’s units', () => {
    expect(told('switch', OURS, SMALL)).toEqual([
      'After the switch x1, 6 ft 1, is on 5, 6 ft 8: seal inside and throw it in to him.',
    ]);
    expect(told('switch', OURS, SMALL, { units: 'metres' })[0]).toContain('x1, 185 cm, is on 5, 203 cm');
  });

  it('names the slow man on the quick one', () => {
    const quick = SEATS.map((s) => ({ speed: s === 0 ? 1.05 : 1 }));
    const slow = SEATS.map((s) => ({ speed: s === 4 ? 0.9 : 1 }));
    expect(told('switch', quick, slow)).toEqual([
      'After the switch x5 is on 1, who is 17 % faster: give him the ball and let him drive.',
    ]);
  });

  it('is the same on the other side of the floor', () => {
    expect(told('switch', OURS, SMALL, { mirrored: true })).toEqual(told('switch', OURS, SMALL));
  });

  it('says nothing where they do not switch, where men are alike, or where a five is not known', () => {
    expect(told('drop', OURS, SMALL)).toEqual([]);
    expect(told('switch', heights(190, 190, 190, 190, 190), heights(188, 188, 188, 188, 188))).toEqual([]);
    expect(told('switch', OURS, undefined)).toEqual([]);
    expect(told('switch', undefined, SMALL)).toEqual([]);
    // 9 cm is no mismatch, 10 cm is one.
    expect(told('switch', heights(180, 180, 180, 180, 189), heights(180, 180, 180, 180, 180))).toEqual([]);
    expect(told('switch', heights(180, 180, 180, 180, 190), heights(180, 180, 180, 180, 180))).toHaveLength(
      1,
    );
    // Whose height nobody knows is not taller than anybody.
    expect(
      told(
        'switch',
        OURS,
        SEATS.map(() => ({ speed: 1 })),
      ),
    ).toEqual([]);
  });
});

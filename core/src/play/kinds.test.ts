import { describe, expect, it } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import { spotPoint, type SpotKey } from '../court/spots.ts';
import type { Change, NewAction } from './change.ts';
import {
  catchPlace,
  cutKind,
  dribbleKind,
  passKind,
  playerAt,
  screenAngle,
  screenKind,
  screenUsed,
} from './kinds.ts';
import { playOf } from './sample.test-data.ts';
import { walkLine, type FrameWalk, type Step } from './state.ts';
import type { ActionOf } from './document.ts';
import { mainLine } from './tree.ts';

const court = courtFor({ court: 'nfhs' });
const at = (spot: SpotKey) => ({ ...spotPoint(court, spot), spot });

function walksOf(alignment: string, frames: NewAction[][], first: Change[] = []): FrameWalk[] {
  const play = playOf(frames, first, alignment);
  return walkLine(play, mainLine(play));
}
const last = <D extends string>(walk: FrameWalk) =>
  walk.steps.at(-1)! as Step & { action: ActionOf<D & 'cut'> };

/** The kind of the last cut of the last frame. */
function cut(alignment: string, ...frames: NewAction[][]): string | undefined {
  const walks = walksOf(alignment, frames);
  return cutKind(court, walks.at(-1)!, last(walks.at(-1)!), walks.slice(0, -1));
}
/** The kind of the first screen of the only frame. */
function screen(alignment: string, actions: NewAction[], first: Change[] = []): string | undefined {
  const walk = walksOf(alignment, [actions], first)[0]!;
  const step = walk.steps.find((s) => s.action.does === 'screen')! as Step & { action: ActionOf<'screen'> };
  return screenKind(court, walk, step);
}

describe('cuts are named by the floor (common practice)', () => {
  it('after his own screen: roll, pop, short roll, slip', () => {
    const pick: NewAction = { by: '5', does: 'screen', for: '1', path: [{ x: 3, y: 25 }] };
    const then = (to: SpotKey, slip = false) =>
      cut('horns', [slip ? { ...pick, slip } : pick], [{ by: '5', does: 'cut', path: [at(to)] }]);
    expect(then('rim')).toBe('roll');
    expect(then('slotL')).toBe('pop');
    expect(then('nail')).toBe('shortRoll');
    expect(then('rim', true)).toBe('slip');
  });
  it('a man who drives opens the 45 cut on the other side', () => {
    expect(
      cut('fiveOut', [
        { by: '1', does: 'dribble', path: [at('elbowL')] },
        { by: '2', does: 'cut', path: [at('rim')] },
      ]),
    ).toBe('cut45');
  });
  it('exchange, replace and clear', () => {
    const swap: NewAction[] = [
      { by: '1', does: 'cut', path: [at('slotL')] },
      { by: '4', does: 'cut', path: [at('top')] },
    ];
    const stand: Change[] = [
      { do: 'place', player: '1', place: at('top') },
      { do: 'place', player: '4', place: at('slotL') },
      { do: 'ball', player: '2' },
    ];
    const kinds = (actions: NewAction[]) => {
      const walk = walksOf('horns', [actions], stand)[0]!;
      return cutKind(court, walk, last(walk));
    };
    expect(kinds(swap)).toBe('exchange');
    expect(kinds([{ ...swap[0]!, path: [at('slotR')] } as NewAction, swap[1]!])).toBe('replace');
    expect(cut('horns', [{ by: '4', does: 'cut', path: [at('cornerR')] }])).toBe('clear');
  });
});

describe('screens are named by the floor (common practice)', () => {
  const far: Change[] = [{ do: 'ball', player: '1' }];
  it('on the ball; cross; back; flare; pin down and wide pin', () => {
    expect(screen('horns', [{ by: '5', does: 'screen', for: '1', path: [{ x: 3, y: 25 }] }])).toBe('onBall');
    expect(
      screen(
        'box',
        [
          { by: '4', does: 'screen', for: '5', path: [{ x: 5, y: 7 }] },
          { by: '5', does: 'cut', path: [at('blockL')] },
        ],
        [
          { do: 'place', player: '5', place: at('blockR') },
          { do: 'place', player: '4', place: at('blockL') },
        ],
      ),
    ).toBe('cross');
    expect(
      screen('oneFourHigh', [
        { by: '4', does: 'screen', for: '2', path: [{ x: -16, y: 15 }] },
        { by: '2', does: 'cut', path: [at('rim')] },
      ]),
    ).toBe('back');
    expect(
      screen(
        'horns',
        [
          { by: '5', does: 'screen', for: '3', path: [{ x: 19, y: 10 }] },
          { by: '3', does: 'cut', path: [at('wingR')] },
        ],
        far,
      ),
    ).toBe('widePin');
  });
  it('his back faces where the user goes next, unless the coach turned him', () => {
    const actions: NewAction[] = [
      { by: '5', does: 'screen', for: '3', path: [{ x: 17, y: 13 }] },
      { by: '3', does: 'cut', path: [{ x: 17, y: 23 }] },
    ];
    const walk = walksOf('horns', [actions])[0]!;
    const step = walk.steps[0]! as Step & { action: ActionOf<'screen'> };
    expect(screenAngle(walk, step)).toBeCloseTo(90, 6);
    expect(screenAngle(walk, { ...step, action: { ...step.action, angle: 200 } })).toBe(200);
    const alone = walksOf('horns', [actions.slice(0, 1)])[0]!;
    expect(screenAngle(alone, alone.steps[0]! as typeof step)).not.toBeNaN();
  });
  it('what comes later in the frame changes nothing about what came before', () => {
    const roll: NewAction = { by: '5', does: 'cut', path: [at('rim')] };
    const pick: NewAction = { by: '5', does: 'screen', for: '1', path: [{ x: 3, y: 25 }] };
    const first = (...actions: NewAction[]) => {
      const walk = walksOf('horns', [actions])[0]!;
      const step = walk.steps[0]! as Step & { action: ActionOf<'cut'> };
      // As it is, and as a copy of it.
      return [cutKind(court, walk, step), cutKind(court, walk, { ...step, action: { ...step.action } })];
    };
    expect(first(roll, pick)).toEqual(first(roll));
    const drive: NewAction = { by: '1', does: 'dribble', path: [at('rim')] };
    const across: NewAction = { by: '2', does: 'cut', path: [at('rim')] };
    expect(first(across, drive)).toEqual(first(across));
  });
  it('a pass is caught where its receiver is then, though he dribbles on in the same frame', () => {
    const pass: NewAction = { by: '1', does: 'pass', to: '3' };
    const lift: NewAction = { by: '3', does: 'cut', path: [at('wingR')] };
    const drives: NewAction = { by: '3', does: 'dribble', path: [at('elbowR')] };
    const caught = (...actions: NewAction[]) => {
      const walk = walksOf('horns', [actions])[0]!;
      const step = walk.steps.find((s) => s.action.does === 'pass')!;
      return catchPlace(walk, step, '3').spot;
    };
    expect(caught(pass)).toBe('cornerR');
    expect(caught(pass, drives)).toBe('cornerR');
    expect(caught(lift, pass, drives)).toBe('wingR');
    expect(caught(pass, lift, drives)).toBe('wingR');
    // What he runs once he has passed it on is another matter.
    expect(
      caught(pass, { by: '3', does: 'pass', to: '5' }, { by: '3', does: 'cut', path: [at('rim')] }),
    ).toBe('cornerR');
  });
  it('a mover uses a screen set for him that he passes within an arm and a step, and no other man’s', () => {
    const pin: NewAction = { by: '5', does: 'screen', for: '3', path: [{ x: 17, y: 13 }] };
    const used = (by: '2' | '3', way: { x: number; y: number }[]) => {
      const walk = walksOf('horns', [[pin, { by, does: 'cut', path: way }]])[0]!;
      return screenUsed(walk, walk.steps[1]!)?.action.by;
    };
    expect(
      used('3', [
        { x: 17, y: 15 },
        { x: 10, y: 20 },
      ]),
    ).toBe('5');
    expect(used('3', [{ x: 0, y: 4 }])).toBeUndefined();
    expect(used('2', [{ x: 17, y: 15 }])).toBeUndefined();
  });
});

describe('passes and dribbles', () => {
  it('a long ball across the middle is a skip; down one side it is not', () => {
    const kind = (places: [SpotKey, SpotKey]) => {
      const walk = walksOf(
        'horns',
        [[{ by: '1', does: 'pass', to: '2' }]],
        [
          { do: 'place', player: '1', place: at(places[0]) },
          { do: 'place', player: '2', place: at(places[1]) },
        ],
      )[0]!;
      return passKind(walk.steps[0]! as Step & { action: ActionOf<'pass'> });
    };
    expect(kind(['wingL', 'wingR'])).toBe('skip');
    expect(kind(['wingL', 'cornerL'])).toBe('chest');
  });
  it('to the rim is a drive, away from it a retreat', () => {
    const kind = (spot: SpotKey, from: SpotKey = 'top') => {
      const walk = walksOf(
        'horns',
        [[{ by: '1', does: 'dribble', path: [at(spot)] }]],
        [{ do: 'place', player: '1', place: at(from) }],
      )[0]!;
      return dribbleKind(court, walk.steps[0]! as Step & { action: ActionOf<'dribble'> });
    };
    expect(kind('rim')).toBe('drive');
    expect(kind('point', 'elbowR')).toBe('retreat');
    expect(kind('slotR')).toBeUndefined();
  });
  it('a dropped ball goes to the nearest man within reach, never back to its own', () => {
    const { places } = walksOf('horns', [[]])[0]!.before;
    const near = { x: places['4'].x + 1, y: places['4'].y };
    expect(playerAt(places, near, 3)).toBe('4');
    expect(playerAt(places, near, 3, '4')).toBeUndefined();
    expect(playerAt(places, { x: 0, y: 34 }, 3)).toBeUndefined();
  });
});

import { describe, expect, it } from 'vitest';
import { courtFor } from '../court/rulesets.ts';
import { spotPoint, type SpotKey } from '../court/spots.ts';
import type { Action, Play } from '../play/document.ts';
import { newPlay } from '../play/new-play.ts';
import { needsOf } from './needs.ts';
import type { Skill } from './player.ts';

const court = courtFor({ court: 'nfhs' });
const at = (key: SpotKey) => ({ ...spotPoint(court, key), spot: key });
type Draft = Action extends infer A ? (A extends Action ? Omit<A, 'id'> : never) : never;
/** FiveMen out: 1 at the top, 2 and 3 on the wings, 4 and 5 in the corners. */
const play = (frames: readonly (readonly Draft[])[], more: Partial<Play> = {}): Play => {
  const base = newPlay({ id: 'p', name: 'P', court: 'nfhs', level: 'pro', alignment: 'horns', ball: '1' });
  const places = {
    ...{ '1': at('top'), '2': at('wingR'), '3': at('wingL') },
    ...{ '4': at('cornerR'), '5': at('cornerL') },
  };
  return {
    ...base,
    start: { ...base.start, places },
    frames: frames.map((actions, i) => ({
      ...{ id: `f${i + 1}`, parent: i === 0 ? null : `f${i}` },
      actions: actions.map((a, k) => ({ ...a, id: `a${i + 1}${k + 1}` }) as Action),
    })),
    ...more,
  };
};
/** What a number needs, as skill and weight. */
const weights = (of: Play, number: keyof Play['start']['places'] & ('1' | '2' | '3' | '4' | '5')) =>
  Object.fromEntries(
    needsOf(of)[number].needs.map((n) => [n.skill, Math.round(n.weight * 1000) / 1000]),
  ) as Partial<Record<Skill, number>>;

describe('what a number needs', () => {
  it('who starts with it handles it, who throws it passes, who shoots from a place shoots there', () => {
    const p = play([
      [
        { by: '1', does: 'pass', to: '4' },
        { by: '4', does: 'shot' },
      ],
    ]);
    expect(weights(p, '1')).toEqual({ handle: 0.4, pass: 0.3 });
    expect(weights(p, '4')).toEqual({ shootCorner: 1 });
    // The others stand behind the arc while it is shot: they must be guarded there, a little.
    expect(weights(p, '2')).toEqual({ shootWing: 0.3 });
    expect(weights(p, '5')).toEqual({ shootCorner: 0.3 });
  });
  it('the largest and a quarter of the others, 1.2 at most', () => {
    const shots: Draft[] = Array.from({ length: 3 }, () => ({ by: '1', does: 'shot' }));
    expect(weights(play([shots.slice(0, 1)]), '1').shootTop).toBe(1);
    expect(weights(play([shots]), '1').shootTop).toBe(1.2);
    const passes: Draft[] = [
      { by: '1', does: 'pass', to: '2' },
      { by: '2', does: 'pass', to: '1' },
      { by: '1', does: 'pass', to: '3', kind: 'lob' },
    ];
    expect(weights(play([passes]), '1').pass).toBeCloseTo(0.7 + 0.25 * 0.3, 9);
  });
  it('a screen on the ball asks more than one off it, and each is a duty of its own', () => {
    const on = play([[{ by: '5', does: 'screen', for: '1', path: [{ x: 2, y: 23 }] }]]);
    const off = play([[{ by: '5', does: 'screen', for: '3', path: [{ x: -14, y: 12 }] }]]);
    expect(weights(on, '5').screen).toBe(0.8);
    expect(weights(off, '5').screen).toBe(0.6);
    expect([...needsOf(on)['5'].duties]).toEqual(['screenBall']);
    expect([...needsOf(off)['5'].duties]).toEqual(['screenOff']);
  });
  it('a throw-in is a pass of its own, and no man who handles the ball', () => {
    const p = play([[{ by: '1', does: 'pass', to: '2' }]]);
    const thrown = { ...p, start: { ...p.start, throwIn: 'baseline' as const } };
    expect(weights(thrown, '1')).toEqual({ pass: 0.6 });
    expect(needsOf(thrown)['1'].duties).toContain('throwIn');
  });
  it('the second ending counts less than the first, by the order of the looks', () => {
    const p = play([[{ by: '1', does: 'pass', to: '2' }]]);
    const fork: Play = {
      ...p,
      frames: [
        ...p.frames,
        { id: 'x', parent: 'f1', actions: [{ id: 'x1', by: '2', does: 'shot' }] },
        {
          id: 'y',
          parent: 'f1',
          actions: [
            { id: 'y1', by: '2', does: 'pass', to: '4' },
            { id: 'y2', by: '4', does: 'shot' },
          ],
        },
      ],
    };
    expect([weights(fork, '2').shootWing, weights(fork, '4').shootCorner]).toEqual([1, 0.7]);
    const looks = fork.frames.map((f) =>
      f.id === 'f1'
        ? {
            ...f,
            looks: [
              { id: 'l1', player: '4' as const, kind: 'shot' as const, order: 1, frame: 'y' },
              { id: 'l2', player: '2' as const, kind: 'shot' as const, order: 2, frame: 'x' },
            ],
          }
        : f,
    );
    const turned = { ...fork, frames: looks };
    expect([weights(turned, '2').shootWing, weights(turned, '4').shootCorner]).toEqual([0.7, 1]);
  });
  it('a drive asks the hand of the side it goes to; drawn the other way, the other one', () => {
    const drive = (x: number) =>
      play([
        [
          {
            by: '1',
            does: 'dribble',
            path: [
              { x, y: 16 },
              { x: x / 4, y: 7 },
            ],
          },
        ],
      ]);
    const right = needsOf(drive(8))['1'].drives;
    const left = needsOf(drive(-8))['1'].drives;
    expect(right.right).toBeGreaterThan(0);
    expect(right.left).toBe(0);
    expect(left).toEqual({ left: right.right, right: 0 });
    expect(weights(drive(8), '1')).toMatchObject({ handle: expect.any(Number) as number, finish: 0.5 });
  });
  it('how far he runs is the way he is drawn', () => {
    const p = play([[{ by: '2', does: 'cut', path: [{ x: 0, y: 18 }] }]]);
    const { x, y } = at('wingR');
    expect(needsOf(p)['2'].feet).toBeCloseTo(Math.hypot(x, y - 18), 6);
    expect(needsOf(p)['3'].feet).toBe(0);
  });
});

describe('what the coach says of it', () => {
  const p = play([[{ by: '1', does: 'shot' }]]);
  it('is so: weighed otherwise, added, or silenced', () => {
    const said = (needs: Play['needs']) => needsOf({ ...p, needs: needs! })['1'].needs;
    expect(
      said([{ number: '1', need: 'shootTop', weight: 0.5 }]).find((n) => n.skill === 'shootTop'),
    ).toMatchObject({
      ...{ weight: 0.5, own: true },
    });
    expect(said([{ number: '1', need: 'defend' }]).find((n) => n.skill === 'defend')).toMatchObject({
      ...{ weight: 1, own: true, from: [] },
    });
    expect(
      said([{ number: '1', need: 'shootTop', weight: 0 }]).find((n) => n.skill === 'shootTop')!.weight,
    ).toBe(0);
  });
  it('of another number, or of a need nobody knows, changes nothing', () => {
    const needs: Play['needs'] = [
      { number: '2', need: 'shootTop', weight: 0 },
      { number: '1', need: 'juggling', weight: 1 },
    ];
    expect(needsOf({ ...p, needs })['1']).toEqual(needsOf(p)['1']);
  });
});

import { describe, expect, it } from 'vitest';
import type { Play } from '../play/document.ts';
import type { Change, NewAction } from '../play/change.ts';
import { edit, editAll } from '../play/edit.ts';
import { flip, permute, swapNumbers } from '../play/operations.ts';
import { samplePlay } from '../play/sample.test-data.ts';
import { lineTo, mainLine } from '../play/tree.ts';
import { CHECKS } from './registry.ts';
import { tried, walkThrough } from './walkthrough.ts';

const make = (actions: NewAction[], before: Change[] = []): Play => {
  const r = editAll(samplePlay(), [
    ...before,
    ...actions.map((action) => ({ do: 'addAction' as const, frame: 'f1', action })),
  ]);
  if (!r.ok) throw new Error(r.sentence);
  return r.play;
};
/** What is against the rules or breaks the play. */
const told = (play: Play) =>
  walkThrough(play, mainLine(play))
    .filter((f) => f.severity === 'illegal' || f.severity === 'breaks')
    .map((f) => f.sentence);

describe('ball law', () => {
  it.each([
    [{ by: '5', does: 'pass', to: '2' }, "5 can't pass: 1 has it."],
    [{ by: '5', does: 'dribble', path: [{ x: 0, y: 20 }] }, "5 can't dribble: 1 has it."],
    [{ by: '5', does: 'handoff', to: '4' }, "5 can't hand off: 1 has it."],
    [{ by: '5', does: 'shot' }, "5 can't shoot: 1 has it."],
  ] as const)('only the holder: %o', (action, sentence) => {
    expect(told(make([action as unknown as NewAction]))).toContain(sentence);
  });
  it('nobody plays on after the shot', () => {
    expect(
      told(
        make([
          { by: '1', does: 'shot' },
          { by: '1', does: 'pass', to: '2' },
        ]),
      ),
    ).toEqual(["1 can't pass: the shot is up."]);
  });
  it('a picked-up dribble is dead; going on with a live one is not', () => {
    const d = (x: number): NewAction => ({ by: '1', does: 'dribble', path: [{ x, y: 26 }] });
    expect(told(make([d(5), d(10)]))).toEqual([]);
    expect(told(make([d(5), { by: '1', does: 'hold' }, d(10)]))).toEqual([
      "1 has picked up his dribble and can't start another.",
    ]);
    expect(told(make([{ by: '1', does: 'hold' }, d(5)]))).toEqual([]);
  });
  it('a handoff is within an arm; a run that passes by counts', () => {
    expect(told(make([{ by: '1', does: 'handoff', to: '2' }]))[0]).toMatch(
      /2 isn't there for the handoff: he comes no nearer than \d+ ft(?: 6 in)? to 1/,
    );
    expect(
      told(
        make([
          {
            by: '2',
            does: 'cut',
            path: [
              { x: -3, y: 28 },
              { x: 12, y: 20 },
            ],
          },
          { by: '1', does: 'handoff', to: '2' },
        ]),
      ),
    ).toEqual([]);
  });
  it('nobody passes to himself', () => {
    expect(told(make([{ by: '1', does: 'pass', to: '1' }]))).toEqual(["1 can't pass to himself."]);
  });
});

describe('the floor', () => {
  it('two in one place, told once', () => {
    const play = make([{ by: '2', does: 'cut', path: [{ x: 6, y: 19 }] }]);
    expect(told(play)).toEqual(['2 and 5 stand in one place.']);
  });
  it('out of bounds, with the ball and without', () => {
    expect(told(make([{ by: '1', does: 'dribble', path: [{ x: 26, y: 20 }] }]))).toEqual([
      '1 takes the ball out of bounds.',
    ]);
    expect(told(make([{ by: '2', does: 'cut', path: [{ x: -10, y: -1 }] }]))).toEqual([
      '2 runs out of bounds.',
    ]);
  });
  it('a thrower-in is lawful until he releases', () => {
    const throwIn: Change[] = [
      { do: 'place', player: '1', place: { x: 8, y: -3 } },
      { do: 'throwIn', from: 'baseline' },
    ];
    expect(told(make([{ by: '1', does: 'pass', to: '5' }], throwIn))).toEqual([]);
    expect(told(make([], [throwIn[0]!]))).toEqual(['1 starts out of bounds.']);
  });
});

it('mirror images give the same sentences, swapped numbers swapped ones', () => {
  const play = make([
    { by: '5', does: 'pass', to: '2' },
    { by: '2', does: 'cut', path: [{ x: 6, y: 19 }] },
  ]);
  expect(told(flip(play))).toEqual(told(play));
  expect(told(permute(play, swapNumbers('2', '3'))).sort()).toEqual(
    told(play)
      .map((s) => s.replace('2', '3'))
      .sort(),
  );
});

it('every check has a code of its own and words', () => {
  expect(new Set(CHECKS.map((c) => c.code)).size).toBe(CHECKS.length);
});

describe('silencing', () => {
  const forked = editAll(
    make([
      { by: '5', does: 'screen', for: '1', path: [{ x: -3, y: 24 }] },
      { by: '1', does: 'dribble', path: [{ x: -9, y: 22 }] },
    ]),
    [
      { do: 'addFrame', after: 'f1', read: { does: 'drop' } },
      { do: 'addAction', frame: 'f2', action: { by: '4', does: 'shot' } },
      { do: 'addFrame', after: 'f1', fork: true, read: { does: 'show' } },
      { do: 'addAction', frame: 'f3', action: { by: '4', does: 'shot' } },
    ],
  );
  if (!forked.ok) throw new Error(forked.sentence);
  const { play } = forked;
  const on = (p: Play, leaf: string) =>
    walkThrough(p, lineTo(p, leaf)).filter((f) => f.code === 'ball-not-his');
  it('is for one ending, unless it is for all; told again, it is told wherever it was silent here', () => {
    const f = on(play, 'f2')[0]!;
    expect(f.ending).toBe('f2');
    const silent = edit(play, { do: 'silence', code: f.code, at: f.cause, reason: 'a joke', ending: 'f2' });
    if (!silent.ok) throw new Error(silent.sentence);
    expect(on(silent.play, 'f2')[0]!.silenced).toBe('a joke');
    expect(on(silent.play, 'f3')[0]!.silenced).toBeUndefined();
    const again = edit(silent.play, { do: 'silence', code: f.code, at: f.cause, reason: null, ending: 'f2' });
    if (!again.ok) throw new Error(again.sentence);
    expect(on(again.play, 'f2')[0]!.silenced).toBeUndefined();
  });
});

describe('a choice of two screens', () => {
  it('is a choice: one that is used on another line is used', () => {
    const both = make([
      { by: '4', does: 'screen', for: '1', path: [{ x: -4, y: 24.5 }] },
      { by: '5', does: 'screen', for: '1', path: [{ x: 4, y: 24.5 }] },
    ]);
    const way = (x: number): NewAction => ({
      by: '1',
      does: 'dribble',
      path: [
        { x, y: 27 },
        { x: x * 2.5, y: 21 },
      ],
    });
    const r = editAll(both, [
      { do: 'addFrame', after: 'f1' },
      { do: 'addAction', frame: 'f2', action: way(-4) },
      { do: 'addFrame', after: 'f1', fork: true, read: { does: 'under' } },
      { do: 'addAction', frame: 'f3', action: way(4) },
    ]);
    if (!r.ok) throw new Error(r.sentence);
    const codes = (leaf: string) => walkThrough(r.play, lineTo(r.play, leaf)).map((f) => f.code);
    expect(codes('f2')).not.toContain('screen-unused');
    expect(codes('f3')).not.toContain('screen-unused');
    expect(walkThrough(both, mainLine(both)).filter((f) => f.code === 'screen-unused')).toHaveLength(2);
  });
});

describe('mends', () => {
  it('are offered when they were tried and take the complaint away; one that does not is not', () => {
    const play = make([
      { by: '5', does: 'screen', for: '3', path: [{ x: 17, y: 14 }], angle: -90 },
      {
        by: '3',
        does: 'cut',
        path: [
          { x: 17, y: 16.5 },
          { x: 2, y: 22 },
        ],
      },
    ]);
    const line = mainLine(play);
    const found = walkThrough(play, line);
    const f = found.find((x) => x.code === 'screen-angle')!;
    expect(f.mends).toHaveLength(1);
    expect(tried(play, line, {}, [f])[0]!.mends).toHaveLength(1);
    const idle = { ...f, mends: [{ ...f.mends[0]!, changes: [{ do: 'notes' as const, notes: 'nothing' }] }] };
    expect(tried(play, line, {}, [idle])[0]!.mends).toHaveLength(0);
  });
});

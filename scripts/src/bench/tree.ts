import {
  edit,
  lineThrough,
  outlineOf,
  verdictOf,
  walkLine,
  whole,
  type Action,
  type Frame,
  type Play,
} from '@corkscrew/core';
import { demo, ms, must, percentile, type Row } from './row.ts';

const FRAMES = 300;
const RUNS = 60;

/** A play of so many frames: three answers to everything, two frames each, three men moving in each. */
function wide(): Play {
  const [play] = demo();
  const frames: Frame[] = [play!.frames[0]!];
  const moves = (n: number): Action[] =>
    (['1', '2', '3'] as const).map((by, j) => ({
      id: `m${n}${by}`,
      by,
      does: 'cut',
      path: [{ x: ((n * 7 + j * 13) % 40) - 20, y: 4 + ((n * 3 + j * 5) % 22) }],
    }));
  const add = (parent: string, read?: Frame['read']): string => {
    const id = `t${frames.length}`;
    frames.push({ id, parent, ...(read ? { read } : {}), actions: moves(frames.length) });
    return id;
  };
  for (let from = [frames[0]!.id]; frames.length < FRAMES;) {
    const next: string[] = [];
    for (const f of from)
      for (const does of ['drop', 'switch', 'show'] as const)
        if (frames.length < FRAMES) next.push(add(add(f, { does })));
    from = next;
  }
  return { ...play!, frames };
}

/** What an edit costs in a tree of many frames, and what judging a play does. */
export function tree(): Row[] {
  const play = wide();
  const last = play.frames.at(-1)!;
  const times = Array.from({ length: RUNS }, (_, i) => {
    const frame = i % 2 === 0 ? last : play.frames[1]!;
    const path = [{ x: (i % 30) - 15, y: 12 }];
    const began = performance.now();
    const next = must(edit(play, { do: 'patchAction', id: frame.actions[0]!.id, set: { path } }));
    walkLine(next, lineThrough(next, frame.id));
    outlineOf(next);
    return performance.now() - began;
  });
  const verdicts = demo().map((p) => {
    const began = performance.now();
    whole(verdictOf(p, undefined));
    return performance.now() - began;
  });
  return [
    {
      what: `Edit in a tree of ${play.frames.length} frames → checked, kept, walked, Node`,
      measured: `median ${ms(percentile(times, 0.5))}, 95th percentile ${ms(percentile(times, 0.95))}`,
      goal: '≤ 50 ms',
    },
    {
      what: 'Verdict of a demo play, one thread, cold',
      measured: `median ${ms(percentile(verdicts, 0.5))}, longest ${ms(percentile(verdicts, 1))}`,
      goal: '',
    },
  ];
}

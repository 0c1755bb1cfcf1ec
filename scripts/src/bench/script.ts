import {
  courtFor,
  editAll,
  nextWords,
  parseScript,
  printScript,
  rewritten,
  settle,
  writtenOf,
  type Change,
  type Play,
} from '@corkscrew/core';
import { demo, ms, must, percentile, type Row } from './row.ts';

const FRAMES = 400;

/** A play of as many frames as there may be: a demo play, its frames once more behind each other. */
function long(): Play {
  const [play] = demo().filter((p) => p.name === 'Quay 4');
  const first = { ...play!, frames: play!.frames.slice(0, 1) };
  const changes = Array.from({ length: FRAMES - 1 }, (_, i): Change => ({
    do: 'pasteFrame',
    after: i === 0 ? first.frames[0]!.id : `f${i + 1}`,
    frame: play!.frames[i % 2]!,
  }));
  return must(editAll(first, changes));
}

/** How long something takes the middle one of so many times. */
function median(times: number, run: () => unknown): string {
  const took = Array.from({ length: times }, () => {
    const began = performance.now();
    run();
    return performance.now() - began;
  });
  return `median ${ms(percentile(took, 0.5))}`;
}

/** Writing a play down and reading it. */
export function script(): Row[] {
  const play = long();
  const text = printScript(play);
  const changed = text.replace(', jog', ', walk');
  let other = text;
  const [quay] = demo().filter((p) => p.name === 'Quay 4');
  const small = printScript(quay!);
  const typed = writtenOf(quay!);
  return [
    {
      what: `A play of ${play.frames.length} frames read as it is written, by itself, Node`,
      // Nothing of a text before it can be gone on from.
      measured: median(15, () => (parseScript('"'), parseScript(text))),
      goal: '≤ 30 ms',
    },
    {
      what: 'The same over itself, a word changed since it was read last',
      measured: median(16, () => parseScript((other = other === text ? changed : text), { base: play })),
      goal: '≤ 30 ms',
    },
    {
      what: 'The same written down',
      measured: median(15, () => printScript(play)),
      goal: '',
    },
    {
      what: 'A demo play of five frames read as it is written, over itself',
      measured: median(60, () => parseScript(small, { base: quay! })),
      goal: '',
    },
    {
      what: 'A key in the script of that play: what it says read anew, and what it changes',
      measured: median(60, () => settle(rewritten(typed, `${small}# x`), quay!)),
      goal: '≤ 40 ms',
    },
    {
      what: 'What may stand next, behind a man of that play',
      measured: median(40, () => nextWords(`${small}  3 `, small.length + 4, courtFor(quay!))),
      goal: '',
    },
  ];
}

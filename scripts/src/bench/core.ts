import {
  compile,
  courtFor,
  edit,
  mainLine,
  PLAYERS,
  walkLine,
  walkThrough,
  type Play,
} from '@corkscrew/core';
import { frameScene } from '@corkscrew/diagram';
import { Bench } from 'tinybench';
import { demo, ms, must, type Row } from './row.ts';

/** A play of twelve frames: demo lines one behind the other. */
function twelveFrames(): Play {
  const [first, ...others] = demo().filter((p) => p.court === 'nfhs' && !p.start.throwIn);
  let play: Play = { ...first!, frames: mainLine(first!) };
  for (const other of others) {
    if (play.frames.length >= 12) break;
    play = must(
      edit(play, {
        do: 'splice',
        after: mainLine(play).at(-1)!.id,
        play: { ...other, frames: mainLine(other) },
      }),
    );
  }
  return { ...play, frames: mainLine(play).slice(0, 12) };
}

/** From an edit to what is drawn, in Node. */
export async function editToScene(): Promise<Row> {
  const play = twelveFrames();
  const court = courtFor(play);
  const middle = 6;
  const frame = play.frames[middle]!.id;
  let x = 0;
  const bench = new Bench({ time: 1500 });
  bench.add('edit', () => {
    x = (x + 1) % 20;
    const next = must(
      edit(play, { do: 'addAction', frame, action: { by: '2', does: 'cut', path: [{ x, y: 20 }] } }),
    );
    const walks = walkLine(next, mainLine(next));
    frameScene({ court, walk: walks[middle]!, next: walks[middle + 1], previous: walks[middle - 1] });
  });
  await bench.run();
  const task = bench.tasks[0]!.result;
  const p50 = 'latency' in task ? task.latency.p50 : NaN;
  return {
    what: `Edit → states of ${play.frames.length} frames → scene of the current one, Node`,
    measured: `median ${ms(p50)}`,
    goal: '≤ 3 ms',
  };
}

/** The twelve frames with cuts added until sixty actions are in them. */
function sixtyActions(): Play {
  let play = twelveFrames();
  const count = () => play.frames.reduce((n, f) => n + f.actions.length, 0);
  for (let i = 0; count() < 60; i++) {
    const frame = play.frames[i % play.frames.length]!;
    const by = PLAYERS[i % PLAYERS.length]!;
    const x = ((i * 7) % 40) - 20;
    play = must(
      edit(play, {
        do: 'addAction',
        frame: frame.id,
        action: { by, does: 'cut', path: [{ x, y: 12 + (i % 14) }], background: true },
      }),
    );
  }
  return play;
}

/** From an edit to the findings of the line, in Node. */
export async function editToFindings(): Promise<Row[]> {
  const play = sixtyActions();
  const line = mainLine(play);
  const court = courtFor(play);
  const last = line.at(-1)!;
  let n = 0;
  const round = (frame: string) => {
    n = (n + 1) % 40;
    const next = must(
      edit(play, { do: 'addAction', frame, action: { by: '2', does: 'cut', path: [{ x: n / 4, y: 20 }] } }),
    );
    const compiled = compile(next, last.id, court, next.level);
    walkThrough(next, mainLine(next), { compiled });
  };
  const bench = new Bench({ time: 2000 });
  bench.add('first', () => round(line[0]!.id)).add('last', () => round(last.id));
  await bench.run();
  const p50 = (i: number): number => {
    const { result } = bench.tasks[i]!;
    return 'latency' in result ? result.latency.p50 : NaN;
  };
  const what = `compile + walk-through of ${play.frames.length} frames, ${line.reduce((k, f) => k + f.actions.length, 0)} actions, Node`;
  return [
    { what: `Edit in the first frame → ${what}`, measured: `median ${ms(p50(0))}`, goal: '≤ 8 ms' },
    { what: `Edit in the last frame → ${what}`, measured: `median ${ms(p50(1))}`, goal: '≤ 8 ms' },
  ];
}

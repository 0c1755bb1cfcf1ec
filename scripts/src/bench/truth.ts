import fc from 'fast-check';
import {
  compile,
  courtFor,
  leaves,
  levelRecord,
  lineTo,
  playAgainst,
  PRESETS,
  readPlayText,
  walkThrough,
  type Defence,
  type Level,
  type Play,
} from '@corkscrew/core';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { FACTS } from '../../../core/src/defence/man/facts.test-data.ts';
import { judgedOver } from '../../../core/src/defence/man/judge.test-data.ts';
import { stopped, STOPPERS, USUAL } from '../../../core/src/defence/man/usual.test-data.ts';
import { ZONE_FACTS } from '../../../core/src/defence/zone/facts.test-data.ts';
import { ZONE_CATCHES } from '../../../core/src/defence/zone/catches.test-data.ts';
import { ZONE_PASSES } from '../../../core/src/defence/zone/passes.test-data.ts';
import { mirrored } from '../../../core/src/answers/plays.test-data.ts';
import { offeredFor, TABLE } from '../../../core/src/answers/propose/table.test-data.ts';
import { drawnPlays } from '../../../core/src/gesture/drawn.test-data.ts';
import { FIXTURES } from '../paths.ts';
import { demo } from './row.ts';

const LEVELS: readonly Level[] = ['youth', 'highSchool', 'college', 'pro'];
const HEAD = '| | youth | high school | college | professional |\n|---|---|---|---|---|';
const percent = (share: number): string => `${Math.round(100 * share)} %`;

/** Every fact of the trade over many shaken boards at every level; a star where it does not hold as drawn. */
function factTable(seeds: number): string {
  const all = [
    ...FACTS.map((f) => ({ ...f, key: `man ${f.key}` })),
    ...[...ZONE_FACTS, ...ZONE_PASSES, ...ZONE_CATCHES].map((f) => ({ ...f, key: `zone ${f.key}` })),
  ];
  const cell = (fact: (typeof all)[number], level: Level): string => {
    let held = 0;
    for (let seed = 101; seed < 101 + seeds; seed++)
      if (fact.measure({ level, seed, mirrored: seed % 2 === 0 }).holds) held++;
    return `${percent(held / seeds)}${fact.measure({ level }).holds ? '' : ' *'}`;
  };
  return [
    HEAD,
    ...all.map((f) => `| ${f.key}: ${f.words} | ${LEVELS.map((l) => cell(f, l)).join(' | ')} |`),
  ].join('\n');
}

/** What is proposed against each thing they may do: the best answer on each board and on its mirror, of twenty shaken ones. */
function proposalTable(): string {
  const rows = TABLE.map((row) => {
    const found = row.boards.flatMap((b) => [b, mirrored(b)]).map((b) => offeredFor(row, b)[0]);
    const held = found.filter((p) => p && row.usual.includes(p.recipe)).length;
    const best = found.map((p) => (p ? `${p.recipe} ${percent(p.share)}, ${p.worth.toFixed(2)}` : 'none'));
    return `| ${row.kind}: ${row.they} | ${row.usual.join(', ')} | ${held} of ${found.length} | ${[...new Set(best)].join('; ')} | ${row.misses ?? ''} |`;
  });
  return [
    '| they | usual answers | best one is one of them | found | why not |',
    '|---|---|---|---|---|',
    ...rows,
  ].join('\n');
}

/** How often each usual answer is open, and what it is worth (median); and who stops a drive. */
function answerTable(seeds: number): string {
  const answers = USUAL.map((u) => {
    const cells = LEVELS.map((l) => {
      const { open, worth } = judgedOver(seeds, u.judge, l);
      return `${percent(open)}, ${worth.toFixed(2)}`;
    });
    return `| ${u.key}${u.open ? '' : ' (it should not be open)'} | ${cells.join(' | ')} |`;
  });
  const stops = STOPPERS.map(({ key, board, who }) => {
    const cells = LEVELS.map((level) => {
      const all = Array.from({ length: seeds }, (_, i) =>
        stopped(board, { level, seed: i + 1, less: true, mirrored: i % 2 === 1 }),
      );
      return percent(all.filter((s) => s.who === who).length / seeds);
    });
    return `| ${key} | ${cells.join(' | ')} |`;
  });
  return [HEAD, ...answers, ...stops].join('\n');
}

interface Told {
  readonly endings: number;
  readonly median: number;
  readonly codes: ReadonlyMap<string, number>;
}

/** What the walk-through says of every ending of some plays, each against the defence it has. */
function toldOf(plays: readonly Play[]): Told {
  const codes = new Map<string, number>();
  const counts: number[] = [];
  for (const play of plays) {
    const court = courtFor(play);
    const defence: Defence = play.defences?.[0] ?? { ...PRESETS[0]!.defence, id: 'usual' };
    for (const leaf of leaves(play)) {
      const compiled = compile(play, leaf.id, court, play.level);
      const against = playAgainst(
        play,
        compiled.timeline,
        defence,
        court,
        levelRecord(play.level, play.women),
      );
      const found = walkThrough({ ...play, silenced: [] }, lineTo(play, leaf.id), { compiled, against });
      counts.push(found.length);
      for (const code of new Set(found.map((f) => f.code))) codes.set(code, (codes.get(code) ?? 0) + 1);
    }
  }
  counts.sort((a, b) => a - b);
  return { endings: counts.length, median: counts[Math.floor(counts.length / 2)] ?? 0, codes };
}

/** How often each check speaks: on the demo, on kept plays as they once stood, on plays drawn by chance. */
function findingTable(): string {
  const kept = readdirSync(FIXTURES).flatMap((f) => {
    const r = readPlayText(readFileSync(join(FIXTURES, f), 'utf8'));
    return r.ok ? [r.play] : [];
  });
  const drawn = fc.sample(drawnPlays, { numRuns: 120, seed: 20 });
  const all = [demo(), kept, drawn].map(toldOf);
  const codes = [...new Set(all.flatMap((t) => [...t.codes.keys()]))].sort(
    (a, b) => (all[0]!.codes.get(b) ?? 0) - (all[0]!.codes.get(a) ?? 0) || a.localeCompare(b),
  );
  return [
    '| check | demo plays | twelve plays as they once stood | drawn by chance |',
    '|---|---|---|---|',
    `| endings; findings an ending (median) | ${all.map((t) => `${t.endings}; ${t.median}`).join(' | ')} |`,
    ...codes.map(
      (c) => `| ${c} | ${all.map((t) => percent((t.codes.get(c) ?? 0) / t.endings)).join(' | ')} |`,
    ),
  ].join('\n');
}

/** The page docs/truth.md: what was tried against the trade, how firmly it holds, and what is not claimed. */
export const truthPage = (seeds: number): string => `# What is true of it, and how firmly

Made by \`npm run bench -- facts\`. Nothing here was measured in games: the facts are common practice, the boards are our
own, all speeds, reaches and values are from memory. A share says on how many of ${seeds} shaken boards something comes out:
places, paths, speeds and reactions a little off, half of them mirrored; each level on its own court. A star: not even
as drawn. Why something does not hold at a level stands in [defence.md](defence.md).

## Facts of the trade

${factTable(seeds)}

## The usual answers, and who stops a drive

Each coverage or help against the answer coaches give to it: on how many boards its look comes open for three tenths of a
second with a clear lane, and what it is worth then (median, points). A look counts from when the read can be seen to
0.8 s after it is drawn; a shot off the dribble from 0.7 s before to 0.2 s after.

${answerTable(seeds)}

## The answers it proposes

For each thing the defence may do: on how many boards (each also mirrored, high school) the best proposal is one of the
usual answers, and how firmly: open on so many of twenty shaken boards, worth so much.

${proposalTable()}

## How often each check speaks

${findingTable()}

## What is not claimed

- Figures are for comparing looks of one play against one defence. A tenth of a point is no difference.
- Unless [a five is chosen](roster.md) every man of a level is the same; strength, fatigue, fouls and contact are not known.
- Reads of the kind "own words" and "it is not there" change nothing in what the defence does.
- Mid-range against a drop is seldom four feet free; seals and a run-up at a big after a switch need sizes; a fade against
  one who shoots the gap hangs on half a foot; low help behind denial is too good.
- Youth: zones and drives were looked at, not tuned. High school is what the models were found with.
- No second rotation, no scramble, no match-up zone, no press.
`;

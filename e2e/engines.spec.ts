import {
  compile,
  courtFor,
  leaves,
  levelRecord,
  lineTo,
  playAgainst,
  readPlayText,
  track,
  viewOf,
  walkThrough,
  type Play,
} from '@corkscrew/core';
import { expect, test } from '@playwright/test';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { coreScript } from '../scripts/src/build.ts';
import { DEMO_PLAYS } from '../scripts/src/paths.ts';

/** What the app does with a play, as plain numbers and words. */
interface Ran {
  readonly x: number[];
  readonly y: number[];
  readonly events: { t: number; action: string; event: string }[];
  readonly told: string[];
  /** Ten bodies against the play's own defence. */
  readonly tenX: number[];
  readonly tenY: number[];
  readonly moments: string[];
}
interface Core {
  readonly levelRecord: typeof levelRecord;
  readonly playAgainst: typeof playAgainst;
  readonly compile: typeof compile;
  readonly courtFor: typeof courtFor;
  readonly track: typeof track;
  readonly walkThrough: typeof walkThrough;
  readonly lineTo: typeof lineTo;
  readonly viewOf: typeof viewOf;
}

type Ask = (play: Play, leaf: string) => Promise<Ran>;

function run(core: Core, play: Play, leaf: string): Ran {
  const court = core.courtFor(play);
  const compiled = core.compile(play, leaf, court, play.level);
  const level = core.levelRecord(play.level);
  const against = core.playAgainst(play, compiled.timeline, play.defences![0]!, court, level);
  const { seeing } = against;
  const ten = core.viewOf(against);
  const t = core.track(compiled.timeline);
  return {
    x: [...t.x],
    y: [...t.y],
    events: t.events.map((e) => ({ ...e })),
    told: core.walkThrough(play, core.lineTo(play, leaf), { compiled, against }).map((f) => f.sentence),
    tenX: [...ten.x],
    tenY: [...ten.y],
    moments: [
      ...seeing.events.map((e) => `${e.t.toFixed(4)} ${e.is} ${e.defender}`),
      ...seeing.windows.map((w) => `${w.from.toFixed(4)} ${w.to.toFixed(4)} ${w.player}`),
      ...seeing.passes.map((p) => `${p.action} ${p.verdict}`),
    ],
  };
}

test("Node and Chromium's worker run every demo play alike: within a millionth of a foot, on every event and finding", async ({
  page,
}) => {
  await page.goto('about:blank');
  // What the app computes it computes in a worker: so it is here.
  const script = `globalThis.__name = (f) => f;
${await coreScript()}
const run = ${run.toString()};
globalThis.onmessage = ({ data }) => postMessage(run(corkscrewCore, data.play, data.leaf));`;
  await page.evaluate((text) => {
    const worker = new Worker(URL.createObjectURL(new Blob([text], { type: 'text/javascript' })));
    const ask = (play: unknown, leaf: string) =>
      new Promise((resolve, reject) => {
        worker.onmessage = (e: MessageEvent) => resolve(e.data);
        worker.onerror = (e) => reject(new Error(e.message));
        worker.postMessage({ play, leaf });
      });
    Object.assign(globalThis, { ask });
  }, script);

  for (const file of readdirSync(DEMO_PLAYS)) {
    const read = readPlayText(readFileSync(join(DEMO_PLAYS, file), 'utf8'));
    if (!read.ok) throw new Error(read.sentence);
    for (const leaf of leaves(read.play)) {
      const here = run(
        { compile, courtFor, levelRecord, lineTo, playAgainst, track, viewOf, walkThrough },
        read.play,
        leaf.id,
      );
      const there = await page.evaluate(
        ([play, id]) => (globalThis as unknown as { ask: Ask }).ask(play as Play, id as string),
        [read.play, leaf.id] as const,
      );
      expect(there.told).toEqual(here.told);
      expect(there.moments).toEqual(here.moments);
      expect(there.x).toHaveLength(here.x.length);
      const apart = (a: number[], b: number[]) => Math.max(...a.map((v, i) => Math.abs(v - b[i]!)));
      expect(apart(here.x, there.x)).toBeLessThan(1e-6);
      expect(apart(here.y, there.y)).toBeLessThan(1e-6);
      expect(apart(here.tenX, there.tenX)).toBeLessThan(1e-6);
      expect(apart(here.tenY, there.tenY)).toBeLessThan(1e-6);
      expect(there.events.map((e) => [e.action, e.event])).toEqual(
        here.events.map((e) => [e.action, e.event]),
      );
      expect(
        apart(
          here.events.map((e) => e.t),
          there.events.map((e) => e.t),
        ),
      ).toBeLessThan(1e-6);
    }
  }
});

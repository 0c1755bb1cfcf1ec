import {
  compile,
  courtFor,
  edit,
  mainLine,
  PLAYERS,
  readPlayText,
  walkLine,
  walkThrough,
  type Play,
} from '@corkscrew/core';
import { frameScene } from '@corkscrew/diagram';
import { chromium as browser } from '@playwright/test';
import autocannon from 'autocannon';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { cpus, tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { serve } from '@hono/node-server';
import { Hono } from 'hono';
import pg from 'pg';
import { Bench } from 'tinybench';
import { openDatabase } from '../../server/src/db/client.ts';
import { savePlay } from '../../server/src/plays/store.ts';
import { startServer, TEAM } from '../../server/src/serve.ts';
import { buildWeb } from './build.ts';
import { createDatabase, freePort, throwAwayCluster } from './cluster.ts';
import { CHROMIUM_FLAGS } from './chromium-flags.ts';
import { chromium } from './debian.ts';
import { dataHome, DEMO_PLAYS, ROOT, WEB_DIST } from './paths.ts';

interface Row {
  readonly what: string;
  readonly measured: string;
  readonly goal: string;
}

const demo = (): Play[] =>
  readdirSync(DEMO_PLAYS).map((f) => {
    const r = readPlayText(readFileSync(join(DEMO_PLAYS, f), 'utf8'));
    if (!r.ok) throw new Error(r.sentence);
    return r.play;
  });

const must = (r: ReturnType<typeof edit>): Play => {
  if (!r.ok) throw new Error(r.sentence);
  return r.play;
};

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

const percentile = (values: readonly number[], p: number): number =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * p))] ?? 0;
const ms = (v: number): string => `${v.toFixed(v < 10 ? 2 : 1)} ms`;

async function editToScene(): Promise<Row> {
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
async function editToFindings(): Promise<Row[]> {
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

/** The command line over five hundred files, its start included. */
function checkMany(): Row {
  const dir = mkdtempSync(join(tmpdir(), 'corkscrew-bench-'));
  const plays = demo();
  const files = Array.from({ length: 500 }, (_, i) => {
    const file = join(dir, `${i}.json`);
    writeFileSync(file, JSON.stringify(plays[i % plays.length]));
    return file;
  });
  const began = Date.now();
  const { status } = spawnSync(
    process.execPath,
    [join(ROOT, 'scripts/bootstrap.mjs'), 'corkscrew', 'check', ...files],
    {
      stdio: 'ignore',
    },
  );
  const seconds = (Date.now() - began) / 1000;
  rmSync(dir, { recursive: true });
  return {
    what: '`corkscrew check` of 500 plays, start-up included',
    measured: status === 0 ? `${seconds.toFixed(1)} s` : `failed (${status})`,
    goal: '≤ 5 s',
  };
}

function firstRoute(): Row {
  const html = readFileSync(join(WEB_DIST, 'index.html'), 'utf8');
  const files = readdirSync(join(WEB_DIST, 'assets'));
  const entry = [...html.matchAll(/assets\/([\w-]+\.js)/g)].map((m) => m[1]!);
  const wanted = new Set(entry);
  const playbook = files.find((f) => /^Playbook-.*\.js$/.test(f));
  const queue = [...entry, ...(playbook ? [playbook] : [])];
  while (queue.length > 0) {
    const file = queue.pop()!;
    wanted.add(file);
    const text = readFileSync(join(WEB_DIST, 'assets', file), 'utf8');
    for (const m of text.matchAll(/from\s*["']\.\/([\w-]+\.js)["']|import\s*["']\.\/([\w-]+\.js)["']/g)) {
      const next = m[1] ?? m[2]!;
      if (!wanted.has(next)) queue.push(next);
    }
  }
  const bytes = [...wanted].reduce(
    (n, f) => n + gzipSync(readFileSync(join(WEB_DIST, 'assets', f))).length,
    0,
  );
  return {
    what: 'JavaScript of the first route (playbook)',
    measured: `${(bytes / 1000).toFixed(0)} kB gzip`,
    goal: '≤ 230 kB',
  };
}

async function inBrowser(url: string): Promise<Row[]> {
  const chrome = await browser.launch({ executablePath: chromium(), args: CHROMIUM_FLAGS });
  try {
    const page = await chrome.newPage({ viewport: { width: 1280, height: 800 } });
    // The TypeScript runner names functions through a helper that the page does not have.
    await page.addInitScript('globalThis.__name = (f) => f');
    await page.goto(`${url}/plays/demo-horns-lantern`);
    await page.getByTestId('court').waitFor();
    const record = () =>
      page.evaluate(() => {
        const w = window as unknown as { __frames: number[]; __long: number[]; __stop: boolean };
        w.__frames = [];
        w.__long = [];
        w.__stop = false;
        new PerformanceObserver((l) => w.__long.push(...l.getEntries().map((e) => e.duration))).observe({
          type: 'longtask',
        });
        let last = performance.now();
        const tick = (t: number) => {
          w.__frames.push(t - last);
          last = t;
          if (!w.__stop) requestAnimationFrame(tick);
        };
        requestAnimationFrame(tick);
      });
    const read = () =>
      page.evaluate(() => {
        const w = window as unknown as { __frames: number[]; __long: number[]; __stop: boolean };
        w.__stop = true;
        return { frames: w.__frames.slice(2), long: w.__long };
      });
    const at = (x: number, y: number) =>
      page.getByTestId('court').evaluate(
        (svg: SVGSVGElement, p) => {
          const q = new DOMPoint((p.x + 29) * 12.5, (p.y + 4) * 12.5).matrixTransform(svg.getScreenCTM()!);
          return { x: q.x, y: q.y };
        },
        { x, y },
      );
    const from = await at(21.75, 3.5);
    await page.mouse.move(from.x, from.y);
    await page.mouse.down();
    await record();
    for (let i = 0; i < 240; i++) {
      await page.mouse.move(from.x - 150 - 140 * Math.cos(i / 14), from.y + 150 + 120 * Math.sin(i / 11));
    }
    const dragged = await read();
    await page.mouse.up();

    await page.getByRole('button', { name: 'Gaps', exact: true }).click();
    await page.getByTestId('rung-1').click();
    await page.locator('#court').press(' ');
    await record();
    await page.waitForTimeout(5000);
    const played = await read();
    await page.locator('#court').press('k');

    // Findings after edits: a block of the beat sheet is nudged, and the page times each answer.
    await page.locator('[data-block]').first().focus();
    await page.evaluate(() => performance.clearMeasures());
    for (let i = 0; i < 30; i++) {
      await page.keyboard.press('Shift+ArrowRight');
      await page.waitForFunction((n) => performance.getEntriesByName('walk-through').length > n, i);
    }
    const answered = await page.evaluate(() =>
      performance.getEntriesByName('walk-through').map((e) => e.duration),
    );

    const began = Date.now();
    await page.goto(`${url}/plays`);
    await page
      .getByRole('link', { name: /^Open / })
      .first()
      .waitFor();
    const cards = Date.now() - began;
    await record();
    for (let i = 0; i < 90; i++) {
      await page.mouse.wheel(0, 160);
      await page.evaluate(() => new Promise((done) => requestAnimationFrame(done)));
    }
    const scrolled = await read();
    const rows = (name: string, r: typeof dragged): Row[] => [
      {
        what: `${name}: frame intervals`,
        measured: `95th percentile ${ms(percentile(r.frames, 0.95))}`,
        goal: '≤ 25 ms',
      },
      {
        what: `${name}: longest task`,
        measured: r.long.length === 0 ? 'none over 50 ms' : ms(Math.max(...r.long)),
        goal: '≤ 50 ms',
      },
    ];
    return [
      ...rows('Dragging a player on the desk', dragged),
      ...rows('Playing with beat sheet and gaps', played),
      {
        what: `Edit → findings back from the worker, ${answered.length} edits in the app`,
        measured: `median ${ms(percentile(answered, 0.5))}, 95th percentile ${ms(percentile(answered, 0.95))}`,
        goal: 'median ≤ 25 ms',
      },
      { what: 'Playbook of 500: first cards after navigation', measured: `${cards} ms`, goal: '≤ 1 s' },
      ...rows('Scrolling 500 plays', scrolled),
    ];
  } finally {
    await chrome.close();
  }
}

const load = (url: string, options: Partial<autocannon.Options> = {}) =>
  autocannon({ url, connections: 50, duration: 6, ...options });

/** The list beside a bare handler that sends the same rows of the same query. */
async function listThroughput(url: string, databaseUrl: string): Promise<Row[]> {
  const pool = new pg.Pool({ connectionString: databaseUrl, max: 10 });
  const bare = new Hono().get('/', async (c) => {
    const { rows } = await pool.query(
      'select id, revision, updated_at, deleted_at, summary, card from plays where team_id = $1 and deleted_at is null order by updated_at desc, id',
      [TEAM.id],
    );
    return c.json(rows);
  });
  const port = await freePort(4800);
  const server = serve({ fetch: bare.fetch, port, hostname: '127.0.0.1' });
  const ours = await load(`${url}/api/plays`);
  const theirs = await load(`http://127.0.0.1:${port}/`);
  const play = demo()[0]!;
  let n = 0;
  const saving = await load(`${url}/api/plays/bench`, {
    requests: [
      {
        method: 'PUT',
        headers: { 'content-type': 'application/json' },
        setupRequest: (r) => {
          const id = `bench${n++}`;
          return {
            ...r,
            path: `/api/plays/${id}`,
            body: JSON.stringify({ revision: 0, sitting: 'bench', document: { ...play, id } }),
          };
        },
      },
    ],
  });
  server.close();
  await pool.end();
  const line = (r: autocannon.Result) =>
    `${r.requests.average.toFixed(0)}/s, p50 ${r.latency.p50} ms, p99 ${r.latency.p99} ms`;
  return [
    { what: 'List of 500 plays, 50 connections', measured: line(ours), goal: '' },
    { what: 'Bare Hono + pg, same query', measured: line(theirs), goal: '' },
    {
      what: 'Throughput beside the bare one',
      measured: (ours.requests.average / theirs.requests.average).toFixed(2),
      goal: '≥ 0.7',
    },
    {
      what: 'Save of a new play, 50 connections',
      measured: `${line(saving)}, ${saving.non2xx} refused`,
      goal: '',
    },
  ];
}

/** `npm run bench`: measures, prints and writes docs/benchmarks.md. */
export async function run(): Promise<void> {
  buildWeb();
  const cluster = await throwAwayCluster();
  const databaseUrl = await createDatabase(cluster, 'bench');
  const server = await startServer({
    databaseUrl,
    port: await freePort(4700),
    webRoot: WEB_DIST,
    demoPlays: DEMO_PLAYS,
    logFile: join(dataHome('logs'), 'bench.log'),
  });
  const rows: Row[] = [];
  try {
    rows.push(await editToScene(), ...(await editToFindings()), checkMany(), firstRoute());
    const { db, close } = openDatabase(databaseUrl);
    const plays = demo();
    for (let i = plays.length; i < 500; i++) {
      const base = plays[i % plays.length]!;
      const play = { ...base, id: `many-${i}`, name: `${base.name} ${i}` };
      await savePlay(db, TEAM.id, play.id, { revision: 0, sitting: 'bench', document: play });
    }
    await close();
    const url = `http://127.0.0.1:${server.port}`;
    rows.push(...(await inBrowser(url)), ...(await listThroughput(url, databaseUrl)));
  } finally {
    await server.stop();
    cluster.stop();
  }
  const table = [
    '| what | measured | goal |',
    '|---|---|---|',
    ...rows.map((r) => `| ${r.what} | ${r.measured} | ${r.goal} |`),
  ].join('\n');
  console.log(table);
  writeFileSync(
    join(ROOT, 'docs', 'benchmarks.md'),
    `# Benchmarks\n\nMade by \`npm run bench\` on a machine with ${cpus().length} cores, Node ${process.versions.node}. Absolute figures vary with the machine and what else it does; ratios less so. Headless Chromium rounds an idle page's frames, so intervals up to 25 ms are counted as smooth.\n\n${table}\n`,
  );
}

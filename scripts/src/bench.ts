import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { cpus } from 'node:os';
import { join } from 'node:path';
import { openDatabase } from '../../server/src/db/client.ts';
import { savePlay } from '../../server/src/plays/store.ts';
import { OWNER, startServer } from '../../server/src/serve.ts';
import { inBrowser } from './bench/app.ts';
import { editToFindings, editToScene } from './bench/core.ts';
import { answers } from './bench/answers.ts';
import { tree } from './bench/tree.ts';
import { book } from './bench/book.ts';
import { paper } from './bench/paper.ts';
import { season } from './bench/season.ts';
import { script } from './bench/script.ts';
import { defence } from './bench/defence.ts';
import { faults } from './bench/faults.ts';
import { checkMany, firstRoute } from './bench/files.ts';
import { demo, type Row } from './bench/row.ts';
import { listThroughput } from './bench/server.ts';
import { truthPage } from './bench/truth.ts';
import { buildWeb } from './build.ts';
import { createDatabase, freePort, throwAwayCluster, type Cluster } from './cluster.ts';
import { DEMO_TEAM } from './demo.ts';
import { dataHome, DEMO_PLAYS, ROOT, WEB_DIST } from './paths.ts';

/** Shaken boards a fact and level. */
const SEEDS = 40;
const FILE = join(ROOT, 'docs', 'benchmarks.md');
const TRUTH = join(ROOT, 'docs', 'truth.md');
const HEADINGS = {
  speed: '## How fast',
  faults: '## Faults',
};
type Part = keyof typeof HEADINGS;

const asTable = (rows: readonly Row[]): string =>
  [
    '| what | measured | goal |',
    '|---|---|---|',
    ...rows.map((r) => `| ${r.what} | ${r.measured} | ${r.goal} |`),
  ].join('\n');

/** How fast: the core, the command line, the app in a browser, the server under load. */
async function speed(cluster: Cluster, build: string): Promise<string> {
  const databaseUrl = await createDatabase(cluster, 'bench');
  const server = await startServer({
    databaseUrl,
    port: await freePort(4700),
    webRoot: WEB_DIST,
    build,
    teamName: DEMO_TEAM,
    demoPlays: DEMO_PLAYS,
    logFile: join(dataHome('logs'), 'bench.log'),
  });
  const rows: Row[] = [];
  try {
    rows.push(
      await editToScene(),
      ...(await editToFindings()),
      ...defence(),
      ...answers(),
      ...tree(),
      ...book(),
      ...script(),
      ...(await paper()),
      ...(await season()),
      checkMany(),
      firstRoute(),
    );
    const many = openDatabase(databaseUrl);
    const plays = demo();
    for (let i = plays.length; i < 500; i++) {
      const base = plays[i % plays.length]!;
      const play = { ...base, id: `many-${i}`, name: `${base.name} ${i}` };
      await savePlay(many, OWNER, play.id, { revision: 0, sitting: 'bench', document: play });
    }
    await many.close();
    const url = `http://127.0.0.1:${server.port}`;
    rows.push(...(await inBrowser(url)), ...(await listThroughput(url, databaseUrl)));
  } finally {
    await server.stop();
  }
  return `Absolute figures vary with the machine and what else it does; ratios less so. Headless Chromium rounds an idle page's frames, so intervals up to 25 ms are counted as smooth; where an untouched page has long frames and tasks too, they are the machine’s.\n\n${asTable(rows)}`;
}

async function wrong(cluster: Cluster, seed: number): Promise<string> {
  console.log(`Faults, seed ${seed} (another: npm run bench -- faults --seed=21)`);
  const rows = await faults(cluster, seed);
  return `Done on purpose, with seed ${seed}, by the scripts in \`scripts/src/faults\`; smaller helpings of each are in the tests.\n\n${asTable(rows)}`;
}

/** What the page says under a heading now. */
function present(part: Part): string {
  const text = existsSync(FILE) ? readFileSync(FILE, 'utf8') : '';
  const [, after = ''] = text.split(`${HEADINGS[part]}\n\n`);
  return after.split('\n## ')[0]!.trim();
}

/**
 * `npm run bench`: measures, prints and writes docs/benchmarks.md and docs/truth.md. With `speed`, `faults` or `facts`
 * only that part is made anew; `--seed=N` draws other faults.
 */
export async function run(args: string[]): Promise<void> {
  const seed = Number(/--seed=(\d+)/.exec(args.join(' '))?.[1] ?? 20);
  const named = (Object.keys(HEADINGS) as Part[]).filter((p) => args.includes(p));
  const all = named.length === 0 && !args.includes('facts');
  if (all || args.includes('facts')) writeFileSync(TRUTH, truthPage(SEEDS));
  if (!all && named.length === 0) return;
  const wanted = new Set(all ? (Object.keys(HEADINGS) as Part[]) : named);
  const build = await buildWeb();
  const cluster = await throwAwayCluster();
  const made: Partial<Record<Part, string>> = {};
  try {
    if (wanted.has('speed')) made.speed = await speed(cluster, build);
    if (wanted.has('faults')) made.faults = await wrong(cluster, seed);
  } finally {
    cluster.stop();
  }
  console.log(Object.values(made).join('\n\n'));
  const sections = (Object.keys(HEADINGS) as Part[]).map(
    (part) => `${HEADINGS[part]}\n\n${made[part] ?? present(part)}\n`,
  );
  writeFileSync(
    FILE,
    `# Benchmarks\n\nMade by \`npm run bench\` on a machine with ${cpus().length} cores, Node ${process.versions.node}.\n\n${sections.join('\n')}`,
  );
}

import { BROWSERS } from './browsers.ts';
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { z } from 'zod';
import { buildWeb } from './build.ts';
import { createDatabase, throwAwayCluster } from './cluster.ts';
import { chromium, ffmpeg } from './debian.ts';
import { ROOT } from './paths.ts';
import { SayError } from './say.ts';

/** Where vitest writes down what passed and what did not, and as much of it as is read. */
const UNIT_RESULTS = join(ROOT, '.cache', 'unit-tests.json');
const UnitResults = z.object({
  testResults: z.array(
    z.object({
      name: z.string(),
      status: z.string(),
      message: z.string().optional(),
      assertionResults: z.array(
        z.object({
          fullName: z.string(),
          status: z.string(),
          failureMessages: z.array(z.string()).default([]),
        }),
      ),
    }),
  ),
});

/** `npm test`: everything, in order of how soon it can fail; leaves nothing running. */
export async function run(): Promise<void> {
  const results: { step: string; seconds: number; ok: boolean }[] = [];
  const bin = (name: string) => join(ROOT, 'node_modules', '.bin', name);
  const kept = (name: string, began: number, status: number | null) =>
    results.push({ step: name, seconds: (Date.now() - began) / 1000, ok: status === 0 });
  const step = (name: string, command: string, args: string[], env: Record<string, string> = {}) => {
    console.log(`\n── ${name}`);
    const began = Date.now();
    const { status } = spawnSync(command, args, {
      stdio: 'inherit',
      cwd: ROOT,
      env: { ...process.env, ...env },
    });
    kept(name, began, status);
  };
  /** One after another, what each says told when it ends: two such rows go beside each other. */
  const row = async (steps: readonly (readonly [name: string, command: string, args: string[]])[]) => {
    for (const [name, command, args] of steps) {
      const began = Date.now();
      const [status, said] = await quietly(command, args);
      console.log(`\n── ${name}\n${said}`);
      kept(name, began, status);
    }
  };
  chromium();
  ffmpeg();
  const cluster = await throwAwayCluster();
  try {
    const folders = ['core/src', 'diagram/src', 'paper/src', 'words/src', 'cli/src', 'server/src', 'web/src'];
    await Promise.all([
      row([
        ['types', bin('tsc'), ['-b']],
        ['import rules', bin('depcruise'), [...folders, '--config', '.dependency-cruiser.cjs']],
        ['nothing unused', bin('knip'), ['--no-progress']],
      ]),
      row([
        ['lint', bin('eslint'), ['.', '--cache', '--cache-location', '.cache/eslint']],
        ['format', bin('prettier'), ['--check', '--log-level', 'warn', '.']],
      ]),
    ]);
    rmSync(UNIT_RESULTS, { force: true });
    step(
      'unit and server tests',
      bin('vitest'),
      ['run', '--reporter=default', '--reporter=json', `--outputFile.json=${UNIT_RESULTS}`],
      { TEST_DATABASE_URL: await createDatabase(cluster, 'server_tests') },
    );
    await buildWeb();
    const databases: string[] = [];
    for (let i = 0; i < BROWSERS; i++) databases.push(await createDatabase(cluster, `e2e${i}`));
    step('end-to-end tests', bin('playwright'), ['test', '--config', 'e2e/playwright.config.ts'], {
      E2E_DATABASE_URLS: databases.join(' '),
    });
  } finally {
    cluster.stop();
  }
  console.log('\n── summary');
  for (const line of failedUnits()) console.log(line);
  for (const r of results)
    console.log(`${r.ok ? 'passed' : 'FAILED'}  ${r.step} (${r.seconds.toFixed(1)} s)`);
  const failed = results.filter((r) => !r.ok);
  console.log(`${results.length - failed.length} passed, ${failed.length} failed`);
  if (failed.length > 0) throw new SayError(`Failed: ${failed.map((f) => f.step).join(', ')}.`);
}

/**
 * What failed among the unit and server tests, said once more at the end: the end-to-end tests print
 * hundreds of lines after it.
 */
function failedUnits(): string[] {
  if (!existsSync(UNIT_RESULTS)) return ['the unit and server tests left no results'];
  const all = UnitResults.parse(JSON.parse(readFileSync(UNIT_RESULTS, 'utf8')));
  return all.testResults.flatMap((file) => [
    ...(file.status === 'failed' && file.message ? [`${file.name}: ${file.message}`] : []),
    ...file.assertionResults
      .filter((test) => test.status === 'failed')
      .map((test) => `${file.name} › ${test.fullName}\n${test.failureMessages.join('\n')}`),
  ]);
}

/** Runs a command to its end. Returns its exit status and all it said. */
function quietly(command: string, args: string[]): Promise<[status: number | null, said: string]> {
  return new Promise((done, fail) => {
    const child = spawn(command, args, { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'] });
    let said = '';
    child.stdout.on('data', (d: Buffer) => (said += d.toString()));
    child.stderr.on('data', (d: Buffer) => (said += d.toString()));
    child.on('error', fail);
    child.on('close', (status) => done([status, said.trim()]));
  });
}

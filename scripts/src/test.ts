import { BROWSERS } from './browsers.ts';
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { buildWeb } from './build.ts';
import { createDatabase, throwAwayCluster } from './cluster.ts';
import { chromium } from './debian.ts';
import { ROOT } from './paths.ts';
import { SayError } from './say.ts';

/** `npm test`: everything, in order of how soon it can fail; leaves nothing running. */
export async function run(): Promise<void> {
  const results: { step: string; seconds: number; ok: boolean }[] = [];
  const bin = (name: string) => join(ROOT, 'node_modules', '.bin', name);
  const step = (name: string, command: string, args: string[], env: Record<string, string> = {}) => {
    console.log(`\n── ${name}`);
    const began = Date.now();
    const { status } = spawnSync(command, args, {
      stdio: 'inherit',
      cwd: ROOT,
      env: { ...process.env, ...env },
    });
    results.push({ step: name, seconds: (Date.now() - began) / 1000, ok: status === 0 });
  };
  chromium();
  const cluster = await throwAwayCluster();
  try {
    step('types', bin('tsc'), ['-b']);
    step('lint', bin('eslint'), ['.', '--cache', '--cache-location', '.cache/eslint']);
    step('format', bin('prettier'), ['--check', '--log-level', 'warn', '.']);
    step('import rules', bin('depcruise'), [
      'core/src',
      'diagram/src',
      'cli/src',
      'server/src',
      'web/src',
      '--config',
      '.dependency-cruiser.cjs',
    ]);
    step('nothing unused', bin('knip'), ['--no-progress']);
    step('unit and server tests', bin('vitest'), ['run'], {
      TEST_DATABASE_URL: await createDatabase(cluster, 'server_tests'),
    });
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
  for (const r of results)
    console.log(`${r.ok ? 'passed' : 'FAILED'}  ${r.step} (${r.seconds.toFixed(1)} s)`);
  const failed = results.filter((r) => !r.ok);
  console.log(`${results.length - failed.length} passed, ${failed.length} failed`);
  if (failed.length > 0) throw new SayError(`Failed: ${failed.map((f) => f.step).join(', ')}.`);
}

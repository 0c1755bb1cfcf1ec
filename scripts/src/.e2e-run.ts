import { spawnSync } from 'node:child_process';
import { buildWeb } from './build.ts';
import { createDatabase, throwAwayCluster } from './cluster.ts';
import { chromium } from './debian.ts';
chromium();
buildWeb();
const cluster = await throwAwayCluster();
const url = await createDatabase(cluster, 'e2e');
spawnSync('npx', ['playwright', 'test', '--config', 'e2e/playwright.config.ts', ...process.argv.slice(2)], {
  stdio: 'inherit',
  env: { ...process.env, E2E_DATABASE_URL: url },
});
cluster.stop();

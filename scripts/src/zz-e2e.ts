import { spawnSync } from 'node:child_process';
import { buildWeb } from './build.ts';
import { createDatabase, throwAwayCluster } from './cluster.ts';
import { ROOT } from './paths.ts';
await buildWeb();
const cluster = await throwAwayCluster();
const r = spawnSync(
  'npx',
  ['playwright', 'test', '--config', 'e2e/playwright.config.ts', ...process.argv.slice(2)],
  {
    cwd: ROOT,
    stdio: 'inherit',
    env: {
      ...process.env,
      E2E_DATABASE_URLS: `${await createDatabase(cluster, 'e2e0')} ${await createDatabase(cluster, 'e2e1')}`,
    },
  },
);
cluster.stop();
process.exit(r.status ?? 1);

// Runs before anything is installed, so it is plain JavaScript without a package:
// checks Node, installs the packages of the lockfile when they are not those of last time, then hands over.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { withLock } from './lock.mjs';

const root = dirname(dirname(fileURLToPath(import.meta.url)));
process.chdir(root);
const command = process.argv[2] ?? 'demo';

const [major, minor] = process.versions.node.split('.').map(Number);
if (major < 20 || (major === 20 && minor < 19)) {
  console.error(`Corkscrew needs Node 20.19 or later; this is ${process.versions.node}.`);
  process.exit(1);
}

const stamp = join(root, 'node_modules', '.corkscrew-lock');
const lock = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex');
const isInstalled = () => existsSync(stamp) && readFileSync(stamp, 'utf8') === lock;
const install = () => {
  // Another one may have done it while this one waited.
  if (isInstalled()) return;
  console.log('Installing packages from the lockfile …');
  // Building and testing need the packages for it as well, also where NODE_ENV says production.
  const npm = spawnSync('npm', ['ci', '--include=dev', '--no-fund', '--no-audit', '--loglevel=error'], {
    stdio: 'inherit',
  });
  if (npm.status !== 0) {
    console.error('The packages could not be installed. Run "npm ci" to see why.');
    process.exit(1);
  }
  mkdirSync(dirname(stamp), { recursive: true });
  writeFileSync(stamp, lock);
};
if (!isInstalled()) await withLock(join(root, '.cache', 'install.lock'), 'installing packages', install);

const { register } = await import(pathToFileURL(join(root, 'node_modules/tsx/dist/esm/api/index.mjs')).href);
register();
const { runCommand } = await import('./src/commands.ts');
await runCommand(command, process.argv.slice(3));

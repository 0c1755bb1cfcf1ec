import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { withLock } from '../lock.mjs';
import { ROOT, WEB, WEB_DIST } from './paths.ts';
import { SayError } from './say.ts';

/**
 * Builds the web app, unless nothing it is made of has changed since the last build. Returns the build's name,
 * which the app knows as well: a tab of another build offers to reload.
 */
export async function buildWeb(): Promise<string> {
  await withLock(join(ROOT, '.cache', 'build.lock'), 'building the app', buildOnce);
  return sourcesHash().slice(0, 12);
}

function buildOnce(): void {
  const stamp = join(WEB_DIST, '.built-from');
  const hash = sourcesHash();
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === hash) return;
  console.log('Building the app …');
  const vite = spawnSync(
    process.execPath,
    [join(ROOT, 'node_modules/vite/bin/vite.js'), 'build', '--logLevel', 'warn'],
    {
      cwd: WEB,
      encoding: 'utf8',
      // Whoever builds it, tests among them, it is the app as people get it.
      env: { ...process.env, NODE_ENV: 'production', VITE_CORKSCREW_BUILD: hash.slice(0, 12) },
    },
  );
  if (vite.status !== 0) throw new SayError(`The app could not be built:\n${vite.stdout}${vite.stderr}`);
  writeFileSync(stamp, hash);
}

function sourcesHash(): string {
  const hash = createHash('sha256');
  const add = (path: string) => hash.update(path.slice(ROOT.length)).update(readFileSync(path));
  for (const folder of ['core/src', 'diagram/src', 'web/src', 'web/public']) {
    const base = join(ROOT, folder);
    if (!existsSync(base)) continue;
    const files = readdirSync(base, { recursive: true, withFileTypes: true })
      .filter((e) => e.isFile() && !e.name.includes('.test.'))
      .map((e) => join(e.parentPath, e.name));
    for (const file of files.sort()) add(file);
  }
  for (const file of ['package-lock.json', 'web/index.html', 'web/vite.config.ts']) add(join(ROOT, file));
  return hash.digest('hex');
}

/** The core as one script for a bare page, under the global name `corkscrewCore`. */
export async function coreScript(): Promise<string> {
  // Loaded here only: the start command has no use for it.
  const { build } = await import('vite');
  const built = await build({
    configFile: false,
    logLevel: 'silent',
    build: {
      write: false,
      target: 'es2023',
      lib: { entry: join(ROOT, 'core/src/index.ts'), name: 'corkscrewCore', formats: ['iife'] },
    },
  });
  const [first] = Array.isArray(built) ? built : [built];
  if (!first || !('output' in first)) throw new Error('The core was not built.');
  return first.output[0].code;
}

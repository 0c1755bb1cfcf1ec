import { spawnSync } from 'node:child_process';
import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { isRoot } from './paths.ts';
import { SayError } from './say.ts';

/** Installs a Debian package where we may; where not, says the exact command. */
function install(name: string): void {
  if (!isRoot())
    throw new SayError(
      `Corkscrew needs Debian's ${name}. Run this once, then start again:\n\n  sudo apt-get update && sudo apt-get install -y ${name}\n`,
    );
  console.log(`Installing Debian's ${name} …`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  // Another set-up may be at it: apt waits for it.
  const wait = ['-o', 'DPkg::Lock::Timeout=900', '-o', 'Acquire::Lock::Timeout=900'];
  spawnSync('apt-get', [...wait, 'update', '-qq'], { env, stdio: 'ignore' });
  const apt = spawnSync('apt-get', [...wait, 'install', '-y', '-qq', name], { env, encoding: 'utf8' });
  if (apt.status !== 0) throw new SayError(`Debian's ${name} could not be installed:\n${apt.stderr}`);
}

/** Where Debian's Chromium without a window lies. */
export const CHROMIUM = '/usr/bin/chromium-headless-shell';

function findPostgres(): string | undefined {
  const base = '/usr/lib/postgresql';
  if (!existsSync(base)) return undefined;
  const versions = readdirSync(base)
    .map(Number)
    .filter((v) => existsSync(join(base, String(v), 'bin', 'initdb')));
  return versions.length > 0 ? join(base, String(Math.max(...versions)), 'bin') : undefined;
}

/** The folder of PostgreSQL's programs, installed if need be. */
export function postgresBin(): string {
  const found = findPostgres();
  if (found) return found;
  install('postgresql');
  const now = findPostgres();
  if (!now)
    throw new SayError(
      "Debian's postgresql was installed, but its programs are not where they should be (/usr/lib/postgresql).",
    );
  return now;
}

/**
 * Debian's Chromium, for tests and screenshots only: the build that has no window, which starts fewer processes for a
 * page and takes two thirds of the time.
 */
export function chromium(): string {
  if (!existsSync(CHROMIUM)) install('chromium-headless-shell');
  return CHROMIUM;
}

/** Debian's ffmpeg, for tests only: it reads the videos that another library made. */
export function ffmpeg(): string {
  const path = '/usr/bin/ffmpeg';
  if (!existsSync(path)) install('ffmpeg');
  return path;
}

import { createHash } from 'node:crypto';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = dirname(dirname(dirname(fileURLToPath(import.meta.url))));
export const WEB = join(ROOT, 'web');
export const WEB_DIST = join(WEB, 'dist');
/** Plays kept as they once stood, for what is measured on them. */
export const FIXTURES = join(ROOT, 'scripts', 'fixtures', 'plays');
export const DEMO_PLAYS = join(ROOT, 'demo', 'plays');

export const isRoot = (): boolean => process.getuid?.() === 0;

/** The system's place for what a service keeps. */
export const STATE = '/var/lib/corkscrew';

/**
 * Where the project's own data lives. PostgreSQL does not run as root, and its own user may not enter
 * a home or temporary folder: root therefore uses the system's state directory, one folder per project path.
 * CORKSCREW_DATA names another folder.
 */
export function dataHome(name = ''): string {
  const own = process.env.CORKSCREW_DATA;
  const base =
    own ??
    (isRoot()
      ? join(STATE, createHash('sha256').update(ROOT).digest('hex').slice(0, 12))
      : join(ROOT, '.data'));
  return name ? `${base}-${name}` : base;
}

/** Where a real team's data lives: apart from the demo's, or where CORKSCREW_DATA says. */
export const teamHome = (): string => process.env.CORKSCREW_DATA ?? dataHome('team');

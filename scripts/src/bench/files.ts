import { spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { ROOT, WEB_DIST } from '../paths.ts';
import { demo, type Row } from './row.ts';

/** The command line over five hundred files, its start included. */
export function checkMany(): Row {
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

/** What the first route has to fetch. */
export function firstRoute(): Row {
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

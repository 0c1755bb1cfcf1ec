import { newPlay } from '@corkscrew/core';
import { drizzle } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import pg from 'pg';
import { afterAll, expect, it } from 'vitest';
import { ownerOnLoopback } from '../actor.ts';
import { getPlay } from '../plays/get.ts';
import { listPlays } from '../plays/list.ts';
import { rederive } from '../plays/rederive.ts';
import { getVersion, listVersions } from '../plays/versions.ts';
import { startServer } from '../serve.ts';
import { migrateDatabase, openDatabase } from './client.ts';

const admin = process.env.TEST_DATABASE_URL!;
const made: string[] = [];

async function freshDatabase(): Promise<string> {
  const name = `fresh_${Date.now()}_${made.length}`;
  const client = new pg.Client({ connectionString: admin });
  await client.connect();
  await client.query(`create database "${name}" template template0 encoding 'UTF8'`);
  await client.end();
  made.push(name);
  return admin.replace(/\/[^/]+$/, `/${name}`);
}
afterAll(async () => {
  const client = new pg.Client({ connectionString: admin });
  await client.connect();
  for (const name of made) await client.query(`drop database "${name}" with (force)`);
  await client.end();
});

/** The migrations up to a number, as they were when it was the last. */
function migrationsUpTo(last: number): string {
  const folder = mkdtempSync(join(tmpdir(), 'migrations-'));
  cpSync(fileURLToPath(new URL('../../migrations', import.meta.url)), folder, { recursive: true });
  const file = join(folder, 'meta/_journal.json');
  const journal = JSON.parse(readFileSync(file, 'utf8')) as { entries: { idx: number }[] };
  writeFileSync(file, JSON.stringify({ ...journal, entries: journal.entries.filter((e) => e.idx <= last) }));
  return folder;
}

it('plays and versions of a database from before teams had keys are all there after an upgrade', async () => {
  const url = await freshDatabase();
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  const folder = migrationsUpTo(2);
  await migrate(drizzle(client), { migrationsFolder: folder });
  rmSync(folder, { recursive: true });
  const play = {
    ...newPlay({ id: 'old', name: 'Old one', court: 'nfhs', level: 'pro', alignment: 'horns', ball: '1' }),
    version: 1,
  };
  await client.query(`insert into teams (id, name) values ('team', 'T')`);
  await client.query(
    `insert into plays (id, team_id, revision, document, summary, card) values ('old', 'team', 4, $1, '{}', '{}')`,
    [play],
  );
  await client.query(
    `insert into play_versions (play_id, revision, sitting, frames, document) values ('old', 4, 's', 1, $1)`,
    [play],
  );
  await client.end();

  const database = openDatabase(url);
  const actor = ownerOnLoopback('team')({} as never)!;
  await database.alone(migrateDatabase);
  expect(await database.within((db) => getPlay(db, actor, 'old'))).toMatchObject({
    revision: 4,
    document: play,
  });
  const [version] = await database.within((db) => listVersions(db, actor, 'old'));
  expect(await database.within((db) => getVersion(db, actor, 'old', version!.id))).toMatchObject({
    document: play,
  });
  expect(await rederive(database)).toBe(1);
  const [row] = await database.within((db) => listPlays(db, actor, false));
  expect(row!.summary).toMatchObject({ name: 'Old one', alignment: 'horns' });
  await database.close();
});

it('two first starts at once on one empty database both succeed', async () => {
  const databaseUrl = await freshDatabase();
  const demoPlays = fileURLToPath(new URL('../../../demo/plays', import.meta.url));
  const logFile = join(mkdtempSync(join(tmpdir(), 'log-')), 'server.log');
  const start = () => startServer({ databaseUrl, port: 0, teamName: 'T', demoPlays, logFile });
  const both = await Promise.all([start(), start()]);
  const loaded = both.map((s) => s.loaded).sort((a, b) => a - b);
  expect(loaded[0]).toBe(0);
  expect(loaded[1]).toBeGreaterThan(9);
  await Promise.all(both.map((s) => s.stop()));
});

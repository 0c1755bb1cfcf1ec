import { edit, readPlay, type Play } from '@corkscrew/core';
import { gunzipSync, gzipSync } from 'node:zlib';
import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import pino from 'pino';
import { ownerOnLoopback } from '../actor.ts';
import { createApp } from '../app.ts';
import { fresh } from '../app.test-data.ts';
import { migrateDatabase, openDatabase, type Database } from '../db/client.ts';
import { loadPlays } from '../demo.ts';
import { ensureTeam } from '../teams/routes.ts';
import { BackupFault, packBackup, unpackBackup, type Backup } from './format.ts';
import { backupOf, listBackups, restoreBackup } from './store.ts';

const DEMO = new URL('../../../demo/plays', import.meta.url).pathname;
const log = pino({ level: 'silent' });
const NOW = new Date('2026-11-28T12:00:00Z');
const owner = (team: string) => ({ team, person: 'owner', role: 'owner' }) as const;
let database: Database;
let count = 0;
/** A team of its own for every test. */
const team = async (): Promise<string> => {
  const id = `backed-${Date.now()}-${count++}`;
  await database.within((db) => ensureTeam(db, id, 'Backed up'));
  return id;
};
beforeAll(async () => {
  database = openDatabase(process.env.TEST_DATABASE_URL!);
  await database.alone(migrateDatabase);
});
afterAll(() => database.close());

const app = (id: string) => createApp({ database, log, actors: ownerOnLoopback(id) });
const save = async (id: string, play: Play, revision: number, sitting = 's') =>
  app(id).request(`/api/plays/${play.id}`, {
    ...{ method: 'PUT', headers: { 'Content-Type': 'application/json' } },
    body: JSON.stringify({ revision, sitting, document: play }),
  });
/** A team with the demo's plays and records, versions of one of them, and one in the trash. */
async function full(): Promise<string> {
  const id = await team();
  await loadPlays(database, owner(id), DEMO);
  const play = fresh('Kept often');
  await save(id, play, 0, 'one');
  const r = edit(play, { do: 'name', name: 'Kept often, later' });
  if (r.ok) await save(id, r.play, 1, 'two');
  const gone = fresh('Thrown away');
  await save(id, gone, 0);
  await app(id).request(`/api/plays/${gone.id}`, { method: 'DELETE' });
  return id;
}
/** Every record of a team, without what the database counts by itself. */
const everything = (b: Backup): string[] =>
  b.rows
    .map(({ table, row }) => {
      const { teamId: _team, id, playsVersion: _count, createdAt, ...rest } = row;
      const own = table === 'play_versions' || table === 'teams' ? {} : { id, createdAt };
      return JSON.stringify([table, own, rest]);
    })
    .sort();
const now = (id: string): Promise<Backup> => database.long((db) => backupOf(db, id, NOW));

describe('all of a team in one file', () => {
  it('packed and read again it is the same, to the last record', async () => {
    const backup = await now(await full());
    expect(new Set(backup.rows.map((r) => r.table))).toEqual(
      new Set(['teams', 'plays', 'play_versions', 'records', 'record_versions']),
    );
    expect(unpackBackup(packBackup(backup))).toEqual(backup);
  });
  it('wiped and restored into the empty team every record is as it was', async () => {
    const id = await full();
    const before = await now(id);
    const file = packBackup(before);
    const empty = await team();
    const restored = await database.long((db) => restoreBackup(db, empty, file, 'into', NOW));
    expect(restored).toMatchObject({ rows: before.rows.length - 1, before: null });
    expect(everything(await now(empty))).toEqual(everything(before));
    // Lists and plays are served as they were.
    const list = async (t: string) =>
      (await (await app(t).request('/api/plays')).json()) as { id: string; summary: unknown }[];
    expect((await list(empty)).map((r) => [r.id, r.summary])).toEqual(
      (await list(id)).map((r) => [r.id, r.summary]),
    );
    await expect(database.long((db) => restoreBackup(db, empty, file, 'into', NOW))).rejects.toThrow(
      'not empty',
    );
  }, 60_000);
  it('over a living team everything is replaced, and what was there is backed up first', async () => {
    const [from, to] = [await full(), await full()];
    await save(to, fresh('Only here'), 0);
    const was = await now(to);
    const file = packBackup(await now(from));
    const restored = await database.long((db) => restoreBackup(db, to, file, 'over', NOW));
    expect(everything(await now(to))).toEqual(everything(await now(from)));
    const [kept] = await database.within((db) => listBackups(db, to));
    expect(kept).toMatchObject({ id: restored.before, why: 'restore' });
    const got = await app(to).request(`/api/backups/${kept!.id}/file`);
    expect(everything(unpackBackup(new Uint8Array(await got.arrayBuffer())))).toEqual(everything(was));
  }, 60_000);
  it('beside it another team has it, and this one is as it was', async () => {
    const id = await full();
    const before = everything(await now(id));
    const { team: other } = await database.long(async (db) =>
      restoreBackup(db, id, packBackup(await backupOf(db, id, NOW)), 'beside', NOW),
    );
    expect(other).not.toBe(id);
    const rows = (await now(other)).rows.filter((r) => r.table !== 'teams');
    expect(rows).toHaveLength(before.length - 1);
    expect(everything(await now(id))).toEqual(before);
  }, 60_000);
  it('a player who was erased since does not come back with an older backup, over the team or beside it', async () => {
    const id = await full();
    const file = packBackup(await now(id));
    const him = 'demo-player-24';
    const said = (b: Backup): string => JSON.stringify(b.rows);
    expect(said(await now(id))).toContain('Thistlewood');
    await app(id).request(`/api/players/${him}/erase`, { method: 'POST' });
    expect(said(await now(id))).not.toContain('Thistlewood');
    await database.long((db) => restoreBackup(db, id, file, 'over', NOW));
    const beside = await database.long((db) => restoreBackup(db, id, file, 'beside', NOW));
    for (const team of [id, beside.team]) {
      const all = await now(team);
      expect(said(all)).not.toContain('Thistlewood');
      expect(said(all)).toContain('Oxenbridge');
    }
  }, 60_000);
  it('what fails on the way leaves everything as it was', async () => {
    const id = await full();
    const before = everything(await now(id));
    const backup = await now(id);
    const twice = { ...backup, rows: [...backup.rows, backup.rows.find((r) => r.table === 'plays')!] };
    await expect(
      database.long((db) => restoreBackup(db, id, packBackup(twice), 'over', NOW)),
    ).rejects.toThrow();
    expect(everything(await now(id))).toEqual(before);
    expect(await database.within((db) => listBackups(db, id))).toEqual([]);
  }, 60_000);
});

describe('a file that can’t be trusted', () => {
  const good = (): Buffer =>
    packBackup({
      head: { format: 'corkscrew-backup', version: 1, madeAt: NOW.toISOString(), team: 't', name: 'T' },
      rows: [{ table: 'plays', row: { id: 'a' } }],
    });
  const tampered = (change: (text: string) => string): Buffer =>
    gzipSync(change(gunzipSync(good()).toString()));
  it.each([
    ['cut', () => good().subarray(0, 60)],
    ['changed', () => tampered((t) => t.replace('"id":"a"', '"id":"b"'))],
    ['short of a line', () => tampered((t) => t.split('\n').toSpliced(1, 1).join('\n'))],
    ['without its end', () => tampered((t) => t.split('\n').slice(0, 2).join('\n') + '\n')],
    ['something else', () => gzipSync('{"hello":1}\n{"end":true}\n')],
    ['no gzip', () => Buffer.from('hello')],
    ['of a newer Corkscrew', () => tampered((t) => t.replace('"version":1', '"version":9'))],
  ])('%s is refused whole', (_, file) => {
    expect(() => unpackBackup(file())).toThrow(BackupFault);
  });
  it('through the API it is a sentence', async () => {
    const id = await team();
    const r = await app(id).request('/api/backups/restore?mode=over', { method: 'POST', body: 'hello' });
    expect(r.status).toBe(422);
    expect(((await r.json()) as { detail: string }).detail).toContain('damaged');
  });
  it('a table this Corkscrew does not know is refused', async () => {
    const id = await team();
    const odd = unpackBackup(good());
    const file = packBackup({ ...odd, rows: [{ table: 'pg_catalog', row: {} }] });
    await expect(database.long((db) => restoreBackup(db, id, file, 'into', NOW))).rejects.toThrow(
      'does not know',
    );
  });
});

it('a play of an older format in a backup is read as one of today after it is restored', async () => {
  const id = await team();
  const sample = { ...fresh('Of old'), version: 1 };
  const head = {
    format: 'corkscrew-backup',
    version: 1,
    madeAt: NOW.toISOString(),
    team: 't',
    name: 'T',
  } as const;
  const row = {
    ...{
      id: sample.id,
      revision: 3,
      document: sample,
      summary: {},
      card: {},
      derived: 0,
      judged: '',
      related: '',
      compared: '',
    },
    ...{ createdAt: NOW.toISOString(), updatedAt: NOW.toISOString() },
  };
  await database.long((db) =>
    restoreBackup(db, id, packBackup({ head, rows: [{ table: 'plays', row }] }), 'into', NOW),
  );
  const r = await app(id).request(`/api/plays/${sample.id}`);
  const stored = (await r.json()) as { revision: number; document: unknown };
  expect(stored.revision).toBe(3);
  expect(readPlay(stored.document)).toMatchObject({ ok: true, play: { version: 2 } });
  const [seen] = (
    await database.within((db) => db.execute(sql`select count(*)::int as n from plays where team_id = ${id}`))
  ).rows as { n: number }[];
  expect(seen!.n).toBe(1);
});

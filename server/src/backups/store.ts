import type { Restored, RestoreMode } from '@corkscrew/core';
import { desc, eq, getTableColumns, inArray, type InferInsertModel } from 'drizzle-orm';
import type { PgTable } from 'drizzle-orm/pg-core';
import { nanoid } from 'nanoid';
import type { Db } from '../db/client.ts';
import {
  backups,
  erased,
  people,
  plays,
  playVersions,
  records,
  recordVersions,
  teams,
} from '../db/schema.ts';
import { notFound } from '../http/problem.ts';
import { erasedOf } from '../records/people.ts';
import { bumpList } from '../plays/list.ts';
import {
  BACKUP_FORMAT,
  BACKUP_VERSION,
  BackupFault,
  packBackup,
  unpackBackup,
  type Backup,
  type BackupRow,
} from './format.ts';

/** Every table with what a team has made, those that others point at first. What is worked out of it is made anew. */
const TABLES = {
  people,
  plays,
  play_versions: playVersions,
  records,
  record_versions: recordVersions,
} as const;
type TableName = keyof typeof TABLES;
const NAMES = Object.keys(TABLES) as TableName[];
/** Of what was made so often the oldest go. */
const KEPT = 30;

/** All of a team as it is now. */
export async function backupOf(db: Db, team: string, now: Date): Promise<Backup> {
  const [own] = await db.select().from(teams).where(eq(teams.id, team));
  if (!own) throw notFound('The team');
  const rows: BackupRow[] = [{ table: 'teams', row: plain(own) }];
  for (const table of NAMES) {
    const all = await db
      .select()
      .from(TABLES[table] as typeof plays)
      .where(eq(TABLES[table].teamId, team));
    for (const row of all) rows.push({ table, row: plain(row) });
  }
  return {
    head: { format: BACKUP_FORMAT, version: BACKUP_VERSION, madeAt: now.toISOString(), team, name: own.name },
    rows,
  };
}
const plain = (row: object): BackupRow['row'] => JSON.parse(JSON.stringify(row)) as BackupRow['row'];

export type Why = 'asked' | 'clock' | 'restore';
/** One that is kept, without its file. */
export interface KeptBackup {
  readonly id: string;
  readonly why: Why;
  readonly rows: number;
  readonly bytes: number;
  readonly madeAt: string;
}

/** Makes a backup and keeps it with the team's others, the latest of them. */
export async function keepBackup(db: Db, team: string, why: Why, now: Date): Promise<KeptBackup> {
  const backup = await backupOf(db, team, now);
  const file = packBackup(backup);
  const row = { id: nanoid(12), why, rows: backup.rows.length, bytes: file.length };
  await db.insert(backups).values({ ...row, teamId: team, file, madeAt: now });
  const old = await db
    .select({ id: backups.id })
    .from(backups)
    .where(eq(backups.teamId, team))
    .orderBy(desc(backups.madeAt))
    .offset(KEPT);
  if (old.length > 0)
    await db.delete(backups).where(
      inArray(
        backups.id,
        old.map((o) => o.id),
      ),
    );
  return { ...row, madeAt: now.toISOString() };
}

export async function listBackups(db: Db, team: string): Promise<KeptBackup[]> {
  const { id, why, rows, bytes, madeAt } = backups;
  const all = await db
    .select({ id, why, rows, bytes, madeAt })
    .from(backups)
    .where(eq(backups.teamId, team))
    .orderBy(desc(madeAt));
  return all.map((b) => ({ ...b, madeAt: b.madeAt.toISOString() }));
}

export async function backupFile(
  db: Db,
  team: string,
  id: string,
): Promise<{ readonly file: Buffer; readonly madeAt: Date }> {
  const all = await db
    .select({ id: backups.id, file: backups.file, madeAt: backups.madeAt })
    .from(backups)
    .where(eq(backups.teamId, team));
  const one = all.find((b) => b.id === id);
  if (!one) throw notFound('This backup');
  return one;
}

/** Restores a backup in one transaction. A damaged one is refused whole. Throws `BackupFault`. */
export async function restoreBackup(
  db: Db,
  team: string,
  file: Uint8Array,
  mode: RestoreMode,
  now: Date,
): Promise<Restored> {
  const { head, rows } = unpackBackup(file);
  const unknown = rows.find((r) => r.table !== 'teams' && !(r.table in TABLES));
  if (unknown)
    throw new BackupFault(
      `This backup has something that this Corkscrew does not know: ${unknown.table}. Nothing was restored.`,
    );
  const to = mode === 'beside' ? `team-${nanoid(8)}` : team;
  let before: string | null = null;
  if (mode === 'beside')
    await db.insert(teams).values({ id: to, name: `${head.name}, restored`.slice(0, 80) });
  else {
    const here = await backupOf(db, team, now);
    const made = here.rows.length - 1;
    if (mode === 'into' && made > 0)
      throw new BackupFault('This team is not empty: restore over it, or beside it. Nothing was restored.');
    if (mode === 'over' && made > 0) before = (await keepBackup(db, team, 'restore', now)).id;
    for (const table of NAMES.toReversed())
      await db.delete(TABLES[table]).where(eq(TABLES[table].teamId, team));
  }
  const own = rows.find((r) => r.table === 'teams')?.row;
  if (own) {
    const { school, defences, defaults, name } = own as unknown as typeof teams.$inferSelect;
    await db
      .update(teams)
      .set({ school, defences, defaults, ...(mode === 'beside' ? {} : { name }) })
      .where(eq(teams.id, to));
  }
  // Who was erased since stays erased, whatever the backup still has of him.
  const gone = await erasedOf(db, team);
  if (to !== team) for (const id of gone) await db.insert(erased).values({ teamId: to, id });
  for (const table of NAMES) {
    const all = rows
      .filter((r) => r.table === table)
      .flatMap((r) => withoutErased(table, r.row, gone))
      .map((row) => readyFor(TABLES[table], row, to));
    for (let i = 0; i < all.length; i += CHUNK)
      await db
        .insert(TABLES[table] as typeof plays)
        .values(all.slice(i, i + CHUNK) as InferInsertModel<typeof plays>[]);
  }
  await bumpList(db, to);
  return { team: to, rows: rows.length - 1, before };
}
/** A row of a backup without those who were erased since. */
function withoutErased(
  table: TableName,
  row: BackupRow['row'],
  gone: ReadonlySet<string>,
): BackupRow['row'][] {
  if (row['kind'] !== 'players') return [row];
  if (table === 'records' && gone.has(String(row['id']))) return [{ ...row, body: null }];
  return table === 'record_versions' && gone.has(String(row['recordId'])) ? [] : [row];
}

/** Rows go in so many at a time: PostgreSQL takes 65,535 values in one statement. */
const CHUNK = 500;

/** A row as it goes into its table: of this team, moments as moments, counted anew where the database counts. */
function readyFor(table: PgTable, row: BackupRow['row'], team: string): Record<string, unknown> {
  const columns = getTableColumns(table);
  const entries = Object.entries({ ...row, teamId: team }).flatMap(([name, value]): [string, unknown][] => {
    const column = columns[name];
    if (column?.columnType === 'PgSerial') return [];
    return [[name, column?.dataType === 'date' && typeof value === 'string' ? new Date(value) : value]];
  });
  return Object.fromEntries(entries);
}

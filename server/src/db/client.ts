import { sql } from 'drizzle-orm';
import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import { fileURLToPath } from 'node:url';
import pg from 'pg';
import * as schema from './schema.ts';
import { isDatabaseDown, TooLate } from './trouble.ts';

export type Db = NodePgDatabase<typeof schema>;

/** Milliseconds: a connection, one query, and all that a request asks of the database. */
const LIMITS = { connect: 2000, query: 2400, request: 2800 } as const;

export interface Database {
  /** Asks the database, and gives up after the time a request may take. */
  readonly within: <T>(work: (db: Db) => Promise<T>) => Promise<T>;
  /** The same in one transaction. */
  readonly transaction: <T>(work: (db: Db) => Promise<T>) => Promise<T>;
  /** One transaction of much work, without a limit of time: an import, a restore. */
  readonly long: <T>(work: (db: Db) => Promise<T>) => Promise<T>;
  /** Work at start, one process at a time, without a limit: others that start wait for it. */
  readonly alone: <T>(work: (db: Db) => Promise<T>) => Promise<T>;
  readonly close: () => Promise<void>;
}

/** Opens a pool; nothing connects until the first query. */
export function openDatabase(url: string): Database {
  const pool = new pg.Pool({
    connectionString: url,
    max: 10,
    connectionTimeoutMillis: LIMITS.connect,
    query_timeout: LIMITS.query,
    statement_timeout: LIMITS.query,
    idle_in_transaction_session_timeout: 10_000,
    keepAlive: true,
  });
  // A dead idle connection is replaced on the next query; without a listener it would end the process.
  pool.on('error', () => undefined);
  const db = drizzle(pool, { schema });
  return {
    within: (work) => inTime(LIMITS.request, work(db)),
    transaction: (work) => inTime(LIMITS.request, transact(pool, work)),
    long: (work) => long(url, work),
    alone: (work) => alone(url, work),
    close: () => pool.end(),
  };
}

/** Whether PostgreSQL answers within so many milliseconds. */
export const answers = (database: Database, ms: number): Promise<boolean> =>
  inTime(
    ms,
    database.within((db) => db.execute(sql`select 1`)),
  ).then(
    () => true,
    () => false,
  );

function inTime<T>(ms: number, work: Promise<T>): Promise<T> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(new TooLate()), ms);
  });
  return Promise.race([work, late]).finally(() => clearTimeout(timer));
}

/** One transaction on a connection of its own; a connection that hangs is thrown away, not used again. */
async function transact<T>(pool: pg.Pool, work: (db: Db) => Promise<T>): Promise<T> {
  const client = await pool.connect();
  let broken: Error | boolean = false;
  try {
    await client.query('begin');
    const result = await work(drizzle(client, { schema }));
    await client.query('commit');
    return result;
  } catch (error) {
    broken = isDatabaseDown(error);
    if (!broken)
      await client.query('rollback').catch((e: Error) => {
        broken = e;
      });
    throw error;
  } finally {
    client.release(broken);
  }
}

async function long<T>(url: string, work: (db: Db) => Promise<T>): Promise<T> {
  const client = new pg.Client({ connectionString: url, connectionTimeoutMillis: LIMITS.connect });
  await client.connect();
  try {
    await client.query('begin');
    const result = await work(drizzle(client, { schema }));
    await client.query('commit');
    return result;
  } finally {
    // What was not committed is rolled back with the connection.
    await client.end();
  }
}

/** Any number, the same for all who start: it names the lock that first starts wait for. */
const FIRST_START = 727_001;

async function alone<T>(url: string, work: (db: Db) => Promise<T>): Promise<T> {
  const client = new pg.Client({ connectionString: url, connectionTimeoutMillis: LIMITS.connect });
  await client.connect();
  try {
    await client.query('select pg_advisory_lock($1)', [FIRST_START]);
    return await work(drizzle(client, { schema }));
  } finally {
    await client.end();
  }
}

export async function migrateDatabase(db: Db): Promise<void> {
  await migrate(db, { migrationsFolder: fileURLToPath(new URL('../../migrations', import.meta.url)) });
}

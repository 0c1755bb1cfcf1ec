import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import { fileURLToPath } from 'node:url';
import pg from 'pg';
import * as schema from './schema.ts';

export type Db = NodePgDatabase<typeof schema>;
export interface Database {
  readonly db: Db;
  readonly close: () => Promise<void>;
}

/** Opens a pool; nothing connects until the first query. */
export function openDatabase(url: string): Database {
  const pool = new pg.Pool({ connectionString: url, max: 10, connectionTimeoutMillis: 3000 });
  // A dead idle connection is replaced on the next query; without a listener it would end the process.
  pool.on('error', () => undefined);
  return { db: drizzle(pool, { schema }), close: () => pool.end() };
}

export async function migrateDatabase(db: Db): Promise<void> {
  await migrate(db, { migrationsFolder: fileURLToPath(new URL('../../migrations', import.meta.url)) });
}

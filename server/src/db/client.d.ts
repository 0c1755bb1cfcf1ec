import { type NodePgDatabase } from 'drizzle-orm/node-postgres';
import * as schema from './schema.ts';
export type Db = NodePgDatabase<typeof schema>;
export interface Database {
    readonly db: Db;
    readonly close: () => Promise<void>;
}
/** Opens a pool; nothing connects until the first query. */
export declare function openDatabase(url: string): Database;
export declare function migrateDatabase(db: Db): Promise<void>;

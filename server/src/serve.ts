import { serve } from '@hono/node-server';
import pino from 'pino';
import { createApp } from './app.ts';
import { migrateDatabase, openDatabase } from './db/client.ts';
import { loadPlays } from './demo.ts';
import { ensureTeam } from './teams/routes.ts';

export const TEAM = { id: 'team', name: 'Harrow Point' } as const;

export interface ServeOptions {
  readonly databaseUrl: string;
  readonly port: number;
  readonly webRoot?: string;
  /** Folder of play files put into an empty playbook. */
  readonly demoPlays?: string;
  readonly logFile?: string;
}
export interface Running {
  readonly port: number;
  readonly loaded: number;
  /** Lets requests under way finish, then closes the pool. */
  readonly stop: () => Promise<void>;
}

/** Migrates, fills an empty playbook and serves on loopback until stopped. */
export async function startServer(options: ServeOptions): Promise<Running> {
  const log = pino(
    { level: process.env.LOG_LEVEL ?? 'info' },
    pino.destination(options.logFile ? { dest: options.logFile, mkdir: true, sync: false } : 1),
  );
  const { db, close } = openDatabase(options.databaseUrl);
  try {
    await migrateDatabase(db);
    await ensureTeam(db, TEAM.id, TEAM.name);
    const loaded = options.demoPlays ? await loadPlays(db, TEAM.id, options.demoPlays) : 0;
    const app = createApp({
      db,
      log,
      teamId: TEAM.id,
      ...(options.webRoot ? { webRoot: options.webRoot } : {}),
    });
    const server = await new Promise<ReturnType<typeof serve>>((resolve, reject) => {
      const s = serve({ fetch: app.fetch, port: options.port, hostname: '127.0.0.1' }, () => resolve(s));
      s.on('error', reject);
    });
    const address = server.address();
    return {
      port: typeof address === 'object' && address ? address.port : options.port,
      loaded,
      stop: async () => {
        await new Promise<void>((done) => {
          server.close(() => done());
          if ('closeIdleConnections' in server) server.closeIdleConnections();
          setTimeout(() => 'closeAllConnections' in server && server.closeAllConnections(), 2000).unref();
        });
        await close();
      },
    };
  } catch (error) {
    await close();
    throw error;
  }
}

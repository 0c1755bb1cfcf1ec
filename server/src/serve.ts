import { serve } from '@hono/node-server';
import type { Server } from 'node:http';
import { createApp } from './app.ts';
import { ownerOnLoopback, type Actor } from './actor.ts';
import { migrateDatabase, openDatabase } from './db/client.ts';
import { loadPlays } from './demo.ts';
import { openLog } from './log.ts';
import { tidyInTheBackground } from './plays/rederive.ts';
import { ensureTeam } from './teams/routes.ts';
import { startJobs, type JobOptions } from './beside/jobs.ts';
import { Helper } from './beside/helper.ts';
import { workerBeside } from './papers/beside.ts';
import { openQueue, QUEUE } from './papers/press.ts';
import { PLANS } from './plans/work.ts';
import { previewer } from './papers/previewer.ts';
import { hasOpenPapers } from './papers/store.ts';

export const TEAM = 'team';
/** Who the start itself acts as. */
export const OWNER: Actor = { team: TEAM, person: 'owner', role: 'owner' };

export interface ServeOptions {
  readonly databaseUrl: string;
  readonly port: number;
  /** This machine's own address; 127.0.0.1 when left out. */
  readonly host?: string;
  /** What the team is called when it is first set up. */
  readonly teamName: string;
  readonly webRoot?: string;
  readonly build?: string;
  /** Folder of play files put into an empty playbook. */
  readonly demoPlays?: string;
  readonly logFile?: string;
  /** What is worked out beside the server; everything where nothing is said. */
  readonly works?: JobOptions['works'];
  /** Whether what is ordered on paper is made by a process beside this one; false where workers run apart. */
  readonly prints?: boolean;
}
export interface Running {
  readonly port: number;
  readonly loaded: number;
  /** Lets requests under way finish, then closes the pool. */
  readonly stop: () => Promise<void>;
}

/** Milliseconds a client may take to send a request's head, and all of it. */
const HEAD_WITHIN = 10_000;
const BODY_WITHIN = 60_000;

/** Migrates, fills an empty playbook and serves on loopback until stopped. Others that start on the same database wait. */
export async function startServer(options: ServeOptions): Promise<Running> {
  const log = openLog(options.logFile);
  const database = openDatabase(options.databaseUrl);
  try {
    // Whatever a start waits for is done under one lock, without the limits of a request: a busy machine starts too.
    const { loaded, isOrdered } = await database.alone(async (db) => {
      await migrateDatabase(db);
      await ensureTeam(db, TEAM, options.teamName);
      return {
        loaded: options.demoPlays ? await loadPlays(database, OWNER, options.demoPlays) : 0,
        isOrdered: await hasOpenPapers(db),
      };
    });
    // The engine makes its tables: two that start at once do that one after the other.
    const jobs = await database.alone(() =>
      startJobs(options.databaseUrl, database, log, options.works ? { works: options.works } : {}),
    );
    const worker = options.prints === false ? null : workerBeside(options.databaseUrl, options.logFile);
    if (isOrdered) worker?.wake();
    // The queue is opened with the first order: a start does not wait for it.
    let queue: ReturnType<typeof openQueue> | undefined;
    const opened = () => (queue ??= database.alone(() => openQueue(options.databaseUrl, log)));
    const helper = new Helper();
    const app = createApp({
      database,
      log,
      beside: jobs,
      printing: {
        send: (attempt) => {
          worker?.wake();
          return opened().then((boss) => boss.send(QUEUE, attempt));
        },
        preview: previewer(helper),
      },
      planning: (attempt) => {
        worker?.wake();
        return opened().then((boss) => boss.send(PLANS, attempt));
      },
      actors: ownerOnLoopback(TEAM),
      ...(options.webRoot ? { webRoot: options.webRoot } : {}),
      ...(options.build ? { build: options.build } : {}),
    });
    const server = await listen(app.fetch, options.port, options.host ?? '127.0.0.1');
    const endTidying = tidyInTheBackground(database, log, jobs.changed);
    const address = server.address();
    return {
      port: typeof address === 'object' && address ? address.port : options.port,
      loaded,
      stop: async () => {
        await closed(server);
        await endTidying();
        helper.stop();
        await worker?.stop();
        await (await queue?.catch(() => undefined))?.stop({ graceful: false });
        await jobs.stop();
        await database.close();
      },
    };
  } catch (error) {
    await database.close();
    throw error;
  }
}

function listen(
  fetch: Parameters<typeof serve>[0]['fetch'],
  port: number,
  hostname: string,
): Promise<Server> {
  return new Promise((resolve, reject) => {
    const server = serve({ fetch, port, hostname }, () => resolve(server)) as Server;
    server.headersTimeout = HEAD_WITHIN;
    server.requestTimeout = BODY_WITHIN;
    server.on('error', reject);
  });
}

const closed = (server: Server): Promise<void> =>
  new Promise((done) => {
    server.close(() => done());
    server.closeIdleConnections();
    setTimeout(() => server.closeAllConnections(), 2000).unref();
  });

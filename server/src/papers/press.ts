import type { PaperOrder } from '@corkscrew/core';
import { makePages, NothingToPrint, pdfOf } from '@corkscrew/paper';
import PgBoss from 'pg-boss';
import type { Logger } from 'pino';
import { openDatabase, type Database } from '../db/client.ts';
import { openPlans, startPlanner } from '../plans/work.ts';
import { gather } from './gather.ts';
import {
  beatPaper,
  claimPaper,
  endPaper,
  lostPapers,
  MOST_BYTES,
  type Attempt,
  type Ended,
} from './store.ts';

export const QUEUE = 'papers';
/** How often it is looked for orders (s), and for what got lost (ms). */
const POLL = 0.5;
const SWEEP = 5_000;
/** How far it is, is told so often at the most (ms). */
const TELL = 250;
/** A job of the engine lives so long (s); who made what is told by the paper itself. */
const EXPIRES = 15 * 60;

/** The engine's door to the queue of papers, opened by whoever sends and whoever makes. */
export async function openQueue(url: string, log: Logger): Promise<PgBoss> {
  const boss = new PgBoss({ connectionString: url, schema: 'jobs', max: 2, schedule: false });
  boss.on('error', (error) => log.warn({ message: error.message.split('\n')[0] }, 'papers'));
  await boss.start();
  await boss.createQueue(QUEUE, { name: QUEUE, retryLimit: 0, expireInSeconds: EXPIRES });
  await openPlans(boss);
  return boss;
}

export interface Printer {
  readonly stop: () => Promise<void>;
}

/** Makes what is ordered, one after the other, until it is stopped; several may do so at once. */
export async function startPrinter(url: string, log: Logger): Promise<Printer> {
  const database = openDatabase(url);
  // Others that start at the same moment wait: the engine makes its tables one at a time.
  const boss = await database.alone(() => openQueue(url, log));
  const endPlanning = await startPlanner(boss, database, log);
  await boss.work<Attempt>(QUEUE, { batchSize: 1, pollingIntervalSeconds: POLL }, async ([job]) => {
    if (job) await print(database, job.data, log);
  });
  const sweep = async (): Promise<void> => {
    try {
      for (const lost of await database.within(lostPapers)) await boss.send(QUEUE, lost);
    } catch (error) {
      log.warn({ message: (error as Error).message.split('\n')[0] }, 'papers');
    }
  };
  void sweep();
  const timer = setInterval(() => void sweep(), SWEEP).unref();
  return {
    stop: async () => {
      clearInterval(timer);
      endPlanning();
      await boss.stop({ graceful: false });
      await database.close();
    },
  };
}

/** Makes one paper, unless nobody wants it any more. What goes wrong is told on it. */
export async function print(database: Database, attempt: Attempt, log: Logger): Promise<void> {
  const order = await database.within((db) => claimPaper(db, attempt));
  if (!order) return;
  let told = 0;
  const tell = async (done: number, of: number): Promise<boolean> => {
    if (Date.now() - told < TELL) return true;
    told = Date.now();
    return database.within((db) => beatPaper(db, attempt, done, of));
  };
  const ended = await made(database, attempt.team, order, tell).catch((error: unknown): Ended => {
    if (error instanceof NothingToPrint) return { state: 'failed', fault: error.message };
    log.error({ paper: attempt.id, message: (error as Error).stack }, 'paper');
    return { state: 'failed', fault: 'It could not be made. What went wrong is in the server’s log.' };
  });
  if (!ended) return;
  try {
    await database.within((db) => endPaper(db, attempt, ended));
  } catch (error) {
    // A disk that is full takes no file, but still a word about it.
    log.error({ paper: attempt.id, message: (error as Error).message.split('\n')[0] }, 'paper not kept');
    await database.within((db) =>
      endPaper(db, attempt, {
        state: 'failed',
        fault: 'It was made, but could not be kept: the database has no room.',
      }),
    );
  }
}

async function made(
  database: Database,
  team: string,
  order: PaperOrder,
  tell: (done: number, of: number) => Promise<boolean>,
): Promise<Ended | null> {
  const now = new Date();
  const input = await database.within((db) => gather(db, team, order, now));
  const pages = await makePages(order, input, tell);
  if (!pages) return null;
  const file = await pdfOf(pages, { made: now, author: input.team, onPage: tell });
  if (!file) return null;
  return file.length > MOST_BYTES
    ? { state: 'failed', fault: 'That is more than 50 MB: choose fewer plays.' }
    : { state: 'done', title: pages.title, file, lacks: pages.lacks };
}

import { readPlay } from '@corkscrew/core';
import PgBoss from 'pg-boss';
import type { Logger } from 'pino';
import type { Database } from '../db/client.ts';
import { bumpList } from '../plays/list.ts';
import { Judge } from './judge.ts';
import { forgetVerdicts, keepVerdict, toJudge, waiting, type Waiting } from './store.ts';

/** What is asked for after a save and after a change of the team's settings. */
export interface Verdicts {
  /** A play was saved: it is judged once nobody has saved it for a moment. */
  readonly saved: (play: Waiting) => void;
  /** What counts for many plays has changed: all that are not judged as they are now are. */
  readonly changed: () => void;
}
export interface Jobs extends Verdicts {
  readonly stop: () => Promise<void>;
}

const QUEUE = 'verdict';
/** A play is judged so long after a save (s): while a coach draws, one job waits for all his saves. */
const AFTER = 3;
/** How often it is looked for jobs (s), so that there is a rest between two, and for plays that were missed (ms). */
const POLL = 2;
const SWEEP = 10 * 60_000;
/** A verdict that nobody goes by is kept for so many days: an undo finds it again. */
const KEPT_DAYS = 30;

/** The job engine: judges plays after they were saved, one at a time. It has tables of its own in the database. */
export async function startJobs(url: string, database: Database, log: Logger): Promise<Jobs> {
  const boss = new PgBoss({ connectionString: url, schema: 'jobs', max: 2, schedule: false });
  const warn = (error: Error): void => log.warn({ message: error.message.split('\n')[0] }, 'jobs');
  boss.on('error', warn);
  await boss.start();
  await boss.createQueue(QUEUE, { name: QUEUE, policy: 'short', retryLimit: 1, expireInSeconds: 120 });
  const judge = new Judge();
  await boss.work<Waiting>(QUEUE, { batchSize: 1, pollingIntervalSeconds: POLL }, async ([job]) => {
    if (job) await judged(database, judge, job.data, log);
  });
  // What a coach has just saved comes before what was found waiting.
  const send = (play: Waiting, startAfter: number, priority: number): Promise<unknown> =>
    boss.send(QUEUE, play, { singletonKey: `${play.team} ${play.id}`, startAfter, priority }).catch(warn);
  const sweep = async (): Promise<void> => {
    try {
      for (const play of await database.within(waiting)) await send(play, 0, 0);
      await database.within((db) => forgetVerdicts(db, KEPT_DAYS));
    } catch (error) {
      warn(error as Error);
    }
  };
  void sweep();
  const timer = setInterval(() => void sweep(), SWEEP).unref();
  return {
    saved: (play) => void send(play, AFTER, 1),
    changed: () => void sweep(),
    stop: async () => {
      clearInterval(timer);
      judge.stop();
      await boss.stop({ graceful: false });
    },
  };
}

async function judged(database: Database, judge: Judge, play: Waiting, log: Logger): Promise<void> {
  const of = await database.within((db) => toJudge(db, play));
  if (!of) return;
  const read = readPlay(of.document);
  if (!read.ok) return;
  const { verdict, fault } = await judge.tell({ play: read.play, makes: of.school.makes });
  if (fault !== undefined) log.warn({ play: play.id, fault }, 'no verdict');
  await database.transaction(async (db) => {
    await keepVerdict(db, play.team, of, verdict);
    await bumpList(db, play.team);
  });
}

import PgBoss from 'pg-boss';
import type { Logger } from 'pino';
import type { Database } from '../db/client.ts';
import { relate, try_ } from '../relations/work.ts';
import { forgetRelated, toRelate, toTry } from '../relations/store.ts';
import { judged } from '../verdicts/work.ts';
import { forgetVerdicts, waiting } from '../verdicts/store.ts';
import { Helper } from './helper.ts';

/** A play something waits to be worked out of. */
export interface Waiting {
  readonly team: string;
  readonly id: string;
}

/** What is asked for after a save and after a change of the team's settings. */
export interface Beside {
  /** A play was saved: it is compared, judged and tried once nobody has saved it for a moment. */
  readonly saved: (play: Waiting) => void;
  /** What counts for many plays has changed: all that is not worked out as it is now is. */
  readonly changed: () => void;
}
export interface Jobs extends Beside {
  readonly stop: () => Promise<void>;
}

/** What is done of a play, what takes least and shows most first. */
const WORK = { relate, verdict: judged, try: try_ } as const;
type Work = keyof typeof WORK;
const WAITING: Readonly<Record<Work, typeof waiting>> = { relate: toRelate, verdict: waiting, try: toTry };
const ORDER: Readonly<Record<Work, number>> = { relate: 2, verdict: 1, try: 0 };

const QUEUE = 'beside';
/** A play is looked at so long after a save (s): while a coach draws, one job waits for all his saves. What takes longest waits longest. */
const AFTER: Readonly<Record<Work, number>> = { relate: 3, verdict: 3, try: 10 };
/** What a coach has just saved comes before what was found waiting. */
const SAVED = 10;
/** A job nobody has ended for so long (s) is done again: longer than a helper is waited for. */
const EXPIRES = 15 * 60;
/** How often it is looked for jobs (s), and for plays that were missed (ms). */
const POLL = 0.5;
const SWEEP = 10 * 60_000;
/** What nobody goes by is kept for so many days: an undo finds it again. */
const KEPT_DAYS = 30;

interface Job extends Waiting {
  readonly work: Work;
}

const ALL = Object.keys(WORK) as Work[];

/** What of it is done, and how long after a save (s); everything where nothing is said. */
export interface JobOptions {
  readonly works: readonly Work[];
  readonly after: Readonly<Record<Work, number>>;
  /** Of the process it is worked out in (nice): it gives way to all others where nothing is said. */
  readonly priority: number;
}

/** The job engine: works out of plays what lists show of them, one after the other. It has tables of its own in the database. */
export async function startJobs(
  url: string,
  database: Database,
  log: Logger,
  { works = ALL, after = AFTER, priority }: Partial<JobOptions> = {},
): Promise<Jobs> {
  const boss = new PgBoss({ connectionString: url, schema: 'jobs', max: 2, schedule: false });
  const warn = (error: Error): void => log.warn({ message: error.message.split('\n')[0] }, 'jobs');
  boss.on('error', warn);
  await boss.start();
  await boss.createQueue(QUEUE, { name: QUEUE, policy: 'short', retryLimit: 1 });
  const helper = new Helper(priority);
  const send = (job: Job, startAfter: number, first: number): Promise<unknown> =>
    boss
      .send(QUEUE, job, {
        singletonKey: `${job.work} ${job.team} ${job.id}`,
        startAfter,
        priority: first + ORDER[job.work],
        expireInSeconds: EXPIRES,
      })
      .catch(warn);
  await boss.work<Job>(QUEUE, { batchSize: 1, pollingIntervalSeconds: POLL }, async ([job]) => {
    if (!job) return;
    // What a play is tried against beside the usual comes out of its verdict.
    const next = await WORK[job.data.work](database, helper, job.data, log);
    if (next && works.includes('try')) await send({ ...job.data, work: 'try' }, 0, 0);
  });
  const sweep = async (): Promise<void> => {
    try {
      for (const work of works)
        for (const play of await database.within(WAITING[work])) await send({ ...play, work }, 0, 0);
      await database.within((db) => forgetVerdicts(db, KEPT_DAYS));
      await database.within((db) => forgetRelated(db, KEPT_DAYS));
    } catch (error) {
      warn(error as Error);
    }
  };
  void sweep();
  const timer = setInterval(() => void sweep(), SWEEP).unref();
  return {
    saved: (play) => {
      for (const work of works) void send({ ...play, work }, after[work], SAVED);
    },
    changed: () => void sweep(),
    stop: async () => {
      clearInterval(timer);
      helper.stop();
      await boss.stop({ graceful: false });
    },
  };
}

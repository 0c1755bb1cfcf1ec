import type PgBoss from 'pg-boss';
import type { Logger } from 'pino';
import type { Database } from '../db/client.ts';
import { beatPlan, claimPlan, endPlan, lostPlans, type PlanAttempt } from './store.ts';
import { solveBeside } from './thread.ts';

export const PLANS = 'plans';
/** How long one plan is looked for (s), how often it is told how far it is, and looked for what got lost (ms). */
const SECONDS = 20;
const TELL = 500;
const SWEEP = 4_000;
const POLL = 0.5;

export const openPlans = (boss: PgBoss): Promise<void> =>
  boss.createQueue(PLANS, { name: PLANS, retryLimit: 0, expireInSeconds: 300 });

/** Makes the plans that are asked for, one after the other, by the engine that is given; ends with what it returns. */
export async function startPlanner(boss: PgBoss, database: Database, log: Logger): Promise<() => void> {
  await boss.work<PlanAttempt>(PLANS, { batchSize: 1, pollingIntervalSeconds: POLL }, async ([job]) => {
    if (job) await plan(database, job.data, log);
  });
  const sweep = async (): Promise<void> => {
    try {
      for (const lost of await database.within(lostPlans)) await boss.send(PLANS, lost);
    } catch (error) {
      log.warn({ message: (error as Error).message.split('\n')[0] }, 'plans');
    }
  };
  void sweep();
  const timer = setInterval(() => void sweep(), SWEEP).unref();
  return () => clearInterval(timer);
}

/** Looks for one plan, unless nobody wants it any more; what is best so far is kept as it comes. */
export async function plan(
  database: Database,
  attempt: PlanAttempt,
  log: Logger,
  seconds = SECONDS,
): Promise<void> {
  const order = await database.within((db) => claimPlan(db, attempt));
  if (!order) return;
  const begun = performance.now();
  const since = (): number => (performance.now() - begun) / 1000;
  const solving = solveBeside(order, seconds);
  let wanted = true;
  const timer = setInterval(() => {
    const best = solving.best();
    const soFar = {
      plan: best?.plan ?? null,
      value: best?.value ?? null,
      gap: best?.gap ?? null,
      seconds: since(),
    };
    database
      .within((db) => beatPlan(db, attempt, soFar))
      .then(
        (still) => {
          if (still || !wanted) return;
          wanted = false;
          solving.leave();
        },
        () => undefined,
      );
  }, TELL);
  try {
    const { plan: found, value, gap, gives } = await solving.done;
    await database.within((db) =>
      endPlan(db, attempt, 'done', { plan: found, value, gap, gives, seconds: since() }),
    );
  } catch (error) {
    if (wanted) log.error({ plan: attempt.id, message: (error as Error).stack }, 'plan');
    await database.within((db) => endPlan(db, attempt, 'failed'));
  } finally {
    clearInterval(timer);
  }
}

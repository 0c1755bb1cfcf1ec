import { EMPTY_PLAN, planValue, relaxed, type PlanOrder, type PlanRow } from '@corkscrew/core';
import { eq, sql } from 'drizzle-orm';
import { once } from 'node:events';
import pino from 'pino';
import { describe, expect, it } from 'vitest';
import { everyPlan, randomSeason } from '../../../core/src/install/plan/seasons.test-data.ts';
import { T1, T2 } from '../../../core/src/install/plan/tiny.test-data.ts';
import { testApp } from '../app.test-data.ts';
import { plans } from '../db/schema.ts';
import { openQueue } from '../papers/press.ts';
import { workers } from '../papers/worker.test-data.ts';
import { addPlan, cancelPlan, claimPlan, getPlan, lostPlans, type PlanAttempt } from './store.ts';
import { plan, PLANS } from './work.ts';

const { send, request, json, database } = testApp();
const actor = { team: 'team', person: 'owner', role: 'owner' } as const;
const log = pino({ level: 'silent' });
const order = (problem: PlanOrder['problem']): PlanOrder => ({
  ...{ problem, held: { touches: [], drills: [] }, start: { touches: [], drills: [] }, keep: false },
});
const plain = (problem: object): PlanOrder['problem'] =>
  JSON.parse(JSON.stringify(problem)) as PlanOrder['problem'];
const row = (id: string): Promise<PlanRow> => database().within((db) => getPlan(db, actor, id));
let count = 0;
const added = async (problem: object = T2): Promise<PlanAttempt> => {
  const id = `plan${count++}-${Date.now()}`;
  await database().within((db) => addPlan(db, actor, id, order(plain(problem))));
  return { team: 'team', id, attempt: 0 };
};

describe('a plan that is asked for', () => {
  it('is claimed once, found and kept with what may be missing', async () => {
    const one = await added();
    await plan(database(), one, log, 10);
    const done = await row(one.id);
    expect(done.state).toBe('done');
    expect(done.value).toBeCloseTo(6.44, 5);
    expect(done.gap).toBeLessThan(0.02);
    expect(planValue(T2, done.plan!).value).toBeCloseTo(6.44, 5);
    expect(await database().within((db) => claimPlan(db, one))).toBeNull();
  });
  it('with what would give more: each thing tried, told only where it is certain', async () => {
    const id = `gives-${Date.now()}`;
    const relax: PlanOrder['relax'] = [
      { is: 'minutes', practice: 0, by: 10 },
      { is: 'new', by: 1 },
      { is: 'minutes', practice: 2, by: 0 },
    ];
    await database().within((db) => addPlan(db, actor, id, { ...order(plain(T1)), relax }));
    await plan(database(), { team: 'team', id, attempt: 0 }, log, 10);
    const done = await row(id);
    expect(done.state).toBe('done');
    // No minutes more give nothing; what is told is worth more than any plan without it.
    expect(done.gives!.map((g) => g.relax)).not.toContain(2);
    expect(done.gives!.length).toBeGreaterThan(0);
    for (const g of done.gives!) {
      expect(g.sure).toBeGreaterThan(0);
      const { problem } = relaxed(T1, EMPTY_PLAN, relax[g.relax]!);
      const { best } = everyPlan(problem, (p) => planValue(problem, p).value);
      expect(done.value! + g.sure).toBeLessThanOrEqual(best + 0.01);
    }
  });
  it('that nobody wants any more is not made; left in the middle it ends with the best so far', async () => {
    const one = await added();
    await database().within((db) => cancelPlan(db, actor, one.id));
    await plan(database(), one, log, 5);
    expect(await row(one.id)).toMatchObject({ state: 'cancelled', plan: null });

    const long = await added(randomSeason(9));
    const running = plan(database(), long, log, 60);
    await expect.poll(async () => (await row(long.id)).seconds, { timeout: 20_000 }).toBeGreaterThan(0.4);
    await database().within((db) => cancelPlan(db, actor, long.id));
    await running;
    expect((await row(long.id)).state).toBe('cancelled');
  }, 40_000);
  it('what names something that is not there is refused; without anybody who plans it is told', async () => {
    const bad = order(plain(T2));
    bad.start.touches.push({ practice: 9, option: 0, is: 'in' });
    expect((await send('POST', '/api/plans', bad)).status).toBe(400);
    const none = await send('POST', '/api/plans', order(plain(T2)));
    expect(none.status).toBe(503);
    expect((await json<{ detail: string }>(none)).detail).toContain('quick plan');
    expect((await request('/api/plans/nothing')).status).toBe(404);
    expect(EMPTY_PLAN.touches).toEqual([]);
  });
  it('whose maker was not heard of is sent again, and given up after three times', async () => {
    const one = await added();
    await database().within((db) => claimPlan(db, one));
    const silent = () =>
      database().within((db) =>
        db
          .update(plans)
          .set({ beatAt: sql`now() - interval '1 minute'` })
          .where(eq(plans.id, one.id)),
      );
    for (const attempt of [1, 2]) {
      await silent();
      const lost = await database().within(lostPlans);
      expect(lost).toContainEqual({ team: 'team', id: one.id, attempt });
      await database().within((db) => claimPlan(db, { ...one, attempt }));
    }
    await silent();
    await database().within(lostPlans);
    expect((await row(one.id)).state).toBe('failed');
  });
});

describe('a worker that is killed', () => {
  const worker = workers();
  it('loses no plan: another looks for it again', async () => {
    const queue = await openQueue(process.env.TEST_DATABASE_URL!, log);
    try {
      // A season that takes a while, and then one that does not.
      const one = await added(randomSeason(2));
      const first = worker();
      await queue.send(PLANS, one);
      await expect
        .poll(async () => (await row(one.id)).state, { timeout: 30_000, interval: 20 })
        .toBe('working');
      first.kill('SIGKILL');
      await once(first, 'exit');
      await database().within((db) =>
        db
          .update(plans)
          .set({ beatAt: sql`now() - interval '1 minute'`, order: order(plain(T2)) })
          .where(eq(plans.id, one.id)),
      );
      worker();
      await expect
        .poll(async () => (await row(one.id)).state, { timeout: 60_000, interval: 100 })
        .toBe('done');
      expect((await row(one.id)).value).toBeCloseTo(6.44, 5);
    } finally {
      await queue.stop({ graceful: false });
    }
  }, 120_000);
});

import type { InstallPlan, PlanOrder, PlanRow } from '@corkscrew/core';
import { and, eq, inArray, lt, sql } from 'drizzle-orm';
import type { Actor } from '../actor.ts';
import type { Db } from '../db/client.ts';
import { plans } from '../db/schema.ts';
import { notFound } from '../http/problem.ts';

/** Whoever plans and was not heard of for so long is gone (s); it is begun again so often. */
const SILENT = 8;
const ATTEMPTS = 3;
/** A plan that was asked for is kept so long (days): what was taken of it stands in the practices. */
const DAYS = 7;

/** A plan by its team and name, and the attempt at it. */
export interface PlanAttempt {
  readonly team: string;
  readonly id: string;
  readonly attempt: number;
}
export interface SoFar {
  readonly plan: InstallPlan | null;
  readonly value: number | null;
  readonly gap: number | null;
  readonly seconds: number;
  readonly gives?: PlanRow['gives'];
}

const SHOWN = {
  id: plans.id,
  state: plans.state,
  plan: plans.plan,
  value: plans.value,
  gap: plans.gap,
  seconds: plans.seconds,
  gives: plans.gives,
};
const the = (team: string, id: string) => and(eq(plans.teamId, team), eq(plans.id, id));
const attemptAt = ({ team, id, attempt }: PlanAttempt) => and(the(team, id), eq(plans.attempt, attempt));

export async function addPlan(db: Db, { team }: Actor, id: string, order: PlanOrder): Promise<PlanRow> {
  const [row] = await db.insert(plans).values({ teamId: team, id, order }).returning(SHOWN);
  return row!;
}

export async function getPlan(db: Db, { team }: Actor, id: string): Promise<PlanRow> {
  const [row] = await db.select(SHOWN).from(plans).where(the(team, id));
  if (!row) throw notFound('This plan');
  return row;
}

/** Nobody waits for it any more; the best so far stays. */
export async function cancelPlan(db: Db, actor: Actor, id: string): Promise<PlanRow> {
  await db
    .update(plans)
    .set({ state: 'cancelled' })
    .where(and(the(actor.team, id), inArray(plans.state, ['waiting', 'working'])));
  return getPlan(db, actor, id);
}

/** Takes an attempt in hand; null when it is no longer wanted, or another has it. */
export async function claimPlan(db: Db, attempt: PlanAttempt): Promise<PlanOrder | null> {
  const [row] = await db
    .update(plans)
    .set({ state: 'working', beatAt: sql`now()` })
    .where(and(attemptAt(attempt), eq(plans.state, 'waiting')))
    .returning({ order: plans.order });
  return row?.order ?? null;
}

/** The best so far, and that whoever plans lives; false when nobody wants it any more. */
export async function beatPlan(db: Db, attempt: PlanAttempt, soFar: SoFar): Promise<boolean> {
  const rows = await db
    .update(plans)
    .set({ ...soFar, beatAt: sql`now()` })
    .where(and(attemptAt(attempt), eq(plans.state, 'working')))
    .returning({ id: plans.id });
  return rows.length > 0;
}

export async function endPlan(
  db: Db,
  attempt: PlanAttempt,
  state: 'done' | 'failed',
  soFar?: SoFar,
): Promise<void> {
  await db
    .update(plans)
    .set({ ...soFar, state })
    .where(and(attemptAt(attempt), eq(plans.state, 'working')));
}

/** What has to be sent on its way again: nobody came for it, or whoever did was not heard of again. */
export async function lostPlans(db: Db): Promise<PlanAttempt[]> {
  const silent = sql`${plans.beatAt} < now() - make_interval(secs => ${SILENT})`;
  await db
    .update(plans)
    .set({ state: 'failed' })
    .where(and(eq(plans.state, 'working'), sql`${plans.attempt} >= ${ATTEMPTS - 1}`, silent));
  const again = await db
    .update(plans)
    .set({ state: 'waiting', attempt: sql`${plans.attempt} + 1`, beatAt: sql`now()` })
    .where(and(inArray(plans.state, ['working', 'waiting']), silent))
    .returning({ team: plans.teamId, id: plans.id, attempt: plans.attempt });
  await db.delete(plans).where(lt(plans.createdAt, sql`now() - make_interval(days => ${DAYS})`));
  return again;
}

import { z } from 'zod';
import type { Gives } from './gives.ts';
import type { Plan } from './problem.ts';

/** What a plan may be made of at most: ten weeks of a large playbook. */
const MOST = { options: 150, practices: 80, games: 60, concepts: 900, relax: 20 } as const;
const place = z.number().int().min(0).max(1000);
const minutes = z.number().min(0).max(600);

const PastSchema = z.object({
  introduced: z.number().int().max(-1).nullable(),
  today: z.boolean(),
  touches: z.number().int().min(0),
  reviewed: z.boolean(),
  live: z.number().min(0),
  last: z.number().nullable(),
});
const ProblemSchema = z.object({
  options: z
    .array(
      z.object({
        key: z.string().max(80),
        importance: z.number().min(0).max(10),
        base: minutes,
        concepts: z.array(place).max(MOST.concepts),
        main: place.nullable(),
        past: PastSchema,
      }),
    )
    .max(MOST.options),
  concepts: z.array(minutes).max(MOST.concepts),
  together: z.array(z.boolean()).max(MOST.concepts).optional(),
  practices: z
    .array(
      z.object({
        day: z.number().int(),
        minutes,
        barred: z.array(place).max(MOST.options),
        nothingNew: z.boolean(),
      }),
    )
    .max(MOST.practices),
  games: z
    .array(
      z.object({
        day: z.number().int(),
        wants: z.array(z.object({ option: place, weight: z.number().min(0).max(10) })).max(MOST.options),
      }),
    )
    .max(MOST.games),
  newEach: z.number().int().min(1).max(10),
  liveMinutes: z.number().min(1).max(120),
  stands: z
    .object({
      touches: z.array(z.object({ practice: place, option: place, minutes })).max(MOST.practices * 12),
      drills: z.array(z.object({ practice: place, concept: place })).max(MOST.concepts),
    })
    .optional(),
  longer: z
    .array(z.object({ practice: place, option: place, by: z.number().min(-120).max(240) }))
    .max(MOST.practices * 12)
    .optional(),
});
const PlanSchema = z.object({
  touches: z
    .array(z.object({ practice: place, option: place, is: z.enum(['in', 'review', 'live', 'both']) }))
    .max(MOST.practices * 12),
  drills: z.array(z.object({ practice: place, concept: place })).max(MOST.concepts),
});

const RelaxSchema = z.discriminatedUnion('is', [
  z.object({ is: z.literal('minutes'), practice: place, by: minutes }),
  z.object({ is: z.literal('new'), by: z.number().int().min(1).max(5) }),
  z.object({ is: z.literal('unlock'), practice: place, option: place }),
]);
const GivesSchema = z.object({
  relax: place,
  plan: PlanSchema,
  sure: z.number(),
  ready: z.array(z.object({ game: place, option: place, from: z.number(), to: z.number() })),
});

/** A plan that is asked for: the problem, what stands, and the plan it starts from; every place in it must be there. */
export const PlanOrderSchema = z
  .object({
    problem: ProblemSchema,
    held: PlanSchema,
    start: PlanSchema,
    keep: z.boolean(),
    /** What might be let go, to be tried once the best plan is known. */
    relax: z.array(RelaxSchema).max(MOST.relax).optional(),
  })
  .refine(({ problem: p, held, start, relax = [] }) => {
    const [o, t, c] = [p.options.length, p.practices.length, p.concepts.length];
    return (
      p.options.every((x) => x.concepts.every((k) => k < c) && (x.main === null || x.main < o)) &&
      relax.every((r) => r.is === 'new' || (r.practice < t && (r.is !== 'unlock' || r.option < o))) &&
      p.games.every((g) => g.wants.every((w) => w.option < o)) &&
      p.practices.every((x, i) => i === 0 || p.practices[i - 1]!.day <= x.day) &&
      [held, start].every(
        (plan) =>
          plan.touches.every((x) => x.option < o && x.practice < t) &&
          plan.drills.every((x) => x.concept < c && x.practice < t),
      )
    );
  }, 'Something in this plan is not there.');
export type PlanOrder = z.infer<typeof PlanOrderSchema>;

/** How far a plan that was asked for is, with the best one so far. */
export const PlanRowSchema = z.object({
  id: z.string(),
  state: z.enum(['waiting', 'working', 'done', 'failed', 'cancelled']),
  plan: PlanSchema.nullable(),
  value: z.number().nullable(),
  /** What may be missing to the best there is, as a share; null while nobody knows. */
  gap: z.number().nullable(),
  seconds: z.number(),
  /** What would give more for certain, each with one thing let go; null where nobody asked, or not yet. */
  gives: z.array(GivesSchema).nullable(),
});
export type PlanRow = Omit<z.infer<typeof PlanRowSchema>, 'plan' | 'gives'> & {
  readonly plan: Plan | null;
  readonly gives: readonly Gives[] | null;
};

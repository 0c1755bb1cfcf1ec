import { z } from 'zod';
import { PLAYERS } from '../alignment/library.ts';
import type { Trial } from '../answers/trial.ts';
import { DefenceSchema } from '../play/document.ts';
import type { Alike } from '../relations/alike.ts';
import type { Into } from '../relations/into.ts';
import type { Chance } from '../relations/related.ts';
import type { Round } from '../relations/round.ts';

const player = z.enum(PLAYERS);
/** Of each of the five another. */
const each = z.object({ '1': player, '2': player, '3': player, '4': player, '5': player });

const ChanceSchema = z.object({
  leaf: z.string(),
  player,
  shot: z.enum(['three', 'rim', 'two']),
  side: z.enum(['left', 'right', 'middle']),
  at: z.number(),
  reads: z.array(z.string()).readonly(),
}) satisfies z.ZodType<Chance>;

const RoundSchema = z.object({
  leaf: z.string(),
  mirrored: z.boolean(),
  to: each,
  off: z.number(),
  seconds: z.number(),
}) satisfies z.ZodType<Round>;

const AlikeSchema = z.object({
  seconds: z.number(),
  mirrored: z.boolean(),
  as: each,
  by: z.union([player, z.literal('ball')]).nullable(),
}) satisfies z.ZodType<Alike>;

const IntoSchema = z.object({
  leaf: z.string(),
  flipped: z.boolean(),
  who: player,
  feet: z.number(),
  seconds: z.number(),
  there: z.number().int(),
  pass: z.tuple([player, player]).readonly().nullable(),
}) satisfies z.ZodType<Into>;

const TrialSchema = z.object({
  state: z.enum(['answered', 'contested', 'hole']),
  worth: z.number(),
  leaf: z.string(),
  player: player.nullable(),
  at: z.number().nullable(),
}) satisfies z.ZodType<Trial>;

/** What is known of a team's plays beside each other, as far as it is worked out. */
export const RelationsSchema = z.object({
  /** By the play's id; what is missing waits. */
  plays: z.record(
    z.string(),
    z.object({
      chances: z.array(ChanceSchema).readonly(),
      terms: z.array(z.string()).readonly(),
      round: RoundSchema.nullable(),
      /** By the preset's key. */
      tried: z.record(z.string(), TrialSchema),
    }),
  ),
  /** Pairs that have something in common; the other way round is not said again. */
  pairs: z.array(
    z.object({
      a: z.string(),
      b: z.string(),
      head: AlikeSchema.nullable(),
      tail: AlikeSchema.nullable(),
      into: IntoSchema.nullable(),
      back: IntoSchema.nullable(),
    }),
  ),
  /** `by` is open against what hurts `to` most. */
  counters: z.array(
    z.object({
      to: z.string(),
      by: z.string(),
      own: TrialSchema,
      trial: TrialSchema,
      against: DefenceSchema,
    }),
  ),
  /** Plays that are not compared yet, and those not yet tried against every defence. */
  comparing: z.array(z.string()),
  trying: z.array(z.string()),
});
export type Relations = z.infer<typeof RelationsSchema>;
export type PairRow = Relations['pairs'][number];
export type PlayRelated = Relations['plays'][string];

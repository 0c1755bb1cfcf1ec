import { MAN_WORDS } from '../language/teller.ts';
import { z } from 'zod';
import type { CustomCourt } from '../court/rulesets.ts';
import { CourtKeySchema, DefenceSchema, LevelSchema, PlaySchema } from '../play/document.ts';
import { PLAYERS } from '../alignment/library.ts';
import type { Verdict } from '../answers/verdict.ts';
import { DEFENDERS, POINT_KINDS, REACTIONS, STATUSES, VARIANTS } from '../play/vocabulary.ts';
import { LIMITS } from '../play/limits.ts';
import { OwnTeachingSchema } from '../walkthrough/teaching.ts';

/** What travels between the app and the server: both check with these. */
export const SummarySchema = z.object({
  name: z.string(),
  call: z.string(),
  signal: z.string(),
  figure: z.string().default(''),
  against: z.array(z.string()),
  /** Missing in rows that were summed up before there were series in lists. */
  series: z.string().default(''),
  /** What of the playbook's order a play carries; missing in rows that were summed up before. */
  option: z.string().default(''),
  purpose: z.string().default(''),
  status: z.enum(STATUSES).default('adopted'),
  situation: z.array(z.string()).default([]),
  counterTo: z
    .array(z.object({ play: z.string(), name: z.string(), line: z.string().optional() }))
    .default([]),
  variantOf: z
    .object({ play: z.string(), name: z.string(), kind: z.enum(VARIANTS) })
    .nullable()
    .default(null),
  frames: z.number().int(),
  endings: z.number().int(),
  seconds: z.number(),
  alignment: z.string().nullable(),
  alignmentName: z.string().nullable(),
  /** The plays some line of it goes on in; missing in rows that were summed up before. */
  flows: z.array(z.string()).default([]),
  /** The figures plays are compared by; missing in rows saved before there were any. */
  figures: z.record(z.string(), z.number().nullable()).optional(),
});
export type Summary = z.infer<typeof SummarySchema>;

/** What a play has against its defence, as it was judged beside the saving. */
const VerdictSchema = z.object({
  against: z.string(),
  answered: z.number().int(),
  of: z.number().int(),
  hole: z
    .object({
      kind: z.enum(POINT_KINDS),
      by: z.enum(PLAYERS),
      user: z.enum(PLAYERS),
      does: z.enum(REACTIONS),
      who: z.array(z.enum(DEFENDERS)),
    })
    .nullable(),
  worst: z.number(),
}) satisfies z.ZodType<Omit<Verdict, 'hurt'>>;

/** One play in a list: its summary and a one-frame document that its small picture is drawn from. */
export const PlayRowSchema = z.object({
  id: z.string(),
  revision: z.number().int(),
  updatedAt: z.string(),
  deletedAt: z.string().nullable(),
  summary: SummarySchema,
  /** Null when it can't be drawn. */
  card: z.unknown(),
  /** `none`: nobody plays against it; `waits`: not judged yet; `long`: it takes too long. */
  verdict: z.union([VerdictSchema, z.enum(['none', 'waits', 'long'])]).default('none'),
});
export type PlayRow = z.infer<typeof PlayRowSchema>;

export const StoredPlaySchema = z.object({
  id: z.string(),
  revision: z.number().int(),
  updatedAt: z.string(),
  deletedAt: z.string().nullable(),
  /** The save that made this revision, as its sender named it. */
  save: z.string().nullable().default(null),
  document: z.unknown(),
});
export type StoredPlay = z.infer<typeof StoredPlaySchema>;

/** A plain word that any store can keep. */
const SaveName = z.string().regex(/^[\w-]{1,40}$/);

export const SaveSchema = z.object({
  /** The revision this change is based on; 0 for a play that is new. */
  revision: z.number().int().min(0).max(2_147_483_646),
  /** Saves of one sitting become one kept version. */
  sitting: SaveName,
  /** This save's own name: sent again under it, its answer lost, it is answered as the first time. */
  save: SaveName.optional(),
  document: z.unknown(),
});
export type Save = z.infer<typeof SaveSchema>;

export const SavedSchema = z.object({ id: z.string(), revision: z.number().int(), updatedAt: z.string() });
export type Saved = z.infer<typeof SavedSchema>;

export const VersionRowSchema = z.object({
  id: z.number().int(),
  revision: z.number().int(),
  name: z.string().nullable(),
  savedAt: z.string(),
  frames: z.number().int(),
});
export type VersionRow = z.infer<typeof VersionRowSchema>;

/** A team keeps at most so many defences of its own. */
const TEAM_DEFENCES = 24;

/** What a team has chosen once for all: what a new play starts with, and how it is spoken of. What is not said is as Corkscrew has it. */
const DefaultsSchema = z
  .object({
    court: CourtKeySchema,
    /** The floor of the team's own league: a rule set with some numbers changed. */
    customCourt: PlaySchema.shape.customCourt.unwrap(),
    level: LevelSchema,
    women: z.boolean(),
    /** What the team calls one of five, and so what it calls man to man. */
    man: z.enum(MAN_WORDS),
    /** A word of the team begins as what it stands for does. */
    firstLetter: z.boolean(),
    /** How much of each it carries, where it says so itself. */
    carries: z
      .object({
        plays: z.number().int().min(1).max(500),
        words: z.number().int().min(1).max(500),
        answers: z.number().int().min(1).max(2000),
      })
      .partial(),
  })
  .partial();
export type Defaults = Omit<z.infer<typeof DefaultsSchema>, 'customCourt'> & {
  customCourt?: CustomCourt | undefined;
};

export const TeamSchema = z.object({
  id: z.string(),
  name: z.string(),
  /** What the team teaches otherwise than most. */
  school: OwnTeachingSchema,
  /** Defences kept for every play. */
  defences: z.array(DefenceSchema).max(TEAM_DEFENCES),
  defaults: DefaultsSchema.default({}),
});

export const TeamChangeSchema = z
  .object({
    name: z.string().trim().min(1, 'A team has a name.').max(LIMITS.name),
    school: OwnTeachingSchema,
    defences: z.array(DefenceSchema).max(TEAM_DEFENCES),
    defaults: DefaultsSchema,
  })
  .partial();
export type Team = Omit<z.infer<typeof TeamSchema>, 'defaults'> & { defaults: Defaults };
export type TeamChange = Omit<z.infer<typeof TeamChangeSchema>, 'defaults'> & {
  defaults?: Defaults | undefined;
};

/** RFC 9457 problem details; `detail` is a sentence for the coach. */
export const ProblemSchema = z.object({
  type: z.string(),
  title: z.string(),
  status: z.number().int(),
  detail: z.string(),
  instance: z.string().optional(),
  theirs: StoredPlaySchema.optional(),
});
export type Problem = z.infer<typeof ProblemSchema>;

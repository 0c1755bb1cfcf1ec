import { z } from 'zod';
import { PLAYERS } from '../alignment/library.ts';
import { GameSchema, PracticeSchema, SeasonSchema } from '../install/season.ts';
import { LineupSchema } from '../people/lineup.ts';
import { ClearanceSchema, PlayerSchema } from '../people/player.ts';
import { LIMITS } from '../play/limits.ts';

/** What the team keeps beside its plays, resource by resource. */
export const RECORD_LIMITS = {
  /** Of one kind a team keeps at most so many. */
  each: 500,
  sections: 24,
  entries: 80,
  expects: 12,
} as const;

const name = z.string().max(LIMITS.name);
const line = z.string().max(LIMITS.line);
const text = z.string().max(LIMITS.text);
const id = z.string().min(1).max(LIMITS.word);

/** Plays with a shared start and a shared word. The plays themselves carry the word; this is what the team says of it. */
const SeriesSchema = z.object({
  word: name.min(1),
  signal: line.optional(),
  figure: id.optional(),
  /** Its place among the series. */
  order: z.number(),
  notes: text.optional(),
});
export type Series = z.infer<typeof SeriesSchema>;

/** A call on a sheet: a play, perhaps one ending of it. Its name stays readable where the play is gone. */
const EntrySchema = z.object({
  id,
  play: id,
  leaf: id.optional(),
  name,
  call: name,
  number: z.string().max(LIMITS.word),
  note: line,
});
export type SheetEntry = z.infer<typeof EntrySchema>;

const SectionSchema = z.object({
  id,
  need: name,
  /** What it is filled by, as it was typed. */
  query: line.optional(),
  weight: z.union([z.literal(1), z.literal(2), z.literal(3)]),
  entries: z.array(EntrySchema).max(RECORD_LIMITS.entries),
});
export type SheetSection = z.infer<typeof SectionSchema>;

/** What is called in a game, by need. */
export const SheetSchema = z.object({
  name: name.min(1),
  opponent: id.optional(),
  /** "2026-12-04". */
  date: z
    .string()
    .regex(/^\d{4}-\d\d-\d\d$/)
    .optional(),
  sections: z.array(SectionSchema).max(RECORD_LIMITS.sections),
  /** Of the five for all of it: who is on the floor whatever comes, and who are not there together. */
  must: z.array(id).max(5).optional(),
  apart: z
    .array(z.tuple([id, id]))
    .max(20)
    .optional(),
});
export type Sheet = z.infer<typeof SheetSchema>;

/** One of their five: his height, cm, and his speed beside others of his level. */
const OpponentManSchema = PlayerSchema.pick({ heightCm: true, speed: true }).partial();
export type OpponentMan = z.infer<typeof OpponentManSchema>;

/** Whom the team plays, and what they are expected to do: defences by the words of `defenceByWord`. */
const OpponentSchema = z.object({
  name: name.min(1),
  five: z.partialRecord(z.enum(PLAYERS), line).optional(),
  /** How tall and how fast they are, where we know. */
  men: z.partialRecord(z.enum(PLAYERS), OpponentManSchema).optional(),
  expects: z.array(z.string().max(LIMITS.word)).max(RECORD_LIMITS.expects),
  notes: text.optional(),
});
export type Opponent = z.infer<typeof OpponentSchema>;

/** A team's own word for one of the trade's, or for a meaning of its own. */
const WordSchema = z.object({
  /** The trade's word it stands for (`DICTIONARY`); without it `means` says what it means. */
  key: z.string().max(LIMITS.word).optional(),
  means: line.optional(),
  word: name.min(1),
  /** Forms that are not the regular ones. */
  forms: z.object({ plural: name, base: name, third: name, ing: name }).partial().optional(),
  /** One of our drawn figures, and what it is in words. */
  signal: z.object({ figure: id.optional(), words: line.optional() }).optional(),
  /** A word that sounds like it, where it is in no pronouncing dictionary. */
  sounds: name.optional(),
});
export type TeamWord = z.infer<typeof WordSchema>;

/** A clash that is kept, and why. */
const KeptSchema = z.object({ clash: z.string().max(400), reason: line.min(1) });

/** The kinds of things a team keeps, and how each is written. */
export const RECORDS = {
  series: SeriesSchema,
  sheets: SheetSchema,
  opponents: OpponentSchema,
  words: WordSchema,
  kept: KeptSchema,
  players: PlayerSchema,
  clearances: ClearanceSchema,
  lineups: LineupSchema,
  seasons: SeasonSchema,
  practices: PracticeSchema,
  games: GameSchema,
} as const;
export type RecordKind = keyof typeof RECORDS;
export type RecordBody<K extends RecordKind = RecordKind> = z.infer<(typeof RECORDS)[K]>;

/** One of them as it is kept. */
export interface RecordRow<K extends RecordKind = RecordKind> {
  readonly id: string;
  readonly revision: number;
  readonly updatedAt: string;
  readonly body: RecordBody<K>;
}
const rowOf = <S extends z.ZodType>(body: S) =>
  z.object({ id: z.string(), revision: z.number().int(), updatedAt: z.string(), body });
export const RECORD_ROWS = {
  series: rowOf(SeriesSchema),
  sheets: rowOf(SheetSchema),
  opponents: rowOf(OpponentSchema),
  words: rowOf(WordSchema),
  kept: rowOf(KeptSchema),
  players: rowOf(PlayerSchema),
  clearances: rowOf(ClearanceSchema),
  lineups: rowOf(LineupSchema),
  seasons: rowOf(SeasonSchema),
  practices: rowOf(PracticeSchema),
  games: rowOf(GameSchema),
} as const satisfies Record<RecordKind, z.ZodType>;

/** A change of one: the revision it is based on, 0 for a new one; no body takes it away. */
export const recordSave = (kind: RecordKind) =>
  z.object({
    revision: z.number().int().min(0).max(2_147_483_646),
    sitting: z.string().regex(/^[\w-]{1,40}$/),
    body: RECORDS[kind].nullable(),
  });
export interface RecordSave<K extends RecordKind = RecordKind> {
  readonly revision: number;
  readonly sitting: string;
  readonly body: RecordBody<K> | null;
}

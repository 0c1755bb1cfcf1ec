import { z } from 'zod';
import { PLAYERS } from '../alignment/library.ts';
import { LIMITS } from '../play/limits.ts';

/** What can be printed, in the order it is offered in. */
export const PAPER_KINDS = [
  'play',
  'summary',
  'job',
  'answers',
  'sheet',
  'cards',
  'practice',
  'series',
  'glossary',
  'book',
] as const;
export type PaperKind = (typeof PAPER_KINDS)[number];

/** Of plays, of a call sheet, of a practice, of a series, or of the team's words: what each kind is made of. */
export const PAPER_OF: Readonly<Record<PaperKind, 'plays' | 'sheet' | 'practice' | 'series' | 'words'>> = {
  play: 'plays',
  summary: 'plays',
  job: 'plays',
  answers: 'plays',
  sheet: 'sheet',
  cards: 'sheet',
  practice: 'practice',
  series: 'series',
  glossary: 'words',
  book: 'plays',
};

const id = z.string().min(1).max(LIMITS.word);
/** So many plays go into one book. */
const MOST_PLAYS = 200;

/** What is to be printed, and for whom. */
export const PaperOrderSchema = z.object({
  kind: z.enum(PAPER_KINDS),
  plays: z.array(id).max(MOST_PLAYS).default([]),
  sheet: id.optional(),
  practice: id.optional(),
  series: z.string().min(1).max(LIMITS.name).optional(),
  paper: z.enum(['a4', 'letter', 'card']).default('a4'),
  /** Whose jobs: one number, or all five one after the other. */
  number: z.enum(PLAYERS).optional(),
  columns: z.union([z.literal(1), z.literal(2), z.literal(3)]).default(2),
  diagrams: z.boolean().default(true),
  size: z.enum(['desk', 'bench']).default('desk'),
  /** Hand signals may be left out of what could be left on a chair. */
  signals: z.boolean().default(true),
  /** In the team's words; else in the trade's. */
  ours: z.boolean().default(true),
  units: z.enum(['feet', 'metres']).optional(),
});
export type PaperOrder = z.infer<typeof PaperOrderSchema>;
export type PaperAsk = z.input<typeof PaperOrderSchema>;

const PAPER_STATES = ['waiting', 'working', 'done', 'failed', 'cancelled'] as const;
/** Something that was ordered: where it stands, and what is told of it. */
export const PaperRowSchema = z.object({
  id: z.string(),
  title: z.string(),
  order: PaperOrderSchema,
  state: z.enum(PAPER_STATES),
  /** Pages or plays that are done, and how many there are; 0 of 0 while nobody knows. */
  done: z.number(),
  of: z.number(),
  /** Why there is nothing. */
  fault: z.string().nullable(),
  /** Letters no font of ours has: they are question marks on paper. */
  lacks: z.array(z.string()),
  bytes: z.number(),
  createdAt: z.string(),
});
export type PaperRow = z.infer<typeof PaperRowSchema>;
/** Pages as they will be printed, each as SVG. */
export const PreviewSchema = z.object({
  title: z.string(),
  pages: z.array(z.string()),
  /** How many there are in all; of a long book the first are shown. */
  count: z.number(),
  lacks: z.array(z.string()),
});
export type Preview = z.infer<typeof PreviewSchema>;
/** A made file is kept so many days. */
export const PAPER_DAYS = 7;

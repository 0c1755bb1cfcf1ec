import { z } from 'zod';
import { DaySchema } from '../calendar/day.ts';
import { LIMITS } from '../play/limits.ts';
import { BLOCK_STAGES, WENT } from './stages.ts';

const id = z.string().min(1).max(LIMITS.word);
const name = z.string().max(LIMITS.name);
const line = z.string().max(LIMITS.line);
const ClockSchema = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/);

/** What a season may hold. */
export const SEASON_LIMITS = {
  weeks: 60,
  minutes: 240,
  least: 10,
  blocks: 40,
  expectations: 12,
  days: 14,
  byLine: 200,
} as const;

/** When the team practises every week: day of the week from Monday 0, and how long. */
const WeeklySchema = z.object({
  weekday: z.number().int().min(0).max(6),
  start: ClockSchema,
  minutes: z.number().int().min(SEASON_LIMITS.least).max(SEASON_LIMITS.minutes),
  place: line.optional(),
});
export type Weekly = z.infer<typeof WeeklySchema>;

/** From when to when, where, and what the team holds itself to. Figures left out are the usual ones of its level. */
export const SeasonSchema = z.object({
  name: name.min(1),
  from: DaySchema,
  to: DaySchema,
  timeZone: z.string().min(1).max(60),
  weekly: z.array(WeeklySchema).max(SEASON_LIMITS.days),
  /** New options a practice, options a number has to know, live minutes and clean repetitions that make one live. */
  newEach: z.number().int().min(1).max(6).optional(),
  memory: z.number().int().min(1).max(60).optional(),
  liveMinutes: z.number().int().min(1).max(120).optional(),
  liveClean: z.number().int().min(1).max(200).optional(),
  /** Contact minutes a day and a week the team does not go beyond. */
  contactDay: z.number().int().min(0).max(240).optional(),
  contactWeek: z.number().int().min(0).max(1200).optional(),
  /** Plays that are taught line by line; all others as a whole. */
  lineByLine: z.array(id).max(SEASON_LIMITS.byLine).optional(),
  /** A few lines that stand on every practice sheet. */
  expectations: z.array(line).max(SEASON_LIMITS.expectations),
});
export type Season = z.infer<typeof SeasonSchema>;

/** What a block is about: a play with the lines that are meant (all where none is named), a concept by itself, or anything else. */
const ItemSchema = z.discriminatedUnion('is', [
  z.object({
    is: z.literal('play'),
    play: id,
    /** As it was called when it was planned. */
    name,
    leaves: z.array(id).max(LIMITS.frames).optional(),
    /** What it said then: the revision, and the words of the lines. */
    revision: z.number().int().optional(),
    words: line.optional(),
  }),
  z.object({ is: z.literal('drill'), concept: z.string().min(1).max(LIMITS.name), name }),
  z.object({ is: z.literal('other'), name }),
]);
export type BlockItem = z.infer<typeof ItemSchema>;

const DoneSchema = z.object({
  minutes: z.number().min(0).max(SEASON_LIMITS.minutes),
  clean: z.number().int().min(0).max(999).optional(),
  tried: z.number().int().min(0).max(999).optional(),
  went: z.enum(WENT),
});

const BlockSchema = z.object({
  id,
  item: ItemSchema,
  stage: z.enum(BLOCK_STAGES),
  minutes: z.number().int().min(1).max(SEASON_LIMITS.minutes),
  side: z.enum(['asDrawn', 'flipped', 'both']).optional(),
  /** Repetitions meant. */
  reps: z.number().int().min(0).max(999).optional(),
  note: line.optional(),
  /** Made by the plan; it may move it. What a coach put there stays. */
  planned: z.boolean().optional(),
  locked: z.boolean().optional(),
  done: DoneSchema.optional(),
});
export type Block = z.infer<typeof BlockSchema>;
export type BlockDone = z.infer<typeof DoneSchema>;

export const PracticeSchema = z.object({
  date: DaySchema,
  start: ClockSchema,
  minutes: z.number().int().min(SEASON_LIMITS.least).max(SEASON_LIMITS.minutes),
  place: line.optional(),
  /** The share of it that is for plays; a third where nothing is said. */
  playMinutes: z.number().int().min(0).max(SEASON_LIMITS.minutes).optional(),
  /** Players who are known not to come. */
  absent: z.array(id).max(60),
  notes: z.string().max(LIMITS.text).optional(),
  /** It did not take place. */
  missed: z.boolean().optional(),
  /** In the order they are done. */
  blocks: z.array(BlockSchema).max(SEASON_LIMITS.blocks),
});
export type Practice = z.infer<typeof PracticeSchema>;

export const GameSchema = z.object({
  date: DaySchema,
  start: ClockSchema,
  opponent: id.optional(),
  /** Who they are, where they are no opponent we keep. */
  name: name.optional(),
  home: z.boolean(),
  place: line.optional(),
  /** The call sheet it is played by. */
  sheet: id.optional(),
  /** A scrimmage is no game day that counts, but plays are used in it. */
  scrimmage: z.boolean().optional(),
  notes: z.string().max(LIMITS.text).optional(),
});
export type Game = z.infer<typeof GameSchema>;

/** The minutes of a practice that are for plays. */
export const playMinutesOf = (p: Pick<Practice, 'minutes' | 'playMinutes'>): number =>
  p.playMinutes ?? Math.round(p.minutes / 3);
/** Minutes of it that plays can have: its share, as far as what is no play leaves it. */
export const roomForPlays = (p: Pick<Practice, 'minutes' | 'playMinutes' | 'blocks'>): number =>
  Math.max(0, Math.min(playMinutesOf(p), p.minutes - (minutesGiven(p) - playMinutesGiven(p))));
/** Minutes its blocks about plays and their parts take. */
export const playMinutesGiven = (p: Pick<Practice, 'blocks'>): number =>
  p.blocks.reduce((n, b) => n + (b.item.is === 'other' ? 0 : b.minutes), 0);
/** Minutes all its blocks take. */
export const minutesGiven = (p: Pick<Practice, 'blocks'>): number =>
  p.blocks.reduce((n, b) => n + b.minutes, 0);
/** Whether players touch each other in it. */
export const isContact = (b: Pick<Block, 'stage' | 'item'>): boolean =>
  b.stage === 'live' || b.stage === 'situation';

import { z } from 'zod';
import { PLAYERS, type PlayerId } from '../alignment/library.ts';
import { LIMITS } from '../play/limits.ts';
import { DaySchema } from '../calendar/day.ts';

/** What is rated of a man, 0 to 5. */
export const SKILLS = [
  'shootCorner',
  'shootWing',
  'shootTop',
  'mid',
  'finish',
  'free',
  'pass',
  'handle',
  'screen',
  'post',
  'defend',
] as const;
export type Skill = (typeof SKILLS)[number];

const id = z.string().min(1).max(LIMITS.word);
const name = z.string().max(LIMITS.name);
const line = z.string().max(LIMITS.line);
/** That a man is cleared for something: since when, how far, and what it was seen by. */
const ClearedSchema = z.object({
  clearance: id,
  level: z.enum(['game', 'practice']),
  since: DaySchema,
  evidence: line.optional(),
});
/** When he is away or spared. Why is never kept: who may come back, medical staff say. */
const AbsenceSchema = z.object({ from: DaySchema, to: DaySchema.optional(), as: z.enum(['out', 'limited']) });

/** A man of the roster. What nobody has rated has no figure. */
export const PlayerSchema = z.object({
  jersey: z.string().max(3),
  name: name.min(1),
  /** The numbers he plays, his first one first. */
  plays: z.array(z.enum(PLAYERS)).max(5),
  hand: z.enum(['right', 'left']),
  heightCm: z.number().min(90).max(260).optional(),
  year: z.string().max(LIMITS.word).optional(),
  /** Beside others of his level; 1 is as most. */
  speed: z.number().min(0.85).max(1.15),
  skills: z.partialRecord(z.enum(SKILLS), z.number().min(0).max(5)),
  cleared: z.array(ClearedSchema).max(60),
  out: z.array(AbsenceSchema).max(60),
  notes: z.string().max(LIMITS.text).optional(),
});
export type Player = z.infer<typeof PlayerSchema>;

/** What a clearance may stand for besides skills: things done in a play that a coach allows one by one. */
const DUTIES = [
  'screenBall',
  'screenOff',
  'handoff',
  'throwIn',
  'skip',
  'lob',
  'highPost',
  'seal',
  'drive',
  'shootCorner',
  'shootWing',
  'shootTop',
  'mid',
] as const;
export type Feat = (typeof DUTIES)[number];

/** Something a team lets a man do only when it has seen that he can; it bars only where a team made one. */
export const ClearanceSchema = z.object({
  name: name.min(1),
  covers: z.object({
    duties: z.array(z.enum(DUTIES)).max(DUTIES.length).optional(),
    play: id.optional(),
    series: name.optional(),
    number: z.enum(PLAYERS).optional(),
    /** Of a continuity: asked in this turn only, from 1, of whoever has the job then. */
    turn: z.number().int().min(1).max(20).optional(),
  }),
});
export type Clearance = z.infer<typeof ClearanceSchema>;

export type Presence = 'in' | 'limited' | 'out';

/** Whether a man is there on a day: the worst of what is written for it. */
export function presenceOn(player: Player, day: string): Presence {
  let found: Presence = 'in';
  for (const { from, to, as } of player.out) {
    if (day < from || (to !== undefined && day > to)) continue;
    if (as === 'out') return 'out';
    found = 'limited';
  }
  return found;
}

/** What a number does in a play, as far as clearances ask. */
export interface Job {
  readonly play: string;
  readonly series: string;
  readonly number: PlayerId;
  readonly duties: ReadonlySet<Feat>;
}

/**
 * Why a man is not chosen for a number by himself; a coach may put him there all the same. A clearance he has not got, or
 * for practice only.
 */
export type Bar =
  | { readonly is: 'out' | 'limited' | 'number' }
  | { readonly is: 'clearance'; readonly id: string; readonly name: string; readonly practice: boolean };

/** Whether a clearance is asked for a job: everything it names must be so. One that names nothing is asked of nobody. */
export function asks({ covers }: Clearance, job: Job): boolean {
  const { duties, play, series, number } = covers;
  if (duties === undefined && play === undefined && series === undefined) return false;
  return (
    (duties === undefined || duties.some((d) => job.duties.has(d))) &&
    (play === undefined || play === job.play) &&
    (series === undefined || series === job.series) &&
    (number === undefined || number === job.number)
  );
}

/** Everything that bars a man from a job on a day; at `level` practice what he may do in practice is enough. */
export function barsOf(
  player: Player,
  job: Job,
  clearances: readonly { readonly id: string; readonly body: Clearance }[],
  day: string,
  level: 'game' | 'practice' = 'game',
): Bar[] {
  const bars: Bar[] = [];
  const there = presenceOn(player, day);
  if (there !== 'in') bars.push({ is: there });
  if (!player.plays.includes(job.number)) bars.push({ is: 'number' });
  for (const { id: key, body } of clearances) {
    // A turn is looked at where a continuity is turned: a man need not be home in every one.
    if (body.covers.turn !== undefined || !asks(body, job)) continue;
    const has = player.cleared.find((c) => c.clearance === key && c.since <= day);
    if (has && (has.level === 'game' || level === 'practice')) continue;
    bars.push({ is: 'clearance', id: key, name: body.name, practice: has !== undefined });
  }
  return bars;
}

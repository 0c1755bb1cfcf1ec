import { z } from 'zod';
import type { Level } from '../play/document.ts';

/** Where schools of coaching differ: a team's own limits for the walk-through. Figures are common practice. */
const TeachingSchema = z.object({
  /** Men sent to the boards when a shot goes up, and men who stay back. */
  rebounders: z.number().int().min(0).max(5),
  safeties: z.number().int().min(0).max(3),
  /** Perimeter players nearer than this are crowded, feet. */
  crowded: z.number().min(4).max(20),
  /** A man without anything to do for longer than this stands, seconds. */
  idle: z.number().min(2).max(60),
  /** Spacers hold their spots, or nobody stands. */
  spacing: z.enum(['hold', 'move']),
});
export type Teaching = z.infer<typeof TeachingSchema>;

const Percent = z.number().min(1).max(100);

/** What a team teaches otherwise than most, and how many of a hundred open shots it makes. */
export const OwnTeachingSchema = TeachingSchema.partial().extend({
  makes: z.object({ rim: Percent, short: Percent, mid: Percent, three: Percent }).partial().optional(),
});
export type OwnTeaching = z.infer<typeof OwnTeachingSchema>;

/** What most schools of a level teach, where the team has not said otherwise; the youngest stand a little closer. */
export const teachingFor = (level: Level, own: OwnTeaching = {}): Teaching => ({
  rebounders: own.rebounders ?? 3,
  safeties: own.safeties ?? 1,
  crowded: own.crowded ?? (level === 'youth' ? 10 : 12),
  idle: own.idle ?? 6,
  spacing: own.spacing ?? 'hold',
});

import { z } from 'zod';
import type { Level } from '../play/document.ts';

/** Where schools of coaching differ: a team's own limits for the walk-through. Figures are common practice. */
export const SchoolSchema = z.object({
  /** Men sent to the boards when a shot goes up, and men who stay back. */
  rebounders: z.number().int().min(0).max(5),
  safeties: z.number().int().min(0).max(3),
  /** Perimeter players nearer than this are crowded, feet. */
  crowded: z.number().min(4).max(20),
  /** A man without anything to do for longer than this stands, seconds. */
  idle: z.number().min(2).max(60),
});
export type School = z.infer<typeof SchoolSchema>;

/** What most schools of a level teach; the youngest stand a little closer. */
export const schoolFor = (level: Level, own: Partial<School> = {}): School => ({
  rebounders: 3,
  safeties: 1,
  crowded: level === 'youth' ? 10 : 12,
  idle: 6,
  ...own,
});

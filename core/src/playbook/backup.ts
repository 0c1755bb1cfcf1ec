import { z } from 'zod';

/** How a backup is restored: into an empty team, over a living one, or beside it as another team. */
export const RESTORE_MODES = ['into', 'over', 'beside'] as const;
export type RestoreMode = (typeof RESTORE_MODES)[number];

/** A backup that is kept: why it was made, what it holds, and when (ISO 8601). */
export const KeptBackupSchema = z.object({
  id: z.string(),
  why: z.enum(['asked', 'clock', 'restore']),
  rows: z.number(),
  bytes: z.number(),
  madeAt: z.string(),
});

/** What was restored into which team, and the backup of what was there before. */
export const RestoredSchema = z.object({
  team: z.string(),
  rows: z.number(),
  before: z.string().nullable(),
});
export type Restored = z.infer<typeof RestoredSchema>;

import { z } from 'zod';
import { PLAYERS } from '../alignment/library.ts';
import { LIMITS } from '../play/limits.ts';

/** Five who play together under a name: men by number, perhaps not all of them settled. */
export const LineupSchema = z.object({
  name: z.string().min(1).max(LIMITS.name),
  men: z.partialRecord(z.enum(PLAYERS), z.string().min(1).max(LIMITS.word)),
});
export type Lineup = z.infer<typeof LineupSchema>;

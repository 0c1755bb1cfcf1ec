import { z } from 'zod';
import type { End, Play } from '../play/document.ts';
import type { RecordBody } from '../playbook/records.ts';
import type { BookRecords, FilePlay } from './book-file.ts';

/** How a play of a file stands to the one of the same name that is here. */
export const STANDINGS = ['new', 'same', 'older', 'newer', 'differs'] as const;
export type Standing = (typeof STANDINGS)[number];

/** What is here of a play: its print now, and those of its kept versions. */
export interface Known {
  readonly hash: string;
  readonly earlier: readonly string[];
}

/** Same when the prints are equal, older when we once had it so, newer when it once was as ours is. */
export function standingOf({ hash, earlierHashes }: FilePlay, here: Known | undefined): Standing {
  if (!here) return 'new';
  if (here.hash === hash) return 'same';
  if (here.earlier.includes(hash)) return 'older';
  return earlierHashes.includes(here.hash) ? 'newer' : 'differs';
}

/** What is done with a play of a file. */
export type How = 'skip' | 'add' | 'replace' | 'beside';

/** What a coach would most often want: nothing of his own is written over unless the file is newer. */
export const usualHow = (standing: Standing): How =>
  ({ new: 'add', same: 'skip', older: 'skip', newer: 'replace', differs: 'beside' })[standing] as How;
/** What can be done with it at all. */
export const howsFor = (standing: Standing): readonly How[] =>
  standing === 'new' ? ['add', 'skip'] : ['skip', 'replace', 'beside'];

/** A play as it comes in from a file. */
export interface Incoming {
  readonly of: FilePlay;
  readonly how: How;
}

/**
 * The plays of a file as they will be kept. Those beside one that is here get names of their own from `mint`, and what
 * the file says of them goes with them; what it says of plays that are nowhere keeps its name. From another team nothing
 * counts as adopted.
 */
export function incoming(
  all: readonly Incoming[],
  team: string,
  mint: () => string,
): {
  readonly plays: readonly { readonly play: Play; readonly how: 'add' | 'replace' }[];
  readonly ids: ReadonlyMap<string, string>;
} {
  const ids = new Map(all.filter((p) => p.how === 'beside').map((p) => [p.of.play.id, mint()]));
  const plays = all.flatMap(({ of, how }) => {
    if (how === 'skip') return [];
    const renamed = withIds(of.play, ids);
    const foreign = of.team !== undefined && of.team !== team;
    const play = foreign ? { ...renamed, status: 'candidate' as const } : renamed;
    return [{ play, how: how === 'replace' ? ('replace' as const) : ('add' as const) }];
  });
  return { plays, ids };
}

/** A play with other plays named anew. */
function withIds(play: Play, ids: ReadonlyMap<string, string>): Play {
  if (ids.size === 0) return play;
  const to = (id: string): string => ids.get(id) ?? id;
  const end = (e: End): End => (e.play ? { ...e, play: { ...e.play, id: to(e.play.id) } } : e);
  return {
    ...play,
    id: to(play.id),
    ...(play.variantOf ? { variantOf: { ...play.variantOf, play: to(play.variantOf.play) } } : {}),
    ...(play.counterTo ? { counterTo: play.counterTo.map((c) => ({ ...c, play: to(c.play) })) } : {}),
    ...(play.ifNothing ? { ifNothing: end(play.ifNothing) } : {}),
    frames: play.frames.map((f) => (f.end ? { ...f, end: end(f.end) } : f)),
  };
}

/** A sheet whose calls name the plays as they were kept. */
export const sheetWithIds = (
  sheet: RecordBody<'sheets'>,
  ids: ReadonlyMap<string, string>,
): RecordBody<'sheets'> => ({
  ...sheet,
  sections: sheet.sections.map((s) => ({
    ...s,
    entries: s.entries.map((e) => ({ ...e, play: ids.get(e.play) ?? e.play })),
  })),
});

/** How many things stand in a file beside its plays. */
export const recordCount = (records: BookRecords): number =>
  Object.values(records).reduce((sum, rows) => sum + rows.length, 0);

/** What an import is told of the plays that are here under its names. */
export const HereSchema = z.object({
  id: z.string(),
  name: z.string(),
  hash: z.string(),
  earlier: z.array(z.string()),
  trashed: z.boolean(),
});
export type Here = z.infer<typeof HereSchema>;
/** What came in. */
export const TakenInSchema = z.object({ plays: z.number(), records: z.number() });

import { z } from 'zod';
import { LIMITS } from '../play/limits.ts';
import { readPlay } from '../play/read.ts';
import { utf8Length } from '../play/size.ts';
import type { Play } from '../play/document.ts';
import { contentOf } from '../play/content.ts';
import { RECORDS, type RecordBody, type RecordKind } from '../playbook/records.ts';

const BOOK_FORMAT = 'corkscrew-playbook';
const BOOK_VERSION = 1;
/** Text of a whole playbook before it is read (bytes). */
const BOOK_BYTES = 256 * 1024 * 1024;
/** So many plays are read out of one file. */
const MOST = 5000;

const id = z.string().min(1).max(LIMITS.word);
/** A play in a file: the document, and what it was before, by the prints of `printOfPlay`. */
const EntrySchema = z.object({
  document: z.unknown(),
  revision: z.number().int().min(0).optional(),
  hash: z.string().max(80).optional(),
  earlierHashes: z.array(z.string().max(80)).max(5000).optional(),
});

/** A playbook as a file: plays, and what a team keeps beside them. Unknown fields are left alone. */
export const BookFileSchema = z.object({
  format: z.literal(BOOK_FORMAT),
  version: z.number().int().min(1),
  team: z.object({ id, name: z.string().max(LIMITS.name) }).optional(),
  plays: z.array(EntrySchema).max(MOST),
  series: z.array(z.object({ id, body: z.unknown() })).optional(),
  sheets: z.array(z.object({ id, body: z.unknown() })).optional(),
  opponents: z.array(z.object({ id, body: z.unknown() })).optional(),
  words: z.array(z.object({ id, body: z.unknown() })).optional(),
});

/** What stands in a file beside its plays. */
export const BOOK_RECORDS = [
  'series',
  'sheets',
  'opponents',
  'words',
] as const satisfies readonly RecordKind[];
export type BookRecords = {
  readonly [K in (typeof BOOK_RECORDS)[number]]?: readonly {
    readonly id: string;
    readonly body: RecordBody<K>;
  }[];
};

/** A play read from a file, and what tells how it stands to one that is here. */
export interface FilePlay {
  readonly play: Play;
  readonly hash: string;
  readonly earlierHashes: readonly string[];
  /** The team it comes from, where the file says so. */
  readonly team?: string;
}
/** Something of a file that can't be taken: where in it, and why. */
interface FileRefusal {
  /** A path within the file: "plays.3.frames.0"; empty for all of it. */
  readonly at: string;
  readonly sentence: string;
}
export interface FileRead {
  readonly plays: readonly FilePlay[];
  readonly records: BookRecords;
  readonly refused: readonly FileRefusal[];
}

/** A short print of a play's content: equal prints are equal plays, whatever the order of their fields. */
export const printOfPlay = (play: unknown): string => `c1:${contentOf({ play })}`;

/** A play to be written into a file with the prints of what it was before. */
export interface BookPlay {
  readonly document: Play;
  readonly revision?: number;
  readonly earlierHashes?: readonly string[];
}

/** A playbook as the text of a file. */
export function writeBook(
  team: { readonly id: string; readonly name: string } | undefined,
  plays: readonly BookPlay[],
  records: BookRecords = {},
): string {
  const book = {
    ...{ format: BOOK_FORMAT, version: BOOK_VERSION },
    ...(team ? { team } : {}),
    plays: plays.map(({ document, revision, earlierHashes }) => ({
      document,
      ...(revision === undefined ? {} : { revision }),
      hash: printOfPlay(document),
      ...(earlierHashes?.length ? { earlierHashes } : {}),
    })),
    ...records,
  };
  return `${JSON.stringify(book, null, 1)}\n`;
}

const nothing = (sentence: string, at = ''): FileRead => ({
  plays: [],
  records: {},
  refused: [{ at, sentence }],
});

/** Reads the text of a file: one play, or a playbook. What can't be taken is told, the rest is read. */
export function readFileText(text: string): FileRead {
  if (utf8Length(text) > BOOK_BYTES) return nothing('This file is too large for a playbook.');
  let value: unknown;
  try {
    value = JSON.parse(text.replace(/^\uFEFF/, ''));
  } catch (error) {
    return nothing(`This is no file of plays: ${jsonFault(text, error as Error)}`);
  }
  return readFileValue(value);
}

/** Where JSON breaks, by its line. */
function jsonFault(text: string, error: Error): string {
  const at = /position (\d+)/.exec(error.message)?.[1];
  const line = at === undefined ? null : text.slice(0, Number(at)).split('\n').length;
  return line === null ? 'it ends before it is over.' : `line ${line} can’t be read.`;
}

function readFileValue(value: unknown): FileRead {
  const isBook =
    typeof value === 'object' && value !== null && (value as { format?: unknown }).format === BOOK_FORMAT;
  if (!isBook) {
    const read = readPlay(value);
    return read.ok
      ? {
          plays: [{ play: read.play, hash: printOfPlay(read.play), earlierHashes: [] }],
          records: {},
          refused: [],
        }
      : nothing(read.sentence, read.at ?? '');
  }
  const { version } = value as { version?: unknown };
  if (typeof version === 'number' && version > BOOK_VERSION)
    return nothing('This playbook was written by a newer Corkscrew. Update this one to open it.', 'version');
  const book = BookFileSchema.safeParse(value);
  if (!book.success) {
    const [issue] = book.error.issues;
    return nothing('This is no playbook that can be read.', issue!.path.join('.'));
  }
  const { team, plays } = book.data;
  const refused: FileRefusal[] = [];
  const read = plays.flatMap((entry, i): FilePlay[] => {
    const r = readPlay(entry.document);
    if (!r.ok) {
      refused.push({ at: ['plays', i, r.at].filter((p) => p !== undefined).join('.'), sentence: r.sentence });
      return [];
    }
    // The print is made anew: a file may say anything of itself.
    return [
      {
        ...{ play: r.play, hash: printOfPlay(r.play), earlierHashes: entry.earlierHashes ?? [] },
        ...(team ? { team: team.id } : {}),
      },
    ];
  });
  const records: Record<string, { id: string; body: unknown }[]> = {};
  for (const kind of BOOK_RECORDS)
    for (const [i, { id: name, body }] of (book.data[kind] ?? []).entries()) {
      const r = RECORDS[kind].safeParse(body);
      if (r.success) (records[kind] ??= []).push({ id: name, body: r.data });
      else
        refused.push({
          at: `${kind}.${i}.${r.error.issues[0]!.path.join('.')}`,
          sentence: 'This can’t be read.',
        });
    }
  return { plays: read, records: records as BookRecords, refused };
}

import {
  BOOK_RECORDS,
  parseScript,
  printOfPlay,
  readFileText,
  standingOf,
  unkeepable,
  usualHow,
  type BookRecords,
  type FilePlay,
  type Here,
  type How,
  type Standing,
} from '@corkscrew/core';
import type { GivenFile } from './unpack.ts';

/** A play that came in a file, how it stands to what is here, and what is done with it. */
export interface Row {
  readonly path: string;
  readonly of: FilePlay;
  readonly standing: Standing;
  /** What is here under its name, where that has another. */
  readonly hereName: string | null;
  readonly how: How;
}
/** Something that is not taken in: where, and why. */
interface Refused {
  readonly path: string;
  readonly at: string;
  readonly sentence: string;
}
export interface Report {
  readonly rows: readonly Row[];
  readonly refused: readonly Refused[];
  readonly records: BookRecords;
}

interface Read {
  readonly plays: readonly { readonly path: string; readonly of: FilePlay }[];
  readonly refused: readonly Refused[];
  readonly records: BookRecords;
}

/** What stands in files: their plays, what stands beside those, and what can't be read. */
export function readFiles(files: readonly GivenFile[]): Read {
  const plays: { path: string; of: FilePlay }[] = [];
  const refused: Refused[] = [];
  const records: Record<string, { id: string; body: unknown }[]> = {};
  const seen = new Map<string, string>();
  const take = (path: string, of: FilePlay): void => {
    const fault = unkeepable(of.play);
    const before = seen.get(of.play.id);
    if (fault !== null) refused.push({ path, at: '', sentence: fault });
    else if (before !== undefined)
      refused.push({
        path,
        at: '',
        sentence: `${of.play.name} stands in ${before} as well: it is read once.`,
      });
    else {
      seen.set(of.play.id, path);
      plays.push({ path, of });
    }
  };
  for (const { path, text, fault } of files) {
    if (text === null) {
      refused.push({ path, at: '', sentence: fault ?? 'It can’t be read.' });
      continue;
    }
    if (/\.(txt|corkscrew)$/i.test(path)) {
      const parsed = parseScript(text, { id: idOf(path) });
      if (parsed.ok) take(path, { play: parsed.play, hash: printOfPlay(parsed.play), earlierHashes: [] });
      else
        for (const f of parsed.faults.slice(0, 3))
          refused.push({ path, at: `line ${f.line}`, sentence: f.sentence });
      continue;
    }
    const read = readFileText(text);
    for (const of of read.plays) take(path, of);
    for (const r of read.refused) refused.push({ path, at: r.at, sentence: r.sentence });
    for (const kind of BOOK_RECORDS)
      if (read.records[kind]) records[kind] = [...(records[kind] ?? []), ...read.records[kind]];
  }
  return { plays, refused, records: records as BookRecords };
}

/** A written play has no name of its own to be found by: its file's. */
const idOf = (path: string): string =>
  path
    .split(/[/›]/)
    .at(-1)!
    .trim()
    .replace(/\.[^.]*$/, '')
    .replace(/[^\p{L}\p{N}-]+/gu, '-')
    .slice(0, 40) || 'written';

export function reportOf({ plays, refused, records }: Read, here: readonly Here[]): Report {
  const known = new Map(here.map((h) => [h.id, h]));
  const rows = plays.map(({ path, of }): Row => {
    const own = known.get(of.play.id);
    const standing = standingOf(of, own);
    const hereName = own && own.name !== of.play.name ? own.name : null;
    return { path, of, standing, hereName, how: usualHow(standing) };
  });
  return { rows, refused, records };
}

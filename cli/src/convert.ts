import {
  bookTable,
  csvText,
  markdownSheet,
  parseScript,
  printScript,
  readFileText,
  summarise,
  writeBook,
  writePlay,
  type BookRecords,
  type Play,
} from '@corkscrew/core';
import { readFileSync } from 'node:fs';
import { basename } from 'node:path';
import { noFile, type FileFault } from './read-file.ts';

/** What plays can be turned into. */
export const FORMATS = ['json', 'script', 'md', 'csv', 'book'] as const;
export type Format = (typeof FORMATS)[number];

export interface Read {
  readonly plays: readonly Play[];
  /** What a playbook has beside its plays. */
  readonly records: BookRecords;
  readonly faults: readonly FileFault[];
}

/** The plays of any file: one play, a playbook, or a written one. */
export function readAnyFile(file: string): Read {
  let text: string;
  try {
    text = readFileSync(file, 'utf8');
  } catch {
    return { plays: [], records: {}, faults: [noFile(file)] };
  }
  if (/\.(txt|corkscrew)$/i.test(file)) {
    const parsed = parseScript(text, { id: basename(file).replace(/\.[^.]*$/, '') || 'script' });
    return parsed.ok
      ? { plays: [parsed.play], records: {}, faults: [] }
      : {
          plays: [],
          records: {},
          faults: parsed.faults.map((f) => ({ file, line: f.line, at: null, sentence: f.sentence })),
        };
  }
  const { plays, records, refused } = readFileText(text);
  return {
    plays: plays.map((p) => p.play),
    records,
    faults: refused.map((r) => ({ file, line: null, at: r.at || null, sentence: r.sentence })),
  };
}

/** Plays in another format, as one text. */
export function converted(plays: readonly Play[], to: Format): string {
  switch (to) {
    case 'json':
      return plays.map((p) => writePlay(p)).join('');
    case 'script':
      return plays.map((p) => printScript(p)).join('\n');
    case 'md':
      return plays.map((p) => markdownSheet(p)).join('\n');
    case 'csv':
      return csvText(bookTable(plays.map((p) => ({ id: p.id, summary: summarise(p) }))));
    case 'book':
      return writeBook(
        undefined,
        plays.map((document) => ({ document })),
      );
  }
}

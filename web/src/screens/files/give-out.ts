import {
  bookTable,
  csvText,
  markdownSheet,
  printScript,
  readFileText,
  summarise,
  writePlay,
  type Play,
} from '@corkscrew/core';
import { strToU8, zip } from 'fflate';
import { Unreachable } from '../../app/api.ts';
import { fileName, saveBlob, saveText } from '../../ui/save-file.ts';

/** What the playbook can be given out as. */
export const KINDS = {
  book: ['Playbook', 'Everything in one file: plays with what they were, series, sheets, words.'],
  table: ['Table', 'One line a play, for a spreadsheet (CSV).'],
  written: ['Written', 'Every play as it is written, a text each.'],
  sheets: ['In words', 'Every play in sentences, a Markdown file each.'],
  files: ['Play files', 'Every play as a file by itself.'],
} as const;
export type Kind = keyof typeof KINDS;

/** The playbook as files, made on this device from what is kept. */
export async function giveOut(kind: Kind): Promise<void> {
  const text = await bookText();
  if (kind === 'book') return saveText('playbook.corkscrew.json', text);
  const plays = readFileText(text).plays.map((p) => p.play);
  switch (kind) {
    case 'table':
      return saveText(
        'playbook.csv',
        `\uFEFF${csvText(bookTable(plays.map((p) => ({ id: p.id, summary: summarise(p) }))))}`,
        'text/csv',
      );
    case 'written':
      return zipped('playbook-written.zip', plays, 'txt', (p) => printScript(p));
    case 'sheets':
      return zipped('playbook-in-words.zip', plays, 'md', (p) => markdownSheet(p));
    case 'files':
      return zipped('playbook-files.zip', plays, 'corkscrew.json', writePlay);
  }
}

async function bookText(): Promise<string> {
  const answer = await fetch('/api/book').catch(() => null);
  if (!answer?.ok) throw new Unreachable();
  return answer.text();
}

/** Plays each as a file, by their names; two of one name are told apart by a number. */
async function zipped(
  name: string,
  plays: readonly Play[],
  ending: string,
  text: (p: Play) => string,
): Promise<void> {
  const files: Record<string, Uint8Array> = {};
  for (const p of plays) {
    const base = fileName(p.name);
    let n = 1;
    while (`${base}${n === 1 ? '' : `-${n}`}.${ending}` in files) n += 1;
    files[`${base}${n === 1 ? '' : `-${n}`}.${ending}`] = strToU8(text(p));
  }
  const bytes = await new Promise<Uint8Array>((done, fail) =>
    zip(files, { level: 6 }, (error, data) => (error ? fail(error) : done(data))),
  );
  saveBlob(name, new Blob([bytes as Uint8Array<ArrayBuffer>], { type: 'application/zip' }));
}

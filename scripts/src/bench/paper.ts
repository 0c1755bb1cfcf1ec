import {
  fromToday,
  PaperOrderSchema,
  readFileText,
  writeBook,
  type PaperAsk,
  type Play,
} from '@corkscrew/core';
import { makePages, pdfOf, type PaperInput } from '@corkscrew/paper';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from '../paths.ts';
import { demo, ms, percentile, type Row } from './row.ts';

const TIMES = 7;

interface Team {
  readonly sheets: readonly { readonly body: NonNullable<PaperInput['sheet']> }[];
  readonly words: readonly { readonly body: NonNullable<PaperInput['words']>[number] }[];
}

/** Pages and their PDF, from the documents to the bytes: the median of so many times. */
async function made(ask: PaperAsk, input: PaperInput): Promise<string> {
  const took: number[] = [];
  for (let i = 0; i < TIMES; i++) {
    const began = performance.now();
    const pages = (await makePages(PaperOrderSchema.parse(ask), input))!;
    await pdfOf(pages, { made: new Date(0), author: '' });
    took.push(performance.now() - began);
  }
  return `median ${ms(percentile(took, 0.5))}`;
}

/** So many plays out of the demo's. */
const many = (plays: readonly Play[], count: number): Play[] =>
  Array.from({ length: count }, (_, i) => {
    const play = plays[i % plays.length]!;
    return { ...play, id: `${play.id}-${i}`, name: `${play.name} ${i}` };
  });

/** Paper and files. */
export async function paper(): Promise<Row[]> {
  const plays = demo();
  const file = readFileSync(join(ROOT, 'demo', 'team.json'), 'utf8');
  const team = fromToday(JSON.parse(file), '2026-01-01') as Team;
  const input = (of: readonly Play[]): PaperInput => ({
    ...{ team: 'Bench', date: '2026-01-01', plays: of.map((play) => ({ play })) },
    words: team.words.map((w) => w.body),
    sheet: team.sheets[0]!.body,
  });
  const [quay] = plays.filter((p) => p.name === 'Quay 4');
  const book = writeBook(
    undefined,
    many(plays, 500).map((document) => ({ document })),
  );
  const began = performance.now();
  const read = readFileText(book);
  const took = performance.now() - began;
  if (read.plays.length !== 500) throw new Error('Not all plays were read.');
  return [
    {
      what: 'A play sheet, from the document to the PDF, Node',
      measured: await made({ kind: 'play' }, input([quay!])),
      goal: '≤ 500 ms',
    },
    {
      what: 'A call sheet of 18 calls, the same',
      measured: await made({ kind: 'sheet' }, input(plays)),
      goal: '≤ 1000 ms',
    },
    {
      what: 'A book of 40 plays, the same',
      measured: await made({ kind: 'book' }, input(many(plays, 40))),
      goal: '≤ 8000 ms',
    },
    {
      what: `A playbook of 500 plays (${(book.length / 1e6).toFixed(1)} MB) read from its file and printed for comparing`,
      measured: ms(took),
      goal: '≤ 5000 ms',
    },
  ];
}

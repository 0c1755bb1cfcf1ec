import {
  clashesOf,
  clashTitle,
  clashWhy,
  entriesOf,
  isGrave,
  spokenOf,
  summarise,
  type Clash,
  type Play,
  type Series,
  type TeamWord,
} from '@corkscrew/core';
import { readWordsCsv } from '@corkscrew/words/csv';
import { voice } from '@corkscrew/words/voice';
import { readFileSync } from 'node:fs';
import { readAnyFile } from './convert.ts';
import { noFile, type FileFault } from './read-file.ts';

/** What is called something, out of any number of files. */
interface Vocabulary {
  readonly plays: Play[];
  readonly series: { id: string; body: Series }[];
  readonly words: { id: string; body: TeamWord }[];
  readonly faults: FileFault[];
}

/** A clash as it is told: what, why, and whether it is to be mended or only to be known. */
export interface WordFinding {
  readonly grave: boolean;
  readonly title: string;
  readonly why: string;
}

/** Reads plays and playbooks with their calls, series and words, and tables of words (.csv). */
function vocabularyOf(files: readonly string[]): Vocabulary {
  const all: Vocabulary = { plays: [], series: [], words: [], faults: [] };
  for (const file of files) {
    if (/\.csv$/i.test(file)) readTable(file, all);
    else {
      const { plays, records, faults } = readAnyFile(file);
      all.plays.push(...plays);
      all.series.push(...(records.series ?? []));
      all.words.push(...(records.words ?? []));
      all.faults.push(...faults);
    }
  }
  return all;
}

function readTable(file: string, all: Vocabulary): void {
  let text: string;
  try {
    text = readFileSync(file, 'utf8');
  } catch {
    all.faults.push(noFile(file));
    return;
  }
  const read = readWordsCsv(text);
  if (!read.ok) all.faults.push({ file, line: null, at: null, sentence: read.sentence });
  else all.words.push(...read.words.map((body, i) => ({ id: `${file}:${i}`, body })));
}

/** Everything that clashes in what a team calls out, what is to be mended first; `firstLetter` as in the settings. */
export async function lintWords(
  files: readonly string[],
  firstLetter: boolean,
): Promise<{
  readonly findings: readonly WordFinding[];
  readonly faults: readonly FileFault[];
  readonly of: number;
}> {
  const { plays, series, words, faults } = vocabularyOf(files);
  const rows = plays.map((p) => ({ id: p.id, summary: summarise(p) }));
  const spoken = spokenOf(entriesOf(rows, series, words));
  const found = clashesOf(spoken, await voice(), firstLetter);
  const told = (c: Clash): WordFinding => ({ grave: isGrave(c), title: clashTitle(c), why: clashWhy(c) });
  return {
    findings: found.map(told).sort((a, b) => Number(b.grave) - Number(a.grave)),
    faults,
    of: spoken.length,
  };
}

/** The findings as text, and how many words were looked at. */
export function wordsReport(findings: readonly WordFinding[], of: number): string {
  const grave = findings.filter((f) => f.grave).length;
  const lines = findings.map((f) => `${f.grave ? 'fix  ' : 'watch'}  ${f.title}. ${f.why}`);
  return [...lines, `${of} words, ${grave} to fix, ${findings.length - grave} to watch`].join('\n');
}

import { PAPER_OF, type PaperKind, type PaperOrder } from '@corkscrew/core';
import { dateWords, footOf, type PaperInput, type PaperPlay } from './input.ts';
import { answersGrid } from './kinds/answers.ts';
import { book } from './kinds/book.ts';
import { callSheet } from './kinds/call-sheet.ts';
import { wristCards } from './kinds/cards.ts';
import { glossary } from './kinds/glossary.ts';
import { jobSheets } from './kinds/job.ts';
import { playSheet } from './kinds/play-sheet.ts';
import { practiceSheet } from './kinds/practice.ts';
import { seriesPage } from './kinds/series.ts';
import { summarySheet } from './kinds/summary.ts';
import type { Pages } from './page.ts';
import { Press } from './press.ts';

type OfPlay = (press: Press, p: PaperPlay, order: PaperOrder, input: PaperInput) => void;
const OF_PLAYS: Readonly<Partial<Record<PaperKind, OfPlay>>> = {
  play: playSheet,
  summary: summarySheet,
  job: jobSheets,
  answers: answersGrid,
};

/** Nothing of what was asked for is there to be printed. */
export class NothingToPrint extends Error {}

/** Told after every play, of how many; false stops. */
export type OnPlay = (done: number, of: number) => boolean | Promise<boolean>;

/** What an order makes, page by page; null when it was stopped on the way. Throws `NothingToPrint`. */
export async function makePages(
  order: PaperOrder,
  input: PaperInput,
  onPlay: OnPlay = () => true,
): Promise<Pages | null> {
  const { kind } = order;
  const paper = order.paper === 'card' && kind !== 'sheet' ? 'a4' : order.paper;
  const press = new Press(titleOf(order, input), paper, {
    left: '',
    right: footOf(input, input.plays.length === 1 ? input.plays[0] : undefined),
  });
  switch (PAPER_OF[kind]) {
    case 'sheet':
      if (!input.sheet) throw new NothingToPrint('There is no such call sheet.');
      if (!input.sheet.sections.some((s) => s.entries.length > 0))
        throw new NothingToPrint('There is no call on this sheet yet.');
      (kind === 'cards' ? wristCards : callSheet)(press, input.sheet, order, input);
      break;
    case 'practice':
      if (!input.practice) throw new NothingToPrint('There is no such practice.');
      practiceSheet(press, input.practice, order, input);
      break;
    case 'series':
      if (!input.plays.some((p) => p.play.series === order.series))
        throw new NothingToPrint('There is no play in this series.');
      seriesPage(press, order.series ?? '', order, input);
      break;
    case 'words':
      glossary(press, order, input);
      break;
    case 'plays': {
      if (input.plays.length === 0) throw new NothingToPrint('No play was chosen.');
      if (kind === 'book') return book(press, order, input, onPlay);
      for (const [i, p] of input.plays.entries()) {
        OF_PLAYS[kind]!(press, p, order, input);
        if (!(await onPlay(i + 1, input.plays.length))) return null;
      }
    }
  }
  return press.finish();
}

const CALLED: Readonly<Record<PaperKind, string>> = {
  play: 'play sheet',
  summary: 'summary',
  job: 'jobs',
  answers: 'answers',
  sheet: 'call sheet',
  cards: 'wristband',
  practice: 'practice',
  series: 'series',
  glossary: 'our words',
  book: 'playbook',
};

/** What it is called, as a heading and as a file. */
export function titleOf(order: PaperOrder, input: PaperInput): string {
  const { kind } = order;
  const of =
    kind === 'glossary' || kind === 'book'
      ? input.team
      : PAPER_OF[kind] === 'sheet'
        ? input.sheet?.name
        : kind === 'practice'
          ? input.practice && dateWords(input.practice.date)
          : kind === 'series'
            ? order.series
            : input.plays.length === 1
              ? input.plays[0]!.play.name
              : `${input.plays.length} plays`;
  const who = kind === 'job' && order.number ? `job of ${order.number}` : CALLED[kind];
  return [of, who].filter(Boolean).join(', ');
}

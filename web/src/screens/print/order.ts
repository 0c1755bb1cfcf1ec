import { PAPER_KINDS, PaperOrderSchema, PLAYERS, type PaperKind, type PaperOrder } from '@corkscrew/core';

/** What each kind is called, and what it is good for. */
export const KIND_WORDS: Readonly<Record<PaperKind, readonly [string, string]>> = {
  play: ['Play sheet', 'Frames, endings, the beat sheet, looks and what is open.'],
  summary: ['One page', 'Every look by its number over one floor.'],
  job: ['Jobs', 'What one number does, frame by frame, and in every ending.'],
  answers: ['Answers', 'What the play has against each thing they may do.'],
  sheet: ['Call sheet', 'What is called in this game, by need.'],
  cards: ['Wristband', 'Calls by their numbers, with marks to cut along.'],
  practice: ['Practice', 'What is done when, with room to count, and what stands on every sheet.'],
  series: ['Series', 'The plays of a series, each with its first frames.'],
  glossary: ['Our words', 'The team’s words and what they mean.'],
  book: ['Playbook', 'Contents, then every play, series by series.'],
};

/** What the address asks for; where it is nothing, the whole playbook. */
export function orderIn(search: URLSearchParams): PaperOrder {
  const said = (key: string): string | undefined => search.get(key) ?? undefined;
  const kind = PAPER_KINDS.find((k) => k === said('kind')) ?? 'book';
  const number = PLAYERS.find((p) => p === said('number'));
  const columns = { 1: 1, 2: 2, 3: 3 }[said('columns') ?? ''];
  const made = PaperOrderSchema.safeParse({
    kind,
    plays: (said('plays') ?? '').split(',').filter(Boolean),
    sheet: said('sheet'),
    practice: said('practice'),
    series: said('series'),
    paper: said('paper') ?? 'a4',
    ...(number ? { number } : {}),
    ...(columns ? { columns } : {}),
    diagrams: said('diagrams') !== 'none',
    size: said('size') ?? 'desk',
    signals: said('signals') !== 'hide',
  });
  return made.success ? made.data : PaperOrderSchema.parse({ kind: 'book' });
}

/** The address of an order: what is usual is not said. */
export function searchOf(o: PaperOrder): URLSearchParams {
  const all: Record<string, string | undefined> = {
    kind: o.kind,
    plays: o.plays.length > 0 ? o.plays.join(',') : undefined,
    sheet: o.sheet,
    practice: o.practice,
    series: o.series,
    paper: o.paper === 'a4' ? undefined : o.paper,
    number: o.number,
    columns: o.columns === 2 ? undefined : String(o.columns),
    diagrams: o.diagrams ? undefined : 'none',
    size: o.size === 'desk' ? undefined : o.size,
    signals: o.signals ? undefined : 'hide',
  };
  return new URLSearchParams(Object.entries(all).filter((e): e is [string, string] => e[1] !== undefined));
}

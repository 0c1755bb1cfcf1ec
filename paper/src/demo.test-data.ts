import { fromToday, PaperOrderSchema, readPlay, type PaperAsk, type Play } from '@corkscrew/core';
import { readdirSync, readFileSync } from 'node:fs';
import type { PaperInput } from './input.ts';
import { makePages } from './make.ts';
import type { Pages } from './page.ts';

const DEMO = new URL('../../demo/', import.meta.url);
const json = (path: string): unknown => JSON.parse(readFileSync(new URL(path, DEMO), 'utf8'));

/** The demo's plays. */
export const demoPlays = (): Play[] =>
  readdirSync(new URL('plays/', DEMO))
    .filter((f) => f.endsWith('.json'))
    .map((f) => {
      const r = readPlay(json(`plays/${f}`));
      if (!r.ok) throw new Error(r.sentence);
      return r.play;
    });

interface Team {
  readonly sheets: readonly { readonly body: NonNullable<PaperInput['sheet']> }[];
  readonly opponents: readonly { readonly body: NonNullable<PaperInput['opponent']> }[];
  readonly words: readonly { readonly body: NonNullable<PaperInput['words']>[number] }[];
  readonly series: readonly { readonly body: NonNullable<PaperInput['series']>[number] }[];
  readonly practices: readonly { readonly body: NonNullable<PaperInput['practice']> }[];
  readonly seasons: readonly { readonly body: NonNullable<PaperInput['season']> }[];
}
const DAY = '2026-11-28';

/** The demo team with some of its plays, as pages are made from it. */
export function demoInput(plays: readonly Play[] = demoPlays(), more: Partial<PaperInput> = {}): PaperInput {
  const team = fromToday(json('team.json'), DAY) as Team;
  return {
    team: 'Harrow Point',
    date: DAY,
    plays: plays.map((play) => ({ play, revision: 3 })),
    sheet: team.sheets[0]!.body,
    opponent: team.opponents[0]!.body,
    words: team.words.map((w) => w.body),
    series: team.series.map((s) => s.body),
    practice: team.practices.find((p) => p.body.date === DAY)!.body,
    season: team.seasons[0]!.body,
    away: ['Marchbanks, Eli'],
    ...more,
  };
}

export const demoPlay = (id: string): Play => demoPlays().find((p) => p.id === id)!;

/** The pages of an order of the demo's. */
export async function pagesOf(ask: PaperAsk, input: PaperInput): Promise<Pages> {
  return (await makePages(PaperOrderSchema.parse(ask), input))!;
}

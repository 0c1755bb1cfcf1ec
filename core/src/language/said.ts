import type { Sentences } from './english/sentences.ts';

/** A sentence of the table. */
export type SentenceKey = keyof Sentences;

/**
 * Something to be said: which sentence, and its figures (numbers, players, places in feet, seconds). Plain data: what
 * finds it makes no words, and the same finding is the same in every language.
 */
export type Said = {
  [K in SentenceKey]: { readonly key: K; readonly with: Parameters<Sentences[K]>[0] };
}[SentenceKey];

/** Names a sentence with its figures. */
export const said = <K extends SentenceKey>(key: K, figures: Parameters<Sentences[K]>[0]): Said =>
  ({ key, with: figures }) as unknown as Said;

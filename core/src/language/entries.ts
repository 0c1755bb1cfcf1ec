import type { PlaySummary } from '../playbook/summary.ts';
import type { Series, TeamWord } from '../playbook/records.ts';
import type { Spoken } from './clash.ts';
import { DICTIONARY, groupOf, isTermKey, type TermKey, type WordGroup } from './dictionary.ts';

/** What a line of the list is about. */
export type EntryGroup = 'call' | WordGroup | 'own';
export const ENTRY_GROUP_WORDS: Readonly<Record<EntryGroup, string>> = {
  call: 'Calls',
  do: 'What we do',
  they: 'What they do',
  place: 'Places',
  when: 'When',
  own: 'Only ours',
};

/** A line of the list: one of the trade's words with ours, a call, or a word for a meaning of our own. */
export interface WordEntry {
  readonly id: string;
  readonly group: EntryGroup;
  /** The trade's word, the play's name, or what it means. */
  readonly plain: string;
  readonly ours: string;
  readonly key?: TermKey;
  /** The record of the word, the play or the series it is kept in; none while it has no word. */
  readonly of: { readonly kind: 'word' | 'play' | 'series'; readonly id: string } | null;
  readonly word?: TeamWord;
  readonly figure: string;
  readonly signal: string;
  readonly series?: string;
}

/** What of a play's summary says what it is called. */
type Called = Pick<PlaySummary, 'name' | 'call' | 'series' | 'status' | 'figure' | 'signal'>;
type Kept<T> = { readonly id: string; readonly body: T };

/** Everything that is called something: calls first, then the trade's words by group, then ours. */
export function entriesOf(
  plays: readonly { readonly id: string; readonly summary: Called }[],
  series: readonly Kept<Series>[],
  words: readonly Kept<TeamWord>[],
): WordEntry[] {
  const live = plays.filter((p) => p.summary.status !== 'retired');
  const named = [...new Set(live.map((p) => p.summary.series).filter(Boolean))].sort();
  // Of two words for one the first holds, as everything is said.
  const byKey = new Map<TermKey, Kept<TeamWord>>();
  for (const w of words)
    if (w.body.key && isTermKey(w.body.key) && !byKey.has(w.body.key)) byKey.set(w.body.key, w);
  const calls: WordEntry[] = [
    ...named.map((word): WordEntry => {
      const row = series.find((s) => s.body.word === word);
      return {
        ...{ id: `series ${word}`, group: 'call', plain: 'A series', ours: word },
        of: row ? { kind: 'series', id: row.id } : null,
        ...{ figure: row?.body.figure ?? '', signal: row?.body.signal ?? '' },
      };
    }),
    ...live.map(({ id, summary: s }): WordEntry => ({
      ...{ id: `play ${id}`, group: 'call', plain: s.name, ours: s.call, of: { kind: 'play', id } },
      ...{ figure: s.figure, signal: s.signal, series: s.series },
    })),
  ];
  const standard = (Object.keys(DICTIONARY) as TermKey[]).map((key): WordEntry => {
    const row = byKey.get(key);
    return {
      ...{ id: `term ${key}`, group: groupOf(key), plain: DICTIONARY[key].word, key },
      ours: row?.body.word ?? '',
      of: row ? { kind: 'word', id: row.id } : null,
      ...(row ? { word: row.body } : {}),
      ...{ figure: row?.body.signal?.figure ?? '', signal: row?.body.signal?.words ?? '' },
    };
  });
  const own = words
    .filter((w) => !w.body.key || !isTermKey(w.body.key) || byKey.get(w.body.key) !== w)
    .map((w): WordEntry => ({
      ...{ id: `word ${w.id}`, group: 'own', plain: w.body.means ?? w.body.key ?? '', ours: w.body.word },
      ...{ of: { kind: 'word' as const, id: w.id }, word: w.body },
      ...{ figure: w.body.signal?.figure ?? '', signal: w.body.signal?.words ?? '' },
    }));
  return [...calls, ...standard, ...own];
}

/** What of it is called out, to be looked at for clashes; what has no word of ours is the trade's own and clashes with nothing. */
export const spokenOf = (entries: readonly WordEntry[]): Spoken[] =>
  entries.flatMap((e): Spoken[] => {
    const text = e.ours || (e.group === 'call' && e.of?.kind === 'play' ? e.plain : '');
    if (text === '') return [];
    const kind = e.of?.kind ?? 'series';
    return [
      {
        ...{ id: e.id, kind, text, means: e.plain },
        about: e.group === 'call' ? 'call' : e.group === 'own' ? 'do' : e.group,
        ...(e.key ? { key: e.key } : {}),
        ...(e.figure || e.signal
          ? { signal: { figure: e.figure || undefined, words: e.signal || undefined } }
          : {}),
        ...(e.word?.sounds ? { sounds: e.word.sounds } : {}),
        ...(kind === 'series' ? { series: text } : e.series ? { series: e.series } : {}),
      },
    ];
  });

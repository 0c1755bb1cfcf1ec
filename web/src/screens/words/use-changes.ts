import { RECORD_LIMITS, type TeamWord, type WordEntry } from '@corkscrew/core';
import { readWordsCsv } from '@corkscrew/words/csv';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { api } from '../../app/api.ts';
import { changePlay } from '../../keeping/change.ts';
import type { useRecords } from '../../keeping/records.ts';

/** What is done to a word on the list: each goes to the play, the series or the word it is kept in. */
export function useChanges(
  series: ReturnType<typeof useRecords<'series'>>,
  words: ReturnType<typeof useRecords<'words'>>,
) {
  const client = useQueryClient();
  const [notice, setNotice] = useState<string | null>(null);
  /** A word of ours for something: kept, changed, or taken away where it is empty. */
  const call = async (e: WordEntry, text: string, more: Partial<TeamWord> = {}): Promise<void> => {
    const word = text.trim();
    setNotice(null);
    try {
      if (e.of?.kind === 'play') {
        await changePlay(e.of.id, () => [{ do: 'call', word }]);
        await client.invalidateQueries({ queryKey: ['plays'] });
      } else if (e.group === 'call')
        setNotice('A series is renamed on its own page: all its plays carry its word.');
      else if (word === '') {
        if (e.of) words.change(e.of.id, null);
      } else {
        const { forms: _old, ...rest } = e.word ?? { ...(e.key ? { key: e.key } : {}), word };
        words.change(e.of?.id ?? nanoid(12), { ...rest, word, ...more });
      }
    } catch (error) {
      setNotice((error as Error).message);
    }
  };
  const sign = async (e: WordEntry, figure: string, said: string): Promise<void> => {
    try {
      if (e.of?.kind === 'play') {
        await changePlay(e.of.id, () => [{ do: 'call', signal: said, figure }]);
        await client.invalidateQueries({ queryKey: ['plays'] });
      } else if (e.group === 'call') {
        const row = series.rows?.find((r) => r.body.word === e.ours);
        const body = row?.body ?? { word: e.ours, order: series.rows?.length ?? 0 };
        series.change(row?.id ?? nanoid(12), { ...body, signal: said, figure: figure || undefined });
      } else if (e.word && e.of) {
        const signal = { ...(figure && { figure }), ...(said && { words: said }) };
        words.change(e.of.id, { ...e.word, signal });
      } else setNotice('First say our word for it.');
    } catch (error) {
      setNotice((error as Error).message);
    }
  };
  const take = useMutation({
    mutationFn: async (file: File) => {
      const read = readWordsCsv(await file.text());
      if (!read.ok) throw new Error(`${file.name}: ${read.sentence} None was taken.`);
      if (read.words.length > RECORD_LIMITS.each)
        throw new Error(
          `${file.name}: a team keeps at most ${RECORD_LIMITS.each} words, and this file has ${read.words.length}. None was taken.`,
        );
      const kept = await api.records('words');
      await api.importWords(
        read.words.map((body) => {
          const old = kept.find((r) =>
            body.key
              ? r.body.key === body.key
              : !r.body.key && r.body.means === body.means && r.body.word === body.word,
          );
          return { id: old?.id ?? nanoid(12), revision: old?.revision ?? 0, sitting: nanoid(12), body };
        }),
      );
      return read.words.length;
    },
    onSuccess: (n) => setNotice(n === 1 ? '1 word was taken.' : `${n} words were taken.`),
    onError: (error) => setNotice(error.message),
    onSettled: () => client.invalidateQueries({ queryKey: ['records', 'words'] }),
  });
  return { call, sign, take, notice };
}

import { readPlay, type Play, type Relations } from '@corkscrew/core';
import { keepPreviousData, useQueries, useQuery } from '@tanstack/react-query';
import { api } from '../app/api.ts';

/** How often it is asked again while the server still compares and tries (ms). */
const AGAIN = 2500;

/** What the plays of the team have to do with each other, as far as the server has worked it out. */
export function useRelations(on = true): Relations | undefined {
  return useQuery({
    queryKey: ['relations'],
    queryFn: api.relations,
    enabled: on,
    placeholderData: keepPreviousData,
    refetchInterval: ({ state: { data } }) =>
      data && data.comparing.length + data.trying.length > 0 ? AGAIN : false,
  }).data;
}

/** Plays by their ids, those that are there and can be read. */
export function useDocuments(ids: readonly string[]): ReadonlyMap<string, Play> {
  return useQueries({
    queries: ids.map((id) => ({
      queryKey: ['other', id],
      queryFn: async () => {
        const read = readPlay((await api.play(id)).document);
        return read.ok ? read.play : null;
      },
      retry: false,
    })),
    combine: (all) => new Map(all.flatMap(({ data }, i) => (data ? [[ids[i]!, data] as const] : []))),
  });
}

import { readPlay, type Play, type PlayRow } from '@corkscrew/core';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, Unreachable } from '../app/api.ts';
import { listPlays } from './lists.ts';

interface Plays {
  readonly rows: readonly PlayRow[];
  /** While the server is away: since when what is shown is all there is (ms since 1970; null: not known). */
  readonly away: { readonly since: number | null } | null;
}

/** Another play of the playbook; null while it is asked for, and when there is none or it can't be read. */
export function useOtherPlay(id: string | null): { readonly play: Play | null; readonly asking: boolean } {
  const { data, isFetching } = useQuery({
    queryKey: ['other', id],
    queryFn: async () => {
      const read = readPlay((await api.play(id!)).document);
      return read.ok ? read.play : null;
    },
    enabled: id !== null,
    retry: false,
  });
  return { play: data ?? null, asking: isFetching };
}

/** How often an unreachable server is asked again (ms). */
const AGAIN = 5000;

/** How often a list is asked for again while plays in it wait to be judged (ms). */
const JUDGED = 3000;

/** The playbook: the server's, or what this device has of it. */
export function usePlays(trash: boolean) {
  const known = useQuery({
    queryKey: ['plays', trash],
    queryFn: () => listPlays(trash),
    placeholderData: keepPreviousData,
    retry: false,
    networkMode: 'always',
    refetchInterval: (q) =>
      q.state.error ? AGAIN : !trash && q.state.data?.some((r) => r.verdict === 'waits') ? JUDGED : false,
  });
  const unreachable = known.error instanceof Unreachable;
  const here = useQuery({
    queryKey: ['here', trash],
    queryFn: async () => (await import('./here.ts')).playsHere(trash),
    enabled: unreachable,
    networkMode: 'always',
    staleTime: 0,
  });
  const shown: Plays | undefined =
    known.data && !unreachable
      ? { rows: known.data, away: null }
      : unreachable && here.data
        ? { rows: here.data.rows, away: { since: here.data.at } }
        : undefined;
  return { shown, error: unreachable ? null : known.error };
}

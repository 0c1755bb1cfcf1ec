import type { ManWord, OwnTeaching, Team, TeamChange } from '@corkscrew/core';
import { useMutation, useMutationState, useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from '../app/api.ts';

const USUAL: OwnTeaching = {};

/** Changes of the team go out one after the other, in the order in which they were made. */
const CHANGING = { mutationKey: ['team'], scope: { id: 'team' } };

/** The team, and how to change it. */
export function useTeam() {
  const client = useQueryClient();
  const team = useQuery({ queryKey: ['team'], queryFn: api.team });
  const { mutate, error } = useMutation({
    ...CHANGING,
    mutationFn: (change: TeamChange) => api.changeTeam(change),
    // What was said is so at once: the next change is made from it, not from what the server last said.
    onMutate: (change) => {
      void client.cancelQueries({ queryKey: ['team'] }, { revert: false });
      client.setQueryData<Team>(['team'], (now) => now && ({ ...now, ...change } as Team));
    },
    onSuccess: (now: Team) => {
      // An answer on the way knows nothing of what was said since: only the last one is taken.
      if (client.isMutating({ mutationKey: CHANGING.mutationKey }) === 1) client.setQueryData(['team'], now);
    },
    onError: () => client.invalidateQueries({ queryKey: ['team'] }),
  });
  // Two changes may come before anything is drawn again: each is made from what was said last, not from what is shown.
  const change = (next: TeamChange | ((now: Team) => TeamChange)): void => {
    const now = client.getQueryData<Team>(['team']);
    if (typeof next !== 'function') mutate(next);
    else if (now) mutate(next(now));
  };
  return { team: team.data, failed: team.error, change, error };
}

/** Whether a change of the team is on its way to the server, and whether one was made lately. */
export function useSaving(): { saving: boolean; changed: boolean } {
  const all = useMutationState({
    filters: { mutationKey: CHANGING.mutationKey },
    select: (m) => m.state.status,
  });
  return { saving: all.includes('pending'), changed: all.includes('success') };
}

/** What the team calls one of five. */
export const useManWord = (): ManWord => useTeam().team?.defaults.man ?? 'man';

/** What the team teaches and makes otherwise than most, and how to change it. */
export function useTeaching() {
  const { team, change, error } = useTeam();
  // Nothing said is one and the same nothing: what is computed with it is not computed again when it arrives.
  const said = team?.school;
  return {
    own: said && Object.keys(said).length > 0 ? said : USUAL,
    save: (school: OwnTeaching) => change({ school }),
    error,
  };
}

import type { OwnSchool } from '@corkscrew/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from '../../app/api.ts';

const USUAL: OwnSchool = {};

/** What the team teaches and makes otherwise than most, and how to change it. */
export function useOwnSchool() {
  const client = useQueryClient();
  const team = useQuery({ queryKey: ['team'], queryFn: api.team });
  const { mutate, error } = useMutation({
    mutationFn: (school: OwnSchool) => api.changeTeam({ school }),
    onSuccess: (now) => client.setQueryData(['team'], now),
  });
  // Nothing said is one and the same nothing: what is computed with it is not computed again when it arrives.
  const said = team.data?.school;
  return { own: said && Object.keys(said).length > 0 ? said : USUAL, save: mutate, error };
}

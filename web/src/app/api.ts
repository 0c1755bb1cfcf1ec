import {
  PlayRowSchema,
  ProblemSchema,
  SavedSchema,
  StoredPlaySchema,
  TeamSchema,
  VersionRowSchema,
  type Play,
  type PlayRow,
  type Problem,
  type Saved,
  type StoredPlay,
  type Team,
  type VersionRow,
} from '@corkscrew/core';
import { z } from 'zod';

/** The server said no, in a sentence for the coach. */
export class ApiProblem extends Error {
  readonly problem: Problem;
  constructor(problem: Problem) {
    super(problem.detail);
    this.problem = problem;
  }
}

/** The server could not be reached at all. */
export class Unreachable extends Error {
  constructor() {
    super('The playbook can’t be reached just now.');
  }
}

async function call<S extends z.ZodType>(schema: S, path: string, init?: RequestInit): Promise<z.infer<S>> {
  const response = await fetch(path, init).catch(() => {
    throw new Unreachable();
  });
  const json: unknown = await response.json().catch(() => null);
  if (response.ok) return schema.parse(json);
  const problem = ProblemSchema.safeParse(json);
  if (!problem.success || problem.data.status === 503) throw new Unreachable();
  throw new ApiProblem(problem.data);
}

const send = (method: string, body: unknown): RequestInit => ({
  method,
  headers: { 'Content-Type': 'application/json' },
  body: JSON.stringify(body),
});
const at = (id: string): string => `/api/plays/${encodeURIComponent(id)}`;

export const api = {
  team: (): Promise<Team> => call(TeamSchema, '/api/team'),
  changeTeam: (change: Partial<Pick<Team, 'school' | 'defences'>>): Promise<Team> =>
    call(TeamSchema, '/api/team', send('PATCH', change)),
  plays: (trash: boolean): Promise<PlayRow[]> => call(z.array(PlayRowSchema), `/api/plays?trash=${trash}`),
  play: (id: string): Promise<StoredPlay> => call(StoredPlaySchema, at(id)),
  save: (play: Play, revision: number, sitting: string): Promise<Saved> =>
    call(SavedSchema, at(play.id), send('PUT', { revision, sitting, document: play })),
  trash: (id: string): Promise<StoredPlay> => call(StoredPlaySchema, at(id), { method: 'DELETE' }),
  restore: (id: string): Promise<StoredPlay> =>
    call(StoredPlaySchema, `${at(id)}/restore`, { method: 'POST' }),
  versions: (id: string): Promise<VersionRow[]> => call(z.array(VersionRowSchema), `${at(id)}/versions`),
  version: (id: string, version: number): Promise<StoredPlay> =>
    call(StoredPlaySchema, `${at(id)}/versions/${version}`),
  nameVersion: (id: string, version: number, name: string): Promise<VersionRow[]> =>
    call(z.array(VersionRowSchema), `${at(id)}/versions/${version}`, send('PATCH', { name })),
};

import {
  PlayRowSchema,
  ProblemSchema,
  RECORD_ROWS,
  RelationsSchema,
  SavedSchema,
  StoredPlaySchema,
  TeamSchema,
  VersionRowSchema,
  type Play,
  type PlayRow,
  type Problem,
  type RecordKind,
  type RecordRow,
  type RecordSave,
  type Relations,
  type Save,
  type Saved,
  type StoredPlay,
  type Team,
  type TeamChange,
  type VersionRow,
} from '@corkscrew/core';
import { z } from 'zod';
import { noticeBuild } from './newer.ts';
import { rememberTeam } from './team.ts';

/** The server said no, in a sentence for the coach. */
export class ApiProblem extends Error {
  readonly problem: Problem;
  constructor(problem: Problem) {
    super(problem.detail);
    this.problem = problem;
  }
}

/** The server could not be reached, did not answer in time, or is in trouble of its own: to be tried again. */
export class Unreachable extends Error {
  constructor() {
    super('The playbook can’t be reached just now.');
  }
}

/** An answer that takes longer than this (ms) does not come. */
const PATIENCE = 10_000;
/** The one trouble of the server's that a coach can have mended. */
const NO_ROOM = 507;

/** Asks the server, and reads its answer by a schema. Throws `ApiProblem` and `Unreachable`. */
export async function call<S extends z.ZodType>(
  schema: S,
  path: string,
  init?: RequestInit,
  patience = PATIENCE,
): Promise<z.infer<S>> {
  const read = async () => {
    const response = await fetch(path, { ...init, signal: AbortSignal.timeout(patience) });
    noticeBuild(response.headers.get('X-Corkscrew-Build'));
    return { response, json: (await response.json().catch(() => null)) as unknown };
  };
  const { response, json } = await read().catch(() => {
    throw new Unreachable();
  });
  if (response.ok) return schema.parse(json);
  const problem = ProblemSchema.safeParse(json);
  const trouble = response.status >= 500 && response.status !== NO_ROOM;
  if (!problem.success || trouble) throw new Unreachable();
  throw new ApiProblem(problem.data);
}

/** A request that sends something. */
export const send = (method: string, body: unknown): RequestInit => ({
  method,
  headers: { 'Content-Type': 'application/json' },
  body: JSON.stringify(body),
});
const at = (id: string): string => `/api/plays/${encodeURIComponent(id)}`;

export const api = {
  team: async (): Promise<Team> => {
    const team = await call(TeamSchema, '/api/team');
    rememberTeam(team.id);
    return team;
  },
  changeTeam: (change: TeamChange): Promise<Team> =>
    // Sent to its end though the page is left.
    call(TeamSchema, '/api/team', { ...send('PATCH', change), keepalive: true }),
  plays: (trash: boolean): Promise<PlayRow[]> => call(z.array(PlayRowSchema), `/api/plays?trash=${trash}`),
  play: (id: string): Promise<StoredPlay> => call(StoredPlaySchema, at(id)),
  save: (play: Play, how: Omit<Save, 'document'>): Promise<Saved> =>
    call(SavedSchema, at(play.id), send('PUT', { ...how, document: play })),
  trash: (id: string): Promise<StoredPlay> => call(StoredPlaySchema, at(id), { method: 'DELETE' }),
  restore: (id: string): Promise<StoredPlay> =>
    call(StoredPlaySchema, `${at(id)}/restore`, { method: 'POST' }),
  versions: (id: string): Promise<VersionRow[]> => call(z.array(VersionRowSchema), `${at(id)}/versions`),
  version: (id: string, version: number): Promise<StoredPlay> =>
    call(StoredPlaySchema, `${at(id)}/versions/${version}`),
  relations: (): Promise<Relations> => call(RelationsSchema, '/api/relations'),
  records: <K extends RecordKind>(kind: K): Promise<RecordRow<K>[]> =>
    call(z.array(RECORD_ROWS[kind]), `/api/${kind}`) as Promise<unknown> as Promise<RecordRow<K>[]>,
  saveRecord: (kind: RecordKind, id: string, save: RecordSave): Promise<Saved> =>
    call(SavedSchema, `/api/${kind}/${encodeURIComponent(id)}`, { ...send('PUT', save), keepalive: true }),
  recordVersions: <K extends RecordKind>(kind: K, id: string): Promise<RecordRow<K>[]> =>
    call(
      z.array(RECORD_ROWS[kind]),
      `/api/${kind}/${encodeURIComponent(id)}/versions`,
    ) as Promise<unknown> as Promise<RecordRow<K>[]>,
  importWords: (rows: readonly (RecordSave<'words'> & { id: string })[]): Promise<{ kept: number }> =>
    call(z.object({ kept: z.number() }), '/api/words/import', send('POST', { rows })),
  renameSeries: (id: string, word: string, revision: number, sitting: string): Promise<Saved> =>
    call(
      SavedSchema,
      `/api/series/${encodeURIComponent(id)}/rename`,
      send('POST', { word, revision, sitting }),
    ),
  nameVersion: (id: string, version: number, name: string): Promise<VersionRow[]> =>
    call(z.array(VersionRowSchema), `${at(id)}/versions/${version}`, send('PATCH', { name })),
};

import { edit, newPlay, type Play } from '@corkscrew/core';
import pino from 'pino';
import { afterAll, beforeAll } from 'vitest';
import { ownerOnLoopback, type Actors } from './actor.ts';
import { createApp } from './app.ts';
import { migrateDatabase, openDatabase, type Database } from './db/client.ts';
import { plays } from './db/schema.ts';
import { ensureTeam } from './teams/routes.ts';
import { startJobs, type Jobs } from './beside/jobs.ts';

const log = pino({ level: 'silent' });
/** Nobody draws on in tests, and whoever works beside them need not give way to other tests. */
const SOON = { relate: 0, verdict: 0, try: 0 };
let count = 0;

export const fresh = (name = 'Test play'): Play =>
  newPlay({
    id: `t${Date.now()}-${count++}`,
    name,
    court: 'nfhs',
    level: 'highSchool',
    alignment: 'horns',
    ball: '1',
  });

export const renamed = (play: Play, name: string): Play => {
  const r = edit(play, { do: 'name', name });
  if (!r.ok) throw new Error(r.sentence);
  return r.play;
};

const json = async <T>(r: Response): Promise<T> => (await r.json()) as T;

/** The service on the tests' database, with one team, asked without a socket; opened and closed with the file, with its jobs when they are asked for. */
export function testApp(actors: Actors = ownerOnLoopback('team'), judges = false) {
  let database: Database;
  let app: ReturnType<typeof createApp>;
  let jobs: Jobs | undefined;
  beforeAll(async () => {
    database = openDatabase(process.env.TEST_DATABASE_URL!);
    await database.alone(async (db) => {
      await migrateDatabase(db);
      await ensureTeam(db, 'team', 'Testers');
      await ensureTeam(db, 'others', 'The others');
      // What the tests before left would all be worked out first.
      if (judges) await db.delete(plays);
    });
    jobs = judges
      ? await startJobs(process.env.TEST_DATABASE_URL!, database, log, { after: SOON, priority: 0 })
      : undefined;
    app = createApp({ database, log, actors, build: 'b1', ...(jobs && { beside: jobs }) });
  });
  afterAll(async () => {
    await jobs?.stop();
    await database.close();
  });

  const request = (path: string, init?: RequestInit) => Promise.resolve(app.request(path, init));
  const send = (method: string, path: string, body: unknown) =>
    request(path, {
      method,
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(body),
    });
  const save = (play: Play, revision: number, sitting = 's', name?: string) =>
    send('PUT', `/api/plays/${play.id}`, {
      revision,
      sitting,
      document: play,
      ...(name === undefined ? {} : { save: name }),
    });
  return { request, send, save, json, fresh, renamed, log, database: () => database };
}

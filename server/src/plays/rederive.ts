import { DERIVED_VERSION, readPlay } from '@corkscrew/core';
import { and, eq, lt, ne } from 'drizzle-orm';
import type { Logger } from 'pino';
import type { Database } from '../db/client.ts';
import { playSaves, plays } from '../db/schema.ts';
import { derived } from './derive.ts';
import { bumpList } from './list.ts';

/** Rows of one round, and the time between rounds (ms). */
const ROUND = 20;
const EVERY = 10 * 60_000;
/** Nobody sends a save again after so many days. */
const SAVES_KEPT_DAYS = 90;

/**
 * Makes summaries and cards anew that were made another way, until none is left. One that can't be made keeps
 * what it has and is marked as seen. Says how many were done.
 */
export async function rederive(database: Database): Promise<number> {
  let done = 0;
  for (;;) {
    const rows = await database.within((db) =>
      db
        .select({ team: plays.teamId, id: plays.id, revision: plays.revision, document: plays.document })
        .from(plays)
        .where(ne(plays.derived, DERIVED_VERSION))
        .limit(ROUND),
    );
    if (rows.length === 0) return done;
    for (const row of rows) {
      const read = readPlay(row.document);
      const made = read.ok ? await derived(read.play).catch(() => null) : null;
      await database.transaction(async (db) => {
        // A save in between has derived it itself.
        await db
          .update(plays)
          .set(made ?? { derived: DERIVED_VERSION })
          .where(and(eq(plays.teamId, row.team), eq(plays.id, row.id), eq(plays.revision, row.revision)));
        await bumpList(db, row.team);
      });
      done += 1;
    }
  }
}

const forgetSaves = (database: Database): Promise<unknown> =>
  database.within((db) =>
    db.delete(playSaves).where(lt(playSaves.savedAt, new Date(Date.now() - SAVES_KEPT_DAYS * 86_400_000))),
  );

/** Does both now and again, for as long as the server runs. Returns what ends it. */
export function tidyInTheBackground(
  database: Database,
  log: Logger,
  onDerived: () => void,
): () => Promise<void> {
  let stopped = false;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let round = Promise.resolve();
  const work = async () => {
    try {
      const done = await rederive(database);
      if (done > 0) {
        log.info({ done }, 'summaries made anew');
        onDerived();
      }
      await forgetSaves(database);
    } catch (error) {
      log.warn({ message: (error as Error).message.split('\n')[0] }, 'tidying failed');
    }
    if (!stopped) timer = setTimeout(next, EVERY).unref();
  };
  const next = () => {
    round = work();
  };
  next();
  return async () => {
    stopped = true;
    clearTimeout(timer);
    await round;
  };
}

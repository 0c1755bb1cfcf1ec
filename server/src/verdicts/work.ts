import { readPlay } from '@corkscrew/core';
import type { Logger } from 'pino';
import type { Helper } from '../beside/helper.ts';
import type { Waiting } from '../beside/jobs.ts';
import type { Database } from '../db/client.ts';
import { bumpList } from '../plays/list.ts';
import { keepVerdict, toJudge } from './store.ts';

/** Judges a play, when it is not judged as it is now. Says whether something new came out. */
export async function judged(
  database: Database,
  helper: Helper,
  play: Waiting,
  log: Logger,
): Promise<boolean> {
  const of = await database.within((db) => toJudge(db, play));
  if (!of) return false;
  const read = readPlay(of.document);
  if (!read.ok) return false;
  const { told, ...why } = await helper.ask('verdict', { play: read.play, makes: of.school.makes });
  if ('fault' in why) log.warn({ play: play.id, fault: why.fault }, 'no verdict');
  await database.transaction(async (db) => {
    await keepVerdict(db, play.team, of, told);
    await bumpList(db, play.team);
  });
  return told !== null;
}

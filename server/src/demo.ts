import { readPlayText } from '@corkscrew/core';
import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { Actor } from './actor.ts';
import type { Database } from './db/client.ts';
import { countPlays, savePlay } from './plays/store.ts';

/** Puts the play files of a folder into an empty playbook; does nothing when there is any play, even in the trash. */
export async function loadPlays(database: Database, actor: Actor, folder: string): Promise<number> {
  if ((await database.within((db) => countPlays(db, actor))) > 0) return 0;
  const files = (await readdir(folder))
    .filter((f) => f.endsWith('.json'))
    .sort()
    .reverse();
  for (const file of files) {
    const text = await readFile(join(folder, file), 'utf8');
    const read = readPlayText(text);
    if (!read.ok) throw new Error(`${file}: ${read.sentence}`);
    await savePlay(database, actor, read.play.id, {
      revision: 0,
      sitting: 'demo',
      document: JSON.parse(text),
    });
  }
  return files.length;
}

import { readPlayText } from '@corkscrew/core';
import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { Db } from './db/client.ts';
import { countPlays, savePlay } from './plays/store.ts';

/** Puts the play files of a folder into an empty playbook; does nothing when there is any play, even in the trash. */
export async function loadPlays(db: Db, teamId: string, folder: string): Promise<number> {
  if ((await countPlays(db)) > 0) return 0;
  const files = (await readdir(folder))
    .filter((f) => f.endsWith('.json'))
    .sort()
    .reverse();
  for (const file of files) {
    const read = readPlayText(await readFile(join(folder, file), 'utf8'));
    if (!read.ok) throw new Error(`${file}: ${read.sentence}`);
    await savePlay(db, teamId, read.play.id, { revision: 0, sitting: 'demo', document: read.play });
  }
  return files.length;
}

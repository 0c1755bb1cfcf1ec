import { fromToday, readPlayText, recordSave, type RecordKind, type RecordSave } from '@corkscrew/core';
import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { z } from 'zod';
import type { Actor } from './actor.ts';
import type { Database } from './db/client.ts';
import { RECORD_KINDS } from './records/routes.ts';
import { saveRecord } from './records/store.ts';
import { countPlays, savePlay } from './plays/store.ts';

/** What a team has beside its plays, kind by kind, as a file has it. */
const TeamFileSchema = z.partialRecord(
  z.enum(RECORD_KINDS as [RecordKind, ...RecordKind[]]),
  z.array(z.object({ id: z.string(), body: z.unknown() })),
);

/** Today where the server stands. */
function localToday(): string {
  const now = new Date();
  const two = (n: number): string => String(n).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

/** Puts what a team has beside its plays into an empty team, where the file is there. */
async function loadTeam(database: Database, actor: Actor, file: string): Promise<void> {
  const text = await readFile(file, 'utf8').catch(() => null);
  if (text === null) return;
  const told = fromToday(JSON.parse(text), localToday());
  for (const [kind, rows = []] of Object.entries(TeamFileSchema.parse(told)))
    for (const { id, body } of rows) {
      const save = recordSave(kind as RecordKind).parse({ revision: 0, sitting: 'demo', body }) as RecordSave;
      await database.transaction((db) => saveRecord(db, actor, kind as RecordKind, id, save));
    }
}

/** Puts the play files of a folder and the team's file beside it into an empty playbook; does nothing when there is any play, even in the trash. */
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
  await loadTeam(database, actor, join(folder, '../team.json'));
  return files.length;
}

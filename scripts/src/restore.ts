import type { Restored, RestoreMode } from '@corkscrew/core';
import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { BackupFault } from '../../server/src/backups/format.ts';
import { restoreBackup } from '../../server/src/backups/store.ts';
import { TEAM } from '../../server/src/serve.ts';
import { holder } from './claim.ts';
import { teamHome } from './paths.ts';
import { withDatabase } from './run-server.ts';
import { SayError } from './say.ts';

/** `npm run restore -- FILE [--over | --beside]`: a backup into the empty team; over the living one, which is backed up first; or beside it. */
export async function run(args: string[]): Promise<void> {
  const { values, positionals } = parseArgs({
    ...{ args, allowPositionals: true },
    options: { over: { type: 'boolean' }, beside: { type: 'boolean' } },
  });
  const [file] = positionals;
  if (file === undefined || (values.over && values.beside))
    throw new SayError(
      'Which backup? npm run restore -- FILE, with --over to replace what is there, or --beside.',
    );
  const mode: RestoreMode = values.over ? 'over' : values.beside ? 'beside' : 'into';
  let bytes: Buffer;
  try {
    bytes = readFileSync(file);
  } catch {
    throw new SayError(`${file} can’t be read.`);
  }
  const restored = await restore(bytes, mode);
  console.log(
    `${restored.rows} records restored${mode === 'beside' ? ` as the team ${restored.team}` : ''}.`,
  );
  if (restored.before) console.log('What was there before is kept as a backup in the app, under Files.');
}

async function restore(bytes: Buffer, mode: RestoreMode): Promise<Restored> {
  const running = process.env.DATABASE_URL ? null : holder(teamHome());
  if (running) {
    const answer = await fetch(`http://127.0.0.1:${running.port}/api/backups/restore?mode=${mode}`, {
      ...{ method: 'POST', headers: { 'Content-Type': 'application/octet-stream' } },
      body: new Uint8Array(bytes),
    });
    const said = (await answer.json()) as Restored & { detail?: string };
    if (!answer.ok) throw new SayError(said.detail ?? 'It was not restored.');
    return said;
  }
  try {
    return await withDatabase(teamHome(), (db) =>
      db.long((d) => restoreBackup(d, TEAM, bytes, mode, new Date())),
    );
  } catch (error) {
    if (error instanceof BackupFault) throw new SayError(error.message);
    throw error;
  }
}

import { mkdirSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { packBackup } from '../../server/src/backups/format.ts';
import { backupOf } from '../../server/src/backups/store.ts';
import { TEAM } from '../../server/src/serve.ts';
import { holder } from './claim.ts';
import { teamHome } from './paths.ts';
import { stopOnSignal, withDatabase } from './run-server.ts';
import { SayError } from './say.ts';

/** Of a folder that backups are made into by the clock so many are kept. */
const KEPT = 30;
const HOUR = 3_600_000;
const NAME = /^corkscrew-[\d-]+\.backup$/;

/** `npm run backup -- [FILE] [--every HOURS]`: all of the team into one file; every so many hours into a folder until it is stopped. */
export async function run(args: string[]): Promise<void> {
  const { values, positionals } = parseArgs({
    args,
    allowPositionals: true,
    options: { every: { type: 'string' } },
  });
  const every = values.every === undefined ? null : Number(values.every);
  if (every !== null && !(every > 0 && every <= 720))
    throw new SayError('--every takes hours, from a part of one up to 720: npm run backup -- --every 24');
  const folder = join(teamHome(), '..', 'backups');
  const [file] = positionals;
  if (every === null) return writeOne(resolve(file ?? join(folder, nameNow())));
  const into = resolve(file ?? folder);
  await writeOne(join(into, nameNow()));
  forget(into);
  console.log(`The next one comes in ${every} h. Ctrl-C stops it.`);
  const timer = setInterval(
    () =>
      void writeOne(join(into, nameNow()))
        .then(() => forget(into))
        .catch((error: unknown) => console.error((error as Error).message)),
    every * HOUR,
  );
  stopOnSignal(async () => clearInterval(timer));
}

const nameNow = (): string =>
  `corkscrew-${new Date().toISOString().slice(0, 19).replace(/[:T]/g, '-')}.backup`;

async function writeOne(file: string): Promise<void> {
  const bytes = await made();
  mkdirSync(dirname(file), { recursive: true });
  // Never over another: a backup that is there is worth more than one that may fail.
  writeFileSync(file, bytes, { flag: 'wx' });
  console.log(`${file}, ${Math.ceil(bytes.length / 1024)} kB`);
}

/** A backup of the app that runs here, or of its database where none does. */
async function made(): Promise<Buffer> {
  const running = process.env.DATABASE_URL ? null : holder(teamHome());
  if (!running)
    return withDatabase(teamHome(), (db) =>
      db.long(async (d) => packBackup(await backupOf(d, TEAM, new Date()))),
    );
  const at = `http://127.0.0.1:${running.port}/api/backups`;
  const kept = (await (await fetch(at, { method: 'POST' })).json()) as { id: string };
  return Buffer.from(await (await fetch(`${at}/${kept.id}/file`)).arrayBuffer());
}

function forget(folder: string): void {
  const all = readdirSync(folder)
    .filter((f) => NAME.test(f))
    .sort();
  for (const old of all.slice(0, Math.max(0, all.length - KEPT))) rmSync(join(folder, old));
}

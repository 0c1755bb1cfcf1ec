import { runWorker } from '../../server/src/papers/worker.ts';
import { stopOnSignal } from './run-server.ts';
import { SayError } from './say.ts';

/** `npm run worker`: makes what is ordered on paper, for the servers on the same database; several may run at once. */
export async function run(): Promise<void> {
  const url = process.env.DATABASE_URL;
  if (!url)
    throw new SayError(
      'A worker needs the database of its servers: set DATABASE_URL, and start those with WORKERS=0 where they should print nothing themselves.',
    );
  const worker = await runWorker(url);
  console.log('Making what is ordered. Ctrl-C stops it.');
  stopOnSignal(() => worker.stop());
}

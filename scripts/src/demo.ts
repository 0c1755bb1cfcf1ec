import { existsSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { startServer, type Running } from '../../server/src/serve.ts';
import { buildWeb } from './build.ts';
import { createDatabase, isFree, startCluster, type Cluster } from './cluster.ts';
import { dataHome, DEMO_PLAYS, WEB_DIST } from './paths.ts';
import { SayError } from './say.ts';

export const DEFAULT_PORT = 4321;

export function wantedPort(): number {
  const port = Number(process.env.PORT ?? DEFAULT_PORT);
  if (!Number.isInteger(port) || port < 1 || port > 65_535)
    throw new SayError(`PORT is "${process.env.PORT}", which is not a port number.`);
  return port;
}

/** `npm run demo`: sets up what is missing, then serves the app with the demo playbook until it is stopped. */
export async function run(args: string[]): Promise<void> {
  const port = wantedPort();
  if (!(await isFree(port)))
    throw new SayError(
      `Port ${port} is taken. Stop what uses it, or choose another: PORT=${port + 1} npm run demo`,
    );
  const home = dataHome();
  if (args.includes('--fresh')) startOver(home);
  buildWeb();
  const { url, cluster } = await database(home);
  let server: Running;
  try {
    server = await startServer({
      databaseUrl: url,
      port,
      webRoot: WEB_DIST,
      demoPlays: DEMO_PLAYS,
      ...(cluster ? { logFile: join(home, 'server.log') } : {}),
    });
  } catch (error) {
    cluster?.stop();
    throw explain(error, url);
  }
  if (server.loaded > 0) console.log(`${server.loaded} demo plays are in the playbook.`);
  console.log(`Plays are kept in ${cluster ? cluster.folder : 'the database at DATABASE_URL'}.`);
  console.log(`\nCorkscrew is running at http://localhost:${server.port}/\nCtrl-C stops it.`);
  stopOnSignal(async () => {
    await server.stop();
    cluster?.stop();
  });
}

/** The database to use: the one named by DATABASE_URL, or the project's own cluster. */
export async function database(home: string): Promise<{ url: string; cluster?: Cluster }> {
  if (process.env.DATABASE_URL) return { url: process.env.DATABASE_URL };
  const cluster = await startCluster(home);
  return { url: await createDatabase(cluster, 'corkscrew'), cluster };
}

function startOver(home: string): void {
  if (process.env.DATABASE_URL)
    throw new SayError(
      '--fresh deletes only Corkscrew’s own database. DATABASE_URL names another one: empty that yourself.',
    );
  if (!existsSync(home)) {
    console.log('Nothing to delete: this is the first start.');
    return;
  }
  rmSync(home, { recursive: true, force: true });
  console.log(`Deleted all plays and versions in ${home}.`);
}

function explain(error: unknown, url: string): unknown {
  const messages: string[] = [];
  for (let e: unknown = error; e instanceof Error; e = e.cause)
    messages.push(e.message, ...(e instanceof AggregateError ? e.errors.map(String) : []));
  if (!messages.some((m) => /ECONNREFUSED|ENOTFOUND|timeout|password|does not exist/.test(m))) return error;
  return new SayError(
    `The database at ${url.replace(/:[^:@/]*@/, ':…@')} can't be reached: ${messages.at(-1)}. Check DATABASE_URL and that the database runs.`,
  );
}

/** Stops once, in order, on Ctrl-C or SIGTERM; a second Ctrl-C ends at once. */
export function stopOnSignal(stop: () => Promise<void>): void {
  let began = 0;
  const onSignal = () => {
    if (began > 0) {
      // Ctrl-C reaches us twice when npm passes it on: only a later one means "now".
      if (Date.now() - began > 1000) process.exit(1);
      return;
    }
    began = Date.now();
    console.log('\nStopping …');
    stop().then(
      () => process.exit(0),
      (e: unknown) => {
        console.error(e);
        process.exit(1);
      },
    );
  };
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const) process.on(signal, onSignal);
}

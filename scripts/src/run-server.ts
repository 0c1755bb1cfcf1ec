import { rmSync, existsSync } from 'node:fs';
import { join } from 'node:path';
import { migrateDatabase, openDatabase, type Database } from '../../server/src/db/client.ts';
import { startServer, TEAM, type Running } from '../../server/src/serve.ts';
import { ensureTeam } from '../../server/src/teams/routes.ts';
import { buildWeb } from './build.ts';
import { claim } from './claim.ts';
import { createDatabase, isFree, startCluster, sweep, type Cluster } from './cluster.ts';
import { WEB_DIST } from './paths.ts';
import { SayError } from './say.ts';

const DEFAULT_PORT = 4321;
const LOOPBACK = ['127.0.0.1', 'localhost', '::1'];

/** What one of the start commands serves. */
export interface Served {
  /** Data folder of the project's own database. */
  readonly home: string;
  readonly command: string;
  readonly teamName: string;
  readonly demoPlays?: string;
  /** Delete everything in the data folder first. */
  readonly fresh?: boolean;
}

export function wantedPort(): number {
  const port = Number(process.env.PORT ?? DEFAULT_PORT);
  if (!Number.isInteger(port) || port < 1 || port > 65_535)
    throw new SayError(`PORT is "${process.env.PORT}", which is not a port number.`);
  return port;
}

/** The address to listen on: this machine's own until people sign in. */
function wantedHost(): string {
  const host = process.env.HOST ?? '127.0.0.1';
  if (!LOOPBACK.includes(host))
    throw new SayError(
      `HOST is "${host}". Until there is sign-in, Corkscrew serves only this machine: leave HOST out, or set it to 127.0.0.1. From elsewhere, use a tunnel: ssh -L 4321:127.0.0.1:4321 THIS-MACHINE`,
    );
  return host === 'localhost' ? '127.0.0.1' : host;
}

/** Sets up what is missing, then serves the app until it is stopped. */
export async function serveUntilStopped(what: Served): Promise<void> {
  const [port, host] = [wantedPort(), wantedHost()];
  const own = !process.env.DATABASE_URL;
  const giveBack = own ? claim(what.home, port) : () => undefined;
  let cluster: Cluster | undefined;
  let server: Running;
  try {
    if (!(await isFree(port)))
      throw new SayError(
        `Port ${port} is taken. Stop what uses it, or choose another: PORT=${port + 1} ${what.command}`,
      );
    if (what.fresh) startOver(what.home);
    const build = await buildWeb();
    const found = await database(what.home);
    cluster = found.cluster;
    server = await startServer({
      databaseUrl: found.url,
      port,
      host,
      build,
      teamName: what.teamName,
      webRoot: WEB_DIST,
      // Workers may run apart: npm run worker.
      prints: process.env.WORKERS !== '0',
      ...(what.demoPlays ? { demoPlays: what.demoPlays } : {}),
      ...(cluster ? { logFile: join(what.home, 'log', 'server.log') } : {}),
    }).catch((error: unknown) => {
      throw explain(error, found.url);
    });
  } catch (error) {
    cluster?.stop();
    giveBack();
    throw error;
  }
  sweep();
  if (server.loaded > 0) console.log(`${server.loaded} demo plays are in the playbook.`);
  console.log(`Plays are kept in ${cluster ? cluster.folder : 'the database at DATABASE_URL'}.`);
  console.log(`\nCorkscrew is running at http://localhost:${server.port}/\nCtrl-C stops it.`);
  stopOnSignal(async () => {
    await server.stop();
    cluster?.stop();
    giveBack();
  });
}

/** The database to use: the one named by DATABASE_URL, or the project's own cluster. */
export async function database(home: string): Promise<{ url: string; cluster?: Cluster }> {
  if (process.env.DATABASE_URL) return { url: process.env.DATABASE_URL };
  const cluster = await startCluster(home);
  return { url: await createDatabase(cluster, 'corkscrew'), cluster };
}

/** Does something with the team's database while no app runs on it. */
export async function withDatabase<T>(home: string, work: (db: Database) => Promise<T>): Promise<T> {
  const giveBack = process.env.DATABASE_URL ? () => undefined : claim(home, 0);
  let cluster: Cluster | undefined;
  try {
    const found = await database(home);
    cluster = found.cluster;
    const db = openDatabase(found.url);
    try {
      await db.alone(async (d) => {
        await migrateDatabase(d);
        await ensureTeam(d, TEAM, 'Our team');
      });
      return await work(db);
    } finally {
      await db.close();
    }
  } finally {
    cluster?.stop();
    giveBack();
  }
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

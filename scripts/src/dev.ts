import { createServer } from 'vite';
import { startServer } from '../../server/src/serve.ts';
import { freePort } from './cluster.ts';
import { claim } from './claim.ts';
import { DEMO_TEAM } from './demo.ts';
import { dataHome, DEMO_PLAYS, WEB } from './paths.ts';
import { database, stopOnSignal, wantedPort } from './run-server.ts';

/** `npm run dev`: the API beside a hot-reloading app. Restart it after a change of the server. */
export async function run(): Promise<void> {
  const giveBack = claim(dataHome(), wantedPort());
  const { url, cluster } = await database(dataHome());
  const api = await startServer({
    databaseUrl: url,
    port: await freePort(4400),
    teamName: DEMO_TEAM,
    demoPlays: DEMO_PLAYS,
  });
  process.env.CORKSCREW_API = `http://127.0.0.1:${api.port}`;
  const vite = await createServer({ root: WEB, server: { port: wantedPort(), host: '127.0.0.1' } });
  await vite.listen();
  vite.printUrls();
  stopOnSignal(async () => {
    await vite.close();
    await api.stop();
    cluster?.stop();
    giveBack();
  });
}

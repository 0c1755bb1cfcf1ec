import { startServer } from '../server/src/serve.ts';

/** A server of the tests' own, started as a process so that a test can kill it. */
const running = await startServer({
  databaseUrl: process.env.DATABASE_URL!,
  port: Number(process.env.PORT),
  webRoot: process.env.WEB_ROOT!,
  build: process.env.BUILD!,
  teamName: 'Testers',
  demoPlays: process.env.DEMO_PLAYS!,
  logFile: process.env.LOG_FILE!,
  // What plays are tried against takes longest and is looked at in the server's own tests.
  works: ['relate', 'verdict'],
});
process.on('SIGTERM', () => void running.stop().then(() => process.exit(0)));

import { dataHome, DEMO_PLAYS } from './paths.ts';
import { serveUntilStopped } from './run-server.ts';

/** What the team of the demo plays is called. */
export const DEMO_TEAM = 'Harrow Point';

/** `npm run demo`: sets up what is missing, then serves the app with the demo playbook until it is stopped. */
export const run = (args: string[]): Promise<void> =>
  serveUntilStopped({
    home: dataHome(),
    command: 'npm run demo',
    teamName: DEMO_TEAM,
    demoPlays: DEMO_PLAYS,
    fresh: args.includes('--fresh'),
  });

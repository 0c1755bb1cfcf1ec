import { teamHome } from './paths.ts';
import { serveUntilStopped } from './run-server.ts';

/** `npm start`: serves a real team, without demo plays, in the foreground until a signal stops it. */
export const run = (): Promise<void> =>
  serveUntilStopped({
    home: teamHome(),
    command: 'npm start',
    teamName: process.env.TEAM_NAME?.trim().slice(0, 80) || 'Our team',
  });

import { SayError } from './say.ts';

const COMMANDS: Record<string, () => Promise<{ run: (args: string[]) => Promise<void> }>> = {
  demo: () => import('./demo.ts'),
  start: () => import('./start.ts'),
  dev: () => import('./dev.ts'),
  worker: () => import('./worker.ts'),
  backup: () => import('./backup.ts'),
  restore: () => import('./restore.ts'),
  test: () => import('./test.ts'),
  screenshots: () => import('./screenshots.ts'),
  bench: () => import('./bench.ts'),
  corkscrew: () => import('@corkscrew/cli'),
};

/** Runs one npm command; what goes wrong in a way a person can mend is told in one sentence. */
export async function runCommand(name: string, args: string[]): Promise<void> {
  const load = COMMANDS[name];
  if (!load) throw new Error(`No such command: ${name}`);
  try {
    await (await load()).run(args);
  } catch (error) {
    if (!(error instanceof SayError)) throw error;
    console.error(`\n${error.message}`);
    process.exitCode = 1;
  }
}

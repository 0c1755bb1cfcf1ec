import { fork, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { fileURLToPath } from 'node:url';
import { afterEach } from 'vitest';

/**
 * Workers as `npm run worker` starts them: processes of their own, with nothing but the database's address. What still
 * runs after a test is killed.
 */
export function workers(): () => ChildProcess {
  const running: ChildProcess[] = [];
  afterEach(async () => {
    for (const child of running.splice(0)) {
      if (child.exitCode !== null || child.signalCode !== null) continue;
      child.kill('SIGKILL');
      await once(child, 'exit');
    }
  });
  return () => {
    const child = fork(fileURLToPath(new URL('./worker.mjs', import.meta.url)), [], {
      env: {
        ...process.env,
        CORKSCREW_WORKER_DATABASE: process.env.TEST_DATABASE_URL!,
        CORKSCREW_WORKER_LOG: '',
      },
    });
    running.push(child);
    return child;
  };
}

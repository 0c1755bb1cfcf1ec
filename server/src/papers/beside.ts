import { fork, type ChildProcess } from 'node:child_process';
import { constants, setPriority } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** A process that ended by itself is started again after so long (ms). */
const AGAIN = 1000;

export interface Worker {
  /** Starts it where it does not run yet: until something is ordered there is none. */
  readonly wake: () => void;
  readonly stop: () => Promise<void>;
}

/** A worker beside the server, in a process of its own that gives way to it. */
export function workerBeside(url: string, logFile?: string): Worker {
  let child: ChildProcess | null = null;
  let stopped = false;
  const wake = (): void => {
    if (stopped || child) return;
    child = fork(fileURLToPath(new URL('./worker.mjs', import.meta.url)), [], {
      env: {
        ...process.env,
        CORKSCREW_WORKER_DATABASE: url,
        // Two processes never write into one log.
        CORKSCREW_WORKER_LOG: logFile ? join(dirname(logFile), 'worker.log') : '',
      },
    });
    if (child.pid !== undefined) setPriority(child.pid, constants.priority.PRIORITY_BELOW_NORMAL);
    child.on('exit', () => {
      child = null;
      setTimeout(wake, AGAIN).unref();
    });
  };
  return {
    wake,
    stop: async () => {
      stopped = true;
      const last = child;
      if (!last) return;
      const ended = new Promise<void>((resolve) => last.once('exit', () => resolve()));
      last.kill('SIGTERM');
      await ended;
    },
  };
}

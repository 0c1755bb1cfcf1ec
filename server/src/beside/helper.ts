import { fork, type ChildProcess } from 'node:child_process';
import { constants, setPriority } from 'node:os';
import { fileURLToPath } from 'node:url';
import type { Asked, Questions } from './answer.ts';
import { processorTime } from './processor-time.ts';

/** What takes more of a processor than this (s) is not worked out at all. A busy machine is no fault of what is asked: it has longer, */
const PATIENCE = 60;
/** but not for ever: so many times as long. */
const END = 10;
/** A helper with nothing to do is kept for so long (ms). */
const IDLE = 20_000;

/** An answer; null with a reason where there is none. */
export type Told<K extends keyof Questions> =
  { readonly told: Questions[K][1] } | { readonly told: null; readonly fault: string };

const spent = (child: ChildProcess): number | null =>
  child.pid === undefined ? null : processorTime(child.pid);

/** Works things out in a process of its own, which gives way to all others. One at a time. */
export class Helper {
  #child: ChildProcess | null = null;
  #idle: ReturnType<typeof setTimeout> | undefined;
  #life = 0;
  readonly #priority: number;
  readonly #patience: number;

  /** With a priority of the system's (nice), the lowest where none is said, and its patience (s of a processor). */
  constructor(priority: number = constants.priority.PRIORITY_LOW, patience = PATIENCE) {
    this.#priority = priority;
    this.#patience = patience;
  }

  /** Starts a process where none is, and says which it is: a new one knows nothing of what an earlier one was sent. */
  wake(): number {
    clearTimeout(this.#idle);
    this.#child ??= this.#started();
    return this.#life;
  }

  /** Rejects when the process ends on the way: what was asked waits for another time. */
  ask<K extends keyof Questions>(ask: K, of: Questions[K][0]): Promise<Told<K>> {
    clearTimeout(this.#idle);
    const child = (this.#child ??= this.#started());
    return new Promise((resolve, reject) => {
      const over = (): void => {
        clearTimeout(timer);
        child.off('message', told).off('exit', ended).off('error', ended);
        this.#idle = setTimeout(() => this.stop(), IDLE).unref();
      };
      const told = (what: Told<K>): void => {
        over();
        resolve(what);
      };
      const ended = (): void => {
        over();
        reject(new Error('The helper ended.'));
      };
      const [asked, had, most] = [Date.now(), spent(child), this.#patience];
      let timer: ReturnType<typeof setTimeout>;
      const wait = (seconds: number): void => {
        timer = setTimeout(() => {
          const waited = (Date.now() - asked) / 1000;
          const worked = had === null ? waited : (spent(child) ?? Infinity) - had;
          if (worked < most && waited < END * most) return wait(Math.max(1, most - worked));
          told({ told: null, fault: 'It took too long.' });
          this.stop();
        }, seconds * 1000);
      };
      wait(most);
      child.on('message', told).on('exit', ended).on('error', ended);
      child.send({ ask, ...of } as Asked);
    });
  }

  #started(): ChildProcess {
    this.#life += 1;
    const child = fork(fileURLToPath(new URL('./worker.mjs', import.meta.url)), { execArgv: [] });
    const gone = (): void => {
      if (this.#child === child) this.#child = null;
    };
    child.on('exit', gone).on('error', gone);
    if (child.pid !== undefined) setPriority(child.pid, this.#priority);
    return child;
  }

  stop(): void {
    clearTimeout(this.#idle);
    this.#child?.kill();
    this.#child = null;
  }
}

import type { Play, Verdict } from '@corkscrew/core';
import { fork, type ChildProcess } from 'node:child_process';
import { constants, setPriority } from 'node:os';
import { fileURLToPath } from 'node:url';

/** A play that takes longer than this (ms) is not judged at all. */
const PATIENCE = 60_000;
/** A judge with nothing to do is kept for so long (ms). */
const IDLE = 20_000;

/** What a judge is asked: a play, and how many of a hundred open shots its team makes. */
export interface Case {
  readonly play: Play;
  readonly makes: object | undefined;
}

/** What it says: a verdict, or why there is none. */
export interface Told {
  readonly verdict: Verdict | null;
  readonly fault?: string;
}

/** Judges plays in a process of its own, which gives way to all others. One at a time. */
export class Judge {
  #child: ChildProcess | null = null;
  #idle: ReturnType<typeof setTimeout> | undefined;

  /** Rejects when the process ends on the way: the play waits for another time. */
  tell(of: Case): Promise<Told> {
    clearTimeout(this.#idle);
    const child = (this.#child ??= this.#started());
    return new Promise((resolve, reject) => {
      const over = (): void => {
        clearTimeout(timer);
        child.off('message', told).off('exit', ended).off('error', ended);
        this.#idle = setTimeout(() => this.stop(), IDLE).unref();
      };
      const told = (what: Told): void => {
        over();
        resolve(what);
      };
      const ended = (): void => {
        over();
        reject(new Error('The judge ended.'));
      };
      const timer = setTimeout(() => {
        told({ verdict: null, fault: 'It took too long.' });
        this.stop();
      }, PATIENCE);
      child.on('message', told).on('exit', ended).on('error', ended);
      child.send(of);
    });
  }

  #started(): ChildProcess {
    const child = fork(fileURLToPath(new URL('./judge-worker.mjs', import.meta.url)), { execArgv: [] });
    const gone = (): void => {
      if (this.#child === child) this.#child = null;
    };
    child.on('exit', gone).on('error', gone);
    if (child.pid !== undefined) setPriority(child.pid, constants.priority.PRIORITY_LOW);
    return child;
  }

  stop(): void {
    clearTimeout(this.#idle);
    this.#child?.kill();
    this.#child = null;
  }
}

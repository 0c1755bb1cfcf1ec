import { derive, isLong, type Derived, type Play } from '@corkscrew/core';
import { Worker } from 'node:worker_threads';

/** A play that takes longer than this (ms) to derive is not derived at all. */
const PATIENCE = 20_000;

/** Summary and card of a play; those of a long one are made in a thread of their own. */
export function derived(play: Play): Promise<Derived> {
  return isLong(play) ? besides(play) : Promise.resolve(derive(play));
}

function besides(play: Play): Promise<Derived> {
  return new Promise((resolve, reject) => {
    const worker = new Worker(new URL('./derive-worker.mjs', import.meta.url), {
      workerData: play,
    });
    const timer = setTimeout(() => void worker.terminate(), PATIENCE);
    worker.once('message', resolve);
    worker.once('error', reject);
    worker.once('exit', () => {
      clearTimeout(timer);
      reject(new Error('A play took too long to sum up.'));
    });
  });
}

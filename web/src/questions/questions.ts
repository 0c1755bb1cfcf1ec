import { Questions, type WorkerLike } from './service.ts';

/** Cores the page leaves to the hand. */
const SPARED = 1;
const MOST = 6;

/** The app's workers: as many as the machine spares, each started when it is first needed. */
export const questions = new Questions(
  () => new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' }) as unknown as WorkerLike,
  Math.max(1, Math.min(MOST, (navigator.hardwareConcurrency || 2) - SPARED)),
);

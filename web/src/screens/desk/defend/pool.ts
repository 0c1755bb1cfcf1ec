import type { Tried, TryQuestion } from '../../../workers/try.ts';

/** Cores the page leaves to the hand and to the walk-through. */
const KEPT = 1;
const MOST = 6;

/**
 * Answers many questions at once on as many workers as the machine spares, each answer told as it comes, null for
 * one that could not be had. The returned call ends them all.
 */
export function askMany(questions: readonly TryQuestion[], told: (answer: Tried | null) => void): () => void {
  const count = Math.max(1, Math.min(MOST, (navigator.hardwareConcurrency || 2) - KEPT, questions.length));
  let next = 0;
  const workers = Array.from({ length: count }, () => {
    const worker = new Worker(new URL('../../../workers/try.ts', import.meta.url), { type: 'module' });
    const ask = () => {
      const question = questions[next++];
      if (question) worker.postMessage(question);
      else worker.terminate();
    };
    worker.onmessage = ({ data }: MessageEvent<Tried>) => {
      told(data);
      ask();
    };
    // A defence that can't be played must not hold up the others.
    worker.onerror = () => {
      told(null);
      ask();
    };
    ask();
    return worker;
  });
  return () => workers.forEach((w) => w.terminate());
}

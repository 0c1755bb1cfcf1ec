import { ANSWERERS } from './answer.ts';
import type { FromWorker, ToWorker } from './kinds.ts';

/** The question being answered; null when it was left. */
let at: number | null = null;
const tell = (message: FromWorker): void => self.postMessage(message);
/** Lets messages in: a question may have been left meanwhile. */
const breathe = (): Promise<void> =>
  new Promise((go) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      go();
    };
    port2.postMessage(null);
  });

/** Answers one question at a time beside the page, and can be told on the way that it is of no use any more. */
self.onmessage = ({ data }: MessageEvent<ToWorker>) => {
  if ('cancel' in data) {
    if (at === data.id) at = null;
    return;
  }
  void answer(data);
};

async function answer({ id, kind, asks }: Extract<ToWorker, { kind: unknown }>): Promise<void> {
  at = id;
  try {
    const steps = ANSWERERS[kind](asks as never);
    for (let step = steps.next(); ; step = steps.next()) {
      if (step.done) return tell({ id, answer: step.value });
      if (step.value !== null) tell({ id, part: step.value });
      await breathe();
      if (at !== id) return tell({ id, left: true });
    }
  } catch (e) {
    tell({ id, failed: e instanceof Error ? e.message : String(e) });
  }
}

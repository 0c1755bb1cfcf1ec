import type { FromVideo, VideoAsk } from './kinds.ts';

/** A video on its way. */
export interface Making {
  readonly made: Promise<{ readonly blob: Blob; readonly ending: 'mp4' | 'webm' } | null>;
  readonly stop: () => void;
}

/** Makes a video in a worker of its own; null when it was stopped, of which nothing is left. */
export function makeVideo(ask: VideoAsk, onProgress: (share: number) => void): Making {
  const worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
  const made = new Promise<Awaited<Making['made']>>((resolve, reject) => {
    worker.onmessage = ({ data }: MessageEvent<FromVideo>) => {
      switch (data.is) {
        case 'at':
          return onProgress(data.done / data.of);
        case 'made':
          return resolve({
            blob: new Blob([data.buffer], { type: data.type }),
            ending: data.type === 'video/mp4' ? 'mp4' : 'webm',
          });
        case 'stopped':
          return resolve(null);
        case 'failed':
          return reject(new Error(data.sentence));
      }
    };
    worker.onerror = () => reject(new Error('The video could not be made here.'));
  });
  const end = (): void => worker.terminate();
  made.then(end, end);
  worker.postMessage(ask);
  return { made, stop: () => worker.postMessage({ stop: true }) };
}

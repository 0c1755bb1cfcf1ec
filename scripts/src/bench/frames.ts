import type { Page } from '@playwright/test';
import { ms, percentile, type Row } from './row.ts';

/** What a page did while it was watched. */
export interface Watched {
  /** Milliseconds between frames, and of tasks over 50 ms. */
  readonly frames: readonly number[];
  readonly long: readonly number[];
  /** Processor time of the page's own thread, ms: what else the machine does is not in it. */
  readonly work: number;
}

/** Watches the frames of a page from now on; the function returned stops and tells. */
export async function watch(page: Page): Promise<() => Promise<Watched>> {
  const devtools = await page.context().newCDPSession(page);
  await devtools.send('Performance.enable', { timeDomain: 'threadTicks' });
  const busy = async () => {
    const { metrics } = await devtools.send('Performance.getMetrics');
    return 1000 * metrics.find((m) => m.name === 'TaskDuration')!.value;
  };
  await page.evaluate(() => {
    const w = window as unknown as { __frames: number[]; __long: number[]; __stop: boolean };
    w.__frames = [];
    w.__long = [];
    w.__stop = false;
    new PerformanceObserver((l) => w.__long.push(...l.getEntries().map((e) => e.duration))).observe({
      type: 'longtask',
    });
    let last = performance.now();
    const tick = (t: number) => {
      w.__frames.push(t - last);
      last = t;
      if (!w.__stop) requestAnimationFrame(tick);
    };
    requestAnimationFrame(tick);
  });
  const before = await busy();
  return async () => {
    const work = (await busy()) - before;
    const seen = await page.evaluate(() => {
      const w = window as unknown as { __frames: number[]; __long: number[]; __stop: boolean };
      w.__stop = true;
      return { frames: w.__frames.slice(2), long: w.__long };
    });
    await devtools.detach();
    return { ...seen, work };
  };
}

/** A watched page as lines of the table; without goals it is there to be compared with. */
export function frameRows(name: string, { frames, long, work }: Watched, goals = true): Row[] {
  return [
    {
      what: `${name}: frame intervals`,
      measured: `95th percentile ${ms(percentile(frames, 0.95))}`,
      goal: goals ? '≤ 25 ms' : '',
    },
    {
      what: `${name}: longest task`,
      measured: long.length === 0 ? 'none over 50 ms' : ms(Math.max(...long)),
      goal: goals ? '≤ 50 ms' : '',
    },
    {
      what: `${name}: processor time of the page’s thread`,
      measured: `${ms(work / frames.length)} a frame`,
      goal: '',
    },
  ];
}

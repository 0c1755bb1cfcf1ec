import { chromium as browser } from '@playwright/test';
import { CHROMIUM_FLAGS } from '../chromium-flags.ts';
import { chromium } from '../debian.ts';
import { ms, percentile, type Row } from './row.ts';

/** Frames, long tasks and answers in the app itself. */
export async function inBrowser(url: string): Promise<Row[]> {
  const chrome = await browser.launch({ executablePath: chromium(), args: CHROMIUM_FLAGS });
  try {
    const page = await chrome.newPage({ viewport: { width: 1280, height: 800 } });
    // The TypeScript runner names functions through a helper that the page does not have.
    await page.addInitScript('globalThis.__name = (f) => f');
    await page.goto(`${url}/plays/demo-horns-lantern`);
    await page.getByTestId('court').waitFor();
    const record = () =>
      page.evaluate(() => {
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
    const read = () =>
      page.evaluate(() => {
        const w = window as unknown as { __frames: number[]; __long: number[]; __stop: boolean };
        w.__stop = true;
        return { frames: w.__frames.slice(2), long: w.__long };
      });
    const at = (x: number, y: number) =>
      page.getByTestId('court').evaluate(
        (svg: SVGSVGElement, p) => {
          const q = new DOMPoint((p.x + 29) * 12.5, (p.y + 4) * 12.5).matrixTransform(svg.getScreenCTM()!);
          return { x: q.x, y: q.y };
        },
        { x, y },
      );
    const from = await at(21.75, 3.5);
    await page.mouse.move(from.x, from.y);
    await page.mouse.down();
    await record();
    for (let i = 0; i < 240; i++) {
      await page.mouse.move(from.x - 150 - 140 * Math.cos(i / 14), from.y + 150 + 120 * Math.sin(i / 11));
    }
    const dragged = await read();
    await page.mouse.up();

    await page.getByRole('button', { name: 'Gaps', exact: true }).click();
    await page.getByTestId('rung-1').click();
    await page.locator('#court').press(' ');
    await record();
    await page.waitForTimeout(5000);
    const played = await read();
    await page.locator('#court').press('k');

    // Findings after edits: a block of the beat sheet is nudged, and the page times each answer.
    await page.locator('[data-block]').first().focus();
    await page.evaluate(() => performance.clearMeasures());
    for (let i = 0; i < 30; i++) {
      await page.keyboard.press('Shift+ArrowRight');
      await page.waitForFunction((n) => performance.getEntriesByName('defended').length > n, i);
    }
    const answered = await page.evaluate(() =>
      performance.getEntriesByName('defended').map((e) => e.duration),
    );

    await page.goto(`${url}/zone`);
    const zoneBall = (await page.getByTestId('zone-ball').boundingBox())!;
    await page.mouse.move(zoneBall.x + 8, zoneBall.y + 8);
    await page.mouse.down();
    await record();
    for (let i = 0; i < 240; i++)
      await page.mouse.move(600 + 220 * Math.cos(i / 15), 330 + 120 * Math.sin(i / 11));
    const slid = await read();
    await page.mouse.up();

    const began = Date.now();
    await page.goto(`${url}/plays`);
    await page
      .getByRole('link', { name: /^Open / })
      .first()
      .waitFor();
    const cards = Date.now() - began;
    await record();
    for (let i = 0; i < 90; i++) {
      await page.mouse.wheel(0, 160);
      await page.evaluate(() => new Promise((done) => requestAnimationFrame(done)));
    }
    const scrolled = await read();
    const rows = (name: string, r: typeof dragged): Row[] => [
      {
        what: `${name}: frame intervals`,
        measured: `95th percentile ${ms(percentile(r.frames, 0.95))}`,
        goal: '≤ 25 ms',
      },
      {
        what: `${name}: longest task`,
        measured: r.long.length === 0 ? 'none over 50 ms' : ms(Math.max(...r.long)),
        goal: '≤ 50 ms',
      },
    ];
    return [
      ...rows('Dragging a player on the desk', dragged),
      ...rows('Playing with beat sheet, gaps and defenders', played),
      ...rows('Dragging the ball in the zone room', slid),
      {
        what: `Edit → defended line, findings and windows back from the worker, ${answered.length} edits in the app`,
        measured: `median ${ms(percentile(answered, 0.5))}, 95th percentile ${ms(percentile(answered, 0.95))}`,
        goal: 'median ≤ 120 ms',
      },
      { what: 'Playbook of 500: first cards after navigation', measured: `${cards} ms`, goal: '≤ 1 s' },
      ...rows('Scrolling 500 plays', scrolled),
    ];
  } finally {
    await chrome.close();
  }
}

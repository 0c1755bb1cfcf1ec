import { chromium as browser } from '@playwright/test';
import { CHROMIUM_FLAGS } from '../chromium-flags.ts';
import { chromium } from '../debian.ts';
import { frameRows, watch } from './frames.ts';
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
    const drag = await watch(page);
    for (let i = 0; i < 240; i++) {
      await page.mouse.move(from.x - 150 - 140 * Math.cos(i / 14), from.y + 150 + 120 * Math.sin(i / 11));
    }
    const dragged = await drag();
    await page.mouse.up();

    await page.getByRole('button', { name: 'Gaps', exact: true }).click();
    await page.getByTestId('rung-1').click();
    await page.locator('#court').press(' ');
    const run = await watch(page);
    await page.waitForTimeout(5000);
    const played = await run();
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
    const slide = await watch(page);
    for (let i = 0; i < 240; i++)
      await page.mouse.move(600 + 220 * Math.cos(i / 15), 330 + 120 * Math.sin(i / 11));
    const slid = await slide();
    await page.mouse.up();

    const began = Date.now();
    await page.goto(`${url}/plays`);
    await page
      .getByRole('link', { name: /^Open / })
      .first()
      .waitFor();
    const cards = Date.now() - began;
    const scroll = await watch(page);
    for (let i = 0; i < 90; i++) {
      await page.mouse.wheel(0, 160);
      await page.evaluate(() => new Promise((done) => requestAnimationFrame(done)));
    }
    const scrolled = await scroll();
    const rest = await watch(page);
    await page.waitForTimeout(4000);
    const rested = await rest();
    return [
      ...frameRows('Dragging a player on the desk', dragged),
      ...frameRows('Playing with beat sheet, gaps and defenders', played),
      ...frameRows('Dragging the ball in the zone room', slid),
      {
        what: `Edit → defended line, findings and windows back from the worker, ${answered.length} edits in the app`,
        measured: `median ${ms(percentile(answered, 0.5))}, 95th percentile ${ms(percentile(answered, 0.95))}`,
        goal: 'median ≤ 120 ms',
      },
      { what: 'Playbook of 500: first cards after navigation', measured: `${cards} ms`, goal: '≤ 1 s' },
      ...frameRows('Scrolling 500 plays', scrolled),
      ...frameRows('For comparison, the same page untouched', rested, false),
    ];
  } finally {
    await chrome.close();
  }
}

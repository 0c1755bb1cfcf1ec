import { compile, courtFor, mainLine } from '@corkscrew/core';
import { chromium as browser, type Page } from '@playwright/test';
import { CHROMIUM_FLAGS } from '../chromium-flags.ts';
import { chromium } from '../debian.ts';
import { frameRows, watch, type Watched } from './frames.ts';
import { demo, ms, percentile, type Row } from './row.ts';

/** Where a point of the floor (feet) is on the screen: fifty feet of floor and four on either side, however large. */
const onScreen = (page: Page, x: number, y: number) =>
  page.getByTestId('court').evaluate(
    (svg: SVGSVGElement, p) => {
      const feet = svg.viewBox.baseVal.width / 58;
      const q = new DOMPoint((p.x + 29) * feet, (p.y + 4) * feet).matrixTransform(svg.getScreenCTM()!);
      return { x: q.x, y: q.y };
    },
    { x, y },
  );

/** A man dragged about, then the play run, on the desk of a page. */
async function onDesk(page: Page, url: string): Promise<{ dragged: Watched; played: Watched }> {
  await page.goto(`${url}/plays/demo-horns-lantern`);
  await page.getByTestId('court').waitFor();
  await page.waitForLoadState('networkidle');
  const from = await onScreen(page, 21.75, 3.5);
  const to = await onScreen(page, 0, 14);
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  const drag = await watch(page);
  for (let i = 0; i < 240; i++)
    await page.mouse.move(to.x - 140 * Math.cos(i / 14), to.y + 100 * Math.sin(i / 11));
  const dragged = await drag();
  await page.mouse.up();
  await page.locator('#court').press('b');
  await page.getByTestId('rung-1').click();
  await page.locator('#court').press(' ');
  const run = await watch(page);
  await page.waitForTimeout(5000);
  const played = await run();
  await page.locator('#court').press('k');
  return { dragged, played };
}

/** Milliseconds from an edit until findings and defence are back: a block of the beat sheet is nudged. */
async function answersOf(page: Page): Promise<number[]> {
  await page.locator('[data-block]').first().focus();
  await page.evaluate(() => performance.clearMeasures());
  for (let i = 0; i < 30; i++) {
    await page.keyboard.press('Shift+ArrowRight');
    await page.waitForFunction((n) => performance.getEntriesByName('defended').length > n, i);
  }
  return page.evaluate(() => performance.getEntriesByName('defended').map((e) => e.duration));
}

/** The ball dragged round in the zone room. */
async function inZoneRoom(page: Page, url: string): Promise<Watched> {
  await page.goto(`${url}/zone`);
  const ball = (await page.getByTestId('zone-ball').boundingBox())!;
  await page.mouse.move(ball.x + 8, ball.y + 8);
  await page.mouse.down();
  const slide = await watch(page);
  for (let i = 0; i < 240; i++)
    await page.mouse.move(600 + 220 * Math.cos(i / 15), 330 + 120 * Math.sin(i / 11));
  const slid = await slide();
  await page.mouse.up();
  return slid;
}

/** A full playbook opened, scrolled, and left alone. */
async function inPlaybook(
  page: Page,
  url: string,
): Promise<{ cards: number; scrolled: Watched; rested: Watched }> {
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
  return { cards, scrolled, rested: await rest() };
}

/** A video of a demo play at 720p, made in the page's worker: how long it takes, beside how long it runs (s). */
async function videoOf(page: Page, url: string): Promise<{ took: number; runs: number }> {
  await page.goto(`${url}/plays/demo-horns-lantern`);
  await page.getByRole('tab', { name: 'Play', exact: true }).click();
  const times: number[] = [];
  for (let i = 0; i < 3; i++) {
    const began = performance.now();
    const file = page.waitForEvent('download', { timeout: 120_000 });
    await page.getByRole('button', { name: 'Video', exact: true }).click();
    await file;
    times.push((performance.now() - began) / 1000);
  }
  const play = demo().find((p) => p.id === 'demo-horns-lantern')!;
  const { timeline } = compile(play, mainLine(play).at(-1)!.id, courtFor(play), play.level);
  return { took: percentile(times, 0.5), runs: timeline.end };
}

/** Frames, long tasks and answers in the app itself. */
export async function inBrowser(url: string): Promise<Row[]> {
  const chrome = await browser.launch({ executablePath: chromium(), args: CHROMIUM_FLAGS });
  const open = async (width: number, height: number): Promise<Page> => {
    const page = await chrome.newPage({ viewport: { width, height } });
    // The TypeScript runner names functions through a helper that the page does not have.
    await page.addInitScript('globalThis.__name = (f) => f');
    return page;
  };
  try {
    const tablet = await open(820, 1180);
    const held = await onDesk(tablet, url);
    await tablet.close();
    const page = await open(1280, 800);
    const { dragged, played } = await onDesk(page, url);
    const answered = await answersOf(page);
    const slid = await inZoneRoom(page, url);
    const { cards, scrolled, rested } = await inPlaybook(page, url);
    const video = await videoOf(page, url);
    return [
      ...frameRows('Dragging a player on the desk', dragged),
      ...frameRows('Playing with beat sheet, gaps and defenders', played),
      ...frameRows('Dragging a player on a tablet, 820 × 1180', held.dragged),
      ...frameRows('Playing on a tablet, 820 × 1180', held.played),
      ...frameRows('Dragging the ball in the zone room', slid),
      {
        what: `Edit → defended line, findings and windows back from the worker, ${answered.length} edits in the app`,
        measured: `median ${ms(percentile(answered, 0.5))}, 95th percentile ${ms(percentile(answered, 0.95))}`,
        goal: 'median ≤ 32 ms',
      },
      {
        what: `A video of ${video.runs.toFixed(1)} s at 720p, from the press to the file`,
        measured: `median ${video.took.toFixed(1)} s, ${(video.runs / video.took).toFixed(1)} times as fast as it runs`,
        goal: 'faster than it runs',
      },
      { what: 'Playbook of 500: first cards after navigation', measured: `${cards} ms`, goal: '≤ 1 s' },
      ...frameRows('Scrolling 500 plays', scrolled),
      ...frameRows('For comparison, the same page untouched', rested, false),
    ];
  } finally {
    await chrome.close();
  }
}

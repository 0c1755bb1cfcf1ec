import type { Page } from '@playwright/test';
import type { App } from './app.ts';
import { expect, newPlay, saved, test } from './app.ts';

/** A play with two cuts, drawn by keyboard: 2 to the left wing, 3 to the right slot. */
async function twoCuts(page: Page, app: App, name: string): Promise<string> {
  const id = await newPlay(page, app, name);
  for (const k of ['2', 'c', 'l', 'w', 'Enter', '3', 'c', 'r', 's', 'Enter'])
    await page.locator('#court').press(k);
  await expect(page.locator('[data-block]')).toHaveCount(2);
  await expect(saved(page)).toBeVisible();
  return id;
}
const block = (page: Page, id: string) => page.locator(`[data-block="${id}"]`);
const actions = async (app: App, id: string) => (await app.play(id)).frames[0]!.actions;

async function dragBox(
  page: Page,
  from: { x: number; y: number },
  to: { x: number; y: number },
): Promise<void> {
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move((from.x + to.x) / 2, (from.y + to.y) / 2, { steps: 3 });
  await page.mouse.move(to.x, to.y, { steps: 3 });
  await page.mouse.up();
}

test('blocks are dragged to delay, by their edge to change tempo, and tied from end to start', async ({
  page,
  app,
}) => {
  const id = await twoCuts(page, app, 'Beat by hand');
  const body = async (a: string) => (await block(page, a).locator('.body').boundingBox())!;

  const b = await body('a2');
  const middle = { x: b.x + b.width / 2, y: b.y + b.height / 2 };
  await dragBox(page, middle, { x: middle.x + b.width / 2, y: middle.y });
  await expect.poll(async () => (await actions(app, id))[1]!.cue?.on).toBe('frame');
  const delay = (await actions(app, id))[1]!.cue!.delay!;
  expect(delay).toBeGreaterThan(0.3);
  expect(delay * 10).toBeCloseTo(Math.round(delay * 10), 6);

  const a = await body('a1');
  const edge = { x: a.x + a.width - 1, y: a.y + 8 };
  await dragBox(page, edge, { x: edge.x + 3 * a.width, y: edge.y });
  await expect.poll(async () => (await actions(app, id))[0]).toMatchObject({ tempo: 'walk' });

  await block(page, 'a1').click();
  const knot = (await block(page, 'a1').locator('.knot').boundingBox())!;
  const to = await body('a2');
  await dragBox(page, { x: knot.x + 4, y: knot.y + 4 }, { x: to.x + 4, y: to.y + 8 });
  await expect.poll(async () => (await actions(app, id))[1]!.cue).toEqual({ on: 'a1', event: 'end' });
  await expect(block(page, 'a2')).toHaveAccessibleName(/^3 .*waits for 2$/);
});

test('the beat sheet by keyboard alone: walk, nudge, tempo, tie and untie', async ({ page, app }) => {
  const id = await twoCuts(page, app, 'Beat by keys');
  await block(page, 'a1').focus();
  await page.keyboard.press('ArrowDown');
  await expect(block(page, 'a2')).toBeFocused();
  for (let i = 0; i < 3; i++) await page.keyboard.press('Shift+ArrowRight');
  await expect.poll(async () => (await actions(app, id))[1]!.cue).toEqual({ on: 'frame', delay: 0.3 });
  await page.keyboard.press('w');
  await expect.poll(async () => (await actions(app, id))[1]).toMatchObject({ tempo: 'sprint' });
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('t');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect.poll(async () => (await actions(app, id))[1]!.cue).toEqual({ on: 'a1', event: 'end' });
  await page.keyboard.press('u');
  await expect.poll(async () => (await actions(app, id))[1]!.cue).toBeUndefined();
});

test('a block and its line on the court light up together; the sheet folds away and stays usable', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/plays/demo-horns-kite`);
  const line = page.locator('[data-part="cut"]').first();
  await expect(line).toHaveAttribute('stroke', 'var(--ink)');
  const pop = page.getByRole('gridcell', { name: /^4 pops/ });
  await pop.hover();
  await expect(line).toHaveAttribute('stroke', 'var(--pen)');
  await page.mouse.move(600, 300);
  await expect(line).toHaveAttribute('stroke', 'var(--ink)');
  await pop.click();
  await expect(page.getByRole('row', { name: /4 pops/ })).toHaveAttribute('aria-selected', 'true');

  await page.getByRole('button', { name: 'Fold the beat sheet' }).click();
  await expect(page.getByTestId('beat-sheet')).toBeHidden();
  await page.getByRole('slider', { name: 'Time in the play' }).press('ArrowRight');
  await page.getByRole('button', { name: 'Unfold the beat sheet' }).click();
  await expect(page.getByTestId('beat-sheet')).toBeVisible();
});

test('a long play is rolled along with the playhead, and seconds are drawn longer and shorter', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/plays/demo-horns-lantern`);
  const roll = page.getByTestId('beat-sheet');
  const width = () => roll.locator('svg').evaluate((e) => e.clientWidth);
  const before = await width();
  await page.getByRole('button', { name: 'Longer seconds' }).click();
  expect(await width()).toBeGreaterThan(before);
  await page.getByRole('slider', { name: 'Time in the play' }).focus();
  for (let i = 0; i < 110; i++) await page.keyboard.press('ArrowRight');
  expect(await roll.evaluate((e) => e.scrollLeft)).toBeGreaterThan(50);
});

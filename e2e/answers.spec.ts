import type { Page } from '@playwright/test';
import { playWith, ROLL, SLIP } from '../core/src/answers/plays.test-data.ts';
import { expect, open, test } from './app.ts';

/** A ball screen with a roll, looked at against a drop. */
const play = (id: string, endings: Parameters<typeof playWith>[1] = []) => ({
  ...playWith(ROLL, endings),
  id,
  name: `Roll ${id}`,
  defences: [
    { id: 'd1', name: 'Drop', type: 'man' as const, onBall: 'drop' as const, help: 'none' as const },
  ],
});
const cell = (page: Page, words: RegExp) => page.getByRole('button', { name: words });
const answers = async (page: Page): Promise<void> => {
  await page.getByRole('tab', { name: /^Answers/ }).click();
  await expect(page.getByRole('status').filter({ hasText: 'answered' })).toBeVisible();
};

test('a hole is shown on the court, a proposed answer tried in one press, and the grid turns', async ({
  page,
  app,
}) => {
  await open(page, app, play('answers-1'));
  await answers(page);
  await cell(page, /^They switch: hole/).click();
  await expect(page.getByText(/^Shown as if they did it: They switch/)).toBeVisible();
  await expect(page.getByTestId('cell')).toContainText('is not open');
  const slip = page.getByRole('button', { name: /^Try it: Slip it/ });
  await slip.hover();
  // In pen over the court, before it is taken.
  await expect(page.locator('#court .line[data-action]').first()).toBeAttached();
  await slip.click();
  await expect(cell(page, /^They switch: answered/)).toBeVisible();
  await expect(page.getByRole('group', { name: 'Endings' })).toContainText('They switch');
  await expect(page.getByTestId('cell')).toContainText('The ending “They switch” is for it.');
  await expect.poll(async () => (await app.play('answers-1')).frames.length).toBe(2);
  // One step back takes it away again.
  await page.locator('#court').press('Control+z');
  await expect(cell(page, /^They switch: hole/)).toBeVisible();
});

test('by keys alone: to the grid, to a hole, to its answer', async ({ page, app }) => {
  await open(page, app, play('answers-2'));
  await page.getByRole('tab', { name: 'Frame' }).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('tab', { name: /^Answers/ })).toHaveAttribute('aria-selected', 'true');
  const under = cell(page, /^x1 goes under: hole/);
  await expect(under).toBeVisible();
  for (let i = 0; i < 20 && !(await under.evaluate((b) => b === document.activeElement)); i++)
    await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  const first = page.getByRole('button', { name: /^Try it: / }).first();
  await expect(first).toBeVisible({ timeout: 15_000 });
  for (let i = 0; i < 30 && !(await first.evaluate((b) => b === document.activeElement)); i++)
    await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await expect(cell(page, /^x1 goes under: (answered|contested)/)).toBeVisible();
});

test('an ending drawn for a reaction is what its cell is judged by', async ({ page, app }) => {
  await open(page, app, play('answers-3', [{ read: { does: 'switch' }, actions: SLIP }]));
  await answers(page);
  await cell(page, /^They switch: answered/).click();
  await expect(page.getByTestId('cell')).toContainText('The ending “They switch” is for it.');
  await expect(page.getByText(/^Worth \d\.\d\d/)).toBeVisible({ timeout: 20_000 });
});

test('against nobody and against a zone it says what is missing', async ({ page, app }) => {
  const { defences: _none, ...bare } = play('answers-4');
  await open(page, app, bare);
  await page.getByRole('tab', { name: /^Answers/ }).click();
  await expect(page.getByText(/^Pick a defence/)).toBeVisible();
});

test('the looks are ordered by keys, and are the coach’s from then on', async ({ page, app }) => {
  const fork = play('answers-5');
  const [first] = fork.frames;
  await open(page, app, {
    ...fork,
    frames: [
      { ...first!, actions: first!.actions.slice(0, -1) },
      {
        id: 'f2',
        parent: 'f1',
        read: { does: 'show' },
        actions: [{ id: 'b1', by: '5', does: 'pass', to: '3' }],
      },
    ],
  });
  const list = page.getByRole('grid', { name: 'Looks in this frame' });
  await expect(list.getByRole('row')).toHaveCount(2);
  await list.getByRole('row').first().focus();
  for (const key of ['ArrowRight', 'Enter']) await page.keyboard.press(key);
  // Taken up, the list shows where it may go: keys before that go nowhere.
  const place = list.locator('[data-drop-target]');
  await expect(place).toHaveCount(1);
  const from = await place.evaluate((e) => [...e.parentElement!.children].indexOf(e));
  await page.keyboard.press('ArrowDown');
  await expect
    .poll(() => place.evaluate((e) => [...e.parentElement!.children].indexOf(e)))
    .toBeGreaterThan(from);
  await page.keyboard.press('Enter');
  await expect
    .poll(async () => (await app.play('answers-5')).frames[0]!.looks?.map((l) => l.player))
    .toEqual(['3', '5']);
  await expect(page.getByText('Your order.')).toBeVisible();
  await page.getByRole('button', { name: 'Read them from the drawing' }).click();
  await expect.poll(async () => (await app.play('answers-5')).frames[0]!.looks).toBeUndefined();
  // One that is not drawn is said.
  await page.getByRole('button', { name: 'Add a look' }).click();
  await page.getByLabel('If what').fill('nothing is there');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(list.getByRole('row', { name: /1 keeps it, if nothing is there/ })).toBeVisible();
});

test('all answers run one after another, each announced, and it ends by itself', async ({ page, app }) => {
  await open(page, app, play('answers-6', [{ read: { does: 'switch' }, actions: SLIP }]));
  await answers(page);
  await page.getByRole('button', { name: 'Play all answers' }).click();
  await expect(page.locator('#court').getByText('As drawn')).toBeVisible();
  await expect(page.locator('#court').getByText('They switch')).toBeVisible({ timeout: 15_000 });
  await expect(page.getByTestId('run')).toContainText('Run', { timeout: 15_000 });
});

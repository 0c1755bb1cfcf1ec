import { playWith, ROLL, SLIP, POP } from '../core/src/answers/plays.test-data.ts';
import { expect, open, test } from './app.ts';

const play = (id: string, actions = ROLL.frames[0]!.slice(0, -1)) => ({
  ...playWith({ ...ROLL, frames: [actions] }, [
    { read: { does: 'switch' }, actions: SLIP },
    { read: { does: 'drop' }, actions: POP },
  ]),
  id,
  name: `Endings ${id}`,
  defences: [
    { id: 'd1', name: 'Drop', type: 'man' as const, onBall: 'drop' as const, help: 'none' as const },
  ],
});

test('how a line ends is said by keys, measured, and the frame that gets there drawn in one press', async ({
  page,
  app,
}) => {
  await open(page, app, play('ends-1'));
  const then = page.getByRole('button', { name: 'How it ends: Then?' });
  await then.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('menuitemradio', { name: 'Nothing is said' })).toHaveAttribute(
    'data-focused',
    'true',
  );
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(
    page.getByText(/^\d\.\d s away: \d has farthest to go, .*, and the ball goes from 5 to 1\.$/),
  ).toBeVisible();
  await expect.poll(async () => (await app.play('ends-1')).frames[0]!.end).toEqual({ reset: 'asDrawn' });
  await page.getByRole('button', { name: 'Draw it' }).click();
  await expect(page.getByText('Everybody is there.')).toBeVisible();
  // How it ends is said where it ends now.
  await expect
    .poll(async () => (await app.play('ends-1')).frames.filter((f) => f.end).map((f) => f.parent))
    .toEqual(['f1']);
});

test('plays that flow into each other are told as a ring, once', async ({ page, app }) => {
  await app.put(
    { ...play('ring-b'), name: 'Ring B', ifNothing: { play: { id: 'ring-a', name: 'Ring A' } } },
    0,
  );
  await open(page, app, { ...play('ring-a'), name: 'Ring A' });
  await page.getByRole('button', { name: 'How it ends: Then?' }).click();
  await page.getByRole('menuitemradio', { name: 'Into Ring B' }).click();
  const ring = page.getByRole('list', { name: 'What follows' });
  await expect(ring).toContainText('Ring A');
  await expect(ring.getByRole('link', { name: 'Ring B' })).toBeVisible();
  await expect(ring).toContainText('Ring A again');
});

test('all endings stand in a tree that is walked and folded by keys; where one is stays in sight', async ({
  page,
  app,
}) => {
  await open(page, app, play('tree-1', ROLL.frames[0] as never));
  const ladder = page.locator('#ladder');
  await expect(ladder).toContainText('As drawn');
  await page.getByRole('button', { name: 'All endings' }).click();
  const tree = page.getByRole('treegrid', { name: 'All endings' });
  await tree.getByRole('row').first().focus();
  const slip = tree.getByRole('row', { name: /^They switch/ });
  for (let i = 0; i < 6 && !(await slip.evaluate((r) => r === document.activeElement)); i++)
    await page.keyboard.press('ArrowDown');
  await expect(slip).toHaveAttribute('aria-expanded', 'false');
  await page.keyboard.press('ArrowRight');
  await expect(slip).toHaveAttribute('aria-expanded', 'true');
  await page.keyboard.press('Enter');
  await expect(ladder.locator('.here')).toContainText('They switch');
  await slip.focus();
  await page.keyboard.press('ArrowLeft');
  await expect(slip).toHaveAttribute('aria-expanded', 'false');
});

test('the looks of all endings lie over one court, numbered at both ends, and on the sheet', async ({
  page,
  app,
}) => {
  const fork = play('looks-1');
  const [first] = fork.frames;
  const ending = (id: string, does: 'show' | 'trap', to: '2' | '3') => ({
    id,
    parent: 'f1',
    read: { does },
    actions: [{ id: `${id}p`, by: '5' as const, does: 'pass' as const, to }],
  });
  await open(page, app, { ...fork, frames: [first!, ending('g', 'show', '3'), ending('h', 'trap', '2')] });
  await page.locator('#court').press('i');
  const looks = page.getByTestId('all-looks');
  await expect(looks.getByText('2', { exact: true })).toHaveCount(2);
  await expect(looks.locator('g[opacity="0.38"]')).not.toHaveCount(0);
  await expect(page.getByTestId('look-marks').getByText('1')).toBeVisible();
  await page.locator('#court').press('i');
  await expect(looks).toHaveCount(0);
});

test('the same play against a zone: what changes is tried, taken or left, and taken back one by one', async ({
  page,
  app,
}) => {
  await open(page, app, play('zone-1', ROLL.frames[0] as never));
  await page.getByRole('tab', { name: 'Play', exact: true }).click();
  await page.getByLabel('Zone version').selectOption('2-3');
  const list = page.getByRole('list', { name: 'What is done otherwise' });
  const block = list.getByRole('button', { name: '5 rolls to the right block.' });
  // By the figures it costs him: it is offered, and not taken unless the coach does.
  await expect(block).toHaveAttribute('aria-pressed', 'false', { timeout: 15_000 });
  await block.click();
  await list.getByRole('button', { name: /in the zone/ }).click();
  await page.getByRole('button', { name: 'Make it' }).click();
  await expect(page.getByRole('heading', { name: 'Endings zone-1 against 2-3' })).toBeVisible();
  const id = new URL(page.url()).pathname.split('/').at(-1)!;
  await page.getByRole('tab', { name: 'Play', exact: true }).click();
  await expect(page.getByRole('link', { name: 'Endings zone-1' })).toBeVisible();
  await page.getByRole('button', { name: "As there: 5's cut is another one." }).click();
  await expect
    .poll(async () => {
      const made = await app.play(id);
      return [made.variantOf?.kind, made.frames[0]!.actions.some((a) => a.does === 'screen' && a.on)];
    })
    .toEqual(['zone', false]);
  await expect(page.getByRole('button', { name: "As there: 5's cut is another one." })).toHaveCount(0);
});

test('against a zone the grid asks who goes at a catch; a play’s card carries what it has', async ({
  page,
  app,
}) => {
  // A verdict is worked out beside everything else, and gives way to it.
  test.setTimeout(100_000);
  await page.goto(`${app.url}/plays/demo-fog-three`);
  await page.getByRole('tab', { name: /^Answers/ }).click();
  await page.getByRole('button', { name: /^x3 goes out: answered/ }).click();
  await expect(page.getByTestId('cell')).toContainText('x3 goes out');
  await app.put(play('card-1'), 0);
  await page.goto(`${app.url}/plays`);
  await page.getByRole('searchbox').fill('card-1');
  await expect(
    page.getByRole('img', { name: /^Against Drop: Answers \d+ of \d+, at worst \d\.\d\d$/ }),
  ).toBeVisible({
    timeout: 60_000,
  });
  await expect(page.getByText(/^Hole: /)).toBeVisible();
});

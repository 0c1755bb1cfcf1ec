import { expect, newPlay, saved, test } from './app.ts';

test('space runs the play to its end; steps, scrubs, and leaves the drawing as it was', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/plays/demo-horns-kite`);
  await page.locator('#court').press(' ');
  await expect(page.getByTestId('run')).toContainText('Stop');
  await expect(page.getByTestId('run')).toContainText('Run', { timeout: 15_000 });
  await expect(page.getByTestId('rung-3')).toHaveAttribute('aria-current', 'step');
  const time = page.getByRole('slider', { name: 'Time in the play' });
  const end = Number(await time.getAttribute('aria-valuemax'));
  expect(Number(await time.getAttribute('aria-valuenow'))).toBe(end);
  await time.press('ArrowLeft');
  expect(Number(await time.getAttribute('aria-valuenow'))).toBeCloseTo(end - 0.1, 5);
  await page.getByRole('button', { name: 'Draw', exact: true }).click();
  await page.locator('#court').press('[');
  await expect(page.getByTestId('rung-2')).toHaveAttribute('aria-current', 'step');
});

test('with reduced motion the play goes by steps and still ends', async ({ page, app }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.goto(`${app.url}/plays/demo-horns-kite`);
  await page.locator('#court').press(' ');
  await expect(page.getByTestId('rung-3')).toHaveAttribute('aria-current', 'step', { timeout: 15_000 });
});

test('a frame deleted while the play runs stops it and breaks nothing', async ({ page, app }) => {
  const errors: string[] = [];
  page.on('pageerror', (e) => errors.push(e.message));
  await page.goto(`${app.url}/plays/demo-low-windmill`);
  await page.getByTestId('run').click();
  await page.getByRole('button', { name: 'Delete this frame' }).click();
  await expect(page.getByTestId('run')).toContainText('Run');
  await expect(page.getByTestId('rung-3')).toBeHidden();
  await page.keyboard.press('Control+z');
  await expect(page.getByTestId('rung-3')).toBeVisible();
  expect(errors).toEqual([]);
});

test('another ending is chosen on the ladder', async ({ page, app }) => {
  await page.goto(`${app.url}/plays/demo-horns-lantern`);
  await page.getByRole('button', { name: 'They switch' }).click();
  await expect(page.getByTestId('rung-4')).toContainText('4 ducks in at the left block');
  await page.getByRole('button', { name: 'x4 shows' }).click();
  await expect(page.getByTestId('rung-4')).toContainText('4 shoots');
});

test('presenting is keys only, and Escape leaves it', async ({ page, app }) => {
  await page.goto(`${app.url}/plays/demo-horns-lantern`);
  await page.getByTestId('rung-1').click();
  await page.keyboard.press('Shift+P');
  const room = page.getByRole('main', { name: 'Presenting Horns Lantern' });
  await expect(room).toContainText('Elbow entry');
  await page.keyboard.press('ArrowRight');
  await expect(room).toContainText('Chase the handoff');
  // Their five stand on the floor as well, until X takes them away.
  await expect(room.locator('[data-part="shield-5"]').first()).toBeVisible();
  await page.keyboard.press('x');
  await expect(room.locator('[data-part="shield-5"]')).toHaveCount(0);
  await page.keyboard.press('x');
  await expect(room.locator('[data-part="shield-5"]').first()).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByTestId('rung-2')).toHaveAttribute('aria-current', 'step');
});

test('names, call, defence, court and numbers of the whole play; a kept version comes back', async ({
  page,
  app,
}) => {
  const id = await newPlay(page, app, 'Whole');
  await page.getByRole('tab', { name: 'Play' }).click();
  await page.getByLabel('Name', { exact: true }).fill('קרן 🏀 <b>x</b>');
  await page.getByLabel('Name', { exact: true }).press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('קרן 🏀 <b>x</b>');
  await page.getByLabel('Call', { exact: true }).fill('Whole');
  await page.getByLabel('Hand signal').fill('Open palm');
  await page.getByRole('button', { name: '2-3', exact: true }).click();
  await page.getByRole('combobox', { name: 'Court' }).selectOption('fiba');
  await page.getByRole('button', { name: 'Swap' }).click();
  await expect(saved(page)).toBeVisible();
  const play = await app.play(id);
  expect(play).toMatchObject({
    call: { word: 'Whole', signal: 'Open palm' },
    against: ['man', '2-3'],
    court: 'fiba',
  });
  expect(play.start.places['3']).toMatchObject({ spot: 'cornerL' });

  await page.getByLabel('Name for the newest version').fill('First draft');
  await page.getByRole('button', { name: 'Name', exact: true }).click();
  await expect(page.getByText('First draft')).toBeVisible();
  await page.getByRole('button', { name: 'Flip left and right' }).click();
  await expect(saved(page)).toBeVisible();
  await page.getByRole('button', { name: 'Look at the version of First draft' }).click();
  await expect(page.getByRole('tabpanel').getByText('Nobody moves yet.')).toBeVisible();
  await page.getByRole('button', { name: 'Bring this version back' }).click();
  await expect.poll(async () => (await app.play(id)).start.places['3']).toMatchObject({ spot: 'cornerL' });
});

test('continuing with another play goes on from the end of the ending shown', async ({ page, app }) => {
  const id = await newPlay(page, app, 'Joined');
  await expect(saved(page)).toBeVisible();
  await page.getByRole('tab', { name: 'Play' }).click();
  await page.getByLabel('Continue with').selectOption({ label: 'Horns Lantern' });
  await expect(page.getByTestId('rung-2')).toBeVisible();
  const other = await app.play('demo-horns-lantern');
  await expect
    .poll(async () => (await app.play(id)).frames.length)
    .toBeGreaterThanOrEqual(other.frames.length);
  await page.keyboard.press('Control+z');
  await expect.poll(async () => (await app.play(id)).frames.length).toBe(1);
});

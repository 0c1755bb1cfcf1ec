import { drag, expect, newPlay, saved, test } from './app.ts';

test('a server killed in the middle of an edit loses nothing', async ({ page, app }) => {
  const id = await newPlay(page, app, 'Power cut');
  await expect(saved(page)).toBeVisible();
  await app.kill();
  await page.getByRole('button', { name: 'Set done' }).click();
  await drag(page, [-21.75, 3.5], [-16.7, 18]);
  await expect(page.getByTestId('save')).toContainText('On this device');
  await app.start();
  await expect(saved(page)).toBeVisible({ timeout: 15_000 });
  expect((await app.play(id)).frames[0]!.actions).toHaveLength(1);
});

test('a change that never reached the server is there after the tab was closed', async ({
  page,
  app,
  context,
}) => {
  const id = await newPlay(page, app, 'Closed tab');
  await expect(saved(page)).toBeVisible();
  await app.kill();
  await page.getByRole('button', { name: 'Set done' }).click();
  await drag(page, [21.75, 3.5], [16.7, 18]);
  await expect(page.getByTestId('save')).toContainText('On this device');
  await page.close();
  await app.start();
  const again = await context.newPage();
  await again.goto(`${app.url}/plays/${id}`);
  await expect(again.getByTestId('rung-1')).toContainText('3 lifts');
  await expect(saved(again)).toBeVisible();
  expect((await app.play(id)).frames[0]!.actions).toHaveLength(1);
});

test('two tabs that change one play are both shown, and both can be kept', async ({ page, app, context }) => {
  const id = await newPlay(page, app, 'Two tabs');
  await expect(saved(page)).toBeVisible();
  const other = await context.newPage();
  await other.goto(`${app.url}/plays/${id}`);
  await expect(saved(other)).toBeVisible();

  await page.getByRole('button', { name: 'Set done' }).click();
  await drag(page, [-21.75, 3.5], [-16.7, 18]);
  await expect(saved(page)).toBeVisible();
  await expect.poll(async () => (await app.play(id)).frames[0]!.actions.length).toBe(1);

  await other.getByRole('button', { name: 'Set done' }).click();
  await drag(other, [21.75, 3.5], [16.7, 18]);
  const alert = other.getByRole('alert', { name: 'Changed elsewhere' });
  await expect(alert).toContainText('Keep yours, take theirs, or keep both');
  await expect(alert.getByText('Yours', { exact: true })).toBeVisible();
  await expect(alert.getByText('Theirs', { exact: true })).toBeVisible();
  await alert.getByRole('button', { name: 'Keep both' }).click();
  await expect(other.getByTestId('rung-1')).toContainText('2 lifts');
  await other.goto(`${app.url}/plays`);
  await expect(other.getByRole('link', { name: 'Open Two tabs (mine)' })).toBeVisible();
});

test('a play that was drawn while the server was away, its tab closed, is in the playbook later', async ({
  app,
  context,
}) => {
  const page = await context.newPage();
  const desk = page.waitForResponse(/\/assets\/Desk-.*\.js$/);
  await page.goto(`${app.url}/plays/new`);
  await page.getByLabel('Name', { exact: true }).fill('Drawn offline');
  await (await desk).finished();
  await page.waitForLoadState('networkidle');
  await app.kill();
  await page.getByRole('button', { name: 'Start drawing' }).click();
  await expect(page.getByTestId('save')).toContainText('On this device');
  await page.close();
  await app.start();
  const later = await context.newPage();
  await later.addInitScript('const now = Date.now; Date.now = () => now() + 60_000;');
  await later.goto(`${app.url}/plays`);
  await expect(later.getByRole('link', { name: 'Open Drawn offline' })).toBeVisible();
});

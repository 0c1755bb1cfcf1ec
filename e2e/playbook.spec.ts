import { expect, newPlay, saved, test } from './app.ts';

test('the demo playbook: search, filter, order', async ({ page, app }) => {
  await page.goto(`${app.url}/plays`);
  await expect(page.getByRole('link', { name: /^Open / }).first()).toBeVisible();
  await page.getByRole('searchbox').fill('lantern');
  await expect(page.getByRole('link', { name: /^Open / })).toHaveCount(1);
  await page.getByRole('searchbox').fill('zzz');
  await expect(page.getByText('No play like that')).toBeVisible();
  await page.getByRole('searchbox').fill('');
  await page.getByRole('button', { name: /^2-3/ }).click();
  await expect(page.getByRole('link', { name: 'Open Lighthouse' })).toBeVisible();
  await page.getByRole('button', { name: /^All/ }).click();
  await page.getByLabel('Order').selectOption('length');
  const times = (await page.locator('article').allTextContents()).map((t) =>
    Number(/([\d.]+) s ·/.exec(t)?.[1]),
  );
  expect(times.length).toBeGreaterThan(5);
  expect(times).toEqual([...times].sort((a, b) => a - b));
});

test('duplicate, copy for the other side, rename, to the trash and back', async ({ page, app }) => {
  const id = await newPlay(page, app, 'Shelf play');
  await expect(saved(page)).toBeVisible();
  await page.goto(`${app.url}/plays`);
  const choose = async (play: string, what: string) => {
    await page.getByRole('button', { name: `More for ${play}`, exact: true }).click();
    await page.getByRole('menuitem', { name: what }).click();
  };
  await page.getByRole('searchbox').fill('shelf');
  await choose('Shelf play', 'Duplicate');
  await expect(page.getByRole('link', { name: 'Open Shelf play (copy)' })).toBeVisible();
  await choose('Shelf play', 'Copy for the other side');
  await expect(page.getByRole('link', { name: 'Open Shelf play (other side)' })).toBeVisible();
  await choose('Shelf play (copy)', 'Rename');
  await page.getByLabel('New name').fill('Shelf second');
  await page.getByLabel('New name').press('Enter');
  await expect(page.getByRole('link', { name: 'Open Shelf second' })).toBeVisible();
  await choose('Shelf play', 'Move to trash');
  await expect(page.getByRole('link', { name: 'Open Shelf play', exact: true })).toHaveCount(0);
  await page.getByRole('button', { name: 'Trash' }).click();
  await choose('Shelf play', 'Put back');
  await page.getByRole('button', { name: 'Trash' }).click();
  await expect(page.getByRole('link', { name: 'Open Shelf play', exact: true })).toBeVisible();
  expect((await app.play(id)).name).toBe('Shelf play');
});

test('an unknown play and an unknown address get a sentence and a way back', async ({ page, app }) => {
  await page.goto(`${app.url}/plays/nothing-here`);
  await expect(page.getByText('This play is not here. It may have been removed for good.')).toBeVisible();
  await page.getByRole('link', { name: 'Back to the playbook' }).click();
  await expect(page.getByRole('link', { name: /^Open / }).first()).toBeVisible();
  await page.goto(`${app.url}/what/ever`);
  await expect(page.getByText('There is nothing at this address')).toBeVisible();
});

test('the audit itself finds planted faults', async ({ page, app }) => {
  const { audit } = await import('./audit.ts');
  await page.goto(`${app.url}/nowhere`);
  await page.evaluate(() => {
    document.body.insertAdjacentHTML(
      'beforeend',
      '<p style="position:fixed;top:300px;left:20px;font-size:9px">tiny</p>' +
        '<p style="position:fixed;top:330px;left:20px;color:#aaa;background:#fff">faint</p>' +
        '<p style="position:fixed;top:360px;left:20px;width:30px;overflow:hidden;white-space:nowrap">cut off here</p>' +
        '<p style="position:fixed;top:400px;left:20px">one above</p><p style="position:fixed;top:404px;left:24px">another</p>' +
        '<p style="position:fixed;top:430px;left:1270px;white-space:nowrap">far outside</p>',
    );
  });
  const found = (await page.evaluate(audit)).join('\n');
  for (const words of [
    /too small: "tiny"/,
    /contrast .*"faint"/,
    /cut off: "cut off here"/,
    /on top of each other: "one above"/,
    /outside the window: "far outside"/,
  ])
    expect(found).toMatch(words);
});

test('a new play from a copy of another', async ({ page, app }) => {
  await page.goto(`${app.url}/plays/new`);
  await page.getByLabel('Name', { exact: true }).fill('Kite, again');
  await page.getByLabel('Start from').selectOption({ label: 'A copy of Horns Kite' });
  await page.getByRole('button', { name: 'Start drawing' }).click();
  await expect(page.getByRole('heading', { name: 'Kite, again' })).toBeVisible();
  await expect(page.getByTestId('rung-3')).toBeVisible();
  await expect(saved(page)).toBeVisible();
});

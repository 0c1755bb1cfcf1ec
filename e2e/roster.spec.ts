import { expect, test } from './app.ts';

test('who can play what: a man is cleared, comes into the five, and is put on a number by hand', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/roster`);
  const sheet = page.getByRole('region', { name: 'Whole call sheet' });
  await expect(sheet.getByText('The five for the whole sheet')).toBeVisible();
  const row = sheet.getByRole('row', { name: /Wraxall/ });
  await expect(sheet.getByText('18 plays')).toBeVisible();
  const column = await sheet.getByRole('columnheader').allTextContents();
  const tide = column.indexOf('Tide 1');
  expect(tide).toBeGreaterThan(0);
  // The row's header is its first cell.
  await expect(row.getByRole('cell').nth(tide - 1)).toHaveText('');
  await page
    .getByRole('region', { name: 'Players' })
    .getByRole('button', { name: /Wraxall/ })
    .click();
  const card = page.getByRole('region', { name: 'Wraxall, Bo' });
  await card.getByLabel('Tide', { exact: true }).selectOption('Cleared');
  await expect(row.getByRole('cell').nth(tide - 1)).toHaveText('5');
  await expect
    .poll(
      async () => (await (await fetch(`${app.url}/api/players`)).text()).match(/"demo-clear-tide"/g)?.length,
    )
    .toBe(13);

  // Out today, he is in no five.
  await card.getByLabel('Today').selectOption('Out');
  for (const cell of await row.getByRole('cell').all()) await expect(cell).toHaveText('');
  await card.getByLabel('Today').selectOption('In');

  // Another man at 3: the five is the coach's own, until the best is asked for again.
  const play = page.getByRole('region', { name: 'One play' });
  const three = play.getByRole('row').nth(3);
  const name = await three.locator('.name').innerText();
  await three.locator('.other').first().click();
  await expect(three.locator('.name')).not.toHaveText(name);
  await play.getByRole('button', { name: 'Best five today' }).click();
  await expect(three.locator('.name')).toHaveText(name);
});

test('a new man is written down by keys, and is there after a reload', async ({ page, app }) => {
  await page.goto(`${app.url}/roster`);
  await page.getByRole('button', { name: 'Player', exact: true }).press('Enter');
  const card = page.getByRole('region', { name: 'New player' });
  await card.getByLabel('Name', { exact: true }).fill('שמעון <b>');
  await page.keyboard.press('Tab');
  const named = page.getByRole('region', { name: 'שמעון <b>' });
  await named.getByLabel('Shirt').fill('00');
  await page.keyboard.press('Tab');
  await named.getByRole('button', { name: '2', exact: true }).press('Space');
  await named.getByLabel('Corner three').selectOption('4.5');
  await expect
    .poll(async () => (await (await fetch(`${app.url}/api/players`)).text()).includes('{"shootCorner":4.5}'))
    .toBe(true);
  await page.reload();
  const list = page.getByRole('region', { name: 'Players' });
  await list.getByRole('button', { name: /שמעון <b>/ }).click();
  await expect(page.getByRole('region', { name: 'שמעון <b>' }).getByLabel('Shirt')).toHaveValue('00');
  await page.getByRole('button', { name: 'Take off the roster' }).click();
  await expect(list.getByRole('button', { name: /שמעון/ })).toHaveCount(0);
  await expect
    .poll(async () => (await (await fetch(`${app.url}/api/players`)).text()).includes('שמעון'))
    .toBe(false);
});

import { readFile } from 'node:fs/promises';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { expect, test } from './app.ts';

/** What stands in a PDF, page by page, read by another library. */
async function textsOf(path: string): Promise<string[]> {
  const doc = await getDocument({ data: new Uint8Array(await readFile(path)), verbosity: 0 }).promise;
  const out: string[] = [];
  for (let i = 1; i <= doc.numPages; i++) {
    const { items } = await (await doc.getPage(i)).getTextContent();
    out.push(items.map((t) => ('str' in t ? t.str : '')).join(' '));
  }
  return out;
}

test('a call sheet is seen as it will be, made, saved, and says what the screen says', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/sheets/demo-sheet-gorsedale`);
  await page.getByRole('link', { name: 'Print this sheet' }).click();
  const shown = page.getByRole('img', { name: 'Page 1 of 1' });
  await expect(shown).toContainText('Quay 4');
  await page.getByRole('button', { name: 'Bench' }).click();
  await page.getByRole('group', { name: 'Hand signals' }).getByRole('button', { name: 'Hide' }).click();
  await expect(page).toHaveURL(/size=bench.*signals=hide/);
  await page.getByRole('button', { name: 'Make the PDF' }).click();
  const made = page.getByRole('list', { name: 'Made lately' }).getByRole('link', { name: /^Save Gorsedale/ });
  // A worker gives way to everything else there is to do.
  await expect(made).toBeVisible({ timeout: 70_000 });
  const [file] = await Promise.all([page.waitForEvent('download'), made.click()]);
  expect(file.suggestedFilename()).toBe('Gorsedale, away, call sheet.pdf');
  const texts = await textsOf(await file.path());
  for (const words of ['Gorsedale, away', 'First trips', 'Quay 4', 'They switch'])
    expect(texts.join(' ')).toContain(words);
  expect(texts.join(' ')).not.toContain('Flat hand');
  await page.getByRole('button', { name: /^Throw away Gorsedale/ }).click();
  await expect(made).toBeHidden();
});

test('from the desk to the sheets of a play, by keyboard alone', async ({ page, app }) => {
  await page.goto(`${app.url}/plays/demo-horns-lantern`);
  await expect(page.getByRole('link', { name: 'Print', exact: true })).toBeVisible();
  await page.keyboard.press('Control+p');
  await expect(page.getByRole('img', { name: 'Page 1 of 1' })).toContainText('Chase the handoff');
  await page.getByLabel('What', { exact: true }).selectOption('Jobs');
  await expect(page.getByRole('img', { name: 'Page 5 of 5' })).toContainText('5 in Horns Lantern');
  await page.getByRole('group', { name: 'Whose' }).getByRole('button', { name: '3' }).press('Enter');
  await expect(page.getByRole('img', { name: 'Page 1 of 1' })).toContainText('3 in Horns Lantern');
  await page.getByLabel('What', { exact: true }).selectOption('Play sheet');
  await page.getByLabel('Play', { exact: true }).selectOption('Choose a play');
  await expect(page.getByRole('alert')).toHaveText('No play was chosen.');
});

import type { Page } from '@playwright/test';
import { expect, newPlay, saved, test } from './app.ts';

const script = (page: Page) => page.getByRole('textbox', { name: 'Script' });
const openScript = async (page: Page): Promise<void> => {
  await page.getByRole('tab', { name: 'Script' }).click();
  await expect(script(page)).toBeVisible();
};
/** The caret at the end of the line that has some words. */
const goTo = async (page: Page, words: string | RegExp): Promise<void> => {
  await script(page).locator('.cm-line').filter({ hasText: words }).first().click();
  await page.keyboard.press('End');
};

test('a play is written and seen drawn; a mend is taken; one undo for what is written and what is drawn', async ({
  page,
  app,
}) => {
  const id = await newPlay(page, app, 'Written');
  await page.getByRole('button', { name: 'Set done' }).click();
  await openScript(page);
  await goTo(page, /^1:/);
  await page.keyboard.type('\n  1 passes to 4');
  await page.keyboard.type('\n2 lifts to left wing, jog, when 4 catches');
  await expect(saved(page)).toBeVisible();
  const [frame] = (await app.play(id)).frames;
  expect(frame!.actions).toMatchObject([
    { by: '1', does: 'pass', to: '4' },
    { by: '2', does: 'cut', kind: 'lift', tempo: 'jog', path: [{ spot: 'wingL' }] },
  ]);
  await expect(page.getByRole('gridcell', { name: /^2 lifts to the left wing/ })).toBeVisible();

  // A word that is none: the court stays as it was, and what may be meant is offered.
  await page.keyboard.type('\n3 cuts to right slott');
  await expect(page.getByText('No place is called “right slott”. Right slot?')).toBeVisible();
  await expect(page.getByText('1 to mend', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'Right slot', exact: true }).click();
  await expect(page.getByText('1 to mend', { exact: false })).toBeHidden();
  await expect(page.getByRole('gridcell', { name: /^3 cuts to the right slot/ })).toBeVisible();

  // What is drawn is written.
  await page.locator('#court').focus();
  for (const key of ['5', 'C', 'r', 'w', 'Enter']) await page.keyboard.press(key);
  await expect(script(page).getByText(/^\s*5 cuts to right wing/)).toBeVisible();
  // Undo takes back what was drawn, then what was written.
  await page.keyboard.press('Control+z');
  await expect(script(page).getByText(/^\s*5 cuts/)).toBeHidden();
  await script(page).focus();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('gridcell', { name: /^3 cuts to the right slot/ })).toBeHidden();
  await page.keyboard.press('Control+y');
  await expect(page.getByRole('gridcell', { name: /^3 cuts to the right slot/ })).toBeVisible();
});

test('what may stand next is taken by key; the line of the caret is lit on the court, and the other way round', async ({
  page,
  app,
}) => {
  await newPlay(page, app, 'Next words');
  await page.getByRole('button', { name: 'Set done' }).click();
  await openScript(page);
  await goTo(page, /^1:/);
  await page.keyboard.type('\n1 pas');
  const next = page.getByRole('group', { name: 'Next' });
  await expect(next.getByRole('button', { name: /^passes/ })).toBeVisible();
  await page.keyboard.press('Tab');
  await expect(next.getByRole('button', { name: /^to 2/ })).toBeVisible();
  await next.getByRole('button', { name: /^to 4/ }).click();
  await page.keyboard.type('\n2 cuts to nail');
  const cut = page.getByRole('gridcell', { name: /^2 cuts.* to the nail/ });
  await expect(cut).toBeVisible();
  await goTo(page, '1 passes to 4');
  await expect(page.getByRole('gridcell', { name: /^1 passes to 4/ })).toHaveAttribute(
    'aria-selected',
    'true',
  );
  await cut.click();
  await expect(script(page).locator('.cm-lit')).toHaveText(/2 cuts to nail/);
  // By keys alone one gets out of it again.
  await script(page).focus();
  await page.keyboard.press('Escape');
  await page.keyboard.press('Tab');
  await expect(script(page)).not.toBeFocused();
});

test('a line that can’t be read yet and a comment are there again after a reload', async ({ page, app }) => {
  await newPlay(page, app, 'Half written');
  await page.getByRole('button', { name: 'Set done' }).click();
  await openScript(page);
  await goTo(page, /^1:/);
  await page.keyboard.type('\n1 passes to 4 # early\n3 dives som');
  await expect(page.getByText('1 to mend', { exact: false })).toBeVisible();
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await openScript(page);
  await expect(script(page)).toContainText('1 passes to 4 # early');
  await expect(script(page)).toContainText('3 dives som');
});

test('a sentence in the command box is drawn; a frame is copied as it is written and pasted into another play', async ({
  page,
  app,
}) => {
  await newPlay(page, app, 'Spoken');
  await page.getByRole('button', { name: 'Set done' }).click();
  await page.locator('#court').press('Control+k');
  const box = page.getByRole('dialog', { name: 'Find' }).getByRole('combobox');
  await box.fill('2 cuts to the left slott');
  await expect(
    page.getByRole('dialog').getByText('No place is called “left slott”. Left slot?'),
  ).toBeVisible();
  await box.fill('1 passes to 4, 2 cuts to the left slot');
  await expect(page.getByRole('dialog').getByRole('button', { name: 'Draw it' })).toBeVisible();
  await box.press('Enter');
  await expect(page.getByRole('gridcell', { name: /^2 cuts to the left slot/ })).toBeVisible();

  const id = await newPlay(page, app, 'Takes it');
  await page.getByRole('button', { name: 'Set done' }).click();
  const text = '# Spoken, from frame 1\n\n1: Again\n  1 passes to 5\n  3 cuts to rim, when 5 catches\n';
  await page.locator('#court').evaluate((court, said) => {
    const data = new DataTransfer();
    data.setData('text/plain', said);
    court.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
    );
  }, text);
  await expect(page.getByTestId('rung-2')).toBeVisible();
  await expect(saved(page)).toBeVisible();
  expect((await app.play(id)).frames[1]).toMatchObject({
    title: 'Again',
    actions: [{ does: 'pass' }, { does: 'cut' }],
  });
});

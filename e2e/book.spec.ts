import type { Play } from '@corkscrew/core';
import type { Page } from '@playwright/test';
import { expect, test, type App } from './app.ts';

/** A play from horns: 1 passes to 4, then somebody of its own goes. */
function drawn(id: string, name: string, by: '3' | '5'): Play {
  const place = (x: number, y: number) => ({ x, y });
  return {
    ...{ format: 'corkscrew-play', version: 2, id, name, court: 'nfhs', level: 'highSchool' },
    ...{ against: ['man'], situation: ['afterTimeout'] },
    start: {
      places: {
        '1': place(0, 26.5),
        '2': place(-22, 3.5),
        '3': place(22, 3.5),
        '4': place(-6, 19),
        '5': place(6, 19),
      },
      ball: '1',
    },
    frames: [
      { id: 'f1', parent: null, actions: [{ id: 'a1', by: '1', does: 'pass', to: '4' }] },
      {
        id: 'f2',
        parent: 'f1',
        actions: [
          { id: 'a2', by, does: 'cut', path: [place(0, 8)] },
          { id: 'a3', by: '4', does: 'pass', to: by },
          { id: 'a4', by, does: 'shot' },
        ],
      },
    ],
    defences: [{ id: 'd1', name: 'Drop', type: 'man' }],
  } as Play;
}

/** What the focus is on, as it is read aloud. */
const focused = (page: Page): Promise<string> =>
  page.evaluate(() => {
    const on = document.activeElement;
    const by = on?.getAttribute('aria-labelledby')?.split(' ') ?? [];
    return [on, ...by.map((id) => document.getElementById(id))].map((e) => e?.ariaLabel ?? '').join(' ');
  });

const both = async (app: App, one: string, two: string): Promise<void> => {
  const id = `${Date.now()}`;
  await app.put(drawn(`a${id}`, one, '3'), 0);
  await app.put(drawn(`b${id}`, two, '5'), 0);
};

test('a series by choosing several: how long they look alike, and who can tell them apart', async ({
  page,
  app,
}) => {
  await both(app, 'Heron one', 'Heron two');
  await page.goto(`${app.url}/plays`);
  await page.getByRole('searchbox').fill('heron');
  await page.getByText('Choose several').click();
  await page.getByRole('button', { name: 'Choose Heron one' }).click();
  await page.getByRole('button', { name: 'Choose Heron two' }).click();
  // What was done to several is undone for all of them.
  await page.getByLabel('Standing').selectOption({ label: 'Retired' });
  await expect(page.locator('article', { hasText: 'Retired' })).toHaveCount(2);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.locator('article', { hasText: 'Retired' })).toHaveCount(0);
  await expect(page.getByText('2 plays chosen')).toBeVisible();
  await page.getByLabel('Put them in a series').fill('Heron');
  await page.getByLabel('Put them in a series').press('Enter');
  await page.getByRole('link', { name: 'See the series' }).click();
  await expect(page.getByRole('heading', { name: 'Heron', exact: true })).toBeVisible();
  // Compared beside the server a moment after they were saved.
  await expect(
    page.getByRole('heading', { name: /2 plays, one start: all look alike for \d\.\d s/ }),
  ).toBeVisible({
    timeout: 30_000,
  });
  await expect(page.getByText(/\d\.\d s: x[35] can tell Heron one and Heron two apart/)).toBeVisible();
  // By keys from picture to picture, and into the play.
  const first = page.getByRole('link', { name: /Frame 1 of Heron one, Heron two/ });
  await first.focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.locator(':focus')).toHaveAttribute('aria-label', /Frame 2 of Heron (one|two)/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: /^Heron (one|two)$/ })).toBeVisible();

  // Another word for the series is another word for its plays.
  await page.goto(`${app.url}/series?of=Heron`);
  await page.getByLabel('Word of the series').fill('Egret');
  await page.getByLabel('Word of the series').press('Enter');
  await expect(page.getByRole('heading', { name: 'Egret', exact: true })).toBeVisible();
  await page.goto(`${app.url}/plays`);
  await page.getByLabel('Order').selectOption('series');
  await expect(page.getByRole('heading', { name: 'Egret' })).toBeVisible();
});

test('a call sheet by the pointer and by keys; what stands out is told; the bench runs a call without a server', async ({
  page,
  app,
}) => {
  await both(app, 'Plover one', 'Plover two');
  await page.goto(`${app.url}/sheets`);
  await page.getByRole('button', { name: 'New sheet' }).first().click();
  await page.getByLabel('Name of the sheet').fill('Gorsedale away');
  await page.getByLabel('Name of the sheet').press('Enter');
  const plays = page.getByRole('grid', { name: 'Plays' });
  const part = (name: string) => page.getByRole('grid', { name, exact: true });
  await page.getByRole('searchbox').fill('plover');

  // With the pointer.
  await plays.getByRole('row', { name: /Plover one/ }).dragTo(part('First trips'));
  await expect(part('First trips').getByRole('row', { name: /Plover one/ })).toBeVisible();
  // By keys: taken, carried to the second need, put down.
  await plays.getByRole('row').first().focus();
  for (let i = 0; i < 3 && !/Plover two/.test(await focused(page)); i++)
    await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Tab');
  await expect(plays.getByRole('button', { name: 'Drag Plover two' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect.poll(() => focused(page)).toMatch(/Drop|Insert/);
  for (let i = 0; i < 8 && !/Need a three/.test(await focused(page)); i++) await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await expect(part('Need a three').getByRole('row', { name: /Plover two/ })).toBeVisible();
  // Added with one press to the part that was used last; twice is told.
  await part('Need a three').getByLabel('Note on Plover two').fill('from the left');
  await plays.getByRole('button', { name: 'Add Plover two to Need a three' }).click();
  await expect(page.getByText('Plover two stands twice under Need a three.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('Nothing stands out.')).toBeVisible();
  // One ending of a play.
  const answer = page.getByLabel('Ending of Quay 4', { exact: true });
  await page.getByRole('searchbox').fill('quay 4');
  await plays.getByRole('button', { name: 'Add Quay 4 to Need a three' }).click();
  await answer.selectOption({ label: 'They switch' });
  // Filled by what is needed.
  await page.getByLabel('Filled by').nth(2).fill('plover');
  await page.getByLabel('Filled by').nth(2).press('Enter');
  await page.getByRole('button', { name: 'Fill Late clock' }).click();
  await expect(part('Late clock').getByRole('row')).toHaveCount(2);

  await page.getByRole('searchbox').fill('plover');
  await page.getByRole('link', { name: 'For the bench' }).click();
  await expect(
    page.getByRole('main', { name: /^Bench/ }).getByRole('button', { name: /Quay 4/ }),
  ).toContainText('They switch');
  await expect(page.getByRole('button', { name: /Plover one/ }).first()).toContainText('s');
  await expect
    .poll(async () => (await (await fetch(`${app.url}/api/sheets`)).text()).includes('from the left'))
    .toBe(true);
  await page.route('**/api/**', (route) => route.abort());
  await page
    .getByRole('button', { name: /Plover two/ })
    .first()
    .click();
  await expect(page.getByRole('main', { name: 'Watching Plover two' })).toBeVisible();
  await page.getByRole('button', { name: 'Run' }).click();
  await expect(page.getByRole('button', { name: 'Stop' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: /Plover one/ }).first()).toBeVisible();
});

test('a play by need: what was understood stands on chips, the best first with its reasons', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/plays`);
  await page.getByRole('searchbox').fill('under the basket');
  await expect(page.getByRole('status').filter({ hasText: 'Best first' })).toContainText('Under the basket');
  await expect(page.getByRole('link', { name: /^Open / })).toHaveCount(2);
  await expect(page.getByRole('link', { name: 'Open Gull 1' })).toBeVisible();
  // Nothing has all of it: what comes near says what it lacks.
  await page.getByRole('searchbox').fill('under the basket, against 1-3-1');
  await expect(page.getByText('No play has all of that. These lack one thing:')).toBeVisible();
  await expect(page.locator('article', { hasText: 'Gull 1' })).toContainText('Not drawn for 1-3-1');
});

test('two plays beside each other, and a version beside the play as it is now', async ({ page, app }) => {
  await both(app, 'Dunlin one', 'Dunlin two');
  await page.goto(`${app.url}/compare`);
  await page.getByLabel('The first play').selectOption({ label: 'Dunlin one' });
  await page.getByLabel('The second play').selectOption({ label: 'Dunlin two' });
  const frame = (n: string) => page.getByRole('group', { name: `Frames ${n}` });
  await expect(frame('1 and 1')).toContainText('The same');
  await expect(frame('2 and 2')).toContainText(/Left 3 /);
  await expect(frame('2 and 2')).toContainText(/Right 5 /);
  await expect(page.getByRole('img', { name: 'Beat sheets of Dunlin one and Dunlin two' })).toBeVisible();

  const id = `v${Date.now()}`;
  const play = drawn(id, 'Stint', '3');
  const put = (revision: number, sitting: string, document: Play) =>
    fetch(`${app.url}/api/plays/${id}`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ revision, sitting, document }),
    });
  await put(0, 'one', play);
  const other = { ...drawn(id, 'Stint', '5') };
  await put(1, 'two', other);
  await page.goto(`${app.url}/plays/${id}`);
  await page.getByRole('tab', { name: 'Play', exact: true }).click();
  await page.getByRole('button', { name: /^Look at the version/ }).click();
  await page.getByRole('link', { name: 'Compare with now' }).click();
  await expect(frame('1 and 1')).toContainText('The same');
  await expect(frame('2 and 2')).toContainText(/Left 3 /);
});

test('Ctrl K finds a play and a command from anywhere, what was used lately first', async ({ page, app }) => {
  await page.goto(`${app.url}/zone`);
  await expect(page.getByRole('heading').first()).toBeVisible();
  await page.keyboard.press('Control+k');
  await expect(page.getByRole('combobox', { name: /^A play, a call/ })).toBeFocused();
  await page.keyboard.type('lant');
  const found = page.getByRole('listbox', { name: 'Found' }).getByRole('option', { name: /Horns Lantern/ });
  await expect(found).toHaveAttribute('aria-selected', 'true');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Horns Lantern' })).toBeVisible();
  await page.keyboard.press('/');
  await expect(page.getByRole('combobox', { name: /^A play, a call/ })).toBeFocused();
  await expect(found).toBeVisible();
  await page.keyboard.type('present');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('main', { name: 'Presenting Horns Lantern' })).toBeVisible();
});

test('a team word is renamed: captions, endings and findings speak it, plain words are a press away', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/words`);
  await page.getByRole('button', { name: 'Ours', exact: true }).click();
  await page.getByLabel('Find a word').fill('roll');
  const word = page.getByLabel('Our word for roll', { exact: true });
  await expect(word).toHaveValue('billow');
  await word.fill('breaker');
  await word.press('Enter');
  await expect
    .poll(async () => (await (await fetch(`${app.url}/api/words`)).text()).includes('breaker'))
    .toBe(true);
  await page.goto(`${app.url}/plays/demo-pilot-five`);
  await expect(page.getByTestId('rung-3')).toContainText('5 breakers to the rim');
  await expect(page.getByRole('button', { name: 'Tow', exact: true })).toBeVisible();
  // A finding, and the chip of an ending.
  const rename = async (plain: string, ours: string) => {
    await page.goto(`${app.url}/words`);
    await page.getByLabel('Find a word').fill(plain);
    const field = page.getByLabel(`Our word for ${plain}`, { exact: true });
    await field.fill(ours);
    await field.press('Enter');
    await expect
      .poll(async () => (await (await fetch(`${app.url}/api/words`)).text()).includes(ours))
      .toBe(true);
  };
  await rename('corner', 'mooring');
  await page.goto(`${app.url}/plays/demo-shoal-six`);
  await page.getByRole('tab', { name: /^Walk-through/ }).click();
  await expect(page.getByText(/The far side is soft at the left mooring/)).toBeVisible();
  await rename('help from the weak corner', 'heave');
  await page.goto(`${app.url}/plays/demo-pilot-five`);
  await expect(page.getByRole('button', { name: 'Heave', exact: true })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Tow', exact: true })).toHaveCount(0);
  await rename('help from the weak corner', 'tow');
  // Found by either word.
  await page.keyboard.press('Control+k');
  await expect(page.getByRole('combobox', { name: /^A play, a call/ })).toBeFocused();
  await page.keyboard.type('breaker');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Our word for roll', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Plain', exact: true }).click();
  await page.goto(`${app.url}/plays/demo-pilot-five`);
  await expect(page.getByTestId('rung-3')).toContainText('5 rolls to the rim');
});

test('clashes: told with the part that carries, mended with a word that is free, kept with a reason', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/words`);
  const panel = page.getByRole('region', { name: 'Clashes' });
  await panel.getByRole('button', { name: 'toe and tow sound the same' }).click();
  await expect(panel.getByText('Nobody can tell them apart by ear.')).toBeVisible();
  await panel.getByText('For toe:').locator('..').getByRole('button').first().click();
  await expect(panel.getByRole('button', { name: 'toe and tow sound the same' })).toHaveCount(0);
  await panel.getByRole('button', { name: 'lee means two things' }).click();
  await panel.getByRole('button', { name: 'Keep it' }).click();
  await panel.getByLabel('Why it is kept').fill('One is called, one is only taught');
  await panel.getByLabel('Why it is kept').press('Enter');
  await expect(panel.getByText(/One is called, one is only taught/)).toBeVisible();
});

test('words come in as a table, all or none, and go out as one', async ({ page, app }) => {
  await page.goto(`${app.url}/words`);
  const open = async (name: string, text: string) => {
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Take in a table' }).click();
    await (await chooser).setFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
  };
  await open('broken.csv', 'standard,word\ncut.flash,"glint\n');
  await expect(
    page.getByText(/^broken\.csv: .*quotation mark is opened and not closed\. None was taken\.$/),
  ).toBeVisible();
  await open('words.csv', 'standard,means,word\ncut.flash,,glint\n,go to the baseline,<b>sand</b>\n');
  await expect(page.getByText('2 words were taken.')).toBeVisible();
  await expect(page.getByLabel('Our word for flash')).toHaveValue('glint');
  await expect(page.getByLabel('Our word for go to the baseline')).toHaveValue('<b>sand</b>');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Give out a table' }).click();
  expect((await download).suggestedFilename()).toBe('words.csv');
});

import type { Player } from '@corkscrew/core';
import { expect, test } from './app.ts';

test('who can play what: a man is cleared, comes into the five, and is put on a number by hand', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/roster?sheet=demo-sheet-gorsedale`);
  const sheet = page.getByRole('region', { name: 'Whole call sheet' });
  await expect(sheet.getByText('The five for the whole sheet')).toBeVisible();
  const row = sheet.getByRole('row', { name: /Wraxall/ });
  // Plays come one by one: where Tide stands is looked for anew each time. The row's header is its first cell.
  const inTide = async (): Promise<string | null> => {
    const at = (await sheet.getByRole('columnheader').allTextContents()).indexOf('Tide 1');
    return at < 1
      ? null
      : row
          .getByRole('cell')
          .nth(at - 1)
          .innerText();
  };
  await expect.poll(inTide).toBe('');
  await page
    .getByRole('region', { name: 'Players' })
    .getByRole('button', { name: /Wraxall/ })
    .click();
  const card = page.getByRole('region', { name: 'Wraxall, Bo' });
  await card.getByLabel('Tide', { exact: true }).selectOption('Cleared');
  await expect.poll(inTide).toBe('5');
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
  await page.goto(`${app.url}/roster?sheet=demo-sheet-gorsedale`);
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

test('a clearance of the team’s own bars whoever has not got it', async ({ page, app }) => {
  await page.goto(`${app.url}/roster?sheet=demo-sheet-gorsedale`);
  const sheet = page.getByRole('region', { name: 'Whole call sheet' });
  await expect(sheet.getByRole('columnheader', { name: 'Moor 0' })).toBeVisible();
  await page.getByRole('button', { name: 'Clearances' }).click();
  const panel = page.getByRole('region', { name: 'Clearances' });
  await panel.getByRole('button', { name: 'Another one' }).click();
  const own = panel.getByRole('listitem').filter({ has: page.getByRole('group', { name: /New clearance/ }) });
  await own.getByLabel('In which play').selectOption('Moor 0');
  // Nobody has it yet: the play has no five.
  await expect(sheet.getByText('Moor 0: nobody there can play 1')).toBeVisible();
  // One press clears who is nearest; the other numbers still wait for theirs.
  const one = page.getByRole('region', { name: 'One play' });
  await one.getByLabel('Which play').selectOption('Moor 0');
  await expect(one.getByText('Nobody there is cleared for it: New clearance.').first()).toBeVisible();
  await one.getByRole('button', { name: 'Clear Ostrander, who is nearest' }).first().click();
  await expect(one.getByText('Somebody can: a five waits for the others.').first()).toBeVisible();
  await own.getByRole('button', { name: 'Take away New clearance' }).click();
  await expect(sheet.getByText('Moor 0: nobody there can play 1')).toHaveCount(0);
  await expect
    .poll(async () => (await (await fetch(`${app.url}/api/clearances`)).text()).includes('New clearance'))
    .toBe(false);
});

test('a list comes in, all or none, and goes out as one', async ({ page, app }) => {
  await page.goto(`${app.url}/roster?sheet=demo-sheet-gorsedale`);
  const list = page.getByRole('region', { name: 'Players' });
  await expect(list.getByRole('button', { name: /Ostrander/ })).toBeVisible();
  const open = async (name: string, text: string) => {
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Bring in a list' }).click();
    await (await chooser).setFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
  };
  await open('men.csv', 'name,plays\nLongstaff,2\nPetty,7\n');
  await expect(
    page.getByText('men.csv: Line 3: “7” under “plays” is no number from 1 to 5. None was taken.'),
  ).toBeVisible();
  await expect(list.getByRole('button', { name: /Longstaff/ })).toHaveCount(0);
  await open('men.csv', 'name,shirt,plays,corner three\n"Longstaff, Ned",3,2 3,4\n"Ostrander, Wim",,1,2.5\n');
  await expect(page.getByText('1 new, 1 changed.')).toBeVisible();
  await expect(page.getByText('Longstaff, Ned and Ostrander, Wim both have shirt 3.')).toBeVisible();
  await expect(list.getByRole('button', { name: /Longstaff, Ned.*plays 2 and 3/ })).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Give it out' }).click();
  expect((await download).suggestedFilename()).toBe('players.csv');
});

test('a player who asks for it is erased: pressed twice, gone from the list and from the server', async ({
  page,
  app,
}) => {
  const him = {
    ...{ jersey: '77', name: 'Birtwhistle, Ned', plays: ['3'], hand: 'right', speed: 1 },
    ...{ skills: {}, cleared: [], out: [] },
  };
  await fetch(`${app.url}/api/players/e2e-ned`, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ revision: 0, sitting: 'e2e', body: him }),
  });
  await page.goto(`${app.url}/roster?sheet=demo-sheet-gorsedale`);
  const list = page.getByRole('region', { name: 'Players' });
  await list.getByRole('button', { name: /Birtwhistle/ }).click();
  await page.getByRole('button', { name: 'Erase', exact: true }).click();
  await page.getByRole('button', { name: 'Erase for good, with all kept versions' }).click();
  await expect(list.getByRole('button', { name: /Birtwhistle/ })).toHaveCount(0);
  await expect
    .poll(async () =>
      (await (await fetch(`${app.url}/api/players/e2e-ned/versions`)).text()).includes('Birtwhistle'),
    )
    .toBe(false);
});

test('who must be on the floor and who are not there together change the five', async ({ page, app }) => {
  await page.goto(`${app.url}/roster?sheet=demo-sheet-gorsedale`);
  const sheet = page.getByRole('region', { name: 'Whole call sheet' });
  const five = sheet.getByRole('listitem').filter({ hasText: 'The five for the whole sheet' });
  await expect(five).toBeVisible();
  await sheet.getByText('Who must, and who not together').click();
  await sheet.getByLabel('On the floor whatever comes').selectOption('Applegarth');
  await expect(five.getByRole('paragraph').first()).toContainText('Applegarth');
  await sheet.getByLabel('Not together: who').selectOption('Applegarth');
  await sheet.getByLabel('Not together: with whom').selectOption('Sandmere');
  await expect(five.getByRole('paragraph').first()).not.toContainText('Sandmere');
  await sheet.getByRole('button', { name: 'Applegarth need not be on the floor' }).click();
  await sheet.getByRole('button', { name: 'Applegarth and Sandmere may be together' }).click();
  await expect(five.getByRole('paragraph').first()).toContainText('Sandmere');
});

test('a continuity tells who comes where in a later turn, and a weak hand is offered the other side', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/roster?sheet=demo-sheet-gorsedale&play=demo-tide-one`);
  const beside = page.getByRole('region', { name: 'Beside the five' });
  await expect(beside).toContainText("Kettlewell (2) has 1's job on turn 2: not cleared: Pins in Tide.");
  await expect(beside).toContainText('May change places, their jobs ask the same: 3 and 5.');
  const play = page.getByRole('region', { name: 'One play' });
  // What a fit is made of is behind its blocks.
  await play
    .getByLabel(/of 5: what it is made of/)
    .first()
    .click();
  await expect(play.getByText(/screening 1 × 0\.\d/).first()).toBeVisible();
  await page.goto(`${app.url}/roster?sheet=demo-sheet-gorsedale&play=demo-pilot-five`);
  await expect(play.getByText(/drives (left|right), the weak hand/)).toBeVisible();
  await expect(play.getByRole('button', { name: 'draw it for the other side' })).toBeVisible();
});

test('a five is kept as a lineup, taken again in another play, and thrown away', async ({ page, app }) => {
  await page.goto(`${app.url}/roster?sheet=demo-sheet-gorsedale&play=demo-quay-four`);
  const play = page.getByRole('region', { name: 'One play' });
  const one = play.getByRole('row').nth(1).locator('.name');
  await play.getByRole('row').nth(1).locator('.other').first().click();
  const name = await one.innerText();
  await play.getByRole('button', { name: 'Keep as a lineup' }).click();
  await play.getByLabel('Name of the lineup').fill('Small five');
  await play.getByLabel('Name of the lineup').press('Enter');
  const kept = async () =>
    (await (await fetch(`${app.url}/api/lineups`)).json()) as { body: { name: string } }[];
  await expect
    .poll(async () => (await kept()).map((l) => l.body.name).sort())
    .toEqual(['First five', 'Small five']);
  await page.goto(`${app.url}/roster?sheet=demo-sheet-gorsedale&play=demo-bell-two`);
  await play.getByLabel('Lineup', { exact: true }).selectOption('Small five');
  await expect(one).toHaveText(name);
  await play.getByRole('button', { name: 'Throw it away' }).click();
  await expect.poll(async () => (await kept()).map((l) => l.body.name)).toEqual(['First five']);
});

test('the men on the floor change what a play is worth, and nobody named leaves it as it was', async ({
  page,
  app,
}) => {
  // How tall and how fast they are is written on the sheet for the game.
  await page.goto(`${app.url}/sheets/demo-sheet-gorsedale`);
  await page.getByText('Their five', { exact: true }).click();
  const five = page.getByRole('group', { name: 'x5', exact: true });
  await five.getByLabel('Height, cm').fill('208');
  await five.getByLabel('Height, cm').press('Tab');
  await expect
    .poll(async () => (await (await fetch(`${app.url}/api/opponents`)).text()).includes('"heightCm":208'))
    .toBe(true);

  await page.goto(`${app.url}/plays/demo-horns-lantern`);
  await page.getByRole('tab', { name: 'Defence' }).click();
  await page.getByRole('button', { name: 'Switch everything' }).click();
  const shown = page.getByRole('tabpanel');
  const worth = async () => (await shown.innerText()).match(/\d\.\d\d/g)?.join(' ') ?? '';
  await expect.poll(worth).not.toBe('');
  await page.getByLabel('Our five').selectOption('First five');
  await expect(page.getByText('First five', { exact: true }).first()).toBeVisible();
  await page.getByLabel('Their five').selectOption('Gorsedale');
  await expect(page.getByText('First five v Gorsedale')).toBeVisible();
  await page.getByRole('tab', { name: /Walk-through/ }).click();
  await expect(page.getByText(/After the switch x5 is on \d, who is \d+ % faster/).first()).toBeVisible();
  await page.getByRole('tab', { name: 'Defence' }).click();
  await page.getByLabel('Our five').selectOption('Nobody named');
  await page.getByLabel('Their five').selectOption('Nobody named');
  await expect(page.getByText('First five v Gorsedale')).toHaveCount(0);
  await page.getByRole('tab', { name: /Walk-through/ }).click();
  await expect(page.getByText(/After the switch x5/)).toHaveCount(0);
});

test('the list is written in place by keys, sorted, narrowed, and what can’t be read is said', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/roster`);
  await page.getByRole('button', { name: 'Table', exact: true }).click();
  const names = () =>
    page
      .locator('td[data-of="name"] input')
      .evaluateAll((all) => all.map((i) => (i as HTMLInputElement).value));
  await page.getByRole('button', { name: 'Screening' }).click();
  await expect(page.getByRole('columnheader', { name: 'Screening' })).toHaveAttribute(
    'aria-sort',
    'descending',
  );
  await expect.poll(async () => (await names())[0]).toBe('Oxenbridge, Gil');

  const cell = page.getByLabel('Screening of Oxenbridge, Gil');
  await cell.fill('7');
  await cell.press('Enter');
  await expect(page.getByRole('status')).toContainText('“7” under “screening” is no figure from 0 to 5');
  await expect(cell).toHaveValue('5');
  // Written, the row stays where it is until the order is asked for again.
  await cell.fill('1.5');
  await cell.press('ArrowDown');
  await expect(page.getByLabel('Screening of Wraxall, Bo')).toBeFocused();
  expect((await names())[0]).toBe('Oxenbridge, Gil');
  const screens = async () =>
    ((await (await fetch(`${app.url}/api/players`)).json()) as { id: string; body: Player }[]).find(
      (p) => p.id === 'demo-player-33',
    )?.body.skills.screen;
  await expect.poll(screens).toBe(1.5);
  await cell.fill('5');
  await cell.press('Enter');
  await expect.poll(screens).toBe(5);

  await page.getByLabel('Number').selectOption('Plays 1');
  await expect.poll(names).toHaveLength(3);
  await page.getByRole('textbox', { name: 'Find' }).fill('KETTLE');
  await expect.poll(names).toEqual(['Kettlewell, Dov']);
  await page.getByRole('button', { name: 'Card of Kettlewell, Dov' }).click();
  await expect(page.getByRole('region', { name: 'Kettlewell, Dov' })).toBeVisible();
});

test('a clearance has its day and what it was seen by; days away are written down, backward ones are told', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/roster?sheet=demo-sheet-gorsedale`);
  await page
    .getByRole('region', { name: 'Players' })
    .getByRole('button', { name: /Applegarth/ })
    .click();
  const card = page.getByRole('region', { name: 'Applegarth, Ike' });
  const him = async (): Promise<Player> =>
    ((await (await fetch(`${app.url}/api/players`)).json()) as { id: string; body: Player }[]).find(
      (p) => p.id === 'demo-player-10',
    )!.body;
  const tide = card.getByRole('listitem').filter({ has: page.getByLabel('Tide', { exact: true }) });
  await tide.getByText(/^since/).click();
  await tide.getByLabel('Tide: since', { exact: true }).fill('2026-10-05');
  await tide.getByLabel('Seen by').fill('8 of 8 live');
  await tide.getByLabel('Seen by').press('Tab');
  await expect
    .poll(async () => (await him()).cleared.find((c) => c.clearance === 'demo-clear-tide'))
    .toEqual({ clearance: 'demo-clear-tide', level: 'game', since: '2026-10-05', evidence: '8 of 8 live' });

  await card.getByText(/^Away or spared/).click();
  await card.getByRole('button', { name: 'Another time' }).click();
  await card.getByLabel('From').fill('2026-12-20');
  await expect(card.getByRole('alert')).toContainText('It can’t be over');
  await card.getByLabel('To, if known').fill('2026-12-27');
  await card.getByLabel('From').fill('2026-12-20');
  await card.locator('.away select').selectOption('Limited');
  await expect
    .poll(async () => (await him()).out)
    .toEqual([{ from: '2026-12-20', to: '2026-12-27', as: 'limited' }]);
  await expect(card.getByLabel('Today')).toHaveValue('in');
  await card.getByRole('button', { name: 'Take away 2026-12-20' }).click();
  await expect.poll(async () => (await him()).out).toEqual([]);
});

import { editAll, newPlay as blank } from '@corkscrew/core';
import { clickFloor, drag, expect, newPlay, saved, test } from './app.ts';

test('a four-frame play with every verb, by the pointer, is the same after a reload', async ({
  page,
  app,
}) => {
  const id = await newPlay(page, app, 'Pointer play');
  await page.getByRole('button', { name: 'Set done' }).click();

  // Frame 1: drag the ball to 4 at the left elbow for a pass; drag 2 up from the corner for a cut.
  await drag(page, [1.3, 25.6], [-6, 19]);
  await drag(page, [-21.75, 3.5], [-16.7, 18]);
  await page.getByRole('button', { name: 'Next frame' }).first().click();

  // Frame 2: 5 screens for 3 (picked by verb and man), 4 fakes, 3 comes to the top, 4 hands off to him.
  await clickFloor(page, 6, 19);
  await page.getByRole('button', { name: /Screen/ }).click();
  await clickFloor(page, 21.75, 3.5);
  await drag(page, [21.75, 3.5], [-3.5, 22.2]);
  await clickFloor(page, -6, 19);
  await page.getByRole('button', { name: /Fake/ }).click();
  await page.locator('#court').press('Enter');
  await page.getByRole('button', { name: /Hand off/ }).click();
  await page.locator('#court').press('3');
  await page.locator('#court').press('Enter');
  await page.getByRole('button', { name: 'Next frame' }).first().click();

  // Frame 3: 3 dribbles to the right elbow; 5 seals; 1 holds.
  await drag(page, [-3.5, 22.2], [6, 19]);
  await clickFloor(page, 0, 26.5);
  await page.getByRole('button', { name: /Hold/ }).click();
  await page.locator('#court').press('5');
  await page.getByRole('button', { name: /Seal/ }).click();
  await clickFloor(page, 7, 7.5);
  await page.getByRole('button', { name: 'Next frame' }).first().click();

  // Frame 4: 3 shoots.
  await page.locator('#court').press('3');
  await page.getByRole('button', { name: /Shoot/ }).click();

  await expect(saved(page)).toBeVisible();
  const play = await app.play(id);
  expect(play.frames).toHaveLength(4);
  const verbs = play.frames.flatMap((f) => f.actions.map((a) => a.does));
  for (const verb of ['pass', 'cut', 'screen', 'fake', 'handoff', 'dribble', 'hold', 'seal', 'shot'] as const)
    expect(verbs).toContain(verb);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Pointer play' })).toBeVisible();
  await expect(page.getByTestId('rung-4')).toBeVisible();
  expect(await app.play(id)).toEqual(play);

  await page.getByRole('tab', { name: /Walk-through/ }).click();
  await expect(page.getByText(/checks found nothing/)).toBeVisible();

  // Found in the playbook.
  await page.getByRole('link', { name: 'Playbook', exact: true }).click();
  await page.getByRole('searchbox').fill('pointer');
  await expect(page.getByRole('link', { name: 'Open Pointer play' })).toBeVisible();
});

test('a play by keyboard alone', async ({ page, app }) => {
  const id = await newPlay(page, app, 'Keyboard play');
  const keys = async (...list: string[]) => {
    for (const k of list) await page.keyboard.press(k);
  };
  await page.locator('#court').focus();
  await keys('1', 'p', '4', 'Enter');
  await keys('1', 'c', 'r', 's', 'Enter');
  await keys('n');
  await keys('4', 'd', 'n', 'Enter');
  await keys('5', 's', '3', 'ArrowUp', 'Enter');
  await keys('3', 'c', 'r', 'w', 'Enter');
  await keys('n');
  await keys('4', 'f');
  await expect(saved(page)).toBeVisible();
  const play = await app.play(id);
  expect(play.frames.map((f) => f.actions.map((a) => `${a.by} ${a.does}`))).toEqual([
    ['1 pass', '1 cut'],
    ['4 dribble', '5 screen', '3 cut'],
    ['4 shot'],
  ]);
  expect(play.frames[0]!.actions[1]).toMatchObject({ path: [{ spot: 'slotR' }] });

  // Undo everything is the start; redo brings it back.
  for (let i = 0; i < 8; i++) await keys('Control+z');
  await expect(page.getByTestId('rung-1')).toContainText('Nobody has moved yet');
  for (let i = 0; i < 8; i++) await keys('Control+Shift+z');
  await expect(page.getByTestId('rung-3')).toContainText('4 shoots');
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await expect(page.getByTestId('rung-3')).toContainText('4 shoots');
  expect(await app.play(id)).toEqual(play);
});

test('lines are bent, moved and deleted; findings are told and taken back', async ({ page, app }) => {
  const id = await newPlay(page, app, 'Bent');
  await page.locator('#court').press('2');
  await page.locator('#court').press('c');
  for (const k of ['t', 'Enter']) await page.keyboard.press(k);
  await expect(page.getByTestId('rung-1')).toContainText('2');
  // 1 stands at the top too: two in one place.
  await page.getByRole('tab', { name: /Walk-through/ }).click();
  await expect(page.getByRole('button', { name: /^1 and 2 stand in one place/ })).toBeVisible();
  await page.getByRole('tab', { name: 'Frame' }).click();
  await page.getByRole('row', { name: /2 cuts/ }).click();
  const end = page.locator('[data-handle="end"]');
  await expect(end).toBeVisible();
  await drag(page, [0, 26.5], [-8.5, 24.8]);
  await drag(page, [-15.1, 14.2], [-8, 9]);
  await expect
    .poll(async () => (await app.play(id)).frames[0]!.actions[0])
    .toMatchObject({ path: [{}, { spot: 'slotL' }] });
  await page.getByRole('button', { name: 'Delete this action' }).click();
  await expect.poll(async () => (await app.play(id)).frames[0]!.actions).toHaveLength(0);
});

test('a baseline throw-in is set before the first frame; tempo and screen angle by key; order by dragging', async ({
  page,
  app,
}) => {
  const id = await newPlay(page, app, 'Throw-in', 'Box');
  await page.getByLabel('Who has the ball').selectOption('1');
  await page.getByLabel('How it starts').selectOption('baseline');
  await page.getByRole('button', { name: 'Set done' }).click();
  const court = page.locator('#court');
  for (const k of ['5', 's', '2', 'Enter', '2', 'c', 'r', 'w', 'Enter', '1', 'p', '2', 'Enter'])
    await court.press(k);
  await page.getByRole('tab', { name: /Walk-through/ }).click();
  await expect(page.getByText(/checks found nothing/)).toBeVisible();
  await page.getByRole('tab', { name: 'Frame' }).click();
  await page.getByRole('row', { name: /2 / }).nth(1).click();
  await court.press('w');
  await expect
    .poll(async () => (await app.play(id)).frames[0]!.actions[1])
    .toMatchObject({ by: '2', tempo: 'sprint' });
  await page.getByRole('row', { name: /^5 / }).click();
  await court.press('.');
  await expect.poll(async () => (await app.play(id)).frames[0]!.actions[0]).toHaveProperty('angle');

  const rows = page.getByRole('grid', { name: 'Actions in this frame' }).getByRole('row');
  await rows.nth(2).dragTo(rows.nth(0), { targetPosition: { x: 60, y: 2 } });
  await expect
    .poll(async () => (await app.play(id)).frames[0]!.actions.map((a) => a.does))
    .toEqual(['pass', 'screen', 'cut']);
});

test('endings that start from the set stand on the ladder, and each can be drawn on', async ({
  page,
  app,
}) => {
  const set = blank({
    id: 'from-the-set',
    name: 'From the set',
    court: 'nfhs',
    level: 'pro',
    alignment: 'horns',
    ball: '1',
  });
  const made = editAll(set, [
    { do: 'addAction', frame: 'f1', action: { by: '1', does: 'pass', to: '4' } },
    { do: 'addFrame', after: null, fork: true, read: { does: 'deny', who: ['x4'] } },
  ]);
  if (!made.ok) throw new Error(made.sentence);
  await app.put(made.play, 0);
  await page.goto(`${app.url}/plays/from-the-set`);
  await expect(page.getByText('From the set, by what they do:')).toBeVisible();
  await expect(page.getByRole('button', { name: 'As drawn', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await page.getByRole('button', { name: 'x4 denies' }).click();
  await expect(page.getByTestId('rung-1')).toContainText('Nobody has moved yet');
  await drag(page, [-21.75, 3.5], [-16.7, 18]);
  await expect(saved(page)).toBeVisible();
  expect((await app.play('from-the-set')).frames.map((f) => [f.parent, f.actions.length])).toEqual([
    [null, 1],
    [null, 1],
  ]);
});

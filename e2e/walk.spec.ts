import { expect, newPlay, saved, test } from './app.ts';

test('a finding is jumped to, measured on the court and mended in one tap', async ({ page, app }) => {
  await newPlay(page, app, 'Crowded');
  for (const k of ['2', 'c', 'l', 's', 'Enter', 'n', '1', 'z', '1', 'z'])
    await page.locator('#court').press(k);
  await page.getByRole('tab', { name: /Walk-through/ }).click();
  const finding = page.getByRole('button', { name: /^1 and 2 are .* apart/ });
  await finding.click();
  await expect(finding).toHaveAttribute('aria-expanded', 'true');
  await expect(page.getByTestId('court').getByText(/^\d+ ft/)).toBeVisible();
  await page.getByRole('button', { name: /^Move 2 to the left wing/ }).click();
  await expect(finding).toBeHidden();
  await page.keyboard.press('Control+z');
  await expect(finding).toBeVisible();
});

test('a cut is delayed, a cue tied, the finding goes away, and the play is watched', async ({
  page,
  app,
}) => {
  const id = await newPlay(page, app, 'In time');
  for (const k of ['2', 'c', 'l', 'w', 'Enter', '1', 'p', '2', 'Enter'])
    await page.locator('#court').press(k);
  await page.getByRole('tab', { name: /Walk-through/ }).click();
  const early = page.getByRole('button', { name: /^The ball is there .* before 2/ });

  // The pass is called at once, and the cut sent later: the ball comes too soon.
  const [cut, pass] = [page.locator('[data-block="a1"]'), page.locator('[data-block="a2"]')];
  await pass.focus();
  for (let i = 0; i < 5; i++) await page.keyboard.press('Shift+ArrowLeft');
  await cut.focus();
  for (let i = 0; i < 4; i++) await page.keyboard.press('Shift+ArrowRight');
  await expect(early).toBeVisible();
  await expect(page.getByTestId('rung-1').getByRole('img', { name: /^The ball is there/ })).toBeVisible();

  // Tied to the end of the cut, it is in time.
  await page.keyboard.press('t');
  await page.keyboard.press('ArrowUp');
  await expect(pass).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(early).toBeHidden();
  await expect
    .poll(async () => (await app.play(id)).frames[0]!.actions[1]?.cue)
    .toEqual({ on: 'a1', event: 'end' });
  await expect
    .poll(async () => (await app.play(id)).frames[0]!.actions[0]?.cue)
    .toMatchObject({ on: 'frame' });

  await page.locator('#court').press(' ');
  await expect(page.getByTestId('run')).toContainText('Stop');
  await expect(page.getByTestId('run')).toContainText('Run', { timeout: 15_000 });
});

test('a cue and a change of pace are set in fields as well', async ({ page, app }) => {
  const id = await newPlay(page, app, 'By fields');
  for (const k of ['2', 'c', 'l', 'w', 'Enter', '3', 'c', 'r', 'w', 'Enter'])
    await page.locator('#court').press(k);
  await page.getByRole('row', { name: /3 lifts/ }).click();
  await page
    .getByRole('combobox', { name: 'Waits for' })
    .selectOption({ label: '1: 2 lifts to the left wing' });
  await page.getByLabel('Until it').selectOption('at 0.5');
  await page.getByLabel('Then seconds more').fill('0.4');
  await page.getByLabel('Then seconds more').press('Enter');
  await page.getByLabel('But first').selectOption('walk');
  await page.getByRole('combobox', { name: 'Over', exact: true }).selectOption('0.75');
  await expect
    .poll(async () => (await app.play(id)).frames[0]!.actions[1])
    .toMatchObject({
      cue: { on: 'a1', event: 'at', at: 0.5, delay: 0.4 },
      stretches: [{ to: 0.75, tempo: 'walk' }],
    });
  await page.getByRole('combobox', { name: 'Waits for' }).selectOption('');
  await expect.poll(async () => (await app.play(id)).frames[0]!.actions[1]?.cue).toBeUndefined();
});

test('a finding is silenced with a reason, stays silent after a reload, and can be told again', async ({
  page,
  app,
}) => {
  const id = await newPlay(page, app, 'Quiet');
  for (const k of ['1', 'z', '5', 's', '3', 'Enter']) await page.locator('#court').press(k);
  await page.getByRole('tab', { name: /Walk-through/ }).click();
  const finding = page.getByRole('button', { name: /^Nobody uses 5's screen/ });
  await finding.click();
  await page.getByRole('button', { name: 'Leave it' }).click();
  await page.getByLabel('Why it may stay').fill('A decoy');
  await page.getByRole('button', { name: 'Silence' }).click();
  await expect(finding).toBeHidden();
  await expect(page.getByRole('button', { name: '1 silenced' })).toBeVisible();
  await expect(saved(page)).toBeVisible();
  await expect.poll(async () => (await app.play(id)).silenced?.[0]?.reason).toBe('A decoy');
  await page.reload();
  await page.getByRole('tab', { name: /Walk-through/ }).click();
  await page.getByRole('button', { name: '1 silenced' }).click();
  await expect(page.getByText('Silenced: A decoy')).toBeVisible();
  await finding.click();
  await page.getByRole('button', { name: 'Tell me again' }).click();
  await expect(page.getByRole('button', { name: /silenced/ })).toBeHidden();
});

test('figures stand beside those of the other plays; gaps are named and measured', async ({ page, app }) => {
  await page.goto(`${app.url}/plays/demo-tide-one`);
  await page.getByRole('tab', { name: /Walk-through/ }).click();
  const figures = page.getByRole('region', { name: 'Figures' });
  await expect(figures).toContainText('Longest pass');
  await expect(figures).toContainText(/Each beside your other \d+ plays/);
  await expect(figures.getByRole('row')).toHaveCount(6);
  await page.getByRole('button', { name: 'Gaps', exact: true }).click();
  await expect(
    page
      .getByTestId('court')
      .getByText(/^(single|double|triple) · \d+ ft$/)
      .first(),
  ).toBeVisible();
});

test('what the team teaches is measured by, on every play', async ({ page, app }) => {
  await newPlay(page, app, 'Boards');
  for (const k of ['1', 'f']) await page.locator('#court').press(k);
  await expect(saved(page)).toBeVisible();
  await page.getByRole('tab', { name: /Walk-through/ }).click();
  const few = page.locator('.say', { hasText: 'near the boards when the shot comes off; you send 5' });
  await expect(page.getByText(/checks found nothing/)).toBeVisible();
  await page.getByRole('link', { name: 'What we teach' }).click();
  await page.getByLabel('Sent to the boards').fill('5');
  await page.getByLabel('Sent to the boards').press('Enter');
  await page.goBack();
  await expect(few).toBeVisible();
  await page.reload();
  await page.getByRole('tab', { name: /Walk-through/ }).click();
  await expect(few).toBeVisible();
  await page.getByRole('link', { name: 'What we teach' }).click();
  await page.getByRole('button', { name: 'As most schools do' }).click();
  await page.goBack();
  await expect(page.getByText(/checks found nothing/)).toBeVisible();
  await expect(few).toBeHidden();
});

import { expect, newPlay, saved, test } from './app.ts';

test('a finding is jumped to, measured on the court and mended in one tap', async ({ page, app }) => {
  await page.goto(`${app.url}/plays/demo-horns-kite`);
  await page.getByRole('tab', { name: /Walk-through/ }).click();
  const finding = page.getByRole('button', { name: /^1 and 4 are .* apart/ });
  await finding.click();
  await expect(finding).toHaveAttribute('aria-expanded', 'true');
  await expect(page.getByTestId('court').getByText(/^\d+ ft/)).toBeVisible();
  await page.getByRole('button', { name: /^Move 4 to the/ }).click();
  await expect(finding).toBeHidden();
  await page.keyboard.press('Control+z');
  await expect(finding).toBeVisible();
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
  await page.goto(`${app.url}/plays/demo-five-out-tide`);
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
  await page.goto(`${app.url}/plays/demo-low-windmill`);
  await page.getByRole('tab', { name: /Walk-through/ }).click();
  const few = page.getByRole('button', { name: /near the boards when the shot comes off/ });
  await expect(few).toBeVisible();
  await page.getByText('What we teach').click();
  await page.getByLabel('Sent to the boards').fill('1');
  await page.getByLabel('Sent to the boards').press('Enter');
  await expect(few).toBeHidden();
  await page.reload();
  await page.getByRole('tab', { name: /Walk-through/ }).click();
  await expect(page.getByText(/checks found nothing/)).toBeVisible();
  await expect(few).toBeHidden();
  await page.getByText('What we teach').click();
  await page.getByRole('button', { name: 'As most schools do' }).click();
  await expect(few).toBeVisible();
});

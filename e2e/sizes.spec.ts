import type { CDPSession, Page } from '@playwright/test';
import { drag, expect, newPlay, onScreen, saved, test } from './app.ts';

/** A finger from one place to another, as the browser gets it from a touch screen. */
async function swipe(finger: CDPSession, page: Page, from: [number, number], to: [number, number]) {
  const [a, b] = [await onScreen(page, ...from), await onScreen(page, ...to)];
  const send = (type: 'touchStart' | 'touchMove' | 'touchEnd', touchPoints: { x: number; y: number }[]) =>
    finger.send('Input.dispatchTouchEvent', { type, touchPoints });
  await send('touchStart', [a]);
  for (let i = 1; i <= 6; i++)
    await send('touchMove', [{ x: a.x + ((b.x - a.x) * i) / 6, y: a.y + ((b.y - a.y) * i) / 6 }]);
  await send('touchEnd', []);
}

test.describe('a tablet', () => {
  test.use({ viewport: { width: 820, height: 1180 }, hasTouch: true });

  test('a play is drawn by finger, its panel opened, its frames gone through', async ({ page, app }) => {
    const id = await newPlay(page, app, 'On the floor');
    await page.getByRole('button', { name: 'Set done' }).tap();
    const finger = await page.context().newCDPSession(page);
    await swipe(finger, page, [0.75, 25.4], [-6, 19]);
    await swipe(finger, page, [-21.75, 3.5], [-16.9, 18]);
    await page.getByRole('button', { name: 'Next frame' }).first().tap();
    await swipe(finger, page, [6, 19], [-5, 18]);
    await expect
      .poll(async () => (await app.play(id)).frames.map((f) => f.actions.map((a) => `${a.by} ${a.does}`)))
      .toEqual([['1 pass', '2 cut'], ['5 screen']]);
    // The verb row reads the stroke anew.
    await page.getByRole('toolbar', { name: 'What 5 does' }).getByRole('button', { name: /Cut/ }).tap();
    await expect.poll(async () => (await app.play(id)).frames[1]!.actions[0]!.does).toBe('cut');
    // A man who is held tells what he can do; two fingers take it back, three bring it again.
    const actions = async () => (await app.play(id)).frames[1]!.actions.map((a) => `${a.by} ${a.does}`);
    const tap = async (...fingers: [number, number][]) => {
      const touchPoints = await Promise.all(
        fingers.map(async (p, i) => ({ id: i, ...(await onScreen(page, ...p)) })),
      );
      await finger.send('Input.dispatchTouchEvent', {
        type: 'touchStart',
        touchPoints: touchPoints.slice(0, 1),
      });
      await finger.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints });
      await finger.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
    };
    const at = await onScreen(page, 21.75, 3.5);
    await finger.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: [at] });
    const menu = page.getByRole('menu', { name: 'What to do with it' });
    await expect(menu).toBeVisible();
    await finger.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
    await menu.getByRole('menuitem', { name: /^Cut/ }).tap();
    const spot = await onScreen(page, 12, 26);
    await page.touchscreen.tap(spot.x, spot.y);
    await expect.poll(actions).toEqual(['5 cut', '3 cut']);
    await tap([-16, 26], [-10, 28]);
    await expect.poll(actions).toEqual(['5 cut']);
    await tap([-16, 26], [-10, 28], [-20, 30]);
    await expect.poll(actions).toEqual(['5 cut', '3 cut']);
    await page.getByRole('button', { name: /^Walk-through/ }).tap();
    await expect(page.getByRole('tab', { name: /Walk-through/ })).toHaveAttribute('aria-selected', 'true');
    await page.getByRole('button', { name: 'Close the panel' }).tap();
    await page.getByTestId('rung-1').tap();
    await expect(page.getByTestId('rung-1')).toHaveAttribute('aria-current', 'step');
    for (const name of ['Run', 'Present', 'Undo', 'Answer what they do after this frame'])
      expect(
        (await page.getByRole('button', { name, exact: true }).first().boundingBox())!.height,
      ).toBeGreaterThan(28);
  });
});

test.describe('a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('watches every ending, chosen by hand; a finger changes nothing', async ({ page, app }) => {
    await page.goto(`${app.url}/plays/demo-horns-lantern`);
    const court = page.getByTestId('court');
    await expect(court).toBeVisible();
    const before = await app.play('demo-horns-lantern');
    expect((await court.boundingBox())!.width).toBeGreaterThan(380);
    const p = await onScreen(page, -21.75, 3.5);
    await page.touchscreen.tap(p.x, p.y);
    await expect(page.locator('.strip p')).toContainText('1 passes to 4 at the left elbow');
    await page.getByRole('button', { name: 'They switch', exact: true }).tap();
    await expect(page.getByRole('button', { name: 'They switch', exact: true })).toHaveAttribute(
      'aria-pressed',
      'true',
    );
    await page.getByTestId('run').tap();
    await expect(page.getByTestId('run')).toHaveText(/Stop/);
    await page.waitForTimeout(400);
    expect(await app.play('demo-horns-lantern')).toEqual(before);
  });

  test('presents with controls for the thumb, on another ending, and leaves', async ({ page, app }) => {
    await page.goto(`${app.url}/plays/demo-horns-lantern`);
    await page.getByRole('button', { name: 'Present' }).tap();
    await page.getByRole('button', { name: 'Next frame' }).tap();
    await page.getByRole('button', { name: 'They switch', exact: true }).tap();
    await page.getByRole('button', { name: 'Turn the court over' }).tap();
    await page.getByRole('button', { name: 'Leave' }).tap();
    await expect(page.getByRole('button', { name: 'They switch', exact: true })).toHaveAttribute(
      'aria-pressed',
      'true',
    );
  });
});

test.describe('a phone on its side', () => {
  test.use({ viewport: { width: 844, height: 390 }, hasTouch: true });

  test('watches as well: all of the floor is there, and a finger changes nothing', async ({ page, app }) => {
    await page.goto(`${app.url}/plays/demo-horns-lantern`);
    const court = page.getByTestId('court');
    await expect(court).toBeVisible();
    const before = await app.play('demo-horns-lantern');
    const { y, height } = (await court.boundingBox())!;
    expect(height).toBeGreaterThan(300);
    expect(y + height).toBeLessThanOrEqual(390);
    await swipe(await page.context().newCDPSession(page), page, [-21.75, 3.5], [-10, 15]);
    await page.getByRole('button', { name: 'They switch', exact: true }).tap();
    await page.getByTestId('rung-2').tap();
    await expect(page.locator('.strip p')).toContainText('4 hands off to 3');
    await page.getByTestId('run').tap();
    await page.waitForTimeout(400);
    expect(await app.play('demo-horns-lantern')).toEqual(before);
    await page.getByRole('button', { name: 'Present' }).tap();
    const words = (await page.locator('aside .words').boundingBox())!;
    expect(words.x).toBeGreaterThan(500);
    await page.getByRole('button', { name: 'Leave' }).tap();
    await expect(court).toBeVisible();
  });
});

test('a reload and the way back from another room return to the same ending, frame and instant', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/plays/demo-horns-lantern`);
  await page.getByRole('button', { name: 'They switch', exact: true }).click();
  await page.getByTestId('rung-2').click();
  const slider = page.getByRole('slider', { name: 'Time in the play' });
  await slider.focus();
  for (let i = 0; i < 7; i++) await page.keyboard.press('ArrowRight');
  const at = await slider.getAttribute('aria-valuenow');
  await expect(page).toHaveURL(/frame=.*at=/);
  await page.reload();
  await expect(page.getByRole('button', { name: 'They switch', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await expect(page.getByTestId('rung-2')).toHaveAttribute('aria-current', 'step');
  await expect(slider).toHaveAttribute('aria-valuenow', at!);
  await page.getByRole('link', { name: 'Zone' }).click();
  await expect(page.getByRole('heading', { name: 'Zone room' })).toBeVisible();
  await page.goBack();
  await expect(slider).toHaveAttribute('aria-valuenow', at!);
  await expect(page.getByRole('button', { name: 'They switch', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
});

test('with the server away the playbook shows what this device has, and since when', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/plays`);
  await expect(page.getByRole('link', { name: /^Open / }).first()).toBeVisible();
  await page.route('**/api/**', (route) => route.abort());
  await page.getByRole('link', { name: 'Zone' }).click();
  // What was asked for a moment ago is not asked again.
  await page.waitForTimeout(2200);
  await page.getByRole('link', { name: 'Playbook', exact: true }).click();
  await expect(page.getByRole('alert')).toContainText(/Shown is what this device had at \d/);
  await expect(page.getByRole('link', { name: /^Open / }).first()).toBeVisible();
  await page.unroute('**/api/**');
  await expect(page.getByRole('alert')).toHaveCount(0, { timeout: 12_000 });
});

test('what goes to the trash can be had back at once', async ({ page, app }) => {
  await newPlay(page, app, 'To the bin');
  await page.goto(`${app.url}/plays`);
  await page.getByRole('searchbox').fill('to the bin');
  await page.getByRole('button', { name: 'More for To the bin' }).click();
  await page.getByRole('menuitem', { name: 'Move to trash' }).click();
  await expect(page.getByText('To the bin is in the trash.')).toBeVisible();
  await expect(page.getByRole('link', { name: 'Open To the bin' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: 'Open To the bin' })).toBeVisible();
});

test('settings: what a new play starts with, a floor of our own, and the keys of letters', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/settings`);
  // The server answers late, and sooner to what was said last: nothing that was said is lost.
  const late = [300, 20, 150, 10];
  await page.route('**/api/team', async (route) => {
    const response = await route.fetch();
    await new Promise((on) => setTimeout(on, late.shift() ?? 0));
    await route.fulfill({ response });
  });
  await page.getByRole('combobox', { name: /^Court/ }).selectOption('fiba');
  await page.getByRole('combobox', { name: /^Speeds of/ }).selectOption('women');
  await page.getByRole('button', { name: 'Make one' }).click();
  await page.getByRole('region', { name: 'Our own floor' }).getByLabel('Name').fill('Old gym');
  await page.getByLabel('Width of the lane, ft').fill('10');
  await page.keyboard.press('Enter');
  await page.getByLabel('Three-point arc, from the rim, ft').fill('99');
  await page.keyboard.press('Enter');
  await expect(page.getByText('From 12 to 30.')).toBeVisible();
  await expect(page.getByRole('combobox', { name: /^Court/ })).toHaveValue('custom');
  await expect(page.getByTestId('save')).toHaveText('Saved');
  await page.unroute('**/api/team');
  const id = await newPlay(page, app, 'In the old gym');
  await expect(saved(page)).toBeVisible();
  expect(await app.play(id)).toMatchObject({
    court: 'custom',
    women: true,
    customCourt: { base: 'nfhs', name: 'Old gym', changes: { laneWidth: 10 } },
  });
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.goto(`${app.url}/settings`);
  await page.getByText('Single letters and numbers are commands').click();
  await page.goto(`${app.url}/plays/${id}`);
  await page.locator('#court').press('2');
  await expect(page.getByRole('button', { name: /^2, ours/ })).toHaveAttribute('aria-pressed', 'false');
  await page.goto(`${app.url}/settings`);
  await page.getByRole('button', { name: 'Take our own floor away' }).click();
  await expect(page.getByRole('combobox', { name: /^Court/ })).toHaveValue('nfhs');
});

test('a menu on a man, a line and a frame; frames are dragged and copied', async ({ page, app }) => {
  const id = await newPlay(page, app, 'By menu');
  await page.getByRole('button', { name: 'Set done' }).click();
  const man = page.locator('[data-player="2"] .hit');
  await man.click({ button: 'right' });
  await page.getByRole('menuitem', { name: /^Cut/ }).click();
  await page.keyboard.type('rs');
  await page.keyboard.press('Enter');
  await page.keyboard.press(']');
  await drag(page, [0.75, 25.4], [-6, 19]);
  await page.locator('[data-block="a1"] .body').click({ button: 'right' });
  await page.getByRole('menuitem', { name: /^Copy/ }).click();
  await page.getByTestId('rung-2').click({ button: 'right' });
  await page.getByRole('menuitem', { name: /^Paste after it/ }).click();
  await expect
    .poll(async () => (await app.play(id)).frames.map((f) => f.actions.map((a) => `${a.by} ${a.does}`)))
    .toEqual([['2 cut'], ['1 pass', '2 cut']]);
  const [first, second] = [page.getByTestId('rung-1'), page.getByTestId('rung-2')];
  const [a, b] = [(await first.boundingBox())!, (await second.boundingBox())!];
  await page.mouse.move(a.x + 60, a.y + 20);
  await page.mouse.down();
  await page.mouse.move(b.x + 60, b.y + b.height - 8, { steps: 6 });
  await page.mouse.up();
  await expect
    .poll(async () => (await app.play(id)).frames.map((f) => f.actions.map((x) => `${x.by} ${x.does}`)))
    .toEqual([['1 pass', '2 cut'], ['2 cut']]);
});

import type { CDPSession } from '@playwright/test';
import { expect, newPlay, onScreen, test } from './app.ts';

test.use({ hasTouch: true });

/** A finger from one place to another, as the browser gets it from a touch screen. */
async function swipe(
  finger: CDPSession,
  from: { x: number; y: number },
  to: { x: number; y: number },
): Promise<void> {
  const send = (type: 'touchStart' | 'touchMove' | 'touchEnd', points: { x: number; y: number }[]) =>
    finger.send('Input.dispatchTouchEvent', { type, touchPoints: points });
  await send('touchStart', [from]);
  for (let i = 1; i <= 6; i++)
    await send('touchMove', [
      { x: from.x + ((to.x - from.x) * i) / 6, y: from.y + ((to.y - from.y) * i) / 6 },
    ]);
  await send('touchEnd', []);
}

test('drawn by finger: a man dragged over the floor; a man, a verb and a place tapped; a block delayed', async ({
  page,
  app,
}) => {
  const id = await newPlay(page, app, 'By finger');
  await page.getByRole('button', { name: 'Set done' }).tap();
  const finger = await page.context().newCDPSession(page);
  await swipe(finger, await onScreen(page, -21.75, 3.5), await onScreen(page, -16.9, 18));
  await expect
    .poll(async () => (await app.play(id)).frames[0]!.actions)
    .toMatchObject([{ by: '2', does: 'cut', path: [{ spot: 'wingL' }] }]);

  const tap = async (x: number, y: number) => {
    const p = await onScreen(page, x, y);
    await page.touchscreen.tap(p.x, p.y);
  };
  await tap(6, 19);
  await page.getByRole('button', { name: /Screen/ }).tap();
  await tap(21.75, 3.5);
  await expect
    .poll(async () => (await app.play(id)).frames[0]!.actions[1])
    .toMatchObject({ by: '5', does: 'screen', for: '3' });

  const block = (await page.locator('[data-block="a1"] .body').boundingBox())!;
  const at = { x: block.x + block.width / 2, y: block.y + 8 };
  await swipe(finger, at, { x: at.x + 60, y: at.y });
  await expect.poll(async () => (await app.play(id)).frames[0]!.actions[0]?.cue?.on).toBe('frame');
});

import { test as base, expect, type Locator, type Page } from '@playwright/test';
import type { Play, StoredPlay } from '@corkscrew/core';
import { freePort } from '../scripts/src/cluster.ts';
import { ServerProcess } from '../scripts/src/faults/server-process.ts';

/** The app under test. */
export class App extends ServerProcess {
  /** Saves a play as somebody on another device would. */
  async put(play: Play, revision: number): Promise<void> {
    const r = await fetch(`${this.url}/api/plays/${play.id}`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ revision, sitting: 'e2e', document: play }),
    });
    expect(r.status).toBe(200);
  }

  async play(id: string): Promise<Play> {
    const stored = (await (await fetch(`${this.url}/api/plays/${id}`)).json()) as StoredPlay;
    return stored.document as Play;
  }
}

/** The demo team has words of its own: what tests read is plain, until one says otherwise. */
const PLAIN = JSON.stringify({
  state: { down: false, mirrored: false, letters: true, ours: false },
  version: 0,
});

export const test = base.extend<object, { app: App }>({
  context: async ({ context }, use) => {
    await context.addInitScript((plain) => {
      const key = 'corkscrew.preferences';
      if (!localStorage.getItem(key)) localStorage.setItem(key, plain);
    }, PLAIN);
    await use(context);
  },
  app: [
    async ({}, use, worker) => {
      // Each browser beside the others has a server and a database of its own.
      const mine = worker.parallelIndex;
      const database = process.env.E2E_DATABASE_URLS!.split(' ')[mine]!;
      const app = new App(await freePort(4700 + 40 * mine), database);
      await app.start();
      await use(app);
      await app.kill('SIGTERM');
    },
    { scope: 'worker' },
  ],
});
export { expect };

/** Where a point of the floor (feet) is on the screen. */
export async function onScreen(page: Page, x: number, y: number): Promise<{ x: number; y: number }> {
  return page.getByTestId('court').evaluate(
    (svg: SVGSVGElement, p) => {
      // Fifty feet of floor and four on either side, however large they are drawn.
      const feet = svg.viewBox.baseVal.width / 58;
      const at = new DOMPoint((p.x + 29) * feet, (p.y + 4) * feet).matrixTransform(svg.getScreenCTM()!);
      return { x: at.x, y: at.y };
    },
    { x, y },
  );
}

/** Drags with the real pointer from one place of the floor to another. */
export async function drag(
  page: Page,
  from: readonly [number, number],
  to: readonly [number, number],
): Promise<void> {
  const a = await onScreen(page, ...from);
  const b = await onScreen(page, ...to);
  await page.mouse.move(a.x, a.y);
  await page.mouse.down();
  await page.mouse.move((a.x + b.x) / 2, (a.y + b.y) / 2, { steps: 4 });
  await page.mouse.move(b.x, b.y, { steps: 4 });
  await page.mouse.up();
}

export async function clickFloor(page: Page, x: number, y: number): Promise<void> {
  const p = await onScreen(page, x, y);
  await page.mouse.click(p.x, p.y);
}

/** Makes a play through the New play screen and lands on its desk. Returns the play's id. */
export async function newPlay(page: Page, app: App, name: string, alignment = 'Horns'): Promise<string> {
  await page.goto(`${app.url}/plays/new`);
  await page.getByLabel('Name', { exact: true }).fill(name);
  await page.getByRole('radio', { name: new RegExp(`^${alignment}`) }).click();
  await page.getByRole('button', { name: 'Start drawing' }).click();
  await expect(page.getByRole('heading', { name })).toBeVisible();
  return new URL(page.url()).pathname.split('/').at(-1)!;
}

export const saved = (page: Page): Locator => page.getByTestId('save').filter({ hasText: /Saved \d\d:\d\d/ });

/** Opens a play that is put on the server as it is. */
export async function open(page: Page, app: App, play: Play): Promise<void> {
  await app.put(play, 0);
  await page.goto(`${app.url}/plays/${play.id}`);
  await expect(page.getByRole('heading', { name: play.name })).toBeVisible();
}

import type { Browser, Page } from '@playwright/test';
import { drag, expect, newPlay, saved, test, type App } from './app.ts';

test('a server killed in the middle of an edit loses nothing', async ({ page, app }) => {
  const id = await newPlay(page, app, 'Power cut');
  await expect(saved(page)).toBeVisible();
  await app.kill();
  await page.getByRole('button', { name: 'Set done' }).click();
  await drag(page, [-21.75, 3.5], [-16.7, 18]);
  await expect(page.getByTestId('save')).toContainText('On this device');
  await app.start();
  await expect(saved(page)).toBeVisible({ timeout: 15_000 });
  expect((await app.play(id)).frames[0]!.actions).toHaveLength(1);
});

test('a change that never reached the server is there after the tab was closed', async ({
  page,
  app,
  context,
}) => {
  const id = await newPlay(page, app, 'Closed tab');
  await expect(saved(page)).toBeVisible();
  await app.kill();
  await page.getByRole('button', { name: 'Set done' }).click();
  await drag(page, [21.75, 3.5], [16.7, 18]);
  await expect(page.getByTestId('save')).toContainText('On this device');
  await page.close();
  await app.start();
  const again = await context.newPage();
  await again.goto(`${app.url}/plays/${id}`);
  await expect(again.getByTestId('rung-1')).toContainText('3 lifts');
  await expect(saved(again)).toBeVisible();
  expect((await app.play(id)).frames[0]!.actions).toHaveLength(1);
});

test('two tabs of one coach: one has the pen, the other follows, takes it with its first change, and can undo', async ({
  page,
  app,
  context,
}) => {
  const id = await newPlay(page, app, 'Two tabs');
  await page.getByRole('button', { name: 'Set done' }).click();
  await expect(saved(page)).toBeVisible();
  const other = await context.newPage();
  await other.goto(`${app.url}/plays/${id}`);
  await expect(other.getByTestId('save')).toContainText('In another tab');

  await drag(page, [-21.75, 3.5], [-16.7, 18]);
  await expect(other.getByTestId('rung-1')).toContainText('2 lifts');
  await drag(other, [21.75, 3.5], [16.7, 18]);
  await expect(page.getByTestId('rung-1')).toContainText('3 lifts');
  await expect(page.getByTestId('save')).toContainText('In another tab');
  await expect(other.getByTestId('save')).not.toContainText('In another tab');
  await expect.poll(async () => (await app.play(id)).frames[0]!.actions.length).toBe(2);

  // The step back is the pen's: this tab takes it for that, and the other shows what becomes of it.
  await page.bringToFront();
  await page.keyboard.press('Control+z');
  await expect(other.getByTestId('rung-1')).not.toContainText('3 lifts');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await expect(other.getByRole('alert')).toHaveCount(0);
  await expect.poll(async () => (await app.play(id)).frames[0]!.actions.length).toBe(1);
  // Renamed on the playbook in a third tab: both follow, nobody clashes.
  const third = await context.newPage();
  await third.goto(`${app.url}/plays`);
  await third.getByRole('searchbox').fill('two tabs');
  await third.getByRole('button', { name: 'More for Two tabs' }).click();
  await third.getByRole('menuitem', { name: 'Rename' }).click();
  await third.getByLabel('New name').fill('Two tabs, one coach');
  await third.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Two tabs, one coach' })).toBeVisible();
  await drag(page, [21.75, 3.5], [16.7, 18]);
  await expect(saved(page)).toBeVisible();
  expect(await app.play(id)).toMatchObject({ name: 'Two tabs, one coach' });
  await expect(page.getByRole('alert')).toHaveCount(0);
  // The tab with the pen is closed: the other goes on by itself.
  await expect(other.getByTestId('save')).toContainText('In another tab');
  await page.close();
  await expect(other.getByTestId('save')).not.toContainText('In another tab', { timeout: 10_000 });
  await expect(saved(other)).toBeVisible();
});

test('a tab that is held up loses the pen after three seconds; what it had is not lost', async ({
  page,
  app,
  context,
}) => {
  const id = await newPlay(page, app, 'Held up');
  await page.getByRole('button', { name: 'Set done' }).click();
  await drag(page, [-21.75, 3.5], [-16.7, 18]);
  await expect(saved(page)).toBeVisible();
  const other = await context.newPage();
  await other.goto(`${app.url}/plays/${id}`);
  await expect(other.getByTestId('rung-1')).toContainText('2 lifts');
  // The first tab's script stands still, as in a laptop that was shut.
  await page.evaluate(() =>
    setTimeout(() => {
      const until = Date.now() + 6000;
      while (Date.now() < until);
    }, 0),
  );
  await drag(other, [21.75, 3.5], [16.7, 18]);
  await expect.poll(async () => (await app.play(id)).frames[0]!.actions.length, { timeout: 12_000 }).toBe(2);
  await expect(page.getByTestId('rung-1')).toContainText('3 lifts', { timeout: 12_000 });
  await expect(page.getByRole('alert')).toHaveCount(0);
});

/** The same play on another device: no tab and no draft is shared with it. */
async function elsewhere(browser: Browser, app: App, id: string): Promise<Page> {
  const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
  await page.goto(`${app.url}/plays/${id}`);
  await expect(saved(page)).toBeVisible();
  return page;
}

test('changed on two devices it is shown twice, and both can be kept, with the server away as well', async ({
  page,
  app,
  browser,
}) => {
  const id = await newPlay(page, app, 'Two coaches');
  await page.getByRole('button', { name: 'Set done' }).click();
  await expect(saved(page)).toBeVisible();
  const other = await elsewhere(browser, app, id);
  await drag(page, [-21.75, 3.5], [-16.7, 18]);
  await expect.poll(async () => (await app.play(id)).frames[0]!.actions.length).toBe(1);

  await other.getByRole('button', { name: 'Set done' }).click();
  await drag(other, [21.75, 3.5], [16.7, 18]);
  const alert = other.getByRole('alert', { name: 'Changed elsewhere' });
  await expect(alert).toContainText('Keep yours, take theirs, or keep both');
  await expect(alert.getByText('Yours', { exact: true })).toBeVisible();
  await expect(alert.getByText('Theirs', { exact: true })).toBeVisible();
  await app.kill();
  await alert.getByRole('button', { name: 'Keep both' }).click();
  await expect(other.getByTestId('rung-1')).toContainText('2 lifts');
  await app.start();
  await other.goto(`${app.url}/plays`);
  await other.getByRole('searchbox').fill('two coaches');
  await expect(other.getByRole('link', { name: 'Open Two coaches (mine)' })).toBeVisible({ timeout: 15_000 });
  await other.context().close();
});

test('an edit made while a save is on its way is kept, though another play is opened at once', async ({
  page,
  app,
}) => {
  const id = await newPlay(page, app, 'On its way');
  await page.getByRole('button', { name: 'Set done' }).click();
  await expect(saved(page)).toBeVisible();
  await page.route('**/api/plays/*', async (route) => {
    if (route.request().method() === 'PUT') await new Promise((done) => setTimeout(done, 1500));
    await route.continue();
  });
  const sent = page.waitForRequest((r) => r.method() === 'PUT');
  await drag(page, [-21.75, 3.5], [-16.7, 18]);
  await sent;
  await drag(page, [21.75, 3.5], [16.7, 18]);
  await page.getByRole('link', { name: 'Playbook' }).click();
  await page.getByRole('searchbox').fill('horns kite');
  await page.getByRole('link', { name: 'Open Horns Kite' }).click();
  await expect(page.getByRole('heading', { name: 'Horns Kite' })).toBeVisible();
  await expect.poll(async () => (await app.play(id)).frames[0]!.actions.length, { timeout: 15_000 }).toBe(2);
  await page.unrouteAll({ behavior: 'wait' });
});

test('a coach whose answers are lost is never in conflict with himself, whatever his clock says', async ({
  page,
  app,
  context,
}) => {
  const id = await newPlay(page, app, 'Lost answers');
  await page.getByRole('button', { name: 'Set done' }).click();
  await expect(saved(page)).toBeVisible();
  let lost = 0;
  await page.route('**/api/plays/*', async (route) => {
    if (route.request().method() !== 'PUT' || lost > 0) return route.continue();
    lost += 1;
    await route.fetch();
    await route.abort();
  });
  await drag(page, [-21.75, 3.5], [-16.7, 18]);
  await expect(page.getByTestId('save')).toContainText('On this device');
  await drag(page, [21.75, 3.5], [16.7, 18]);
  await page.close();
  const later = await context.newPage();
  await later.addInitScript('const now = Date.now; Date.now = () => now() - 86_400_000;');
  await later.goto(`${app.url}/plays/${id}`);
  await expect(later.getByTestId('rung-1')).toContainText('3 lifts');
  await expect(saved(later)).toBeVisible();
  await expect(later.getByRole('alert')).toHaveCount(0);
  expect((await app.play(id)).frames[0]!.actions).toHaveLength(2);
});

test('a play thrown away elsewhere says so on its desk: it is taken out, or kept as a copy', async ({
  page,
  app,
}) => {
  const id = await newPlay(page, app, 'Thrown away');
  await page.getByRole('button', { name: 'Set done' }).click();
  await expect(saved(page)).toBeVisible();
  await fetch(`${app.url}/api/plays/${id}`, { method: 'DELETE' });
  await drag(page, [-21.75, 3.5], [-16.7, 18]);
  const alert = page.getByRole('alert', { name: 'In the trash' });
  await expect(alert).toBeVisible();
  await expect(page.getByTestId('save')).toContainText('In the trash');
  await alert.getByRole('button', { name: 'Take it out' }).click();
  await expect(saved(page)).toBeVisible();
  expect((await app.play(id)).frames[0]!.actions).toHaveLength(1);

  await fetch(`${app.url}/api/plays/${id}`, { method: 'DELETE' });
  await drag(page, [21.75, 3.5], [16.7, 18]);
  await alert.getByRole('button', { name: 'Keep as a copy' }).click();
  await expect(page.getByRole('heading', { name: 'Thrown away (copy)' })).toBeVisible();
  await expect(page.getByTestId('rung-1')).toContainText('3 lifts');
  await expect(saved(page)).toBeVisible();
});

test('a save that is refused says why and is tried again after a change; a full disk is told', async ({
  page,
  app,
}) => {
  const id = await newPlay(page, app, 'Refused');
  await page.getByRole('button', { name: 'Set done' }).click();
  await expect(saved(page)).toBeVisible();
  const answer = { status: 422, detail: 'This play can’t be read: a note is too long.' };
  await page.route('**/api/plays/*', (route) =>
    route.request().method() === 'PUT' && answer.status !== 200
      ? route.fulfill({
          status: answer.status,
          contentType: 'application/problem+json',
          body: JSON.stringify({ type: 'about:blank', title: 'No', ...answer }),
        })
      : route.continue(),
  );
  await drag(page, [-21.75, 3.5], [-16.7, 18]);
  await expect(page.getByTestId('save')).toContainText('Not saved');
  await expect(page.getByTestId('save')).toContainText('a note is too long');
  Object.assign(answer, {
    status: 507,
    detail: 'The disk of the server is full. Your changes stay on this device.',
  });
  await drag(page, [21.75, 3.5], [16.7, 18]);
  await expect(page.getByTestId('save')).toContainText('The disk of the server is full.');
  // With no room on this device either, the coach is told to leave the tab open.
  await page.evaluate(() => {
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
  });
  await drag(page, [-6, 19], [-6, 9]);
  await expect(page.getByTestId('save')).toContainText('Leave this tab open');
  answer.status = 200;
  await expect(saved(page)).toBeVisible({ timeout: 10_000 });
  expect((await app.play(id)).frames[0]!.actions).toHaveLength(3);
});

test('a kept draft that can’t be read is offered as a file, one that says something else beside the play', async ({
  page,
  app,
}) => {
  const id = await newPlay(page, app, 'Two drafts');
  await page.getByRole('button', { name: 'Set done' }).click();
  await expect(saved(page)).toBeVisible();
  const play = await app.play(id);
  await app.put({ ...play, name: 'Changed since' }, 1);
  await page.goto(`${app.url}/api/health`);
  await page.evaluate(
    async ([play, text]) => {
      const db = await new Promise<IDBDatabase>((done, no) => {
        const r = indexedDB.open('corkscrew');
        r.onsuccess = () => done(r.result);
        r.onerror = () => no(r.error!);
      });
      const tx = db.transaction('kept', 'readwrite');
      const draft = (sitting: string, text: string) => ({
        ...{
          team: 'team',
          play,
          sitting,
          revision: 1,
          count: 3,
          covers: { [sitting]: 3 },
          ground: '',
          grew: [],
          text,
        },
      });
      tx.objectStore('kept').put(draft('dead', text!));
      tx.objectStore('kept').put(draft('broken', '{"format": "corksc'));
      await new Promise((done) => (tx.oncomplete = done));
      db.close();
    },
    [id, JSON.stringify({ ...play, name: 'Another version' })],
  );
  await page.goto(`${app.url}/plays/${id}`);
  const clash = page.getByRole('alert', { name: 'Changed elsewhere' });
  await clash.getByRole('button', { name: 'Take theirs' }).click();
  const kept = page.getByRole('alert', { name: 'Kept on this device' });
  const file = page.waitForEvent('download');
  await kept.getByRole('button', { name: 'Save as a file' }).click();
  expect((await file).suggestedFilename()).toContain('.kept.json');
  await kept.getByRole('button', { name: 'Throw it away' }).click();
  await expect(kept).toHaveCount(0);
  await expect(page.getByRole('heading', { name: 'Changed since' })).toBeVisible();
});

test('what can’t be fetched is told, and a tab of an older build offers to reload', async ({ page, app }) => {
  await newPlay(page, app, 'Going on');
  await page.getByRole('button', { name: 'Set done' }).click();
  await expect(saved(page)).toBeVisible();
  await page.route('**/api/plays/demo-horns-kite', (route) => route.abort());
  await page.getByRole('tab', { name: 'Play', exact: true }).click();
  await page.getByLabel('Continue with').selectOption({ label: 'Horns Kite' });
  await expect(page.getByText('The playbook can’t be reached just now.')).toBeVisible();

  await page.route('**/api/plays/*', async (route) => {
    const response = await route.fetch();
    await route.fulfill({ response, headers: { ...response.headers(), 'x-corkscrew-build': 'another' } });
  });
  await drag(page, [-21.75, 3.5], [-16.7, 18]);
  await expect(page.getByText('A newer Corkscrew is here. What you drew is kept.')).toBeVisible();
});

test('a play that was drawn while the server was away, its tab closed, is in the playbook later', async ({
  app,
  context,
}) => {
  const page = await context.newPage();
  const desk = page.waitForResponse(/\/assets\/Desk-.*\.js$/);
  await page.goto(`${app.url}/plays/new`);
  await page.getByLabel('Name', { exact: true }).fill('Drawn offline');
  await (await desk).finished();
  await page.waitForLoadState('networkidle');
  await app.kill();
  await page.getByRole('button', { name: 'Start drawing' }).click();
  await expect(page.getByTestId('save')).toContainText('On this device');
  await page.close();
  await app.start();
  const later = await context.newPage();
  await later.goto(`${app.url}/plays`);
  await later.getByRole('searchbox').fill('drawn offline');
  await expect(later.getByRole('link', { name: 'Open Drawn offline' })).toBeVisible();
});

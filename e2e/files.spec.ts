import { readFile } from 'node:fs/promises';
import { strToU8, zipSync } from 'fflate';
import { fromBuffer, type Entry, type ZipFile } from 'yauzl';
import { expect, newPlay, saved, test } from './app.ts';

/** The files of a zip, read by another library. */
const filesOf = async (path: string): Promise<string[]> => {
  const buffer = await readFile(path);
  return new Promise((done, fail) =>
    fromBuffer(buffer, { lazyEntries: false }, (error, zip: ZipFile) => {
      if (error) return fail(error);
      const names: string[] = [];
      zip.on('entry', (e: Entry) => names.push(e.fileName));
      zip.on('end', () => done(names));
      return undefined;
    }),
  );
};

test('a play goes out as a file, a mixed folder comes in: what is in it is told first, then kept at once', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/plays`);
  await page.getByRole('searchbox').fill('Tide 1');
  await page.getByRole('button', { name: 'More for Tide 1', exact: true }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('menuitem', { name: 'Save as a file' }).click();
  const tide = await readFile(await (await download).path());

  await page.getByRole('button', { name: 'Files', exact: true }).click();
  await page.getByLabel('Files to take in').setInputFiles([
    { name: 'tide.json', mimeType: 'application/json', buffer: tide },
    { name: 'broken.json', mimeType: 'application/json', buffer: Buffer.from('{"format": "corkscrew-play"') },
    { name: 'recipe.json', mimeType: 'application/json', buffer: Buffer.from('{"flour": 500}') },
    {
      name: 'said.txt',
      mimeType: 'text/plain',
      buffer: Buffer.from('play "From a text"\nset horns, ball 1\n1:\n  1 passes to 4\n'),
    },
    {
      name: 'more.zip',
      mimeType: 'application/zip',
      buffer: Buffer.from(zipSync({ '../evil.json': strToU8('{}'), 'bad.txt': strToU8('1:\n  1 flies') })),
    },
  ]);
  const refused = page.getByRole('region', { name: 'Not readable' });
  await expect(refused.getByRole('listitem')).toHaveCount(4);
  await expect(refused).toContainText('broken.json');
  await expect(refused).toContainText('This is not a Corkscrew play');
  await expect(refused).toContainText('Its path leads out of the zip');
  await expect(refused).toContainText('“flies” is nothing anybody does here.');
  const rows = page.getByRole('region', { name: 'Plays in the files' });
  await expect(rows.getByRole('row', { name: /Tide 1.*Same/ })).toBeVisible();
  await expect(rows.getByRole('row', { name: /From a text.*New/ })).toBeVisible();
  await page.getByRole('button', { name: 'Take in 1 play' }).click();
  await expect(page.getByRole('status').filter({ hasText: '1 play taken in' })).toBeVisible();
  await page.getByRole('link', { name: 'To the playbook' }).click();
  await page.getByRole('searchbox').fill('From a text');
  await expect(page.getByRole('link', { name: 'Open From a text' })).toBeVisible();
});

test('a double is kept beside ours, and the playbook goes out as a table and as a zip', async ({
  page,
  app,
}) => {
  const id = await newPlay(page, app, 'Doubled');
  await expect(saved(page)).toBeVisible();
  const document = { ...(await app.play(id)), name: 'Doubled elsewhere' };
  await page.goto(`${app.url}/files`);
  await page.getByLabel('Files to take in').setInputFiles({
    ...{ name: 'doubled.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(document)) },
  });
  const row = page.getByRole('row', { name: /Doubled elsewhere/ });
  await expect(row).toContainText('Differs');
  await expect(row).toContainText('Ours is called Doubled');
  await expect(row.getByRole('combobox')).toHaveValue('beside');
  await page.getByRole('button', { name: 'Take in 1 play' }).click();
  await expect(page.getByRole('status').filter({ hasText: '1 play taken in' })).toBeVisible();
  expect((await app.play(id)).name).toBe('Doubled');

  const out = async (name: string) => {
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name, exact: true }).click(),
    ]);
    return file.path();
  };
  expect(await readFile(await out('Table'), 'utf8')).toContain('Doubled elsewhere');
  const names = await filesOf(await out('Written'));
  expect(names).toContain('Doubled-elsewhere.txt');
  expect(names.every((n) => /^[\p{L}\p{N}-]+\.txt$/u.test(n))).toBe(true);
});

test('the team is backed up, a play is lost, and all of it is restored as it was', async ({ page, app }) => {
  const id = await newPlay(page, app, 'Will be lost');
  await expect(saved(page)).toBeVisible();
  const before = await app.play(id);
  await page.goto(`${app.url}/files`);
  const all = page.getByRole('region', { name: 'All of the team' });
  await all.getByRole('button', { name: 'Make a backup' }).click();
  const link = all.getByRole('list', { name: 'Backups' }).getByRole('link').first();
  await expect(link).toBeVisible();
  const [file] = await Promise.all([page.waitForEvent('download'), link.click()]);
  const bytes = await readFile(await file.path());
  await fetch(`${app.url}/api/plays/${id}`, { method: 'DELETE' });

  await all.getByLabel('A backup to restore').setInputFiles({
    ...{ name: 'damaged.backup', mimeType: 'application/gzip', buffer: bytes.subarray(0, bytes.length / 2) },
  });
  await all.getByRole('button', { name: 'Restore it' }).click();
  await expect(all.getByRole('alert')).toContainText('This backup is damaged');
  await all.getByRole('button', { name: 'Leave it' }).click();
  await all.getByLabel('A backup to restore').setInputFiles({
    ...{ name: 'team.backup', mimeType: 'application/gzip', buffer: bytes },
  });
  await all.getByRole('button', { name: 'Restore it' }).click();
  await expect(all.getByRole('status')).toContainText('records are restored');
  expect(await app.play(id)).toEqual(before);
  const stored = (await (await fetch(`${app.url}/api/plays/${id}`)).json()) as { deletedAt: string | null };
  expect(stored.deletedAt).toBeNull();
});

test('a play as one web page runs by itself, with no network and no script from elsewhere', async ({
  page,
  app,
  browser,
}) => {
  await page.goto(`${app.url}/plays/demo-horns-lantern`);
  await page.getByRole('tab', { name: 'Play', exact: true }).click();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Web page' }).click(),
  ]);
  const html = await readFile(await file.path(), 'utf8');
  const context = await browser.newContext({ offline: true });
  const asked: string[] = [];
  const other = await context.newPage();
  other.on('request', (r) => asked.push(r.url()));
  const wrong: string[] = [];
  other.on('pageerror', (e) => wrong.push(e.message));
  await other.setContent(html);
  await expect(other.getByRole('heading', { name: 'Horns Lantern' })).toBeVisible();
  const man = other.locator('[data-mover]').nth(1);
  const before = await man.getAttribute('transform');
  await other.getByRole('button', { name: 'Run' }).click();
  await expect(man).not.toHaveAttribute('transform', before!);
  await other.getByLabel('Ending').selectOption('They switch');
  await other.getByLabel('Time').fill('7.2');
  await expect(other.locator('#words')).not.toBeEmpty();
  expect([asked, wrong]).toEqual([[], []]);
  await context.close();
});

test('pictures of a play are well-formed SVG without script, by the browser’s own parser, and a PNG twice as large', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/plays/demo-horns-lantern`);
  await page.getByRole('tab', { name: 'Play', exact: true }).click();
  const out = async (name: string): Promise<Buffer> => {
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name, exact: true }).click(),
    ]);
    return readFile(await file.path());
  };
  for (const name of ['Frame, SVG', 'Moving SVG']) {
    const svg = (await out(name)).toString('utf8');
    const found = await page.evaluate((text) => {
      const doc = new DOMParser().parseFromString(text, 'image/svg+xml');
      return {
        broken: doc.querySelector('parsererror') !== null,
        root: doc.documentElement.localName,
        scripts: doc.querySelectorAll('script').length,
        handlers: [...doc.querySelectorAll('*')].flatMap((e) =>
          e.getAttributeNames().filter((a) => a.startsWith('on') || a.endsWith('href')),
        ),
      };
    }, svg);
    expect(found, name).toEqual({ broken: false, root: 'svg', scripts: 0, handlers: [] });
  }
  const png = await out('Frame, PNG');
  // Width and height stand in the first chunk (ISO/IEC 15948).
  expect([png.readUInt32BE(16), png.readUInt32BE(20)]).toEqual([1450, 988]);
});

import { newPlay, type Play, type StoredPlay } from '@corkscrew/core';
import { chromium as browser, type BrowserContext, type Page } from '@playwright/test';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { CHROMIUM_FLAGS } from '../chromium-flags.ts';
import { chromium } from '../debian.ts';
import { Random } from './random.ts';
import type { ServerProcess } from './server-process.ts';

/** What came of killing things at random. */
export interface Killed {
  readonly kills: number;
  readonly edits: number;
  readonly lost: number;
  /** Times one coach was asked about two versions of his own. */
  readonly asked: number;
}

const KINDS = ['tab crashes', 'tab closed', 'reload', 'server', 'browser', 'server and browser'] as const;
/** A new play after so many rounds: one of hundreds of frames would test the drawing of it. */
const ROUNDS_A_PLAY = 12;

/**
 * One coach draws on one play, and at random moments his tab, his browser or the server dies without a goodbye.
 * After each death the play is opened again and its actions are counted, on the desk and with the server.
 */
export async function randomKills(server: ServerProcess, rounds: number, seed: number): Promise<Killed> {
  const random = new Random(seed);
  const profile = mkdtempSync(join(tmpdir(), 'corkscrew-kills-'));
  const wait = (most: number) => new Promise((done) => setTimeout(done, random.below(most)));
  let [edits, lost, asked, earlier] = [0, 0, 0, 0];
  let id = await fresh(server, `kills-${seed}-0`);
  let context = await launch(profile);
  try {
    let page = await desk(context, server, id);
    for (let round = 0; round < rounds; round++) {
      const kind = random.of(KINDS);
      if (round > 0 && round % ROUNDS_A_PLAY === 0) {
        earlier += edits;
        edits = 0;
        id = await fresh(server, `kills-${seed}-${round}`);
        page = await onDesk(page, server, id);
      }
      if (kind.startsWith('server') && random.next() < 0.5) await server.kill();
      for (let n = 1 + random.below(3); n > 0; n--) {
        await page.keyboard.press(String(1 + random.below(5)));
        await page.keyboard.press('z');
        await page.keyboard.press('Escape');
        edits += 1;
        await wait(120);
      }
      await wait(900);
      if (kind === 'tab crashes') await crash(page);
      else if (kind === 'tab closed') await page.close();
      else if (kind === 'server') await server.kill();
      else if (kind.endsWith('browser')) {
        killBrowser(profile);
        await context.close().catch(() => undefined);
        await server.kill();
        context = await launch(profile);
      }
      if (server.isDown) await server.start();
      if (kind !== 'server') {
        if (kind === 'reload') await page.goto('about:blank');
        else if (!page.isClosed()) await page.close().catch(() => undefined);
        page = kind === 'reload' ? await onDesk(page, server, id) : await desk(context, server, id);
      }
      asked += await questions(page);
      const kept = await settled(server, page, id);
      lost += Math.max(0, edits - kept);
      edits = kept;
    }
  } finally {
    await context.close().catch(() => undefined);
    rmSync(profile, { recursive: true, force: true });
  }
  return { kills: rounds, edits: earlier + edits, lost, asked };
}

const launch = (profile: string): Promise<BrowserContext> =>
  browser.launchPersistentContext(profile, {
    executablePath: chromium(),
    args: CHROMIUM_FLAGS,
    viewport: { width: 1280, height: 800 },
  });

async function desk(context: BrowserContext, server: ServerProcess, id: string): Promise<Page> {
  return onDesk(await context.newPage(), server, id);
}

async function onDesk(page: Page, server: ServerProcess, id: string): Promise<Page> {
  await page.goto(`${server.url}/plays/${id}`);
  await page.getByTestId('rung-1').waitFor();
  const done = page.getByRole('button', { name: 'Set done' });
  if (await done.isVisible()) await done.click();
  await page.locator('#court').focus();
  return page;
}

async function crash(page: Page): Promise<void> {
  const devtools = await page.context().newCDPSession(page);
  // It never answers: there is nobody left to.
  void devtools.send('Page.crash').catch(() => undefined);
  await page.waitForEvent('crash');
}

/** Ends the browser of this profile, and nothing else, as a power cut would. */
function killBrowser(profile: string): void {
  const { stdout } = spawnSync('pgrep', ['-f', `user-data-dir=${profile}`], { encoding: 'utf8' });
  for (const pid of stdout.split('\n').map(Number)) if (pid > 0) kill(pid);
}
function kill(pid: number): void {
  try {
    process.kill(pid, 'SIGKILL');
  } catch {
    // It went with another of its kind.
  }
}

/** Answers what the coach is asked, keeping everything; says how often he was. */
async function questions(page: Page): Promise<number> {
  const alerts = page.getByRole('alert', { name: /Changed elsewhere|Kept on this device/ });
  const n = await alerts.count();
  if (n > 0)
    await alerts
      .first()
      .getByRole('button', { name: /Keep mine|Keep as a second play/ })
      .click();
  return n;
}

const actionsOf = (play: Play): number => play.frames.reduce((n, f) => n + f.actions.length, 0);

/** An empty play for so many rounds; its id. */
async function fresh(server: ServerProcess, id: string): Promise<string> {
  const document = newPlay({ id, name: id, court: 'nfhs', level: 'pro', alignment: 'horns', ball: '1' });
  await fetch(`${server.url}/api/plays/${id}`, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ revision: 0, sitting: 'kills', document }),
  });
  return id;
}

/** Waits until the desk says that all is saved; the actions the server has then. */
async function settled(server: ServerProcess, page: Page, id: string): Promise<number> {
  await page
    .getByTestId('save')
    .filter({ hasText: /Saved \d/ })
    .waitFor({ timeout: 30_000 });
  const stored = (await (await fetch(`${server.url}/api/plays/${id}`)).json()) as StoredPlay;
  return actionsOf(stored.document as Play);
}

import { chromium as browser } from '@playwright/test';
import { mkdirSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { startServer } from '../../server/src/serve.ts';
import { buildWeb } from './build.ts';
import { createDatabase, freePort, throwAwayCluster } from './cluster.ts';
import { chromium } from './debian.ts';
import { CHROMIUM_FLAGS } from './chromium-flags.ts';
import { DEMO_TEAM } from './demo.ts';
import { dataHome, DEMO_PLAYS, ROOT, WEB_DIST } from './paths.ts';

const FOLDER = join(ROOT, 'docs', 'screenshots');

/** `npm run screenshots`: one picture of each main view, from demo data. */
export async function run(): Promise<void> {
  const build = await buildWeb();
  const cluster = await throwAwayCluster();
  const server = await startServer({
    databaseUrl: await createDatabase(cluster, 'pictures'),
    port: await freePort(4600),
    webRoot: WEB_DIST,
    build,
    teamName: DEMO_TEAM,
    demoPlays: DEMO_PLAYS,
    logFile: join(dataHome('logs'), 'screenshots.log'),
  });
  const chrome = await browser.launch({ executablePath: chromium(), args: CHROMIUM_FLAGS });
  try {
    mkdirSync(FOLDER, { recursive: true });
    for (const old of readdirSync(FOLDER)) if (old.endsWith('.png')) rmSync(join(FOLDER, old));
    const open = async (path: string, options: { dark?: boolean; width?: number; height?: number } = {}) => {
      const page = await chrome.newPage({
        viewport: { width: options.width ?? 1280, height: options.height ?? 800 },
        colorScheme: options.dark ? 'dark' : 'light',
      });
      await page.goto(`http://127.0.0.1:${server.port}${path}`);
      await page.waitForLoadState('networkidle');
      await page.evaluate(() => document.fonts.ready);
      return page;
    };
    const shot = async (page: Awaited<ReturnType<typeof open>>, name: string) => {
      await page.screenshot({ path: join(FOLDER, `${name}.png`) });
      console.log(`docs/screenshots/${name}.png`);
      await page.close();
    };
    const book = await open('/plays');
    // Every card has its verdict.
    await book.getByText('Not judged yet').first().waitFor({ state: 'detached', timeout: 90_000 });
    await shot(book, 'playbook');
    const desk = await open('/plays/demo-horns-lantern');
    await desk.getByTestId('rung-2').click();
    await desk.locator('#court').press('5');
    await shot(desk, 'desk');
    const dark = await open('/plays/demo-horns-lantern', { dark: true });
    await dark.getByTestId('rung-2').click();
    await dark.locator('#court').press('3');
    await shot(dark, 'desk-dark');
    // The coach sends 1 too early: the screen is not set yet, and the walk-through says so.
    const early = await open('/plays/demo-horns-kite');
    await early.getByRole('gridcell', { name: /^1 attacks/ }).focus();
    for (let i = 0; i < 12; i++) await early.keyboard.press('Shift+ArrowLeft');
    await early.waitForResponse((r) => r.request().method() === 'PUT' && r.ok());
    await early.getByTestId('save').filter({ hasText: 'Saved' }).waitFor();
    await early.close();
    const walk = await open('/plays/demo-horns-kite');
    await walk.getByRole('tab', { name: /Walk-through/ }).click();
    await walk.getByRole('button', { name: /^5 still moves/ }).click();
    await shot(walk, 'walk-through');
    const answers = await open('/plays/demo-pilot-five');
    await answers.getByRole('tab', { name: /^Answers/ }).click();
    await answers.getByRole('button', { name: /^They switch: hole/ }).click();
    const offer = answers.getByRole('button', { name: /^Try it/ }).first();
    await offer.waitFor();
    await offer.hover();
    await shot(answers, 'answers');
    const man = await open('/plays/demo-horns-kite');
    await man.getByRole('tab', { name: 'Defence' }).click();
    await man.getByRole('slider', { name: /Time/ }).focus();
    for (let i = 0; i < 19; i++) await man.keyboard.press('ArrowRight');
    await man.getByTestId('defence').waitFor();
    await shot(man, 'defence-man');
    const zone = await open('/zone');
    for (const man of ['2', '1', '3']) {
      await zone.getByRole('button', { name: new RegExp(`^${man}, ours`) }).press('Enter');
      await zone.getByRole('button', { name: new RegExp(`^${man}, ours.*has the ball`) }).waitFor();
      await zone.waitForTimeout(500);
    }
    await shot(zone, 'zone-room');
    // Everything is compared, and tried against every usual defence.
    const series = await open('/series?of=Horns');
    await series.getByText(/still tried/).waitFor({ state: 'detached', timeout: 120_000 });
    await shot(series, 'series');
    await shot(await open('/sheets/demo-sheet-gorsedale'), 'call-sheet');
    await shot(await open('/compare?a=demo-horns-kite&b=demo-quay-four-a'), 'compare');
    const words = await open('/words');
    await words.getByText(/to fix, \d+ to watch/).waitFor();
    await words.getByRole('button', { name: 'What we do' }).click();
    await words.getByLabel('Our word for roll', { exact: true }).click();
    await words.getByTestId('ours').waitFor();
    await shot(words, 'language');
    const script = await open('/plays/demo-horns-lantern');
    await script.getByRole('tab', { name: 'Script' }).click();
    await script.locator('.cm-line').filter({ hasText: '5 screens for 3' }).click();
    await script.keyboard.press('End');
    await script.keyboard.type(', jogg');
    await script.getByText(/says nothing here/).waitFor();
    await shot(script, 'script');
    const print = await open('/print?kind=sheet&sheet=demo-sheet-gorsedale&size=bench');
    await print.getByRole('img', { name: 'Page 1 of 1' }).waitFor();
    await shot(print, 'print');
    const roster = await open('/roster?sheet=demo-sheet-gorsedale');
    await roster.getByText('The five for the whole sheet').waitFor();
    await shot(roster, 'roster');
    const install = await open('/install');
    await install
      .locator('[data-practice="demo-practice-13"]')
      .getByRole('button', { name: /^Pilot 5A/ })
      .click();
    await shot(install, 'install');
    const present = await open('/plays/demo-horns-lantern', { dark: true });
    await present.getByTestId('rung-2').click();
    await present.keyboard.press('Shift+P');
    await present.getByRole('main').waitFor();
    await shot(present, 'present');
    const tablet = await open('/plays/demo-horns-lantern', { width: 820, height: 1180 });
    await tablet.getByTestId('rung-2').click();
    await shot(tablet, 'desk-tablet');
    const side = await open('/install/practice/demo-practice-13', { width: 390, height: 844 });
    await side.getByRole('button', { name: /Bell 2/ }).click();
    await shot(side, 'court-side');
    await shot(await open('/plays/demo-horns-lantern', { width: 390, height: 844 }), 'desk-phone');
  } finally {
    await chrome.close();
    await server.stop();
    cluster.stop();
  }
}

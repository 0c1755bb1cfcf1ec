import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { audit } from './audit.ts';
import { expect, test, type App } from './app.ts';

interface View {
  readonly name: string;
  readonly path: string;
  /** Leads there from the path; done again at every size, for what is folded at one is not at another. */
  readonly then?: (page: Page) => Promise<void>;
  /** Done again it would lead away: only the window changes. */
  readonly once?: true;
  readonly sizes?: readonly (readonly [number, number])[];
}

/** A small desk, a tablet upright and on its side, a large screen, and a desk enlarged to twice the size. */
const WIDE = [
  [820, 1180],
  [1024, 768],
  [1920, 1080],
  [640, 640],
  [1280, 800],
] as const;
const PHONE = [390, 844] as const;
/** What differs from the desk in one part of it only: upright, enlarged and at a desk's size. */
const FEW = WIDE.filter(([width]) => width !== 1024 && width !== 1920);

/** A tablet upright and a desk. */
const TWO = WIDE.filter(([width]) => width === 820 || width === 1280);

/** A part of the panel: its tab, or where it lies folded the button that opens it there. */
async function panel(page: Page, name: RegExp): Promise<void> {
  await page
    .locator('#panel')
    .getByRole('tab', { name })
    .or(page.locator('#panel').getByRole('button', { name }))
    .first()
    .click();
}

const LONG_NAME = 'The longest name that anybody ever gave to a play';

const VIEWS: readonly View[] = [
  { name: 'playbook', path: '/plays', sizes: [...WIDE, PHONE] },
  { name: 'desk', path: '/plays/demo-horns-lantern', sizes: [...WIDE, PHONE] },
  {
    name: 'desk with a player picked',
    sizes: FEW,
    path: '/plays/demo-horns-lantern',
    then: async (page) => {
      await page.getByTestId('rung-2').click();
      await page.locator('#court').press('5');
    },
  },
  {
    name: 'desk with the play tab',
    sizes: FEW,
    path: '/plays/demo-one-four-harbour',
    then: (page) => panel(page, /^Play/),
  },
  {
    name: 'desk with the walk-through',
    sizes: FEW,
    path: '/plays/demo-box-gate',
    then: (page) => panel(page, /^Walk-through/),
  },
  {
    name: 'desk against man',
    path: '/plays/demo-horns-kite',
    then: async (page) => {
      await panel(page, /^Defence/);
      await page.getByTestId('defence').waitFor();
    },
  },
  {
    name: 'desk against a zone',
    sizes: FEW,
    path: '/plays/demo-zone-lighthouse',
    then: async (page) => {
      await panel(page, /^Defence/);
      await page.getByTestId('defence').waitFor();
    },
  },
  {
    name: 'desk with the answers',
    once: true,
    path: '/plays/demo-horns-kite',
    // Where the ladder lies as a strip it has gone on to the frame that is shown.
    sizes: WIDE.filter(([width]) => width !== 640),
    then: async (page) => {
      await panel(page, /^Answers/);
      const hole = page.getByRole('button', { name: /^They switch: hole/ });
      await hole.click();
      await page
        .getByRole('button', { name: /^Try it/ })
        .first()
        .waitFor();
    },
  },
  {
    name: 'desk with the script',
    once: true,
    sizes: TWO,
    path: '/plays/demo-horns-lantern',
    then: async (page) => {
      await panel(page, /^Script/);
      await page.getByRole('textbox', { name: 'Script' }).waitFor();
    },
  },
  {
    name: 'print',
    sizes: [...TWO, PHONE],
    path: '/print?kind=sheet&sheet=demo-sheet-gorsedale',
    then: (page) => page.getByRole('img', { name: 'Page 1 of 1' }).waitFor(),
  },
  { name: 'files', path: '/files', sizes: [...TWO, PHONE] },
  {
    name: 'roster',
    path: '/roster',
    sizes: [...WIDE, PHONE],
    then: (page) => page.getByText('The five for the whole sheet').waitFor(),
  },
  {
    name: 'roster as a table',
    once: true,
    path: '/roster?view=table',
    sizes: TWO,
    then: (page) => page.getByText(/^\d+ players/).waitFor(),
  },
  {
    name: 'roster with a card',
    once: true,
    path: '/roster',
    sizes: TWO,
    then: async (page) => {
      await page.getByText('The five for the whole sheet').waitFor();
      await page
        .getByRole('region', { name: 'Players' })
        .getByRole('button', { name: /Sandmere/ })
        .click();
    },
  },
  {
    name: 'install',
    path: '/install',
    sizes: [...WIDE, PHONE],
    then: (page) => page.getByRole('heading', { name: /^Ready for/ }).waitFor(),
  },
  {
    name: 'install with a block',
    once: true,
    path: '/install',
    sizes: TWO,
    then: (page) =>
      page
        .locator('[data-practice="demo-practice-13"]')
        .getByRole('button', { name: /^Fog 3 L/ })
        .click(),
  },
  {
    name: 'install with a practice',
    once: true,
    path: '/install',
    sizes: TWO,
    then: (page) => page.locator('[data-practice="demo-practice-13"] .title').click(),
  },
  {
    name: 'side of the court',
    once: true,
    path: '/install/practice/demo-practice-13',
    sizes: [...TWO, PHONE],
    then: (page) => page.getByRole('button', { name: /Bell 2/ }).click(),
  },
  {
    name: 'drill card',
    path: '/install/drill/demo-practice-13/b88',
    sizes: [...TWO, PHONE],
    then: (page) => page.getByRole('article').first().waitFor(),
  },
  { name: 'zone room', path: '/zone', sizes: [...WIDE, PHONE] },
  {
    name: 'present',
    once: true,
    path: '/plays/demo-horns-lantern',
    then: async (page) => {
      // Without a window the browser can't leave a full screen to take another size.
      await page.evaluate(() => {
        document.documentElement.requestFullscreen = () => Promise.reject(new Error('no window'));
      });
      await page.keyboard.press('Shift+P');
    },
  },
  {
    name: 'desk setting the five',
    once: true,
    sizes: FEW,
    path: '/plays/demo-horns-lantern',
    then: (page) => page.keyboard.press('Shift+S'),
  },
  {
    name: 'desk naming a read',
    once: true,
    sizes: FEW,
    path: '/plays/demo-horns-lantern',
    then: async (page) => {
      await page.getByTestId('rung-2').click();
      await page.keyboard.press('a');
      await page.getByRole('group', { name: 'What do they do?' }).waitFor();
    },
  },
  {
    name: 'series',
    path: '/series?of=Horns',
    sizes: TWO,
    then: (page) => page.getByRole('table').waitFor(),
  },
  { name: 'call sheet', path: '/sheets/demo-sheet-gorsedale', sizes: TWO },
  { name: 'bench', path: '/sheets/demo-sheet-gorsedale/bench', sizes: [...TWO, PHONE] },
  {
    name: 'compare',
    once: true,
    path: '/compare?a=demo-horns-kite&b=demo-quay-four-a',
    sizes: TWO,
    then: async (page) => {
      // A play of another name in the list must not push anything out of the bar.
      await page.route('**/api/plays', async (route) => {
        const response = await route.fetch();
        const text = await response.text();
        await route.fulfill({ response, body: text.replace(/"name":"Quay 4B"/, `"name":"${LONG_NAME}"`) });
      });
      await page.reload();
      await page.getByRole('heading', { name: 'In figures' }).waitFor();
    },
  },
  {
    name: 'language',
    once: true,
    path: '/words',
    sizes: [...TWO, PHONE],
    then: async (page) => {
      await page.getByText(/to fix, \d+ to watch/).waitFor();
      await page.getByRole('button', { name: 'Only ours' }).click();
    },
  },
  { name: 'settings', path: '/settings', sizes: [...WIDE, PHONE] },
  { name: 'new play', path: '/plays/new' },
  { name: 'unknown address', path: '/nowhere' },
];

async function open(page: Page, app: App, view: View): Promise<void> {
  await page.goto(`${app.url}${view.path}`);
  await page.waitForLoadState('networkidle');
  await page.evaluate(() => document.fonts.ready);
  await view.then?.(page);
}

/** Two frames drawn: what follows a size of the window, or an observer of it, has followed. */
const drawn = (page: Page) =>
  page.evaluate(
    () =>
      new Promise<void>((done) =>
        requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(() => done(), 60))),
      ),
  );

/** What axe finds serious; the app has no frames, and without looking for any it takes a quarter of the time. */
async function seriousOf(page: Page, rules?: string[]): Promise<string[]> {
  const axe = new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'] });
  const found = await (rules ? axe.withRules(rules) : axe).analyze();
  const serious = found.violations.filter((v) => v.impact === 'serious' || v.impact === 'critical');
  return serious.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`);
}

// No view waits for another: the browsers share them.
test.describe.configure({ mode: 'parallel' });

for (const view of VIEWS) {
  test(`${view.name}: nothing cut off, small, faint or on top of each other; axe finds nothing serious`, async ({
    page,
    app,
  }) => {
    await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' });
    const sizes = view.sizes ?? WIDE;
    for (const [i, [width, height]] of sizes.entries()) {
      await page.setViewportSize({ width, height });
      if (i === 0) await open(page, app, view);
      else {
        await drawn(page);
        if (!view.once) await view.then?.(page);
      }
      expect(await page.evaluate(audit), `${width}x${height}`).toEqual([]);
    }
    expect(await seriousOf(page), 'light').toEqual([]);
    // Where things stand does not depend on their colours: the dark theme is looked at in one size.
    await page.emulateMedia({ colorScheme: 'dark', reducedMotion: 'reduce' });
    await drawn(page);
    expect(await page.evaluate(audit), 'dark').toEqual([]);
    expect(await seriousOf(page, ['color-contrast']), 'dark').toEqual([]);
  });
}

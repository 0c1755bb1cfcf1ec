import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { audit } from './audit.ts';
import { expect, test, type App } from './app.ts';

interface View {
  readonly name: string;
  readonly path: string;
  readonly then?: (page: Page) => Promise<void>;
  readonly sizes?: readonly (readonly [number, number])[];
}

const WIDE = [
  [1280, 800],
  [1440, 900],
] as const;
const PHONE = [390, 844] as const;

const VIEWS: readonly View[] = [
  { name: 'playbook', path: '/plays', sizes: [...WIDE, PHONE] },
  { name: 'desk', path: '/plays/demo-horns-lantern', sizes: [...WIDE, PHONE] },
  {
    name: 'desk with a player picked',
    path: '/plays/demo-horns-lantern',
    then: async (page) => {
      await page.getByTestId('rung-2').click();
      await page.locator('#court').press('5');
    },
  },
  {
    name: 'desk with the play tab',
    path: '/plays/demo-one-four-harbour',
    then: (page) => page.getByRole('tab', { name: 'Play' }).click(),
  },
  {
    name: 'desk with the walk-through',
    path: '/plays/demo-box-gate',
    then: (page) => page.getByRole('tab', { name: /Walk-through/ }).click(),
  },
  {
    name: 'desk against man',
    path: '/plays/demo-horns-kite',
    then: async (page) => {
      await page.getByRole('tab', { name: 'Defence' }).click();
      await page.getByTestId('defence').waitFor();
    },
  },
  {
    name: 'desk against a zone',
    path: '/plays/demo-zone-lighthouse',
    then: async (page) => {
      await page.getByRole('tab', { name: 'Defence' }).click();
      await page.getByTestId('defence').waitFor();
    },
  },
  { name: 'zone room', path: '/zone', sizes: [...WIDE, PHONE] },
  { name: 'present', path: '/plays/demo-horns-lantern', then: (page) => page.keyboard.press('Shift+P') },
  { name: 'new play', path: '/plays/new' },
  { name: 'unknown address', path: '/nowhere' },
];

async function open(page: Page, app: App, view: View): Promise<void> {
  await page.goto(`${app.url}${view.path}`);
  await page.waitForLoadState('networkidle');
  await page.evaluate(() => document.fonts.ready);
  await view.then?.(page);
}

for (const theme of ['light', 'dark'] as const) {
  for (const view of VIEWS) {
    test(`${view.name}, ${theme}: nothing cut off, small, faint or on top of each other; axe finds nothing serious`, async ({
      page,
      app,
    }) => {
      await page.emulateMedia({ colorScheme: theme, reducedMotion: 'reduce' });
      for (const [width, height] of view.sizes ?? WIDE) {
        await page.setViewportSize({ width, height });
        await open(page, app, view);
        expect(await page.evaluate(audit), `${width}x${height}`).toEqual([]);
      }
      const found = await new AxeBuilder({ page }).analyze();
      const serious = found.violations.filter((v) => v.impact === 'serious' || v.impact === 'critical');
      expect(serious.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`)).toEqual([]);
    });
  }
}

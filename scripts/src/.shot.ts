import { chromium as browser } from '@playwright/test';
import { CHROMIUM_FLAGS } from './chromium-flags.ts';
// usage: shot.ts out path steps-file
const [out, path, steps, size] = process.argv.slice(2);
const chrome = await browser.launch({ executablePath: '/usr/bin/chromium', args: CHROMIUM_FLAGS });
const [w, h] = (size ?? '1280x800').split('x').map(Number);
const page = await chrome.newPage({
  viewport: { width: w!, height: h! },
  colorScheme: process.env.DARK ? 'dark' : 'light',
});
page.on('console', (m) => m.type() === 'error' && console.log('console', m.text()));
page.on('pageerror', (e) => console.log('pageerror', e.message));
await page.addInitScript('globalThis.__name = (f) => f');
await page.goto(`http://127.0.0.1:4401${path}`);
await page.waitForTimeout(2500);
if (steps) await new Function('page', `return (async () => { ${steps} })()`)(page);
await page.waitForTimeout(400);
await page.screenshot({ path: out! });
await chrome.close();

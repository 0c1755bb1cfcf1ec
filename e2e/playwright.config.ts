import { defineConfig } from '@playwright/test';
import { BROWSERS } from '../scripts/src/browsers.ts';
import { CHROMIUM_FLAGS } from '../scripts/src/chromium-flags.ts';
import { CHROMIUM } from '../scripts/src/debian.ts';

export default defineConfig({
  testDir: '.',
  testMatch: '*.spec.ts',
  outputDir: '../test-results',
  workers: BROWSERS,
  // One that passes only when it is run again is listed as flaky at the end, and is to be mended.
  retries: 1,
  // Generous: how fast anything is, the bench measures; a busy machine fails no test.
  timeout: 90_000,
  expect: { timeout: 15_000 },
  reporter: [['list']],
  use: {
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: CHROMIUM, args: CHROMIUM_FLAGS },
    trace: 'off',
  },
});

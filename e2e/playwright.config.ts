import { defineConfig } from '@playwright/test';
import { BROWSERS } from '../scripts/src/browsers.ts';
import { CHROMIUM_FLAGS } from '../scripts/src/chromium-flags.ts';

export default defineConfig({
  testDir: '.',
  testMatch: '*.spec.ts',
  outputDir: '../test-results',
  workers: BROWSERS,
  retries: 0,
  timeout: 45_000,
  expect: { timeout: 8000 },
  reporter: [['list']],
  use: {
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: '/usr/bin/chromium', args: CHROMIUM_FLAGS },
    trace: 'off',
  },
});

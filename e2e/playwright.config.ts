// Interface tests against the real server with the demo data.
import { defineConfig } from '@playwright/test';
import { CHROMIUM } from './chromium';

export default defineConfig({
  testDir: '.',
  globalSetup: './stocked.ts',
  testMatch: '*.spec.ts',
  fullyParallel: true,
  workers: 2,
  // Limits for a machine three times slower than this one: what passes takes no longer for them.
  timeout: 180_000,
  // What is long by nature has its own command, npm run test:long.
  ...(process.env['ZANFIRICO_LONG'] === '1' ? {} : { grepInvert: /@long/ }),
  retries: 0,
  expect: { timeout: 30_000 },
  reporter: [['list'], ['json', { outputFile: '../test-results/e2e.json' }]],
  outputDir: '../test-results/e2e',
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'UTC',
    colorScheme: 'dark',
    launchOptions: CHROMIUM,
    contextOptions: { reducedMotion: 'reduce' },
    // What the worker keeps is for its own test: elsewhere each page asks the server.
    serviceWorkers: 'block',
  },
});

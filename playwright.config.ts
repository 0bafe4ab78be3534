import { defineConfig } from '@playwright/test';
import { CHROMIUM } from './scripts/chromium';

/** Journeys through the built application, on a database of its own that scripts/test.sh sets up. */
export default defineConfig({
  testDir: 'tests/e2e',
  testMatch: '**/*.spec.ts',
  workers: 1,
  // A journey has many steps; a machine that stalls for half a minute says nothing about the page.
  timeout: 300_000,
  expect: { timeout: 60_000 },
  reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  outputDir: 'test-results/e2e',
  use: {
    baseURL: `http://127.0.0.1:${process.env.PORT ?? '3311'}`,
    // What is not there within a minute will not come: the journey says so then, not when its whole time is over.
    actionTimeout: 60_000,
    viewport: { width: 1280, height: 800 },
    launchOptions: CHROMIUM,
    contextOptions: { reducedMotion: 'reduce' },
    // What a browser keeps of the pages is tried by one journey of its own.
    serviceWorkers: 'block',
    trace: 'off',
  },
});

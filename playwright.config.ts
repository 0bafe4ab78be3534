import { defineConfig } from '@playwright/test';
import { CHROMIUM } from './scripts/chromium';

/** What is measured by the clock, and so needs a machine that does nothing else. */
const BY_THE_CLOCK = /(at-once|under-load)\.spec\.ts/;

/** Journeys through the built application, on a database of its own that scripts/test.sh sets up. */
export default defineConfig({
  testDir: 'tests/e2e',
  projects: [
    { name: 'by-the-clock', testMatch: BY_THE_CLOCK },
    { name: 'journeys', testMatch: '**/*.spec.ts', testIgnore: BY_THE_CLOCK },
  ],
  workers: 1,
  // A journey has many steps; a machine that stalls for half a minute says nothing about the page.
  timeout: 600_000,
  expect: { timeout: 60_000 },
  reporter: [['list'], ['json', { outputFile: `test-results/${process.env.OVEN_REPORT ?? 'e2e'}.json` }]],
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

import { defineConfig } from '@playwright/test';

export default defineConfig({
  testDir: 'tests/e2e',
  outputDir: 'test-results/browser',
  // Stories share nothing but the machine: each worker has a kitchen of its own.
  workers: Number(process.env.WORKERS ?? 1),
  fullyParallel: true,
  retries: 0,
  // A busy machine is no failure: nothing here is a measurement of time.
  timeout: 120_000,
  expect: { timeout: 20_000 },
  reporter: [['list'], ['json']],
  use: {
    locale: 'en-GB',
    viewport: { width: 1280, height: 800 },
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium-headless-shell',
      args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-background-networking'],
    },
  },
  projects: [
    { name: 'stories', testMatch: '**/*.spec.ts' },
    { name: 'shots', testMatch: '**/*.shots.ts' },
  ],
});

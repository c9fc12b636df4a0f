import { defineConfig } from '@playwright/test';

export default defineConfig({
  testDir: 'tests/e2e',
  outputDir: process.env.PLAYWRIGHT_OUTPUT ?? 'test-results/browser',
  workers: 1,
  // Each story is of its own: they are divided one by one.
  fullyParallel: true,
  retries: 0,
  timeout: 45_000,
  expect: { timeout: 8_000 },
  reporter: [['list'], ['json']],
  use: {
    baseURL: process.env.BASE_URL,
    locale: 'en-GB',
    viewport: { width: 1280, height: 800 },
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-background-networking'],
    },
  },
  projects: [
    { name: 'stories', testMatch: '**/*.spec.ts' },
    { name: 'shots', testMatch: '**/*.shots.ts' },
  ],
});

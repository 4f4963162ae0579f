import { defineConfig } from '@playwright/test';

const port = Number(process.env.KOLPOS_PORT ?? 4318);

export default defineConfig({
  testDir: 'e2e',
  fullyParallel: true,
  // Most of a test is waiting: for a pause in typing, a worker, a page.
  workers: 3,
  timeout: 180_000,
  // A machine that is busy with something else gets a second go; what needs it is reported as flaky.
  retries: process.env.CI ? 1 : 0,
  expect: { timeout: 20_000 },
  reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  use: {
    baseURL: `http://localhost:${port}`,
    viewport: { width: 1280, height: 800 },
    // What cannot be pressed is told soon, not after the whole time of a test.
    actionTimeout: 30_000,
    reducedMotion: 'reduce',
    trace: 'retain-on-failure',
    // Every fresh browser would fetch the whole application ahead; only the tests of working offline want that.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  webServer: { command: `npx next start -p ${port}`, port, reuseExistingServer: false, timeout: 60_000 },
});

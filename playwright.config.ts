import { defineConfig } from '@playwright/test';

const port = Number(process.env.KOLPOS_PORT ?? 4318);

/**
 * What a browser does for somebody who sits before it, and no test needs. The first two draw the list under the address
 * bar, each in a process of its own for every window: a fifth of all the work of a run. The rest are Playwright's own
 * choice, which a second list replaces.
 */
const WITHOUT = [
  'WebUIOmniboxPopup',
  'WebUIOmniboxAimPopup',
  'AimEnabled',
  'AvoidUnnecessaryBeforeUnloadCheckSync',
  'DestroyProfileOnBrowserClose',
  'HttpsFirstBalancedModeAutoEnable',
  'HttpsUpgrades',
  'LensOverlay',
  'MediaRouter',
  'NetworkTimeServiceQuerying',
  'OptimizationHints',
  'PaintHolding',
  'PreconnectToSearch',
  'ThirdPartyStoragePartitioning',
];

/** Milliseconds. */
const LIMIT = Number(process.env.KOLPOS_LIMIT ?? 600_000);

export default defineConfig({
  testDir: 'e2e',
  fullyParallel: true,
  // Most of a test is waiting: for a pause in typing, a worker, a page.
  workers: 3,
  // Tests wait for states. One limit, far beyond what a busy machine needs, ends a test that waits for what never
  // comes.
  timeout: LIMIT,
  expect: { timeout: LIMIT },
  grepInvert: process.env.KOLPOS_FULL ? undefined : /@full/,
  retries: 0,
  reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  use: {
    baseURL: `http://localhost:${port}`,
    viewport: { width: 1280, height: 800 },
    reducedMotion: 'reduce',
    // A trace keeps a copy of the page for every step, which makes a run half as slow again: KOLPOS_TRACE=1 where one
    // is wanted.
    trace: process.env.KOLPOS_TRACE ? 'retain-on-failure' : 'off',
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
        // Helpers that translate and tidy up beside a page win nothing where every core has a test of its own: an eighth
        // of all the work of a run.
        '--js-flags=--single-threaded',
        `--disable-features=${WITHOUT.join(',')}`,
      ],
    },
  },
  webServer: {
    command: `npx next start -p ${port}`,
    env: { KOLPOS_UNPACKED: '1' },
    port,
    reuseExistingServer: false,
    timeout: LIMIT,
  },
});

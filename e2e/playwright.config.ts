import { defineConfig } from '@playwright/test';
import { CHROMIUM } from './kitchen/chromium';

/** The real interface in Debian's headless Chromium; each test has a server and a database of its own. */
export default defineConfig({
  testDir: 'tests',
  // One more than there are cores: somebody always waits, for a scale to settle or a server to start.
  workers: 3,
  // Not how fast it is, which bench/ measures: on a machine that others use too it may be slow.
  timeout: 180_000,
  expect: { timeout: 30_000 },
  forbidOnly: true,
  // A test that passes only at the second go is wrong, or the product is.
  retries: 0,
  reporter: [['list'], ['junit', { outputFile: '../var/test-reports/end-to-end.xml' }]],
  use: {
    // A thing that is not there is missed after this, not when the whole test runs out.
    actionTimeout: 30_000,
    viewport: { width: 1280, height: 800 },
    // What fades in is looked at when it has, and a machine without a graphics card has less to draw.
    contextOptions: { reducedMotion: 'reduce' },
    // Keeping the page for later is work that only its own tests wait for.
    serviceWorkers: 'block',
    screenshot: 'only-on-failure',
    launchOptions: CHROMIUM,
  },
});

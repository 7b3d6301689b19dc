import { defineConfig } from '@playwright/test';
import { ZONE } from './zone.ts';

/** Debian's Chromium, as it starts on a machine without a desktop. */
export default defineConfig({
  testDir: '.',
  // What a page says is asserted, not how soon: on a machine with other work, too.
  timeout: 300_000,
  expect: { timeout: 30_000 },
  workers: 2,
  fullyParallel: true,
  forbidOnly: true,
  // A journey that needs a second try is reported as flaky, by its name.
  retries: 1,
  reporter: [['json'], ['list']],
  outputDir: '../test-results',
  use: {
    actionTimeout: 40_000,
    // Journeys meet the server itself; the one that cooks without it lets the service worker in.
    serviceWorkers: 'block',
    timezoneId: ZONE,
    locale: 'en-GB',
    viewport: { width: 1280, height: 800 },
    trace: 'on-first-retry',
    launchOptions: {
      executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
      chromiumSandbox: false,
      args: [
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--disable-default-apps',
        '--no-pings',
      ],
    },
  },
});

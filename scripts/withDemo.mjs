import { chromium } from '@playwright/test';
import { buildServer, buildWeb } from './build.mjs';
import { startDatabase } from './database.mjs';
import { installChromium, installPackages, installPostgres } from './install.mjs';
import { serveDemo } from './serveDemo.mjs';
import { main, step } from './step.mjs';

/**
 * Installs and builds what is needed, serves the demo on a database of its own, and does some work with it and a browser; then all of it ends.
 * `quiet` says nothing of the way there: what a bench prints is figures alone. `past`: with the weeks behind it.
 */
export const withDemo = (work, { quiet = false, past = false, offsetMs = 0 } = {}) =>
  main(async () => {
    const told = (name, doing) => (quiet ? doing() : step(name, doing));
    await told('packages', installPackages);
    const bin = await told('PostgreSQL', installPostgres);
    const executablePath = await told('Chromium', installChromium);
    await told('building', () => buildServer().then(buildWeb));
    const database = await startDatabase(bin, 'pg-test');
    const served = await serveDemo(database.ownerUrl, { past, offsetMs });
    const browser = await chromium.launch({
      executablePath,
      chromiumSandbox: false,
      args: ['--disable-gpu', '--no-first-run', '--disable-background-networking'],
    });
    try {
      await work({ served, browser });
    } finally {
      await browser.close();
      await served.stop();
      database.stop();
    }
  });

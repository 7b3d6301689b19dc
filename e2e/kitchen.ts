import { fork, type ChildProcess } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import net, { type AddressInfo } from 'node:net';
import path from 'node:path';
import { test as base, type Page } from '@playwright/test';
import pg from 'pg';

const root = path.resolve(import.meta.dirname, '..');

/** A real server on a database of its own. */
export interface Served {
  readonly url: string;
  /** Its database, to look behind its back. */
  readonly databaseUrl: string;
  /** Stops the server, as a power cut would. */
  kill(): Promise<void>;
  /** Starts it again on the same port and data. */
  again(): Promise<void>;
}

const freePort = () =>
  new Promise<number>((resolve) => {
    const probe = net.createServer();
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo;
      probe.close(() => resolve(port));
    });
  });

/** A server on a new database; on a copy of another one, where that is named. */
async function serve(
  demo: boolean,
  template?: string,
): Promise<Served & { database: string; close(keep?: boolean): Promise<void> }> {
  const cluster = process.env['KESTREL_TEST_DATABASE'];
  if (!cluster) throw new Error('KESTREL_TEST_DATABASE is not set. Run the journeys by "npm test".');
  const admin = new pg.Client({ connectionString: cluster });
  await admin.connect();
  const name = `journey_${randomBytes(6).toString('hex')}`;
  await admin.query(`CREATE DATABASE ${name}${template ? ` TEMPLATE ${template}` : ''}`);
  const database = new URL(cluster);
  database.pathname = `/${name}`;
  const port = await freePort();
  let server: ChildProcess | undefined;
  const again = () =>
    new Promise<void>((resolve, reject) => {
      server = fork(path.join(root, 'apps/server/dist/main.js'), {
        env: {
          ...process.env,
          DATABASE_URL: database.href,
          PORT: `${port}`,
          HOST: '127.0.0.1',
          LOG_LEVEL: 'error',
          ...(demo ? { DEMO: 'load' } : {}),
        },
        stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
      });
      server.once('message', () => resolve());
      server.once('exit', (code) => reject(new Error(`The server ended with ${code}.`)));
    });
  const kill = () =>
    new Promise<void>((resolve) => {
      if (!server || server.exitCode !== null) return resolve();
      server.removeAllListeners('exit');
      server.once('exit', () => resolve());
      server.kill('SIGKILL');
    });
  await again();
  return {
    url: `http://127.0.0.1:${port}`,
    databaseUrl: database.href,
    database: name,
    kill,
    again,
    close: async (keep = false) => {
      await kill();
      if (!keep) await admin.query(`DROP DATABASE IF EXISTS ${name} WITH (FORCE)`);
      await admin.end();
    },
  };
}

/** Journeys start in the demo kitchen, or in a server without any kitchen; each in one of its own. */
export const test = base.extend<{ hut: Served; bare: Served }, { demo: string }>({
  // The demo is loaded once for each worker; every journey gets a copy of it.
  demo: [
    async ({ playwright: _ }, use) => {
      const served = await serve(true);
      await served.close(true);
      await use(served.database);
      const admin = new pg.Client({ connectionString: process.env['KESTREL_TEST_DATABASE'] });
      await admin.connect();
      await admin.query(`DROP DATABASE IF EXISTS ${served.database} WITH (FORCE)`);
      await admin.end();
    },
    { scope: 'worker' },
  ],
  hut: async ({ demo }, use) => {
    const served = await serve(true, demo);
    await use(served);
    await served.close();
  },
  bare: async ({ playwright: _ }, use) => {
    const served = await serve(false);
    await use(served);
    await served.close();
  },
});

/** The large button of a run; what is read back at a gate is answered: all of it went in, what has to come out is out. */
export async function tapDone(page: Page): Promise<void> {
  await page.locator('.now-actions > .run-done').first().click();
  const gate = page.locator('.gate');
  // It opens with the next frame, or not at all.
  await gate.waitFor({ timeout: 150 }).catch(() => undefined);
  if (!(await gate.isVisible())) return;
  const out = gate.locator('.gate-out');
  if (await out.isVisible()) await out.click();
  await gate.locator('.run-done').click();
}

export { expect } from '@playwright/test';

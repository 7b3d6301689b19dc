import { randomBytes } from 'node:crypto';
import {
  expect,
  test as base,
  type Browser,
  type BrowserContext,
  type BrowserContextOptions,
  type Page,
} from '@playwright/test';
import pg from 'pg';
import { endHosts, freePort, hostFor, type Host } from './host.ts';
import { ZONE } from './zone.ts';

/** A real server on a database of its own. */
export interface Served {
  readonly url: string;
  /** Its database, to look behind its back. */
  readonly databaseUrl: string;
  /** By how much its clock, and the browser's, go otherwise than this machine's. */
  readonly offsetMs: number;
  /** Stops the server, as a power cut would. */
  kill(): Promise<void>;
  /** Starts it again on the same port and data; at another time, or with other pages, where that is said. */
  again(other?: { readonly offsetMs?: number; readonly pages?: string }): Promise<void>;
  /** Its database is gone: whoever was connected is cut off, and nobody gets in. */
  databaseAway(): Promise<void>;
  databaseBack(): Promise<void>;
}

/** When journeys set out, whatever day it is: a Wednesday morning, before the meals of the day. */
const SETS_OUT = '2026-03-11T08:20:00Z';
/** The demo is loaded a little before the first journey sets out, so that nothing in it lies ahead. */
const LOADED_BEFORE_MS = 120_000;

/** By how much the clocks of a journey go otherwise than this machine's, ms. */
export const offsetTo = (moment: number): number => Math.round(moment - Date.now());

/** A browser that lives in the journey's time; its timers run as ever. */
async function inTime(context: BrowserContext, offsetMs: number): Promise<void> {
  await context.addInitScript((offset: number) => {
    const Real = Date;
    const now = () => Real.now() + offset;
    globalThis.Date = new Proxy(Real, {
      apply: () => new Real(now()).toString(),
      construct: (_, given: []) => (given.length === 0 ? new Real(now()) : new Real(...given)),
      get: (real, name) => (name === 'now' ? now : (Reflect.get(real, name) as unknown)),
    });
  }, offsetMs);
}

/** Another device: a browser of its own in the same time. */
export async function otherDevice(
  browser: Browser,
  hut: Served,
  options: BrowserContextOptions = {},
): Promise<BrowserContext> {
  const context = await browser.newContext(options);
  await inTime(context, hut.offsetMs);
  return context;
}

/** The same database with the role that reads and writes: in a cluster for tests both have one password. */
function asApp(owner: URL): string {
  const app = new URL(owner);
  app.username = 'kestrel_app';
  return app.href;
}

/** A server on a new database; on a copy of another one, where that is named. */
async function serve(
  demo: boolean | 'with past',
  offsetMs: number,
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
  let host: Host | undefined;
  const again = async (other: { readonly offsetMs?: number; readonly pages?: string } = {}) => {
    host = await hostFor({
      DATABASE_URL: asApp(database),
      MIGRATION_DATABASE_URL: database.href,
      PORT: `${port}`,
      HOST: '127.0.0.1',
      CLOCK_OFFSET_MS: `${other.offsetMs ?? offsetMs}`,
      ...(other.pages ? { WEB_DIR: other.pages } : {}),
      ...(demo ? { DEMO: demo === 'with past' ? 'load with past' : 'load' } : {}),
    });
  };
  await again();
  return {
    url: `http://127.0.0.1:${port}`,
    databaseUrl: database.href,
    offsetMs,
    database: name,
    kill: async () => host?.kill(),
    again,
    databaseAway: async () => {
      await admin.query(`ALTER DATABASE ${name} ALLOW_CONNECTIONS false`);
      await admin.query(`SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE datname = '${name}'`);
    },
    databaseBack: async () => void (await admin.query(`ALTER DATABASE ${name} ALLOW_CONNECTIONS true`)),
    close: async (keep = false) => {
      await host?.done();
      if (!keep) await admin.query(`DROP DATABASE IF EXISTS ${name} WITH (FORCE)`);
      await admin.end();
    },
  };
}

/** The demo, bare and with its past, as it is when journeys set out: loaded once for each worker, every journey gets a copy of it. */
const loaded = new Map<true | 'with past', Promise<string>>();
async function load(demo: true | 'with past'): Promise<string> {
  const served = await serve(demo, offsetTo(Date.parse(SETS_OUT) - LOADED_BEFORE_MS));
  await served.close(true);
  return served.database;
}
/** The demo at a time: where only one journey sets out then, its server loads it itself. */
async function serveDemo(demo: true | 'with past', setsOut: string) {
  const offsetMs = offsetTo(Date.parse(setsOut));
  if (setsOut !== SETS_OUT) return serve(demo, offsetMs);
  const template = loaded.get(demo) ?? load(demo);
  loaded.set(demo, template);
  return serve(demo, offsetMs, await template);
}

/** Journeys start in the demo kitchen, or in a server without any kitchen; each in one of its own, at a time that is set. */
export const test = base.extend<
  { setsOut: string; hut: Served; lived: Served; bare: Served },
  { leavesNoDemo: undefined }
>({
  setsOut: [SETS_OUT, { option: true }],
  leavesNoDemo: [
    async ({ playwright: _ }, use) => {
      await use(undefined);
      await endHosts();
      const admin = new pg.Client({ connectionString: process.env['KESTREL_TEST_DATABASE'] });
      await admin.connect();
      for (const template of loaded.values())
        await admin.query(`DROP DATABASE IF EXISTS ${await template} WITH (FORCE)`);
      await admin.end();
    },
    { scope: 'worker', auto: true },
  ],
  hut: async ({ setsOut, context }, use) => {
    const served = await serveDemo(true, setsOut);
    await inTime(context, served.offsetMs);
    await use(served);
    await served.close();
  },
  // The demo with eight weeks behind it.
  lived: async ({ setsOut, context }, use) => {
    const served = await serveDemo('with past', setsOut);
    await inTime(context, served.offsetMs);
    await use(served);
    await served.close();
  },
  bare: async ({ setsOut, context }, use) => {
    const served = await serve(false, offsetTo(Date.parse(setsOut)));
    await inTime(context, served.offsetMs);
    await use(served);
    await served.close();
  },
});

/** The large button of a run; what is read back at a gate is answered: all of it went in, what has to come out is out. */
export async function tapDone(page: Page): Promise<void> {
  const before = await page.locator('.run-foot').textContent();
  await page.locator('.now-actions > .run-done').first().click();
  // Either the step is done, or its gate asks first.
  await page.waitForFunction(
    (was) => document.querySelector('.gate') !== null || document.querySelector('.run-foot')?.textContent !== was,
    before,
  );
  const gate = page.locator('.gate');
  if (!(await gate.isVisible())) return;
  const out = gate.locator('.gate-out');
  if (await out.isVisible()) await out.click();
  await gate.locator('.run-done').click();
}

/** One step further in a run: what runs alone is switched on when it is due, hands are done with what they do, else a clock is over. */
export async function goOn(page: Page): Promise<void> {
  const on = page.locator('.to-start.due').getByRole('button', { name: 'Started', exact: true });
  if (await on.count()) await on.first().click();
  else if (await page.locator('.now-actions > .run-done').count()) await tapDone(page);
  else {
    const later = page.locator('.to-start').getByRole('button', { name: /^(Started|It has started)$/ });
    if (await later.count()) await later.first().click();
    await page.locator('.clock .clock-actions > .ant-btn').first().click();
  }
}

/** What a suggested week may be good at: each is said of one card, and a card may be best at several. */
const GOOD_AT = ['least waste', 'least work', 'cheapest', 'most variety'];
export async function weeksShown(page: Page, patience = {}): Promise<void> {
  for (const name of GOOD_AT) await expect(page.getByRole('region', { name })).toBeVisible(patience);
}

/** Suggested weeks stay as they are once a finger is on one: no better one takes its place while it is read. */
export async function keepStill(page: Page): Promise<void> {
  await page.locator('.suggested-card h2').first().click();
  await expect(page.getByText(/^(as you saw them|as good as they get)$/)).toBeVisible();
}

/** The name of a day from the journey's today on, as the week's line takes it. */
export const dayIn = ({ offsetMs }: Served, n: number): string => {
  const today = new Date(Date.now() + offsetMs).toLocaleDateString('en-CA', { timeZone: ZONE });
  return new Date(Date.parse(`${today}T12:00:00Z`) + n * 86_400_000)
    .toLocaleDateString('en', { weekday: 'short', timeZone: 'UTC' })
    .toLowerCase();
};

/** Says something of the week in its line. */
export async function sayOfWeek(page: Page, text: string): Promise<void> {
  await page.getByLabel('The week in one line').fill(text);
  await page.getByLabel('The week in one line').press('Enter');
}

export { expect } from '@playwright/test';

/** Goes on until a task of this name is what the hands do now. */
export async function goOnTo(page: Page, name: RegExp): Promise<void> {
  const now = page.locator('.now-name').filter({ hasText: name });
  await expect(async () => {
    if (!(await now.isVisible())) await goOn(page);
    expect(await now.isVisible()).toBe(true);
  }).toPass({ timeout: 90_000, intervals: [50] });
}

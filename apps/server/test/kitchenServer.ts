import 'reflect-metadata';
import { randomBytes, randomUUID } from 'node:crypto';
import type { AddressInfo } from 'node:net';
import type { NestExpressApplication } from '@nestjs/platform-express';
import pg from 'pg';
import { createApp } from '../src/app.ts';
import { serverNow, setServerClock } from '../src/command/clock.ts';
import { DEMO_KITCHEN, loadDemo } from '../src/demo/loadDemo.ts';

export interface Answer<T> {
  readonly status: number;
  readonly type: string;
  readonly body: T;
}

export interface KitchenServer {
  readonly url: string;
  readonly kitchen: string;
  readonly app: NestExpressApplication;
  /** The server's time, as a device would say it. */
  readonly now: () => string;
  /** The database itself, to look behind the server's back. */
  readonly sql: <R extends pg.QueryResultRow>(text: string, values?: readonly unknown[]) => Promise<readonly R[]>;
  get<T>(path: string): Promise<Answer<T>>;
  send<T>(method: 'POST' | 'PUT', path: string, body: unknown, key?: string): Promise<Answer<T>>;
  dropDatabase(): Promise<void>;
  /** Lets go of the database that was looked at, so that it can be renamed. */
  leave(): Promise<void>;
  close(): Promise<void>;
}

/** The test cluster, started by scripts/test.mjs. */
function clusterUrl(): string {
  const url = process.env['KESTREL_TEST_DATABASE'];
  if (!url)
    throw new Error(
      'KESTREL_TEST_DATABASE is not set. Run these tests by "npm test", which starts a database for them.',
    );
  return url;
}

/** When tests set out, whatever day it is: a Wednesday morning in the week of a month's end. */
const SETS_OUT = '2026-04-29T08:20:00Z';

/** The demo is loaded a little before tests set out, so that nothing in it lies ahead. */
const LOADED_BEFORE_MS = 120_000;

/** The demo as it is when tests set out: loaded once, every server that starts with it gets a copy. */
let demoOnce: Promise<string> | undefined;
const demoDatabase = (): Promise<string> =>
  (demoOnce ??= (async () => {
    const admin = await cluster();
    const name = await newDatabase(admin);
    await admin.end();
    setServerClock(new Date(Date.parse(SETS_OUT) - LOADED_BEFORE_MS));
    const { app, url } = await serve(name);
    await loadDemo(url, serverNow(), false);
    await app.close();
    return name;
  })());

/** Nothing that servers were copied from stays behind. */
export async function forgetDemo(): Promise<void> {
  if (!demoOnce) return;
  const admin = await cluster();
  await admin.query(`DROP DATABASE IF EXISTS ${await demoOnce} WITH (FORCE)`);
  await admin.end();
}

async function cluster(): Promise<pg.Client> {
  const admin = new pg.Client({ connectionString: clusterUrl() });
  await admin.connect();
  return admin;
}

/** An empty database; a copy of another one, where that is named. */
async function newDatabase(admin: pg.Client, template?: string): Promise<string> {
  const name = `test_${randomBytes(6).toString('hex')}`;
  await admin.query(`CREATE DATABASE ${name}${template ? ` TEMPLATE ${template}` : ''}`);
  return name;
}

const urlOf = (database: string): URL => {
  const url = new URL(clusterUrl());
  url.pathname = `/${database}`;
  return url;
};

/** The app on a database, which is brought up to date. */
async function serve(database: string): Promise<{ readonly app: NestExpressApplication; readonly url: string }> {
  const databaseUrl = urlOf(database);
  process.env['MIGRATION_DATABASE_URL'] = databaseUrl.href;
  // In a cluster for tests both roles have one password.
  const appUrl = new URL(databaseUrl);
  appUrl.username = 'kestrel_app';
  process.env['DATABASE_URL'] = appUrl.href;
  process.env['LOG_LEVEL'] = 'silent';
  const app = await createApp();
  await app.listen(0, '127.0.0.1');
  const { port } = app.getHttpServer().address() as AddressInfo;
  return { app, url: `http://127.0.0.1:${port}` };
}

/** A server of its own on a database of its own, with the demo kitchen in it, at a set time that goes on from there. */
export async function startKitchenServer({
  demo,
  at = SETS_OUT,
}: {
  readonly demo: boolean | 'with past';
  readonly at?: string;
}): Promise<KitchenServer> {
  const copied = demo === true && at === SETS_OUT;
  const template = copied ? await demoDatabase() : undefined;
  setServerClock(new Date(at));
  const admin = await cluster();
  const name = await newDatabase(admin, template);
  const { app, url } = await serve(name);
  if (demo && !copied) await loadDemo(url, serverNow(), demo === 'with past');
  const direct = new pg.Client({ connectionString: urlOf(name).href });
  direct.on('error', () => undefined);
  await direct.connect();
  await direct.query(`SELECT set_config('kestrel.kitchen', $1, false)`, [DEMO_KITCHEN]);

  const call = async <T>(path: string, init?: RequestInit): Promise<Answer<T>> => {
    const response = await fetch(`${url}/api/${path}`, init);
    const text = await response.text();
    return {
      status: response.status,
      type: response.headers.get('content-type') ?? '',
      body: (text ? JSON.parse(text) : undefined) as T,
    };
  };
  const drop = () => admin.query(`DROP DATABASE IF EXISTS ${name} WITH (FORCE)`).then(() => undefined);
  return {
    url,
    kitchen: DEMO_KITCHEN,
    app,
    now: () => serverNow().toISOString(),
    sql: async <R extends pg.QueryResultRow>(text: string, values: readonly unknown[] = []) =>
      (await direct.query<R>(text, [...values])).rows,
    get: (path) => call(path),
    send: (method, path, body, key = randomUUID()) =>
      call(path, {
        method,
        headers: { 'content-type': 'application/json', 'idempotency-key': key },
        body: JSON.stringify(body),
      }),
    dropDatabase: drop,
    leave: () => direct.end().catch(() => undefined),
    close: async () => {
      await direct.end().catch(() => undefined);
      await app.close();
      await drop();
      await admin.end();
    },
  };
}

import { spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import pg from 'pg';
import { startKitchenServer, type KitchenServer } from './kitchenServer.ts';

/* The scripts themselves, on the cluster of the tests. */

const scripts = path.resolve(import.meta.dirname, '../../../scripts');
let server: KitchenServer;
let name: string;
let folder: string;
let owner: string;
beforeAll(async () => {
  server = await startKitchenServer({ demo: true });
  owner = process.env['MIGRATION_DATABASE_URL'] ?? '';
  name = new URL(owner).pathname.slice(1);
  folder = mkdtempSync(path.join(os.tmpdir(), 'backup-'));
}, 60_000);
afterAll(async () => {
  await server.close();
  const admin = new pg.Client({ connectionString: process.env['KESTREL_TEST_DATABASE'] });
  await admin.connect();
  for (const left of [name, `${name}_before`]) await admin.query(`DROP DATABASE IF EXISTS ${left} WITH (FORCE)`);
  await admin.end();
  rmSync(folder, { recursive: true });
});

const script = (which: 'backup' | 'restore', file: string) => {
  const { DATABASE_URL: _app, MIGRATION_DATABASE_URL: _owner, ...env } = process.env;
  const { status, stdout, stderr } = spawnSync('node', [path.join(scripts, `${which}.mjs`), file], {
    env: { ...env, KESTREL_CLUSTER: 'pg-test', KESTREL_DATABASE: name },
    encoding: 'utf8',
  });
  return { status, said: `${stdout}${stderr}` };
};

/** All that lies on the shelf, read behind the server's back. */
async function onHand(): Promise<readonly unknown[]> {
  const direct = new pg.Client({ connectionString: owner });
  await direct.connect();
  await direct.query(`SELECT set_config('kestrel.kitchen', $1, false)`, [server.kitchen]);
  const { rows } = await direct.query<object>('SELECT id, food, on_hand FROM lot ORDER BY id');
  await direct.end();
  return rows;
}

test('what is backed up beside the running server comes back whole, and what a restore replaces is kept', async () => {
  const before = await onHand();
  expect(before.length).toBeGreaterThan(10);
  const file = path.join(folder, 'hut.dump');
  expect(script('backup', file)).toMatchObject({ status: 0 });
  expect(readdirSync(folder)).toEqual(['hut.dump']);

  // One backup is not written over by the next.
  expect(script('backup', file)).toMatchObject({
    status: 1,
    said: expect.stringContaining('is there already') as string,
  });
  // Nothing is replaced under a server that runs.
  expect(script('restore', file)).toMatchObject({ status: 1, said: expect.stringContaining('is running') as string });

  await server.sql('UPDATE lot SET on_hand = 0');
  await server.app.close();
  await server.leave();
  const bad = path.join(folder, 'bad.dump');
  writeFileSync(bad, 'no backup');
  expect(script('restore', bad)).toMatchObject({
    status: 1,
    said: expect.stringContaining('nothing was changed') as string,
  });
  expect(script('restore', path.join(folder, 'none.dump'))).toMatchObject({ status: 1 });
  expect(await onHand()).not.toEqual(before);

  expect(script('restore', file)).toMatchObject({ status: 0 });
  expect(await onHand()).toEqual(before);
}, 60_000);

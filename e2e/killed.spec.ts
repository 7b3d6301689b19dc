import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { expect, test } from './kitchen.ts';

const KITCHENS = '/api/kitchens';

test('a server killed in the middle of a command leaves no half of it; sent again, it is done once', async ({
  hut,
}) => {
  const json = async <T>(path: string) => (await (await fetch(`${hut.url}${path}`)).json()) as T;
  const [kitchen] = await json<{ id: string }[]>(KITCHENS);
  const at = `${KITCHENS}/${kitchen?.id ?? ''}`;
  const lots = () => json<{ id: string; onHand: string; version: number }[]>(`${at}/lots`);
  const lot = (await lots()).find(({ onHand }) => Number(onHand) > 200);
  if (!lot) throw new Error('The demo has no lot of more than 200.');
  const key = randomUUID();
  const take = () =>
    fetch(`${hut.url}${at}/lots/${lot.id}/throw`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', 'idempotency-key': key },
      body: JSON.stringify({ amount: '100', reason: 'tasted', version: lot.version }),
    });

  const behind = new pg.Client({ connectionString: hut.databaseUrl });
  await behind.connect();
  await behind.query(`SELECT set_config('kestrel.kitchen', $1, false)`, [kitchen?.id]);
  const count = async (table: string) =>
    (await behind.query<{ n: number }>(`SELECT count(*)::int AS n FROM ${table}`)).rows[0]?.n;
  const before = { movements: await count('movement'), commands: await count('command') };

  // Somebody holds the lot's row: the command has noted its key and waits in the middle.
  await behind.query('BEGIN');
  await behind.query('SELECT id FROM lot WHERE id = $1 FOR UPDATE', [lot.id]);
  const cut = take().then(
    () => 'answered',
    () => 'cut off',
  );
  const waiting = `SELECT count(*)::int AS n FROM pg_stat_activity WHERE datname = current_database() AND wait_event_type = 'Lock'`;
  await expect.poll(async () => (await behind.query<{ n: number }>(waiting)).rows[0]?.n).toBeGreaterThan(0);
  await hut.kill();
  expect(await cut).toBe('cut off');
  await behind.query('ROLLBACK');

  await expect
    .poll(async () => ({ movements: await count('movement'), commands: await count('command') }))
    .toEqual(before);
  await hut.again();
  expect((await lots()).find(({ id }) => id === lot.id)).toEqual(lot);

  expect((await take()).status).toBeLessThan(300);
  expect((await take()).status).toBeLessThan(300);
  expect(Number((await lots()).find(({ id }) => id === lot.id)?.onHand)).toBe(Number(lot.onHand) - 100);
  await behind.end();
});

import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { withDemo } from '../scripts/withDemo.mjs';
import { figure, median } from './figure.mjs';

const A_ROUND = 60;
const ROUNDS = 7;
const AT_ONCE = 4;

/** Runs `count` pieces of work, a few at once, and answers how many a second. */
async function perSecond(count, work) {
  const began = performance.now();
  let next = 0;
  await Promise.all(
    Array.from({ length: AT_ONCE }, async (_, lane) => {
      while (next < count) {
        next += 1;
        await work(lane);
      }
    }),
  );
  return (count / (performance.now() - began)) * 1000;
}

/** Writing commands through the server, beside the same statements run bare on the same database, round by round in turn. */
await withDemo(
  async ({ served }) => {
    const [kitchen] = await (await fetch(`${served.url}/api/kitchens`)).json();
    const at = `${served.url}/api/kitchens/${kitchen.id}`;
    const { places } = await (await fetch(at)).json();
    const foods = await (await fetch(`${at}/foods`)).json();
    const food = foods.find((each) => each.name === 'leek').id;
    const place = places[0].id;

    const throughServer = async () => {
      const response = await fetch(`${at}/lots`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', 'idempotency-key': randomUUID() },
        body: JSON.stringify({ id: randomUUID(), food, place, amount: '100', priceMinor: 40, origin: 'bought' }),
      });
      if (!response.ok) throw new Error(await response.text());
      await response.text();
    };

    const clients = await Promise.all(
      Array.from({ length: AT_ONCE }, async () => {
        const client = new pg.Client({ connectionString: served.databaseUrl });
        await client.connect();
        return client;
      }),
    );
    const bare = async (lane) => {
      const client = clients[lane];
      const [lot, key] = [randomUUID(), randomUUID()];
      await client.query('BEGIN');
      await client.query(`SELECT set_config('kestrel.kitchen', $1, true)`, [kitchen.id]);
      await client.query(
        'INSERT INTO command (kitchen, key, name, fingerprint) VALUES ($1, $2, $3, $4) ON CONFLICT DO NOTHING RETURNING key',
        [kitchen.id, key, 'add lot', 'bench'],
      );
      await client.query('SELECT * FROM food WHERE kitchen = $1 AND id = $2', [kitchen.id, food]);
      await client.query('SELECT * FROM place WHERE kitchen = $1 AND id = $2', [kitchen.id, place]);
      await client.query('SELECT * FROM kitchen WHERE id = $1', [kitchen.id]);
      await client.query(
        `INSERT INTO lot (kitchen, id, food, place, base, origin, bought_on, priced_minor, priced_amount) VALUES ($1, $2, $3, $4, 'g', 'bought', current_date, 40, 100)`,
        [kitchen.id, lot, food, place],
      );
      await client.query(
        `INSERT INTO movement (kitchen, id, lot, amount, kind, command) VALUES ($1, $2, $3, 100, 'bought', $4)`,
        [kitchen.id, randomUUID(), lot, key],
      );
      const { rows } = await client.query('SELECT * FROM lot WHERE kitchen = $1 AND id = $2', [kitchen.id, lot]);
      await client.query(
        `WITH answered AS (UPDATE command SET answer = $3 WHERE kitchen = $1 AND key = $2) SELECT pg_notify('kitchen', $4)`,
        [kitchen.id, key, JSON.stringify(rows[0]), '{}'],
      );
      await client.query('COMMIT');
    };

    await perSecond(A_ROUND, throughServer);
    await perSecond(A_ROUND, bare);
    const server = [];
    const sql = [];
    for (let round = 0; round < ROUNDS; round++) {
      server.push(await perSecond(A_ROUND, throughServer));
      sql.push(await perSecond(A_ROUND, bare));
    }
    await Promise.all(clients.map((client) => client.end()));
    figure('writing commands a second', median(server), '1/s', 'for the record: a ratio is judged');
    figure('the same SQL run bare ÷ writing commands', median(sql) / median(server), 'ratio', '<=5');
  },
  { quiet: true },
);

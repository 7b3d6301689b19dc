import pg from 'pg';
import { Sequelize } from 'sequelize';
import { migrate } from '../src/database/migrate.ts';
import { startKitchenServer, type KitchenServer } from './kitchenServer.ts';

/* The server works with a role that can add to the books, and can neither rewrite nor empty them. */

let server: KitchenServer;
let app: pg.Client;
beforeAll(async () => {
  server = await startKitchenServer({ demo: true });
  app = new pg.Client({ connectionString: process.env['DATABASE_URL'] });
  await app.connect();
  await app.query(`SELECT set_config('kestrel.kitchen', $1, false)`, [server.kitchen]);
}, 60_000);
afterAll(async () => {
  await app.end();
  await server.close();
});

test('it is another role than the owner, and sees the kitchen it has named', async () => {
  const { rows } = await app.query<{ role: string; n: number }>(
    'SELECT current_user AS role, (SELECT count(*)::int FROM movement) AS n',
  );
  expect(rows[0]?.role).toBe('kestrel_app');
  expect(rows[0]?.n).toBeGreaterThan(0);
});

test.each([
  'TRUNCATE movement',
  'DELETE FROM movement',
  'UPDATE movement SET amount = amount + 1',
  'DELETE FROM event',
  'UPDATE event SET clock = 1',
  'TRUNCATE event',
  'DELETE FROM migration',
  'DROP TABLE lot',
  'ALTER TABLE movement DISABLE ROW LEVEL SECURITY',
  'DROP POLICY own_kitchen ON movement',
  'CREATE TABLE mine (id int)',
])('%s: it is not allowed to', async (sql) => {
  await expect(app.query(sql)).rejects.toThrow(/permission denied|must be owner/);
});

test('a database that a newer version has used is refused plainly, and left as it is', async () => {
  const owner = new Sequelize(process.env['MIGRATION_DATABASE_URL'] ?? '', { dialect: 'postgres', logging: false });
  await server.sql(`INSERT INTO migration (name) VALUES ('0999-from-tomorrow')`);
  await expect(migrate(owner)).rejects.toThrow(/newer Kestrel Ridge \(0999-from-tomorrow\)/);
  await server.sql(`DELETE FROM migration WHERE name = '0999-from-tomorrow'`);
  await expect(migrate(owner)).resolves.toEqual([]);
  await owner.close();
});

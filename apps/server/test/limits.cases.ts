import { LIMITS, type Span } from '@kestrel-ridge/core/formats';
import { startKitchenServer, type KitchenServer } from './kitchenServer.ts';

/* Requests and schemas ask core for their limits; what the database holds of them must be the same, or one of the two would refuse what the other takes. */

let server: KitchenServer;
let checks: readonly { readonly table: string; readonly rule: string }[] = [];
beforeAll(async () => {
  server = await startKitchenServer({ demo: false });
  checks = await server.sql<{ table: string; rule: string }>(
    `SELECT conrelid::regclass::text AS table, pg_get_constraintdef(oid) AS rule FROM pg_constraint WHERE contype = 'c'`,
  );
}, 60_000);
afterAll(() => server.close());

/** The bounds that a table's checks name for a column, or for the length of a text. */
function boundsOf(table: string, column: string): Span {
  const rules = checks.filter((each) => each.table === table && new RegExp(`\\b${column}\\b`).test(each.rule));
  const most = rules.flatMap(({ rule }) => [...rule.matchAll(/<= \(?(\d+(?:\.\d+)?)/g)].map(([, n]) => Number(n)));
  const least = rules.flatMap(({ rule }) => [...rule.matchAll(/>=? \(?(\d+(?:\.\d+)?)/g)].map(([, n]) => Number(n)));
  return [Math.max(...least), Math.min(...most)];
}

test.each([
  ['kitchen', 'name', LIMITS.kitchenName],
  ['place', 'name', LIMITS.placeName],
  ['eater', 'name', LIMITS.eaterName],
  ['week_template', 'name', LIMITS.templateName],
  ['price', 'shop', LIMITS.shopName],
  ['slot', 'note', LIMITS.mealNote],
  ['slot', 'guests', LIMITS.guests],
  ['session', 'cooks', LIMITS.cooks],
  ['appetite', 'portions_a_day', LIMITS.portionsADay],
] as const)('%s.%s is bounded in the table as it is in core', (table, column, limits) => {
  expect(boundsOf(table, column)).toEqual(limits);
});
test('a batch may have as many portions as core says, an eater as much appetite', () => {
  expect(boundsOf('batch', 'portions')[1]).toBe(LIMITS.batchPortions[1]);
  expect(boundsOf('eater', 'appetite')[1]).toBe(LIMITS.eaterAppetite[1]);
});

import { randomUUID } from 'node:crypto';
import type { BatchState, LotState, PastState } from '@kestrel-ridge/core/formats';
import { startKitchenServer, type KitchenServer } from './kitchenServer.ts';
import { lookUp } from './lookUp.ts';

let server: KitchenServer;
let at: string;
const { lots, batchOf, placeOf } = lookUp(() => server);

beforeAll(async () => {
  server = await startKitchenServer({ demo: true });
  at = `kitchens/${server.kitchen}`;
}, 60_000);
afterAll(() => server.close());

/** The tests set out on Wednesday, 29 April 2026. */
const WEEK = 'from=2026-04-27&until=2026-05-03';
const past = async (query = WEEK) => (await server.get<PastState>(`${at}/past?${query}`)).body;

test('what was cooked, eaten, thrown away and taken back in a week is told, with what it had cost; the weeks before know nothing of it', async () => {
  const batch = await batchOf('Millet with bay');
  const box = randomUUID();
  const put = await server.send<BatchState>('POST', `${at}/batches/${batch.id}/put-away`, {
    boxes: [{ id: box, place: await placeOf('fridge'), portions: 16, box: 'small box' }],
    ifShort: 'take what is there',
    version: batch.version,
  });
  expect(put.status).toBe(200);
  const made = (await lots()).find(({ id }) => id === box) as LotState;
  const key = randomUUID();
  const thrown = await server.send<LotState>(
    'POST',
    `${at}/lots/${box}/throw`,
    { amount: '100', reason: 'fell down', version: made.version },
    key,
  );
  expect(thrown.status).toBeLessThan(300);
  const told = await past();
  const mine = told.movements.filter(({ lot }) => lot === box);
  expect(mine.map(({ kind, amount, reason, placeKind }) => [kind, Number(amount), reason, placeKind])).toEqual([
    ['made', Number(made.onHand), null, 'fridge'],
    ['thrown', -100, 'fell down', 'fridge'],
  ]);
  // A share of what the batch had cost.
  const used = put.body.cost?.usedMinor ?? 0;
  expect(mine[1]?.minor).toBe(Math.round((used * 100) / Number(made.onHand)));
  expect(told.batches.find(({ id }) => id === batch.id)).toMatchObject({ status: 'put away' });
  expect(told.first).toBe('2026-04-29');
  // What stood in boxes before that week: nothing, as the demo is of this one.
  expect(told.before).toEqual([]);

  expect((await server.send('POST', `${at}/undo`, { command: key })).status).toBeLessThan(300);
  expect((await past()).movements.filter(({ lot }) => lot === box).map(({ reason }) => reason)).toEqual([
    null,
    'fell down',
    'undo: throw lot',
  ]);
  expect((await past('from=2026-04-20&until=2026-04-26')).movements).toEqual([]);
});

test('a week later the boxes are what was there before, to the gram', async () => {
  const { before } = await past('from=2026-05-04&until=2026-05-10');
  const onHand = new Map<string, number>();
  for (const { food, portionG, onHand: amount } of await lots())
    if (portionG !== null) onHand.set(food, (onHand.get(food) ?? 0) + Number(amount));
  expect(before.length).toBeGreaterThan(0);
  expect(Object.fromEntries(before.map(({ food, amount }) => [food, Number(amount)]))).toEqual(
    Object.fromEntries(onHand),
  );
});

test.each([
  ['', 'from'],
  ['from=yesterday&until=2026-05-03', 'from'],
  ['from=2026-04-27', 'until'],
  ['from=2026-05-03&until=2026-04-27', 'until'],
  ['from=2026-01-01&until=2026-05-03', 'until'],
])('“%s” is asked again', async (query, field) => {
  const answer = await server.get<{ errors: { field: string }[] }>(`${at}/past?${query}`);
  expect(answer.status).toBe(422);
  expect(answer.body.errors.map((error) => error.field)).toEqual([field]);
});

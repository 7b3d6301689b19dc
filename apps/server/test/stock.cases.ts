import { randomUUID } from 'node:crypto';
import { bookFoodId, namedId } from '@kestrel-ridge/core/food';
import { addDays, day } from '@kestrel-ridge/core/quantity';
import type { CostState, LedgerRow, LotState } from '@kestrel-ridge/core/formats';
import { startKitchenServer, type KitchenServer } from './kitchenServer.ts';
import { lookUp } from './lookUp.ts';

let server: KitchenServer;
let at: string;
const { lots, placeOf, ledgerHolds } = lookUp(() => server);

beforeAll(async () => {
  server = await startKitchenServer({ demo: true });
  at = `kitchens/${server.kitchen}`;
}, 60_000);
afterAll(() => server.close());

const lotOf = async (food: string): Promise<LotState> => {
  const lot = (await lots()).find((each) => each.food === bookFoodId(food));
  if (!lot) throw new Error(`no ${food}`);
  return lot;
};

test('fifty take from one lot at once: exactly what was there leaves, and each is told the truth', async () => {
  const { id, onHand } = await lotOf('leek');
  const take = async (): Promise<boolean> => {
    for (;;) {
      const lot = (await lots()).find((each) => each.id === id);
      if (!lot) return false;
      const answer = await server.send<{ code?: string }>('POST', `${at}/lots/${id}/throw`, {
        amount: '30',
        reason: 'tasted',
        version: lot.version,
      });
      if (answer.status === 200 || answer.status === 201) return true;
      if (answer.body.code !== 'stale') return false;
    }
  };
  const told = await Promise.all(Array.from({ length: 50 }, take));
  const served = told.filter(Boolean).length;
  expect(served).toBe(Math.floor(Number(onHand) / 30));
  const left = (await lots()).find((each) => each.id === id)?.onHand ?? '0';
  expect(Number(left)).toBe(Number(onHand) - 30 * served);
  await ledgerHolds();
}, 120_000);

test('several lots are put on the shelf at once, or none of them; undo takes all back', async () => {
  const place = await placeOf('cupboard');
  const lot = (food: string, amount: string) => ({
    id: randomUUID(),
    food: bookFoodId(food),
    place,
    amount,
    origin: 'bought',
    priceMinor: 199,
    shop: 'valley shop',
  });
  const before = (await lots()).length;
  const bad = { lots: [lot('quinoa', '500'), { ...lot('farro', '500'), food: randomUUID() }] };
  expect(await server.send('POST', `${at}/lots/many`, bad)).toMatchObject({ status: 404 });
  expect(await lots()).toHaveLength(before);

  const key = randomUUID();
  const good = { lots: [lot('quinoa', '500'), lot('split peas', '1000')] };
  expect((await server.send('POST', `${at}/lots/many`, good, key)).status).toBe(201);
  expect((await server.send('POST', `${at}/lots/many`, good, key)).status).toBe(201);
  expect(await lots()).toHaveLength(before + 2);
  const { body } = await server.get<CostState>(`${at}/costs`);
  expect(body.prices.find(({ food }) => food === bookFoodId('quinoa'))).toMatchObject({
    minor: 199,
    amount: '500',
    shop: 'valley shop',
    from: 'purchase',
  });
  expect((await server.send('POST', `${at}/undo`, { command: key })).status).toBe(201);
  expect(await lots()).toHaveLength(before);
  await ledgerHolds();
});

test('an opened pack is a lot of its own, open since today; it cannot be opened twice', async () => {
  const lot = await lotOf('lentils');
  const id = randomUUID();
  const opened = await server.send<LotState>('POST', `${at}/lots/${lot.id}/open`, {
    id,
    amount: '500',
    version: lot.version,
  });
  expect(opened.body).toMatchObject({ onHand: '500', priced: lot.priced });
  expect(opened.body.dates.openedOn).toBeDefined();
  expect(
    await server.send('POST', `${at}/lots/${id}/open`, {
      id: randomUUID(),
      amount: '100',
      version: opened.body.version,
    }),
  ).toMatchObject({ status: 422 });
  await ledgerHolds();
});

test('what was thought to be one food is named as another, amount and dates stay', async () => {
  const lot = await lotOf('buckwheat groats');
  const id = randomUUID();
  const named = await server.send<LotState>('POST', `${at}/lots/${lot.id}/name`, {
    id,
    food: bookFoodId('millet'),
    version: lot.version,
  });
  expect(named.body).toMatchObject({ food: bookFoodId('millet'), onHand: lot.onHand, dates: lot.dates });
  expect((await lots()).some((each) => each.id === lot.id)).toBe(false);
  await ledgerHolds();
});

test('the shelf at a past moment is what the ledger had come to by then', async () => {
  const then = server.now();
  const was = Number((await lotOf('onion')).onHand);
  const lot = await lotOf('onion');
  await server.send('POST', `${at}/lots/${lot.id}/count`, { amount: '1234', known: 'rough', version: lot.version });
  expect(await lotOf('onion')).toMatchObject({ onHand: '1234', known: 'rough' });
  type At = readonly { lot: string; amount: string }[];
  const { body: past } = await server.get<At>(`${at}/stock?at=${encodeURIComponent(then)}`);
  expect(Number(past.find((each) => each.lot === lot.id)?.amount)).toBe(was);
  const { body: now } = await server.get<At>(`${at}/stock?at=${encodeURIComponent(server.now())}`);
  expect(Number(now.find((each) => each.lot === lot.id)?.amount)).toBe(1234);
  expect(await server.get(`${at}/stock?at=yesterday`)).toMatchObject({
    status: 422,
    body: { errors: [{ field: 'at' }] },
  });
  const { body: ledger } = await server.get<LedgerRow[]>(`${at}/ledger`);
  const sum = ledger.filter((row) => row.lot === lot.id).reduce((all, row) => all + Number(row.amount), 0);
  expect(sum).toBeCloseTo(1234, 6);
});

test('prices are noted, floors set and taken away, waste is told with what it had cost', async () => {
  const price = { id: randomUUID(), food: bookFoodId('leek'), on: '2026-03-01', minor: 320, amount: '1000' };
  expect((await server.send('POST', `${at}/prices`, price)).status).toBe(201);
  await server.send('PUT', `${at}/floors`, { food: bookFoodId('millet'), amount: '500', seen: '400' });
  const lot = await lotOf('celeriac');
  await server.send('POST', `${at}/lots/${lot.id}/throw`, { amount: '900', reason: 'spoilt', version: lot.version });
  const { body } = await server.get<CostState>(`${at}/costs`);
  expect(body.prices.find(({ id }) => id === price.id)).toMatchObject({ minor: 320, from: 'entered' });
  expect(body.floors).toContainEqual({ food: bookFoodId('millet'), amount: '500' });
  // By hand: 900 of 1800 g at 3.96.
  expect(body.thrown[0]).toMatchObject({ food: bookFoodId('celeriac'), amount: '900', minor: 198, reason: 'spoilt' });
  await server.send('PUT', `${at}/floors`, { food: bookFoodId('millet'), amount: '0', seen: '500' });
  expect((await server.get<CostState>(`${at}/costs`)).body.floors).not.toContainEqual({
    food: bookFoodId('millet'),
    amount: '500',
  });
});

test('a table of prices is noted as a whole, or not at all', async () => {
  const price = (food: string) => ({
    id: randomUUID(),
    food,
    on: '2026-02-01',
    minor: 333,
    amount: '1000',
    shop: 'market',
  });
  const noted = async () =>
    (await server.get<CostState>(`${at}/costs`)).body.prices.filter(
      ({ minor, shop }) => minor === 333 && shop === 'market',
    ).length;
  const bad = { prices: [price(bookFoodId('millet')), price(randomUUID())] };
  expect(await server.send('POST', `${at}/prices/many`, bad)).toMatchObject({ status: 404 });
  expect(await noted()).toBe(0);
  const good = { prices: [price(bookFoodId('millet')), price(bookFoodId('split peas'))] };
  expect((await server.send('POST', `${at}/prices/many`, good)).status).toBe(201);
  expect(await noted()).toBe(2);
  expect(await server.send('POST', `${at}/prices/many`, { prices: [] })).toMatchObject({ status: 422 });
});

describe('age only moves forward, by the server’s own clock', () => {
  const box = (more: object) =>
    server.send<LotState>('POST', `${at}/lots`, {
      id: randomUUID(),
      food: namedId('component:Millet with bay'),
      amount: '640',
      portionG: '160',
      origin: 'found',
      ...more,
    });
  const move = async (lot: LotState, kind: string) =>
    server.send<LotState & { detail?: string }>('POST', `${at}/lots/${lot.id}/move`, {
      id: randomUUID(),
      place: await placeOf(kind),
      amount: lot.onHand,
      version: lot.version,
    });
  const today = () => day(server.now().slice(0, 10));

  test('a box that is past is not frozen, and the refusal says what to do', async () => {
    const { body: old } = await box({ place: await placeOf('fridge'), madeOn: addDays(today(), -9) });
    const frozen = await move(old, 'freezer');
    expect(frozen).toMatchObject({ status: 422 });
    expect(JSON.stringify(frozen.body)).toMatch(/does not give it those days back.*throw it away/);
    await ledgerHolds();
  });
  test('what it had left is noted when it is frozen; thawed, it has no more than that', async () => {
    // Three days in the fridge: made yesterday, it has one more after today.
    const { body: fresh } = await box({ place: await placeOf('fridge'), madeOn: addDays(today(), -1) });
    const { body: frozen } = await move(fresh, 'freezer');
    expect(frozen.dates).toMatchObject({ frozenOn: today(), daysLeft: 1 });
    const { body: thawed } = await move(frozen, 'fridge');
    expect(thawed.dates).toMatchObject({ thawedOn: today(), daysLeft: 1 });
  });
  test('a cooked box outside the fridge is noted, and is not frozen any more', async () => {
    const { body: fresh } = await box({ place: await placeOf('fridge'), madeOn: today() });
    const { body: out } = await move(fresh, 'cool room');
    expect(out.dates.warmOn).toBe(today());
    expect(await move(out, 'freezer')).toMatchObject({ status: 422 });
    const { body: back } = await move(out, 'fridge');
    expect(back.dates.warmOn).toBe(today());
    await ledgerHolds();
  });
});

import { randomUUID } from 'node:crypto';
import type { KitchenState, LotState, ProblemDetails } from '@kestrel-ridge/core/formats';
import { bookFoodId } from '@kestrel-ridge/core/food';
import { addDays, day } from '@kestrel-ridge/core/quantity';
import { startKitchenServer, type KitchenServer } from './kitchenServer.ts';
import { lookUp } from './lookUp.ts';

let server: KitchenServer;
let at: string;
const { lots, week, lotOf, batchOf, placeOf, ledgerHolds } = lookUp(() => server);

beforeAll(async () => {
  server = await startKitchenServer({ demo: true });
  at = `kitchens/${server.kitchen}`;
}, 60_000);
afterAll(() => server.close());

describe('the demo', () => {
  test('is loaded through the commands: every lot has its movement, every command its key', async () => {
    expect(await lots()).toHaveLength(24);
    expect((await week()).batches).toHaveLength(5);
    const [row] = await server.sql<{ n: string }>(
      'SELECT count(*) AS n FROM movement WHERE command NOT IN (SELECT key FROM command)',
    );
    expect(row?.n).toBe('0');
    await ledgerHolds();
  });

  test('its dates are relative to today', async () => {
    const { body } = await server.get<KitchenState>(at);
    expect((await lotOf('kale')).dates.boughtOn).toBe(addDays(day(body.today), -4));
  });
});

describe('the shelf', () => {
  test('add, count, move, throw and undo are movements, and undo brings back what was', async () => {
    const id = randomUUID();
    const key = randomUUID();
    const cool = await placeOf('cool room');
    const body = { id, food: bookFoodId('swede'), place: cool, amount: '1200', priceMinor: 180, origin: 'bought' };
    expect(await server.send('POST', `${at}/lots`, body, key)).toMatchObject({
      status: 201,
      body: { onHand: '1200', version: 1 },
    });

    const counted = await server.send<LotState>('POST', `${at}/lots/${id}/count`, { amount: '900', version: 1 });
    expect(counted.body).toMatchObject({ onHand: '900', version: 2 });

    const moved = randomUUID();
    const moveKey = randomUUID();
    await server.send(
      'POST',
      `${at}/lots/${id}/move`,
      { id: moved, place: await placeOf('freezer'), amount: '400', version: 2 },
      moveKey,
    );
    const afterMove = await lots();
    expect(afterMove.find((lot) => lot.id === id)?.onHand).toBe('500');
    expect(afterMove.find((lot) => lot.id === moved)).toMatchObject({
      onHand: '400',
      dates: { frozenOn: expect.any(String) as string },
    });

    expect((await server.send('POST', `${at}/undo`, { command: moveKey })).status).toBe(201);
    const afterUndo = await lots();
    expect(afterUndo.find((lot) => lot.id === id)?.onHand).toBe('900');
    expect(afterUndo.find((lot) => lot.id === moved)).toBeUndefined();
    expect(await server.send('POST', `${at}/undo`, { command: moveKey })).toMatchObject({
      status: 409,
      body: { code: 'not now' },
    });

    const now = afterUndo.find((lot) => lot.id === id);
    await server.send('POST', `${at}/lots/${id}/throw`, { amount: '900', reason: 'spoilt', version: now?.version });
    expect((await lots()).find((lot) => lot.id === id)).toBeUndefined();
    await ledgerHolds();
  });

  test('the ledger only grows: the database itself refuses to change or delete a movement', async () => {
    await expect(server.sql('UPDATE movement SET amount = 1')).rejects.toThrow('only grows');
    await expect(server.sql('DELETE FROM movement')).rejects.toThrow('only grows');
  });

  test('two cooks take the last of a bag at once: one of them is told, and stock is never negative', async () => {
    const salt = await lotOf('salt');
    const take = () =>
      server.send<ProblemDetails>('POST', `${at}/lots/${salt.id}/throw`, {
        amount: salt.onHand,
        reason: 'dropped',
        version: salt.version,
      });
    const answers = await Promise.all([take(), take()]);
    expect(answers.map((answer) => answer.status).sort()).toEqual([201, 409]);
    expect(answers.find((answer) => answer.status === 409)?.body).toMatchObject({
      code: 'stale',
      now: { onHand: '0' },
    });
    await expect(
      server.sql(
        `INSERT INTO movement (kitchen, id, lot, amount, kind, command) SELECT kitchen, gen_random_uuid(), lot, -1, 'used', command FROM movement WHERE lot = $1 LIMIT 1`,
        [salt.id],
      ),
    ).rejects.toThrow('on_hand_not_negative');
    // Back on the shelf for the dishes that follow.
    await server.send('POST', `${at}/lots`, {
      id: randomUUID(),
      food: salt.food,
      place: salt.place,
      amount: '500',
      priceMinor: 59,
      origin: 'bought',
    });
    await ledgerHolds();
  });
});

describe('a command', () => {
  test('with the same key gets the same answer and is done once, also when two arrive together', async () => {
    const key = randomUUID();
    const body = {
      id: randomUUID(),
      food: bookFoodId('leek'),
      place: await placeOf('fridge'),
      amount: '300',
      origin: 'found',
    };
    const send = () => server.send<LotState>('POST', `${at}/lots`, body, key);
    const [first, second] = await Promise.all([send(), send()]);
    expect(second.body).toEqual(first.body);
    expect((await send()).body).toEqual(first.body);
    expect(await server.sql('SELECT 1 FROM movement WHERE command = $1', [key])).toHaveLength(1);
  });

  test('with a key that was used for something else is refused', async () => {
    const key = randomUUID();
    const body = {
      id: randomUUID(),
      food: bookFoodId('leek'),
      place: await placeOf('fridge'),
      amount: '10',
      origin: 'found',
    };
    await server.send('POST', `${at}/lots`, body, key);
    expect(await server.send('POST', `${at}/lots`, { ...body, amount: '20' }, key)).toMatchObject({
      status: 422,
      body: { code: 'key reused' },
    });
  });

  test('that was refused leaves no trace, and its key may be used for the mended one', async () => {
    const key = randomUUID();
    const kale = await lotOf('kale');
    const before = await server.sql('SELECT count(*) FROM movement');
    expect(
      (
        await server.send(
          'POST',
          `${at}/lots/${kale.id}/throw`,
          { amount: '99999', reason: 'x', version: kale.version },
          key,
        )
      ).status,
    ).toBe(422);
    expect(await server.sql('SELECT count(*) FROM movement')).toEqual(before);
    expect(await server.sql('SELECT 1 FROM command WHERE key = $1', [key])).toHaveLength(0);
  });

  test('with an old version is answered with what is there now', async () => {
    const millet = await batchOf('Millet with bay');
    const path = `${at}/batches/${millet.id}`;
    expect(
      (await server.send('PUT', path, { portions: '18', freezePortions: '4', version: millet.version })).status,
    ).toBe(200);
    expect(
      await server.send('PUT', path, { portions: '20', freezePortions: '4', version: millet.version }),
    ).toMatchObject({
      status: 409,
      type: expect.stringContaining('application/problem+json') as string,
      body: { code: 'stale', now: { portions: '18' } },
    });
    const now = await batchOf('Millet with bay');
    await server.send('PUT', path, { portions: '16', freezePortions: '4', version: now.version });
  });
});

test('a table of prices that is read twice adds nothing', async () => {
  const { body: foods } = await server.get<{ id: string }[]>(`${at}/foods`);
  const rows = foods
    .slice(0, 3)
    .map(({ id }, n) => ({ food: id, on: '2026-03-01', minor: 100 + n, amount: '500', shop: 'valley shop' }));
  const read = async () => {
    const sent = await server.send<{ id: string }[]>('POST', `${at}/prices/many`, {
      prices: rows.map((row) => ({ id: randomUUID(), ...row })),
    });
    return { status: sent.status, ids: sent.body.map(({ id }) => id) };
  };
  const count = async () => (await server.get<{ prices: unknown[] }>(`${at}/costs`)).body.prices.length;
  const before = await count();
  const first = await read();
  expect([first.status, await count()]).toEqual([201, before + 3]);
  expect(await read()).toEqual(first);
  expect(await count()).toBe(before + 3);
});

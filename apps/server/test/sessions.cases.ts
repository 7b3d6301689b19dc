import { randomUUID } from 'node:crypto';
import type { BatchState, KitchenState, LearnedState, SessionState } from '@kestrel-ridge/core/formats';
import { startKitchenServer, type KitchenServer } from './kitchenServer.ts';
import { lookUp } from './lookUp.ts';

let server: KitchenServer;
let at: string;
const { week } = lookUp(() => server);

beforeAll(async () => {
  server = await startKitchenServer({ demo: true });
  at = `kitchens/${server.kitchen}`;
}, 60_000);
afterAll(() => server.close());

const first = async (): Promise<SessionState> => {
  const [session] = (await week()).sessions;
  if (!session) throw new Error('no session');
  return session;
};

describe('what the cook says of a plan', () => {
  test('is kept with the session, once for a key, and a stale one is told what is there now', async () => {
    const session = await first();
    const path = `${at}/sessions/${session.id}/wishes`;
    const wishes = { pins: { 'a/b': 30 }, breaks: [{ from: 60, to: 90 }], given: { 'a/b': 'Teo' } };
    const key = randomUUID();
    const said = await server.send<SessionState>('PUT', path, { wishes, version: session.version }, key);
    expect(said).toMatchObject({ status: 200, body: { wishes, version: session.version + 1 } });
    expect(await server.send('PUT', path, { wishes, version: session.version }, key)).toMatchObject({
      status: 200,
      body: said.body,
    });
    expect(
      await server.send('PUT', path, { wishes: { pins: {}, breaks: [] }, version: session.version }),
    ).toMatchObject({
      status: 409,
    });
    expect((await first()).wishes).toEqual(wishes);
  });

  test.each([
    ['no list of pins', { breaks: [] }],
    ['a pin before the beginning', { pins: { a: -5 }, breaks: [] }],
    ['a break that ends before it begins', { pins: {}, breaks: [{ from: 9, to: 3 }] }],
    ['something nobody can say', { pins: {}, breaks: [], shout: true }],
  ])('%s is refused, and nothing is changed', async (_what, wishes) => {
    const before = await first();
    expect(
      await server.send('PUT', `${at}/sessions/${before.id}/wishes`, { wishes, version: before.version }),
    ).toMatchObject({ status: 422, body: { errors: [{ field: 'wishes' }] } });
    expect(await first()).toEqual(before);
  });
});

test('a dish goes to the midweek top-up and back; not into a session that is not there', async () => {
  const main = await first();
  const topUp = randomUUID();
  const startsAt = new Date(Date.parse(main.startsAt) + 3 * 86_400_000).toISOString();
  await server.send('POST', `${at}/sessions`, { id: topUp, name: 'Top-up', startsAt, cooks: 1 });
  const [batch] = (await week()).batches;
  if (!batch) throw new Error('no batch');
  const path = `${at}/batches/${batch.id}/session`;
  expect(await server.send('PUT', path, { session: randomUUID(), version: batch.version })).toMatchObject({
    status: 404,
  });
  const moved = await server.send<BatchState>('PUT', path, { session: topUp, version: batch.version });
  expect(moved).toMatchObject({ status: 200, body: { session: topUp } });
  expect(await server.send('PUT', path, { session: main.id, version: moved.body.version })).toMatchObject({
    status: 200,
    body: { session: main.id },
  });
});

describe('a kitchen as it is', () => {
  const put = async (change: object) => {
    const { body: kitchen } = await server.get<KitchenState>(at);
    return server.send('PUT', at, {
      name: kitchen.name,
      equipment: { ...kitchen.equipment, ...change },
      version: kitchen.version,
    });
  };
  test('has several cookers and ovens, pots, people with hours', async () => {
    const { body: kitchen } = await server.get<KitchenState>(at);
    const [cooker] = kitchen.equipment.cookers;
    const people = [{ name: 'Ada', from: '09:30', to: '12:00', cannot: ['knife'] }];
    expect(await put({ cookers: [cooker, cooker], people, oneAtATime: [['kettle', 'microwave']] })).toMatchObject({
      status: 200,
    });
    expect((await server.get<KitchenState>(at)).body.equipment).toMatchObject({
      people,
      oneAtATime: [['kettle', 'microwave']],
    });
  });
  test.each([
    ['four ovens', { ovens: Array(4).fill({ racks: 2, preheatMinutes: 10, trayCm2: 1000 }) }, 'equipment.ovens'],
    ['a pot without a name', { pots: [{ name: '', litres: 3, acrossCm: 20 }] }, 'equipment.pots.0.name'],
    ['an hour that is none', { people: [{ name: 'Ada', from: '9.30' }] }, 'equipment.people.0.from'],
    ['one appliance on a socket of its own', { oneAtATime: [['kettle']] }, 'equipment.oneAtATime'],
  ])('%s is refused, with its field', async (_what, change, field) =>
    expect(await put(change)).toMatchObject({ status: 422, body: { errors: [{ field }] } }),
  );
});

test('nothing has been learned of a cooker that was never used here', async () =>
  expect((await server.get<LearnedState>(`${at}/learned`)).body).toEqual({ figures: [], said: [] }));

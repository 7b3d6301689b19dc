import { randomUUID } from 'node:crypto';
import type { KitchenState, LotState, PastState } from '@kestrel-ridge/core/formats';
import { addDays } from '@kestrel-ridge/core/quantity';
import { PAST_WEEKS } from '../src/demo/hutPast.ts';
import { startKitchenServer, type KitchenServer } from './kitchenServer.ts';

let server: KitchenServer;

beforeAll(async () => {
  server = await startKitchenServer({ demo: true });
}, 60_000);
afterAll(() => server.close());

const stateOf = async (kitchen: string): Promise<KitchenState> =>
  (await server.get<KitchenState>(`kitchens/${kitchen}`)).body;

test('a hut is opened beside the kitchens that are there, with its weeks behind it; meanwhile everybody else stays in their own time', async () => {
  const id = randomUUID();
  const { today } = await stateOf(server.kitchen);
  const lots = (await server.get<LotState[]>(`kitchens/${server.kitchen}/lots`)).body;
  const days = new Set<string>();
  let over = false;
  const opening = server.send<{ id: string }>('POST', 'huts', { id }).finally(() => (over = true));
  while (!over) days.add((await stateOf(server.kitchen)).today);
  expect(await opening).toMatchObject({ status: 201, body: { id } });
  expect([...days]).toEqual([today]);

  expect((await stateOf(id)).name).toBe('Windgate Hut 2');
  const { runs } = (await server.get<PastState>(`kitchens/${id}/past?from=${addDays(today, -69)}&until=${today}`)).body;
  expect(runs).toHaveLength(PAST_WEEKS);
  for (const { startedAt } of runs) expect(startedAt < server.now()).toBe(true);
  expect((await server.get<LotState[]>(`kitchens/${server.kitchen}/lots`)).body).toEqual(lots);

  // Asked once more, the same hut is there, and no other.
  expect((await server.send('POST', 'huts', { id })).status).toBe(201);
  expect((await server.get<unknown[]>('kitchens')).body).toHaveLength(2);
}, 180_000);

test('nobody outside says what time it is, and what is no id opens nothing', async () => {
  const { today } = await stateOf(server.kitchen);
  const response = await fetch(`${server.url}/api/kitchens/${server.kitchen}`, {
    headers: { 'x-lived-at': `${randomUUID()} 0` },
  });
  expect(((await response.json()) as KitchenState).today).toBe(today);
  expect((await server.send('POST', 'huts', { id: 'hut' })).status).toBe(422);
});

import { randomUUID } from 'node:crypto';
import type { RecipeState, RunState, WeekState } from '@kestrel-ridge/core/formats';
import { demoPlan } from './demoPlan.ts';
import { startKitchenServer, type KitchenServer } from './kitchenServer.ts';

let server: KitchenServer;
let at: string;
beforeAll(async () => {
  server = await startKitchenServer({ demo: true });
  at = `kitchens/${server.kitchen}`;
}, 60_000);
afterAll(() => server.close());

test('a dish added or a size changed while a run starts is in the run, or whoever came second is told', async () => {
  const { session, plan } = await demoPlan(server);
  const { body: week } = await server.get<WeekState>(`${at}/week`);
  const { body: recipes } = await server.get<RecipeState[]>(`${at}/recipes`);
  const recipe = recipes.find(({ name }) => name === 'Lentils with swede')?.id;
  const [batch] = week.batches;
  const added = randomUUID();
  const start = () => server.send('POST', `${at}/runs`, { id: randomUUID(), session: session.id, plan });
  const add = () =>
    server.send('POST', `${at}/batches`, {
      id: added,
      session: session.id,
      recipe,
      portions: '4',
      freezePortions: '0',
    });
  const size = () =>
    server.send('PUT', `${at}/batches/${batch?.id ?? ''}`, {
      portions: '5',
      freezePortions: '0',
      version: batch?.version,
    });
  const [begun, adds, sizes] = await Promise.all([start(), add(), size()]);
  const changed = [adds, sizes].filter(({ status }) => status < 300);
  // Either the run began and nothing was changed, or something was and the run's plan no longer fits.
  expect([begun.status < 300, changed.length > 0]).toEqual(begun.status < 300 ? [true, false] : [false, true]);
  for (const { status } of [begun, adds, sizes]) expect([200, 201, 409]).toContain(status);
  const { body } = await server.get<{ run: RunState | null }>(`${at}/sessions/${session.id}/run`);
  expect(body.run !== null).toBe(begun.status < 300);
});

import type { RecipeState, StoredRecipe, WeekState } from '@kestrel-ridge/core/formats';
import { startKitchenServer, type KitchenServer } from './kitchenServer.ts';

/* A document that came into the table past the server, or is older than what reads it now. */

let server: KitchenServer;
let at: string;
beforeAll(async () => {
  server = await startKitchenServer({ demo: true });
  at = `kitchens/${server.kitchen}`;
}, 60_000);
afterAll(() => server.close());

const recipes = async () => (await server.get<StoredRecipe[]>(`${at}/recipes`)).body;
const named = async (name: string) => (await recipes()).find((recipe) => recipe.name === name);
const spoil = (id: string, number: number) =>
  server.sql(`UPDATE revision SET document = document || '{"vessel": "cauldron"}' WHERE recipe = $1 AND number = $2`, [
    id,
    number,
  ]);

test('the newest revision that can be read is shown, with what is wrong with the newest; a new one mends it, and the week follows', async () => {
  const millet = (await named('Millet with bay')) as RecipeState;
  const revise = (follows: number, portions: number) =>
    server.send('POST', `${at}/recipes/${millet.id}/revisions`, {
      follows,
      document: { ...millet.document, portions },
      why: 'more of it',
    });
  expect((await revise(1, 10)).status).toBe(201);
  await spoil(millet.id, 2);
  expect(await named('Millet with bay')).toEqual({
    ...millet,
    number: 2,
    fault: expect.stringContaining('vessel') as string,
  });
  expect((await server.get<WeekState>(`${at}/week`)).status).toBe(200);

  expect((await revise(1, 12)).status).toBe(409);
  expect((await revise(2, 12)).status).toBe(201);
  const mended = (await named('Millet with bay')) as RecipeState;
  expect([mended.number, mended.document.portions, mended.fault]).toEqual([3, 12, undefined]);
  expect(mended.document.component.id).toBe(millet.document.component.id);
  const { batches } = (await server.get<WeekState>(`${at}/week`)).body;
  expect(batches.filter(({ recipe }) => recipe === millet.id).map(({ revision }) => revision)).toEqual([3]);
});

test('one of which nothing can be read is told as that, among all others', async () => {
  const before = await recipes();
  const roots = before.find(({ name }) => name === 'Roast roots with juniper') ?? before[0];
  await spoil(roots?.id ?? '', 1);
  const after = await recipes();
  expect(after.map(({ id }) => id)).toEqual(before.map(({ id }) => id));
  expect(after.find(({ id }) => id === roots?.id)).toEqual({
    id: roots?.id,
    name: roots?.name,
    document: null,
    fault: expect.stringContaining('vessel') as string,
  });
  // The start of the server does not stumble over it either.
  for (const path of ['week', 'foods', 'lots', 'costs']) expect((await server.get(`${at}/${path}`)).status).toBe(200);
});

import { randomUUID } from 'node:crypto';
import { bookFoodId } from '@kestrel-ridge/core/food';
import type { BatchState, FoodState, RecipeState, RevisionState } from '@kestrel-ridge/core/formats';
import { Fraction } from '@kestrel-ridge/core/quantity';
import { compareRevisions, type Revision } from '@kestrel-ridge/core/recipe';
import { promote } from '@kestrel-ridge/core/scaling';
import { startKitchenServer, type KitchenServer } from './kitchenServer.ts';
import { lookUp } from './lookUp.ts';

let server: KitchenServer;
let at: string;
const { lots, batchOf, placeOf, ledgerHolds } = lookUp(() => server);

beforeAll(async () => {
  server = await startKitchenServer({ demo: true });
  at = `kitchens/${server.kitchen}`;
}, 60_000);
afterAll(() => server.close());

const recipeOf = async (name: string): Promise<RecipeState> => {
  const { body } = await server.get<RecipeState[]>(`${at}/recipes`);
  const recipe = body.find((each) => each.name === name);
  if (!recipe) throw new Error(`no recipe ${name}`);
  return recipe;
};
const foodMap = async () => {
  const { body } = await server.get<FoodState[]>(`${at}/foods`);
  return new Map(body.map((food) => [food.id, food]));
};

describe('revisions of a recipe', () => {
  test('a new one follows the newest, the older stay as they were, and what is planned follows', async () => {
    const recipe = await recipeOf('Kale with leek');
    const document: Revision = {
      ...recipe.document,
      portions: 7,
      component: { ...recipe.document.component, id: randomUUID(), name: 'Kale, leek' },
    };
    const path = `${at}/recipes/${recipe.id}/revisions`;
    const made = await server.send<{ number: number }>('POST', path, { follows: 1, document, why: 'larger portions' });
    expect(made).toMatchObject({ status: 201, body: { number: 2, followed: 1 } });
    const { body: all } = await server.get<RevisionState[]>(path);
    expect(all.map(({ number, why }) => [number, why])).toEqual([
      [2, 'larger portions'],
      [1, 'written down'],
    ]);
    expect(all[1]?.document).toEqual(recipe.document);
    // The boxes on the shelf belong to the same food, whatever it is called now.
    expect(all[0]?.document.component.id).toBe(recipe.document.component.id);
    expect((await foodMap()).get(recipe.document.component.id)?.name).toBe('Kale, leek');
    expect((await batchOf('Kale with leek')).revision).toBe(2);
  });

  test('one that follows an older revision is told what is there now, and writes nothing', async () => {
    const recipe = await recipeOf('Kale with leek');
    const stale = { follows: 1, document: recipe.document, why: 'from another tablet' };
    expect(await server.send('POST', `${at}/recipes/${recipe.id}/revisions`, stale)).toMatchObject({
      status: 409,
      body: { code: 'stale', now: { number: 2 } },
    });
  });

  test('one that cannot be cooked is refused with the field', async () => {
    const recipe = await recipeOf('Kale with leek');
    const [first, ...rest] = recipe.document.lines;
    const document = { ...recipe.document, lines: [{ ...first, into: [{ step: 'slice', share: '1/2' }] }, ...rest] };
    expect(
      await server.send('POST', `${at}/recipes/${recipe.id}/revisions`, { follows: 2, document, why: 'x' }),
    ).toMatchObject({ status: 422, body: { errors: [{ field: `document.lines.${first?.id ?? ''}` }] } });
  });
});

describe('a batch’s own choice and what really went in', () => {
  test('beans from tins need no soak and no dry beans; what is not offered is refused', async () => {
    const batch = await batchOf('Borlotti with onion');
    const path = `${at}/batches/${batch.id}/choice`;
    expect(await server.send('PUT', path, { choice: { method: 'sun' }, version: batch.version })).toMatchObject({
      status: 422,
      body: { errors: [{ field: 'choice.method' }] },
    });
    const chosen = await server.send<BatchState>('PUT', path, { choice: { version: 'tins' }, version: batch.version });
    expect(chosen.body.choice).toEqual({ version: 'tins' });
    const boxes = [{ id: randomUUID(), place: await placeOf('fridge'), portions: 12 }];
    const put = { boxes, version: chosen.body.version };
    // 12 of 8 portions ask for 1860 g of drained beans, and 480 g are there.
    expect(
      await server.send('POST', `${at}/batches/${batch.id}/put-away`, { ...put, ifShort: 'refuse' }),
    ).toMatchObject({ status: 422, body: { code: 'short' } });
    expect((await lots()).find((lot) => lot.food === bookFoodId('borlotti beans'))?.onHand).toBe('1500');
  });

  test('final amounts leave the shelf, and are learned by the recipe at its written size', async () => {
    const batch = await batchOf('Roast celeriac and parsnip');
    const recipe = await recipeOf('Roast celeriac and parsnip');
    const oil = recipe.document.lines.find((line) => line.food === bookFoodId('rapeseed oil'));
    if (!oil) throw new Error('no oil');
    const finals = [{ line: oil.id, amount: { n: '90', unit: 'mL' as const } }];
    const before = (await lots()).find((lot) => lot.food === bookFoodId('rapeseed oil'))?.onHand;
    const logged = await server.send<BatchState>('PUT', `${at}/batches/${batch.id}/finals`, {
      finals,
      version: batch.version,
    });
    expect(logged.body.finals).toEqual(finals);
    const boxes = [{ id: randomUUID(), place: await placeOf('fridge'), portions: 12 }];
    expect(
      (
        await server.send('POST', `${at}/batches/${batch.id}/put-away`, {
          boxes,
          ifShort: 'refuse',
          version: logged.body.version,
        })
      ).status,
    ).toBe(200);
    const after = (await lots()).find((lot) => lot.food === bookFoodId('rapeseed oil'))?.onHand;
    expect(Number(before) - Number(after)).toBe(90);
    await ledgerHolds();

    const corrected = {
      portions: new Fraction(batch.portions),
      loads: 1,
      choice: logged.body.choice,
      finals: logged.body.finals,
    };
    const foods = await foodMap();
    const learned = promote(recipe.document, corrected, foods);
    const factor = Number(batch.portions) / recipe.document.portions;
    expect(Number(learned.lines.find((line) => line.id === oil.id)?.amount.n)).toBeCloseTo(90 / factor, 0);
    expect(compareRevisions(recipe.document, learned, foods)).toMatchObject([
      { part: 'ingredient', of: 'rapeseed oil', what: 'amount' },
    ]);
    expect(
      (
        await server.send('POST', `${at}/recipes/${recipe.id}/revisions`, {
          follows: recipe.number,
          document: learned,
          why: 'from the batch',
        })
      ).status,
    ).toBe(201);
    const [, cooked] = (await server.get<RevisionState[]>(`${at}/recipes/${recipe.id}/revisions`)).body;
    expect(cooked).toMatchObject({ number: 1, cooked: true, document: recipe.document });
  });
});

describe('figures of a food', () => {
  test('this kitchen’s own stands before the book’s, says so, and can be set back', async () => {
    const path = `${at}/foods/${bookFoodId('millet')}/own`;
    const own = await server.send<FoodState>('PUT', path, { figure: 'gramsPerCup', value: 192, seen: null });
    expect(own.body).toMatchObject({
      facts: { gramsPerCup: { value: 192, source: 'this kitchen' } },
      own: { gramsPerCup: 192 },
      book: { gramsPerCup: 200 },
    });
    const back = await server.send<FoodState>('PUT', path, { figure: 'gramsPerCup', seen: 192 });
    expect(back.body).toMatchObject({ facts: { gramsPerCup: { value: 200 } }, own: {}, book: {} });
  });
  test('a figure that cannot be is refused with what can', async () =>
    expect(
      await server.send('PUT', `${at}/foods/${bookFoodId('millet')}/own`, {
        figure: 'gramsPerCup',
        value: 9000,
        seen: null,
      }),
    ).toMatchObject({ status: 422, body: { errors: [{ field: 'value' }] } }));
  test('a food of one’s own is like another: weights and keeping are taken over, allergens and names are not', async () => {
    const { body: foods } = await server.get<FoodState[]>(`${at}/foods`);
    const like = foods.find(({ name }) => name === 'soya milk');
    const { body } = await server.send<FoodState>('POST', `${at}/foods`, {
      id: randomUUID(),
      name: 'hemp drink',
      kind: 'water',
      base: 'mL',
      like: like?.id,
    });
    expect(body.facts).toMatchObject({
      kind: 'water',
      base: 'mL',
      gramsPerCup: { value: 244, source: 'as soya milk' },
    });
    expect([body.facts.allergens, body.facts.names]).toEqual([undefined, undefined]);
    const lost = { id: randomUUID(), name: 'nothing like it', kind: 'water', base: 'mL', like: randomUUID() };
    expect((await server.send('POST', `${at}/foods`, lost)).status).toBe(404);
  });
  test('a food that the book lacks can be added once', async () => {
    const add = (name: string) =>
      server.send('POST', `${at}/foods`, { id: randomUUID(), name, kind: 'vegetable', base: 'g' });
    expect((await add('sea beet')).status).toBe(201);
    expect(await add('Sea beet')).toMatchObject({ status: 422, body: { errors: [{ field: 'name' }] } });
  });
});

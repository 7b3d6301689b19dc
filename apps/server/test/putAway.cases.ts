import { randomUUID } from 'node:crypto';
import type { BatchState, FoodState, KitchenState, LearnedState } from '@kestrel-ridge/core/formats';
import type { Revision } from '@kestrel-ridge/core/recipe';
import { startKitchenServer, type KitchenServer } from './kitchenServer.ts';
import { lookUp } from './lookUp.ts';

let server: KitchenServer;
let at: string;
const { lots, batchOf, placeOf, ledgerHolds, lotOf } = lookUp(() => server);

beforeAll(async () => {
  server = await startKitchenServer({ demo: true });
  at = `kitchens/${server.kitchen}`;
}, 60_000);
afterAll(() => server.close());

const putAway = async (recipe: string, portions: number, more: object = {}) => {
  const batch = await batchOf(recipe);
  const box = { id: randomUUID(), place: await placeOf('fridge'), portions, box: 'small box' };
  const put = await server.send<BatchState>('POST', `${at}/batches/${batch.id}/put-away`, {
    boxes: [box],
    ifShort: 'take what is there',
    version: batch.version,
    ...more,
  });
  return { ...put, box: box.id };
};
const reopen = (batch: BatchState) =>
  server.send<BatchState>('POST', `${at}/batches/${batch.id}/reopen`, { version: batch.version });
/** All that is on the shelf, but the boxes that a test made. */
const shelf = async () => (await lots()).map(({ id, onHand }) => `${id} ${onHand}`).sort((a, b) => a.localeCompare(b));

test('what was weighed is shared out over the portions, and the box is known', async () => {
  const { status, body, box } = await putAway('Millet with bay', 16, { yieldG: 2400 });
  expect({ status, yieldG: body.yieldG }).toEqual({ status: 200, yieldG: '2400' });
  expect((await lots()).find(({ id }) => id === box)).toMatchObject({
    portionG: '150',
    onHand: '2400',
    box: 'small box',
  });
});

test('a weighing is held against what was reckoned, and can be taken out; the plan goes by it once the kitchen says so', async () => {
  const weighings = async () =>
    (await server.get<LearnedState>(`${at}/learned`)).body.figures.find(({ key }) => key.kind === 'yield');
  const batch = await batchOf('Millet with bay');
  const figure = await weighings();
  const [seen] = figure?.seen ?? [];
  expect(seen).toMatchObject({ run: batch.id, real: 2400, what: 'Millet' });
  expect(seen?.value).toBeCloseTo(2400 / (seen?.book ?? 0), 9);
  const body = { id: randomUUID(), figure: figure?.key, run: batch.id, task: 'weighed', reason: 'with the pot' };
  expect((await server.send('POST', `${at}/learned/taken-out`, body)).status).toBe(201);
  expect(await weighings()).toMatchObject({ n: 0, seen: [{ takenOut: 'with the pot' }] });

  const { body: kitchen } = await server.get<KitchenState>(at);
  const own = { ...kitchen.equipment.own, yieldTimes: [{ of: figure?.key.of, value: 0.9, source: 'this kitchen' }] };
  const equipment = { ...kitchen.equipment, own };
  const { name } = kitchen;
  const saved = await server.send<KitchenState>('PUT', at, { name, equipment, version: kitchen.version });
  expect(saved.status).toBe(200);
  expect((await server.get<KitchenState>(at)).body.equipment.own).toEqual(own);
  const wrong = { ...equipment, own: { yieldTimes: [{ of: 'millet', value: 90, source: 'x' }] } };
  expect(await server.send('PUT', at, { name, equipment: wrong, version: saved.body.version })).toMatchObject({
    status: 422,
  });
  await server.send('PUT', at, { name, equipment: kitchen.equipment, version: saved.body.version });
});

test('a putting away is taken back with a trace: the shelf is as before, the ledger holds, and it can be boxed again', async () => {
  const before = await shelf();
  const { body: put } = await putAway('Kale with leek', 6);
  const back = await reopen(put);
  expect(back).toMatchObject({ status: 200, body: { status: 'planned', cost: null, yieldG: null } });
  expect(back.body.reopenedAt).not.toBeNull();
  expect(await shelf()).toEqual(before);
  await ledgerHolds();
  const traces = await server.sql(
    `SELECT 1 FROM movement WHERE kind = 'corrected' AND reason = 'boxed again' AND batch = '${put.id}'`,
  );
  expect(traces.length).toBeGreaterThan(1);
  expect(await putAway('Kale with leek', 4)).toMatchObject({ status: 200, body: { cost: { portions: '4' } } });
  await ledgerHolds();
});

test('boxes that were eaten from are not taken back', async () => {
  const { body: put, box } = await putAway('Roast celeriac and parsnip', 8);
  const lot = (await lots()).find(({ id }) => id === box);
  await server.send('POST', `${at}/meals`, { takes: [{ lot: box, amount: '100', version: lot?.version ?? 1 }] });
  expect(await reopen(put)).toMatchObject({ status: 409, body: { code: 'not now' } });
  // An old page does not take it back either.
  expect(await reopen({ ...put, version: 1 })).toMatchObject({ status: 409, body: { code: 'stale' } });
});

test('what else comes out of a pot becomes a lot of its own, that cost nothing', async () => {
  const recipes = (await server.get<{ id: string; name: string }[]>(`${at}/recipes`)).body;
  const recipe = recipes.find(({ name }) => name === 'Celeriac in its own mustard sauce');
  const { body: week } = await server.get<{ sessions: { id: string; status: string }[] }>(`${at}/week`);
  const session = week.sessions[0]?.id;
  const batch = randomUUID();
  expect(
    (
      await server.send('POST', `${at}/batches`, {
        id: batch,
        session,
        recipe: recipe?.id,
        portions: '12',
        freezePortions: '0',
      })
    ).status,
  ).toBe(201);
  const stock = { id: randomUUID(), name: 'celeriac stock, the rest', place: await placeOf('fridge') };
  expect((await putAway('Celeriac in its own mustard sauce', 12, { kept: [stock] })).status).toBe(200);
  // By hand: 500 mL for 6 portions are 1000 mL for 12.
  expect((await lots()).find(({ id }) => id === stock.id)).toMatchObject({
    base: 'mL',
    onHand: '1000',
    priced: { minor: 0 },
  });
  const { body: foods } = await server.get<FoodState[]>(`${at}/foods`);
  expect(foods.find(({ name }) => name === stock.name)?.facts.keeps?.fridge?.value).toBe(3);
  expect((await lotOf('salt')).onHand).not.toBe('500');
  await ledgerHolds();
});

test('a dish made of a dish: first the one is boxed and sets aside what goes into the other, then that one takes it', async () => {
  const { body: week } = await server.get<{ sessions: { id: string }[] }>(`${at}/week`);
  const session = week.sessions[0]?.id ?? '';
  const { body: recipes } = await server.get<{ id: string; name: string; document: Revision }[]>(`${at}/recipes`);
  const borlotti = recipes.find(({ name }) => name === 'Borlotti with onion');
  const roots = recipes.find(({ name }) => name === 'Roast celeriac and parsnip');
  if (!borlotti || !roots) throw new Error('no recipes');
  const cooked = borlotti.document.component;
  const into = roots.document.steps.at(-1)?.id ?? '';
  const mixed: Revision = {
    ...roots.document,
    name: 'Roots over borlotti',
    component: { ...roots.document.component, id: randomUUID(), name: 'Roots over borlotti', kind: 'dish' },
    lines: [
      ...roots.document.lines,
      {
        id: 'borlotti',
        food: cooked.id,
        amount: { n: '400', unit: 'g' },
        law: { law: 'in proportion' },
        into: [{ step: into, share: '1' }],
      },
    ],
  };
  const recipe = randomUUID();
  expect((await server.send('POST', `${at}/recipes`, { id: recipe, document: mixed })).status).toBe(201);
  // The cooked dish is counted in portions of its own.
  const { body: foods } = await server.get<FoodState[]>(`${at}/foods`);
  expect(foods.find(({ id }) => id === cooked.id)?.facts.gramsEach?.value).toBeGreaterThan(100);

  const portions = String(mixed.portions);
  const mix = randomUUID();
  await server.send('POST', `${at}/batches`, { id: mix, session, recipe, portions, freezePortions: '0' });
  const fridge = await placeOf('fridge');
  const box = () => ({ id: randomUUID(), place: fridge, portions: 4, box: 'small box' });
  const put = (id: string, more: object) =>
    server.send<BatchState & { detail: string }>('POST', `${at}/batches/${id}/put-away`, {
      ifShort: 'refuse',
      version: 1,
      ...more,
    });
  const early = await put(mix, { boxes: [box()] });
  expect(early).toMatchObject({ status: 409, body: { code: 'not now' } });
  expect(early.body.detail).toContain(`made of ${cooked.name}`);

  const made = await batchOf('Borlotti with onion');
  const aside = { id: randomUUID(), place: fridge, batch: mix };
  const first = await put(made.id, {
    boxes: [box()],
    aside: [aside],
    ifShort: 'take what is there',
    version: made.version,
  });
  expect(first.status).toBe(200);
  const there = (await lots()).filter(({ food, place }) => food === cooked.id && place === fridge);
  expect(there.find(({ id }) => id === aside.id)).toMatchObject({ onHand: '400', box: null });

  expect((await put(mix, { boxes: [box()], ifShort: 'take what is there' })).status).toBe(200);
  const after = await lots();
  expect(after.find(({ id }) => id === aside.id)?.onHand ?? '0').toBe('0');
  expect(after.filter(({ food, place }) => food === cooked.id && place === fridge).map(({ onHand }) => onHand)).toEqual(
    there.filter(({ id }) => id !== aside.id).map(({ onHand }) => onHand),
  );
  await ledgerHolds();
});

import { randomUUID } from 'node:crypto';
import type { EaterState, LotState, RecipeState, WeekChanged, WeekState } from '@kestrel-ridge/core/formats';
import { startKitchenServer, type KitchenServer } from './kitchenServer.ts';
import { lookUp } from './lookUp.ts';

let server: KitchenServer;
let at: string;
const { week, batchOf, placeOf, lots, ledgerHolds } = lookUp(() => server);

beforeAll(async () => {
  server = await startKitchenServer({ demo: true });
  at = `kitchens/${server.kitchen}`;
}, 60_000);
afterAll(() => server.close());

const NOTHING = { slots: [], add: [], size: [], drop: [] };
const change = (more: object) => server.send('POST', `${at}/week/changes`, { ...NOTHING, ...more });
const milletFood = async () => {
  const { body } = await server.get<RecipeState[]>(`${at}/recipes`);
  return body.find(({ name }) => name === 'Millet with bay')?.document.component.id ?? '';
};
const dinner = async (more: object = {}) => ({
  day: '2027-03-01',
  meal: 'dinner',
  parts: [{ food: await milletFood(), portions: 1.5 }],
  guests: 2,
  serveAt: '19:30',
  ...more,
});

test('meals, sizes and dishes of a week are changed together, and taken back the same way', async () => {
  const before = await week();
  const millet = await batchOf('Millet with bay');
  const recipe = (await server.get<RecipeState[]>(`${at}/recipes`)).body.find(
    ({ name }) => name === 'Lentils with swede',
  );
  const added = randomUUID();
  const changed = await change({
    slots: [await dinner()],
    size: [{ id: millet.id, portions: '20', freezePortions: '6', version: millet.version }],
    add: [{ id: added, session: millet.session, recipe: recipe?.id, portions: '8', freezePortions: '0' }],
  });
  expect(changed.status).toBe(200);
  const now = await week();
  expect(now.slots).toEqual([...before.slots, await dinner()]);
  expect(now.batches.find(({ id }) => id === millet.id)).toMatchObject({ portions: '20', freezePortions: '6' });
  expect(now.batches.some(({ id }) => id === added)).toBe(true);

  const back = await change({
    slots: [{ ...(await dinner()), parts: [], guests: 0, serveAt: undefined }],
    size: [{ id: millet.id, portions: '16', freezePortions: '4', version: millet.version + 1 }],
    drop: [{ id: added, version: 1 }],
  });
  expect(back.status).toBe(200);
  const again = await week();
  expect(again.slots).toEqual(before.slots);
  expect(again.batches.filter(({ status }) => status === 'planned')).toHaveLength(before.batches.length);
});

test('a size and a day of a dish are one command; a session that is emptied by it is answered, and comes back with its wishes', async () => {
  const recipe = (await server.get<RecipeState[]>(`${at}/recipes`)).body.find(
    ({ name }) => name === 'Lentils with swede',
  );
  const alone = { id: randomUUID(), name: 'Friday', startsAt: '2027-03-05T08:00:00.000Z', cooks: 2 };
  const batch = { id: randomUUID(), session: alone.id, recipe: recipe?.id, portions: '4', freezePortions: '0' };
  const wishes = { pins: { boil: 20 }, breaks: [] };
  const made = await change({ sessions: [{ ...alone, wishes }], add: [batch] });
  expect(made.status).toBe(200);

  const later = { ...alone, id: randomUUID(), startsAt: '2027-03-06T08:00:00.000Z' };
  const size = { id: batch.id, portions: '6', freezePortions: '2', session: later.id };
  const moved = await change({ sessions: [later], size: [{ ...size, version: 1 }] });
  const answer = moved.body as WeekChanged;
  expect(answer.gone).toMatchObject([{ id: alone.id, wishes }]);
  expect(answer.batches).toMatchObject([{ session: later.id, portions: '6', freezePortions: '2', version: 2 }]);
  expect((await week()).sessions.map(({ id }) => id)).not.toContain(alone.id);

  // Half of it cannot be done: none of it is.
  const stale = await change({ sessions: [{ ...alone, id: randomUUID() }], size: [{ ...size, version: 1 }] });
  expect(stale.status).toBe(409);
  const nowhere = await change({ size: [{ ...size, session: randomUUID(), portions: '7', version: 2 }] });
  expect(nowhere.status).toBe(404);
  expect((await week()).batches.find(({ id }) => id === batch.id)?.portions).toBe('6');

  const back = { id: batch.id, portions: '4', freezePortions: '0', session: alone.id, version: 2 };
  const undone = await change({
    sessions: answer.gone.map(({ id, name, startsAt, cooks, wishes: said }) => ({
      id,
      name,
      startsAt,
      cooks,
      wishes: said,
    })),
    size: [back],
  });
  expect((undone.body as WeekChanged).gone.map(({ id }) => id)).toEqual([later.id]);
  expect((await week()).sessions.find(({ id }) => id === alone.id)).toMatchObject({ wishes, status: 'planned' });
  expect((await change({ drop: [{ id: batch.id, version: 3 }] })).status).toBe(200);
});

test('a meal that another tablet has set meanwhile is not written over: whoever comes second is told what it is now', async () => {
  const set = await dinner();
  const was = { day: set.day, meal: set.meal, parts: [], guests: 0 };
  expect((await change({ slots: [{ ...set, guests: 3 }], seen: [was] })).status).toBe(200);
  const second = await change({ slots: [{ ...was, guests: 14 }], seen: [was] });
  expect(second).toMatchObject({ status: 409, body: { code: 'stale', now: { guests: 3, parts: set.parts } } });
  expect((await week()).slots).toContainEqual(expect.objectContaining({ day: set.day, guests: 3 }));
  // Two at once: one of them is told.
  const seen = [{ ...set, guests: 3 }];
  const both = await Promise.all([7, 8].map((guests) => change({ slots: [{ ...set, guests }], seen })));
  expect(both.map(({ status }) => status).sort()).toEqual([200, 409]);
  const [now] = (await week()).slots.filter(({ day, meal }) => day === set.day && meal === set.meal);
  expect((await change({ slots: [was], seen: now ? [now] : [] })).status).toBe(200);
});

test('when one of the changes cannot be, none is made', async () => {
  const { slots: before } = await week();
  const millet = await batchOf('Millet with bay');
  const slots = [await dinner()];
  expect(
    await change({ slots, size: [{ id: millet.id, portions: '9', freezePortions: '0', version: millet.version - 1 }] }),
  ).toMatchObject({ status: 409, body: { code: 'stale' } });
  expect(
    await change({ slots, size: [{ id: millet.id, portions: '9', freezePortions: '10', version: millet.version }] }),
  ).toMatchObject({ status: 422 });
  expect(await change({ slots: [await dinner({ parts: [{ food: randomUUID(), portions: 1 }] })] })).toMatchObject({
    status: 404,
  });
  expect(await change({ slots: [await dinner({ serveAt: '25:00' })] })).toMatchObject({ status: 422 });
  expect(await change({ slots: [await dinner({ guests: -1 })] })).toMatchObject({ status: 422 });
  expect((await week()).slots).toEqual(before);
  expect(await batchOf('Millet with bay')).toMatchObject({ portions: '16' });
});

test('an eater has tastes, a name that may change, and may go; what is strange is refused', async () => {
  const [eater] = (await week()).eaters;
  if (!eater) throw new Error('nobody');
  const path = `${at}/eaters/${eater.id}`;
  const { id: _id, ...fields } = eater;
  const tastes = {
    groups: { grain: 1.5 },
    never: [await milletFood()],
    allergens: ['mustard'],
    mild: true,
    repeats: 2,
  };
  expect(await server.send<EaterState>('PUT', path, { ...fields, name: 'Ilva K', tastes })).toMatchObject({
    status: 200,
    body: { name: 'Ilva K', tastes },
  });
  expect(await server.send('PUT', path, { ...fields, tastes })).toMatchObject({ status: 409 });
  const newer = { ...fields, version: eater.version + 1 };
  for (const wrong of [{ groups: { grain: 9 } }, { allergens: ['luck'] }, { never: ['x'] }, { repeats: 0 }])
    expect(await server.send('PUT', path, { ...newer, tastes: wrong })).toMatchObject({ status: 422 });
  expect(await server.send('POST', `${path}/goes`, { version: newer.version })).toMatchObject({ status: 200 });
  expect((await week()).eaters.some(({ id }) => id === eater.id)).toBe(false);
  expect(await server.send('PUT', path, newer)).toMatchObject({ status: 404 });
});

test('what was eaten is kept with who ate it, and goes when the meal is taken back', async () => {
  const millet = await batchOf('Millet with bay');
  const box = randomUUID();
  await server.send('POST', `${at}/batches/${millet.id}/put-away`, {
    boxes: [{ id: box, place: await placeOf('fridge'), portions: 4 }],
    ifShort: 'take what is there',
    version: millet.version,
  });
  const lot = (await lots()).find(({ id }) => id === box) as LotState;
  const [eater] = (await week()).eaters;
  const entry = { id: randomUUID(), eater: eater?.id, food: lot.food, day: '2027-03-01', meal: 'lunch', portions: 1.5 };
  const eat = (eaten: readonly object[]) =>
    server.send('POST', `${at}/meals`, { takes: [{ lot: box, amount: '200', version: lot.version }], eaten });
  expect(await eat([{ ...entry, eater: randomUUID() }])).toMatchObject({ status: 404 });
  expect(await eat([{ ...entry, portions: 0 }])).toMatchObject({ status: 422 });
  expect((await lots()).find(({ id }) => id === box)?.onHand).toBe(lot.onHand);
  const key = randomUUID();
  const sent = await server.send(
    'POST',
    `${at}/meals`,
    {
      takes: [{ lot: box, amount: '200', version: lot.version }],
      eaten: [entry, { ...entry, id: randomUUID(), eater: undefined }],
    },
    key,
  );
  expect(sent.status).toBe(201);
  const eaten = async () => (await week()).eaten.map(({ eater: who, portions }) => [who, portions]);
  expect((await week()).plates).toEqual([
    { eater: eater?.id, food: lot.food, meal: entry.meal, n: 1, sum: 1.5, squares: 2.25 },
  ]);
  expect(new Set(await eaten())).toEqual(
    new Set([
      [eater?.id, 1.5],
      [null, 1.5],
    ]),
  );
  expect((await server.send('POST', `${at}/undo`, { command: key })).status).toBe(201);
  expect(await eaten()).toEqual([]);
  expect((await week()).plates).toEqual([]);
  await ledgerHolds();
});

test('a week is kept to be used again, renamed, and forgotten', async () => {
  const template = { id: randomUUID(), name: 'usual week', week: { slots: [], dishes: [] } };
  const keep = (name: string, seen: object | null) =>
    server.send('POST', `${at}/templates`, { ...template, name, seen });
  expect((await keep(template.name, null)).status).toBe(201);
  const seen = { name: template.name, week: template.week };
  expect((await keep('winter week', seen)).status).toBe(201);
  // Another tablet still has the old name in sight.
  expect(await keep('summer week', seen)).toMatchObject({ status: 409, body: { now: { name: 'winter week' } } });
  expect((await server.get<WeekState>(`${at}/week`)).body.templates).toEqual([{ ...template, name: 'winter week' }]);
  const forget = (as: object) => server.send('POST', `${at}/templates/${template.id}/forget`, { seen: as });
  expect((await forget(seen)).status).toBe(409);
  expect((await forget({ ...seen, name: 'winter week' })).status).toBe(200);
  expect((await week()).templates).toEqual([]);
});

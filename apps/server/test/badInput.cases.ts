import { randomUUID } from 'node:crypto';
import type { KitchenState, LotState, ProblemDetails, WeekState } from '@kestrel-ridge/core/formats';
import { bookFoodId } from '@kestrel-ridge/core/food';
import { startKitchenServer, type KitchenServer } from './kitchenServer.ts';

let server: KitchenServer;
let at: string;
let lot: LotState;
let kitchen: KitchenState;
let week: WeekState;

beforeAll(async () => {
  server = await startKitchenServer({ demo: true });
  at = `kitchens/${server.kitchen}`;
  lot = (await server.get<LotState[]>(`${at}/lots`)).body[0] as LotState;
  kitchen = (await server.get<KitchenState>(at)).body;
  week = (await server.get<WeekState>(`${at}/week`)).body;
}, 60_000);
afterAll(() => server.close());

const id = randomUUID();
const state = () =>
  server.sql(
    'SELECT (SELECT count(*) FROM command) AS commands, (SELECT count(*) FROM movement) AS movements, (SELECT count(*) FROM lot) AS lots, (SELECT sum(version) FROM batch) AS batches',
  );
const batch = () => week.batches[0]?.id ?? '';
const session = () => week.sessions[0]?.id ?? '';
const place = () => kitchen.places[0]?.id ?? '';

/** For each command: a body with one thing wrong, and the field that must be named. */
const cases: readonly [what: string, method: 'POST' | 'PUT', path: () => string, body: () => unknown, field: string][] =
  [
    [
      'no amount',
      'POST',
      () => 'lots',
      () => ({ id, food: bookFoodId('leek'), place: place(), origin: 'found' }),
      'amount',
    ],
    [
      'an amount of nothing',
      'POST',
      () => 'lots',
      () => ({ id, food: bookFoodId('leek'), place: place(), amount: '0', origin: 'found' }),
      'amount',
    ],
    [
      'a negative amount',
      'POST',
      () => 'lots',
      () => ({ id, food: bookFoodId('leek'), place: place(), amount: '-5', origin: 'found' }),
      'amount',
    ],
    [
      'a price below zero',
      'POST',
      () => 'lots',
      () => ({ id, food: bookFoodId('leek'), place: place(), amount: '5', priceMinor: -1, origin: 'bought' }),
      'priceMinor',
    ],
    [
      'a date that is none',
      'POST',
      () => 'lots',
      () => ({ id, food: bookFoodId('leek'), place: place(), amount: '5', bestBefore: 'march', origin: 'found' }),
      'bestBefore',
    ],
    [
      'a field nobody knows',
      'POST',
      () => 'lots',
      () => ({ id, food: bookFoodId('leek'), place: place(), amount: '5', origin: 'found', colour: 'green' }),
      'colour',
    ],
    [
      'a count that is no number',
      'POST',
      () => `lots/${lot.id}/count`,
      () => ({ amount: 'half', version: lot.version }),
      'amount',
    ],
    [
      'more moved than is there',
      'POST',
      () => `lots/${lot.id}/move`,
      () => ({ id, place: kitchen.places.find((p) => p.id !== lot.place)?.id, amount: '999999', version: lot.version }),
      'amount',
    ],
    [
      'moved to where it is',
      'POST',
      () => `lots/${lot.id}/move`,
      () => ({ id, place: lot.place, amount: '1', version: lot.version }),
      'place',
    ],
    [
      'thrown away without a reason',
      'POST',
      () => `lots/${lot.id}/throw`,
      () => ({ amount: '1', reason: '', version: lot.version }),
      'reason',
    ],
    ['an empty plate', 'POST', () => 'meals', () => ({ takes: [] }), 'takes'],
    ['undo of nothing', 'POST', () => 'undo', () => ({ command: 'x' }), 'command'],
    ['a recipe that is none', 'POST', () => 'recipes', () => ({ id, document: { name: 'x' } }), 'document.portions'],
    ['an eater without a name', 'POST', () => 'eaters', () => ({ id, name: '', appetite: 1, weekdays: [] }), 'name'],
    [
      'an eighth day of the week',
      'POST',
      () => 'eaters',
      () => ({ id, name: 'Ode', appetite: 1, weekdays: [7] }),
      'weekdays',
    ],
    [
      'a day that is none',
      'PUT',
      () => 'attendance',
      () => ({ eater: week.eaters[0]?.id, day: '2026-13-01', here: true, seen: null }),
      'day',
    ],
    [
      'nine portions a day',
      'PUT',
      () => 'appetites',
      () => ({ food: bookFoodId('leek'), portionsADay: 9, seen: null }),
      'portionsADay',
    ],
    [
      'a session at no time',
      'POST',
      () => 'sessions',
      () => ({ id, name: 'Sunday', startsAt: 'noon', cooks: 1 }),
      'startsAt',
    ],
    [
      'nine cooks',
      'PUT',
      () => `sessions/${session()}`,
      () => ({ startsAt: server.now(), cooks: 9, version: 1 }),
      'cooks',
    ],
    [
      'a batch of nothing',
      'POST',
      () => 'batches',
      () => ({ id, session: session(), recipe: week.batches[0]?.recipe, portions: '0', freezePortions: '0' }),
      'portions',
    ],
    [
      'more frozen than made',
      'PUT',
      () => `batches/${batch()}`,
      () => ({ portions: '4', freezePortions: '5', version: 1 }),
      'freezePortions',
    ],
    [
      'a thousand portions',
      'PUT',
      () => `batches/${batch()}`,
      () => ({ portions: '1000', freezePortions: '0', version: 1 }),
      'portions',
    ],
    [
      'a run without a plan',
      'POST',
      () => 'runs',
      () => ({ id, session: session(), plan: { instance: 's', makespan: 1, washes: [] } }),
      'plan.starts',
    ],
    ['no event', 'POST', () => `runs/${id}/events`, () => ({ events: [] }), 'events'],
    [
      'no box',
      'POST',
      () => `batches/${batch()}/put-away`,
      () => ({ boxes: [], ifShort: 'refuse', version: 1 }),
      'boxes',
    ],
    [
      'half a portion in a box',
      'POST',
      () => `batches/${batch()}/put-away`,
      () => ({ boxes: [{ id, place: place(), portions: 0.5 }], ifShort: 'refuse', version: 1 }),
      'boxes.0.portions',
    ],
    [
      'a kitchen above the peaks',
      'PUT',
      () => '',
      () => ({ name: 'x', equipment: { ...kitchen.equipment, altitudeM: 9000 }, version: 1 }),
      'equipment.altitudeM',
    ],
    [
      'a time zone nobody knows',
      'PUT',
      () => '',
      () => ({ name: 'x', equipment: { ...kitchen.equipment, zone: 'Ridge/Top' }, version: 1 }),
      'equipment.zone',
    ],
    [
      'a swap by no amount',
      'PUT',
      () => `batches/${batch()}/choice`,
      () => ({
        choice: { swaps: [{ line: 'x', food: bookFoodId('leek'), amount: { n: 'some', unit: 'g' } }] },
        version: 1,
      }),
      'choice.swaps.0.amount.n',
    ],
  ];

test.each(cases)(
  '%s: the field, the fault and a remedy, and nothing is written',
  async (_, method, path, body, field) => {
    const before = await state();
    const {
      status,
      type,
      body: problem,
    } = await server.send<ProblemDetails>(method, path() ? `${at}/${path()}` : at, body());
    expect(status).toBe(422);
    expect(type).toContain('application/problem+json');
    const error = problem.errors.find((each) => each.field === field);
    expect(error?.fault).toBeTruthy();
    expect(error?.remedy).toBeTruthy();
    expect(await state()).toEqual(before);
  },
);

test('a command without a key is told to make one', async () => {
  const response = await fetch(`${server.url}/api/${at}/lots`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: '{}',
  });
  expect(response.status).toBe(422);
  expect(await response.json()).toMatchObject({ errors: [{ field: 'Idempotency-Key' }] });
});

test('broken JSON, a body that is too large and an address that is not there each get their answer', async () => {
  const post = (body: string) =>
    fetch(`${server.url}/api/${at}/lots`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', 'idempotency-key': randomUUID() },
      body,
    });
  expect(await (await post('{"id": ')).json()).toMatchObject({ status: 400, code: 'unreadable' });
  expect(await (await post(JSON.stringify({ note: 'x'.repeat(600_000) }))).json()).toMatchObject({
    status: 413,
    code: 'too large',
  });
  expect(await server.get(`${at}/nowhere`)).toMatchObject({ status: 404, body: { code: 'not found' } });
  expect(await server.get(`kitchens/${randomUUID()}`)).toMatchObject({ status: 404 });
  expect(await server.get('kitchens/not-a-uuid/lots')).toMatchObject({ status: 404 });
});

test('security headers are set, and the program is not named', async () => {
  const { headers } = await fetch(`${server.url}/api/health`);
  expect(headers.get('content-security-policy')).toContain("default-src 'self'");
  expect(headers.get('x-content-type-options')).toBe('nosniff');
  expect(headers.get('x-powered-by')).toBeNull();
});

test('the API is described at /api/docs', async () => {
  expect((await fetch(`${server.url}/api/docs`)).status).toBe(200);
  const { body } = await server.get<{ paths: Record<string, unknown> }>('docs.json');
  expect(Object.keys(body.paths)).toEqual(
    expect.arrayContaining([
      '/api/health',
      '/api/kitchens/{kitchen}/lots',
      '/api/kitchens/{kitchen}/batches/{id}/put-away',
    ]),
  );
});

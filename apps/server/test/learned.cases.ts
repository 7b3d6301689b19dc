import { randomUUID } from 'node:crypto';
import type { FoodState, KitchenState, LearnedState } from '@kestrel-ridge/core/formats';
import { bookFoodId } from '@kestrel-ridge/core/food';
import { foodFigure, type FigureKey } from '@kestrel-ridge/core/learn';
import { demoPlan } from './demoPlan.ts';
import { startKitchenServer, type KitchenServer } from './kitchenServer.ts';

let server: KitchenServer;
let at: string;
let run: string;
const HANDS: FigureKey = { kind: 'hands', of: '' };

beforeAll(async () => {
  server = await startKitchenServer({ demo: true });
  at = `kitchens/${server.kitchen}`;
  const { session, plan, about } = await demoPlan(server);
  run = randomUUID();
  await server.send('POST', `${at}/runs`, { id: run, session: session.id, plan });
  const began = Date.parse(server.now());
  const hands = Object.values(about).filter(
    ({ attention, turn, stage }) => attention.needs === 'hands' && !turn && !stage,
  );
  let seq = 0;
  const event = (what: object, ms: number) => ({
    id: randomUUID(),
    device: 'tablet',
    deviceSeq: ++seq,
    clock: seq,
    at: new Date(began - ms).toISOString(),
    what,
  });
  // All of them took half as long again as the recipes say.
  await server.send('POST', `${at}/runs/${run}/events`, {
    events: hands
      .slice(0, 5)
      .flatMap(({ id, window }) => [
        event({ kind: 'started', task: id }, window.expected * 90_000),
        event({ kind: 'done', task: id }, 0),
      ]),
  });
}, 60_000);
afterAll(() => server.close());

const learned = async () => (await server.get<LearnedState>(`${at}/learned`)).body;
const hands = async () => (await learned()).figures.find(({ key }) => key.kind === 'hands');

test('what the steps of a run took is learned, with all that it rests on', async () => {
  // By hand: (6 × 1 + 5 × 1.5) ÷ 11 = 1.23.
  const figure = await hands();
  expect(figure).toMatchObject({ n: 5, value: 1.23, setAside: 0 });
  expect(figure?.seen.map(({ run: of, value }) => [of, value])).toEqual(Array(5).fill([run, 1.5]));
});

test('a sighting is taken out once, however often it is asked, and comes back; of a run that is not there none is', async () => {
  const [seen] = (await hands())?.seen ?? [];
  const ofSteps = async () =>
    (await learned()).figures.reduce((sum, { key, n }) => sum + (key.kind === 'step' ? n : 0), 0);
  const before = await ofSteps();
  expect(before).toBeGreaterThan(0);
  const body = { id: randomUUID(), figure: HANDS, run, task: seen?.task, reason: 'the dog came in' };
  const key = randomUUID();
  const out = await server.send<{ id: string }>('POST', `${at}/learned/taken-out`, body, key);
  expect(out.status).toBe(201);
  expect((await server.send<{ id: string }>('POST', `${at}/learned/taken-out`, body, key)).body).toEqual(out.body);
  expect(
    (await server.send<{ id: string }>('POST', `${at}/learned/taken-out`, { ...body, id: randomUUID() })).body.id,
  ).toBe(body.id);
  expect(await hands()).toMatchObject({ n: 4 });
  expect((await hands())?.seen.map(({ takenOut }) => takenOut).filter(Boolean)).toEqual(['the dog came in']);
  // Of the other figures that it teaches of it still counts.
  expect(await ofSteps()).toBe(before);
  expect((await server.send('POST', `${at}/learned/said/${body.id}/back`, {})).status).toBe(201);
  expect(await hands()).toMatchObject({ n: 5 });
  expect(
    await server.send('POST', `${at}/learned/taken-out`, { ...body, id: randomUUID(), run: randomUUID() }),
  ).toMatchObject({
    status: 404,
  });
});

test('one figure, or all, begin anew, and what was before comes back', async () => {
  const one = randomUUID();
  expect((await server.send('POST', `${at}/learned/set-back`, { id: one, figure: HANDS })).status).toBe(201);
  expect(await hands()).toMatchObject({ n: 0, setAside: 5, value: 1, seen: [] });
  const all = randomUUID();
  await server.send('POST', `${at}/learned/set-back`, { id: all });
  expect((await learned()).figures.map(({ n }) => n).filter(Boolean)).toEqual([]);
  for (const id of [one, all]) await server.send('POST', `${at}/learned/said/${id}/back`, {});
  expect(await hands()).toMatchObject({ n: 5, setAside: 0 });
  expect((await learned()).said).toEqual([]);
});

test.each([
  ['no reason', { reason: '' }, 'reason'],
  ['no task', { task: '' }, 'task'],
  ['a figure of no kind', { figure: { kind: 'mood', of: '' } }, 'figure.kind'],
  ['no figure', { figure: undefined }, 'figure'],
])('with %s nothing is taken out, and it says what to do', async (_what, wrong, field) =>
  expect(
    await server.send('POST', `${at}/learned/taken-out`, {
      id: randomUUID(),
      figure: HANDS,
      run,
      task: 't',
      reason: 'r',
      ...wrong,
    }),
  ).toMatchObject({ status: 422, body: { errors: [{ field }] } }),
);

test('what plans may go by is kept with the kitchen', async () => {
  const { body: kitchen } = await server.get<KitchenState>(at);
  const { own, ovens } = kitchen.equipment;
  const answer = await server.send<KitchenState>('PUT', at, {
    name: kitchen.name,
    version: kitchen.version,
    equipment: {
      ...kitchen.equipment,
      own: { ...own, handsTimes: { value: 1.23, source: 'this kitchen, 5 steps' } },
      ovens: ovens.map((oven) => ({ ...oven, cooksTimes: 1.09 })),
    },
  });
  expect(answer.status).toBe(200);
  const { equipment } = (await server.get<KitchenState>(at)).body;
  expect([equipment.own?.handsTimes?.value, equipment.ovens[0]?.cooksTimes]).toEqual([1.23, 1.09]);
});

describe('what is read off a scale', () => {
  const LEEK = foodFigure(bookFoodId('leek'), 'ediblePart');
  const reading = (real: number) => ({ id: randomUUID(), figure: LEEK, real, book: 0.44, what: 'leek, trimmed' });
  const leek = async () => (await learned()).figures.find(({ key }) => key.kind === 'food' && key.of === LEEK.of);

  test('is held against the book’s word, is one reading however often it is sent, and can be taken back', async () => {
    const readings = [reading(0.5), reading(0.52), reading(0.48)];
    const key = randomUUID();
    expect((await server.send('POST', `${at}/learned/readings`, { readings }, key)).status).toBe(201);
    await server.send('POST', `${at}/learned/readings`, { readings }, key);
    await server.send('POST', `${at}/learned/readings`, { readings });
    const told = await leek();
    // By hand: (2 × 1 + (0.5 + 0.52 + 0.48) ÷ 0.44) ÷ 5 = 1.08.
    expect(told).toMatchObject({ n: 3, value: 1.08, source: 'this kitchen, 3 weighings' });
    await server.send('POST', `${at}/learned/taken-out`, {
      id: randomUUID(),
      figure: LEEK,
      run: readings[1]?.id,
      task: 'weighed',
      reason: 'with the bowl',
    });
    expect((await leek())?.n).toBe(2);
    for (const { id } of readings) await server.send('POST', `${at}/learned/readings/${id}/back`, {});
    expect(await leek()).toBeUndefined();
  });

  test.each([
    ['no weight', { real: 0 }, 'readings.0.real'],
    ['a figure that no scale shows', { figure: { kind: 'hands', of: 'x' } }, 'readings.0.figure.kind'],
    ['nothing that it was', { what: '' }, 'readings.0.what'],
  ])('with %s nothing of the list is kept, and it says what to do', async (_what, wrong, field) => {
    expect(
      await server.send('POST', `${at}/learned/readings`, { readings: [reading(0.5), { ...reading(0.5), ...wrong }] }),
    ).toMatchObject({ status: 422, body: { errors: [{ field: field.replace('.0.', '.1.') }] } });
    expect(await leek()).toBeUndefined();
  });
});

describe('going by what was learned', () => {
  const state = async () => (await server.get<KitchenState>(at)).body;
  const LOSS: FigureKey = { kind: 'pot loss', of: 'hob' };
  const uptake = foodFigure(bookFoodId('millet'), 'uptake');
  const ownUptake = async () =>
    (await server.get<FoodState[]>(`${at}/foods`)).body.find(({ id }) => id === bookFoodId('millet'))?.own.uptake;
  const source = 'this kitchen, one pot';
  const reading = () => ({ id: randomUUID(), figure: uptake, real: 2.4, book: 2.2, what: 'millet' });
  const readings = async () =>
    (await learned()).figures.filter(({ key }) => key.kind === 'food').reduce((sum, { n }) => sum + n, 0);
  const ask = async (more: object) =>
    server.send<{ version: number }>('POST', `${at}/learned/go-by`, { version: (await state()).version, ...more });

  test('a figure of a food, one of the kitchen, and what was read for them are kept together, and let go together', async () => {
    const before = await state();
    const kept = await ask({
      figures: [
        { figure: uptake, own: { value: 2.4, source }, seen: null },
        { figure: LOSS, own: { value: 60, source }, seen: null },
      ],
      readings: [reading()],
    });
    expect(kept).toMatchObject({ status: 201, body: { version: before.version + 1 } });
    expect([await ownUptake(), (await state()).equipment.own?.grainLossMl?.hob?.value, await readings()]).toEqual([
      2.4, 60, 1,
    ]);
    await ask({
      figures: [
        { figure: uptake, seen: 2.4 },
        { figure: LOSS, seen: null },
      ],
    });
    expect([await ownUptake(), (await state()).equipment]).toEqual([undefined, before.equipment]);
  });

  test.each<[string, object]>([
    ['a food’s figure that another device has set meanwhile', { figure: uptake, own: { value: 2, source }, seen: 1.9 }],
    ['a figure that cannot be', { figure: { kind: 'hands', of: '' }, own: { value: 90, source }, seen: null }],
    ['a figure that no plan goes by', { figure: { kind: 'step', of: 'a/b' }, own: { value: 1, source }, seen: null }],
    ['a food that is not there', { figure: foodFigure(randomUUID(), 'uptake'), own: { value: 2, source }, seen: null }],
  ])('with %s nothing of it is kept', async (_what, figure) => {
    const before = [await state(), await ownUptake(), await readings()];
    const answer = await ask({
      figures: [{ figure: LOSS, own: { value: 70, source }, seen: null }, figure],
      readings: [reading()],
    });
    expect(answer.status).toBeGreaterThanOrEqual(400);
    expect(answer.status).toBeLessThan(500);
    expect([await state(), await ownUptake(), await readings()]).toEqual(before);
  });

  test('of a kitchen that was changed meanwhile it is told, and nothing is kept', async () => {
    const { version } = await state();
    const stale = await ask({
      version: version - 1,
      figures: [{ figure: LOSS, own: { value: 70, source }, seen: null }],
    });
    expect(stale).toMatchObject({ status: 409 });
    expect((await state()).version).toBe(version);
  });
});

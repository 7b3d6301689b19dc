import { randomUUID } from 'node:crypto';
import type { EventsTaken, BatchState, RunState } from '@kestrel-ridge/core/formats';
import { bookFoodId } from '@kestrel-ridge/core/food';
import { demoPlan } from './demoPlan.ts';
import { startKitchenServer, type KitchenServer } from './kitchenServer.ts';
import { lookUp } from './lookUp.ts';

let server: KitchenServer;
let at: string;
let run: string;
let lid: string;
let seq = 0;
const { batchOf, lotOf, placeOf, ledgerHolds } = lookUp(() => server);

beforeAll(async () => {
  server = await startKitchenServer({ demo: true });
  at = `kitchens/${server.kitchen}`;
  const { session, plan, about } = await demoPlan(server);
  run = randomUUID();
  await server.send('POST', `${at}/runs`, { id: run, session: session.id, plan });
  lid = Object.values(about).find(({ dish, stage }) => dish === 'Millet' && stage === 'load')?.id ?? '';
}, 60_000);
afterAll(() => server.close());

const event = (what: object) => {
  seq += 1;
  return { id: randomUUID(), device: 'tablet', deviceSeq: seq, clock: seq, at: server.now(), what };
};
const record = <T = unknown>(...events: readonly object[]) =>
  server.send<T>('POST', `${at}/runs/${run}/events`, { events });
const eventIds = async () => (await server.sql<{ id: string }>('SELECT id FROM event')).map(({ id }) => id);

test('people of the kitchen are named in a run', async () => {
  const { session } = await demoPlan(server);
  const { body } = await server.get<{ run: RunState }>(`${at}/sessions/${session.id}/run`);
  expect(new Set(Object.values(body.run.about).flatMap(({ who }) => who ?? []))).toEqual(new Set(['Ines']));
});

test.each([
  ['a tick without its line', { kind: 'ticked' }],
  ['a gate without an answer', { kind: 'gate', line: 'salt' }],
  ['an answer that is none', { kind: 'gate', line: 'salt', choice: 'perhaps' }],
  ['a note without words', { kind: 'noted' }],
  ['an unknown fact', { kind: 'sung' }],
  ['more of no amount', { kind: 'amount', line: 'salt', plus: { n: 'some', unit: 'tsp' } }],
])('%s is refused with a reason, is not kept, and keeps nothing away that comes behind it', async (_what, what) => {
  const wrong = event({ ...what, task: lid });
  const right = event({ kind: 'noted', task: lid, text: 'a little sour' });
  const { status, body } = await record<EventsTaken>(wrong, right);
  expect(status).toBe(201);
  expect(body).toMatchObject({ kept: [right.id], had: [], refused: [{ id: wrong.id }] });
  expect(body.refused[0]?.fault).toBeTruthy();
  expect(await eventIds()).not.toContain(wrong.id);
  expect(await eventIds()).toContain(right.id);
});

test.each([
  ['at the limit of what can be counted', { clock: 2 ** 31 - 1 }],
  ['further ahead than any device has seen', { clock: 500_000 }],
  ['of the year 9999', { at: '9999-12-31T23:59:59.999Z' }],
  ['of a year before', { at: '2025-04-29T08:20:00.000Z' }],
  ['with signs that no table holds', { what: { kind: 'noted', task: 'x', text: 'a\u0000b' } }],
  ['that is no event at all', { id: undefined }],
])('an event %s is refused, and harms no run', async (_what, wrong) => {
  const poison = { ...event({ kind: 'done', task: lid }), ...wrong };
  const { body } = await record<EventsTaken>(poison, event({ kind: 'noted', task: lid, text: 'on' }));
  expect([body.kept.length, body.refused.length]).toEqual([1, 1]);
  expect((await record<EventsTaken>(event({ kind: 'noted', task: lid, text: 'and on' }))).body.refused).toEqual([]);
});

test('two tabs of one device that have counted alike: both taps are kept, each is told what became of it', async () => {
  const one = event({ kind: 'noted', task: lid, text: 'of the first tab' });
  const two = { ...event({ kind: 'noted', task: lid, text: 'of the second' }), deviceSeq: one.deviceSeq };
  expect((await record<EventsTaken>(one)).body.kept).toEqual([one.id]);
  expect((await record<EventsTaken>(two, one)).body).toEqual({ kept: [two.id], had: [one.id], refused: [] });
  expect(await eventIds()).toEqual(expect.arrayContaining([one.id, two.id]));
});

test('what nobody had planned is taken in under an id of its own', async () => {
  const added = event({ kind: 'added', task: `added/${randomUUID()}`, name: 'Boil swede', minutes: 20, hands: false });
  expect(await record(added)).toMatchObject({ status: 201, body: { kept: [added.id] } });
  // The same again, as after a lost answer.
  expect(await record(added)).toMatchObject({ status: 201, body: { kept: [], had: [added.id] } });
});

test('out of something in the middle of a dish: it may be swapped, the way of cooking may not', async () => {
  const greens = await batchOf('Kale with leek');
  const path = `${at}/batches/${greens.id}/choice`;
  expect(await server.send('PUT', path, { choice: { eatenToday: true }, version: greens.version })).toMatchObject({
    status: 409,
    body: { code: 'not now' },
  });
  const swap = { line: 'leek', food: bookFoodId('onion'), amount: { n: '300', unit: 'g' } };
  expect(await server.send('PUT', path, { choice: { swaps: [swap] }, version: greens.version })).toMatchObject({
    status: 200,
    body: { choice: { swaps: [swap] } },
  });
});

test('a dish is left out in the middle of a run; what the run says went in is what is booked', async () => {
  const sauce = await batchOf('Sunflower-seed sauce with mustard');
  expect(
    await server.send<BatchState>('POST', `${at}/batches/${sauce.id}/drop`, { version: sauce.version }),
  ).toMatchObject({ status: 200, body: { status: 'dropped' } });

  const before = (await lotOf('salt')).onHand;
  const { about } = await demoPlanOfRun();
  const lids = Object.values(about).filter(({ dish, stage }) => dish === 'Millet' && stage === 'load');
  for (const { id } of lids) await record(event({ kind: 'gate', task: id, line: 'salt', choice: 'left out' }));
  const millet = await batchOf('Millet with bay');
  const put = await server.send<BatchState>('POST', `${at}/batches/${millet.id}/put-away`, {
    boxes: [{ id: randomUUID(), place: await placeOf('fridge'), portions: 16 }],
    ifShort: 'refuse',
    version: millet.version,
  });
  expect(put).toMatchObject({ status: 200, body: { status: 'put away' } });
  expect(put.body.finals).toEqual([{ line: 'salt', amount: { n: '0', unit: 'mL' } }]);
  expect((await lotOf('salt')).onHand).toBe(before);
  await ledgerHolds();
});

const demoPlanOfRun = async () => {
  const { body } = await server.get<{ sessions: { id: string }[] }>(`${at}/week`);
  const { body: kept } = await server.get<{ run: RunState }>(`${at}/sessions/${body.sessions[0]?.id ?? ''}/run`);
  return kept.run;
};

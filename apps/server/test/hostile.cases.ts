import { randomUUID } from 'node:crypto';
import type {
  CostState,
  FoodState,
  KitchenState,
  LotState,
  RecipeState,
  RunState,
  WeekState,
} from '@kestrel-ridge/core/formats';
import { seeded } from '@kestrel-ridge/core/quantity';
import { asCooked, foldRun, projectRun } from '@kestrel-ridge/core/run';
import { leadsOf, missingOf, rankedFirsts, readyComponents, stripsOf, viewOf } from '@kestrel-ridge/core/view';
import { DEMO_KITCHEN } from '../src/demo/loadDemo.ts';
import { demoCommands } from '../src/demo/demoCommands.ts';
import { demoPlan } from './demoPlan.ts';
import { startKitchenServer, type KitchenServer } from './kitchenServer.ts';

/** Requests with one or two things wrong in them, by a seed; many more where HOSTILE says so. */
const REQUESTS = Number(process.env['HOSTILE'] ?? 300);
const SEED = Number(process.env['HOSTILE_SEED'] ?? 2026);
/** So many requests go by what was there before them: a version that is past is a wrong thing too. */
const LOOKS_EVERY = 20;

/** What no page sends. */
const NASTY: readonly unknown[] = [
  null,
  '',
  '   ',
  'a\u0000b',
  '\ud800',
  '1/0',
  '0/0',
  '-1',
  '1e400',
  '９',
  'x'.repeat(5000),
  '__proto__',
  'constructor',
  '9999-12-31',
  '2026-02-30',
  '0000-00-00',
  '9999-12-31T23:59:59.999Z',
  '00000000-0000-4000-8000-000000000000',
  -1,
  0,
  0.1,
  1e9,
  2 ** 53,
  1e308,
  true,
  [],
  [[]],
  {},
  { a: { b: { c: {} } } },
  [null],
];

let server: KitchenServer;
let run: string;
const at = `kitchens/${DEMO_KITCHEN}`;
const random = seeded(SEED);
const oneOf = <T>(from: readonly T[]): T => from[Math.floor(random() * from.length)] as T;

beforeAll(async () => {
  server = await startKitchenServer({ demo: true });
  const { session, plan } = await demoPlan(server);
  run = randomUUID();
  await server.send('POST', `${at}/runs`, { id: run, session: session.id, plan });
}, 60_000);
afterAll(() => server.close());

/** Every place in a body, from the outside in. */
function placesIn(body: unknown, path: readonly (string | number)[] = []): readonly (readonly (string | number)[])[] {
  if (typeof body !== 'object' || body === null) return [path];
  const inside = Array.isArray(body)
    ? body.slice(0, 4).flatMap((each, n) => placesIn(each, [...path, n]))
    : Object.entries(body).flatMap(([key, each]) => placesIn(each, [...path, key]));
  return [path, ...inside];
}

function spoilt(body: unknown): unknown {
  const copy = structuredClone(body) as Record<string, unknown>;
  const place = oneOf(placesIn(copy));
  if (place.length === 0) return oneOf(NASTY);
  let into = copy as Record<string | number, unknown>;
  for (const key of place.slice(0, -1)) into = into[key] as Record<string | number, unknown>;
  const last = place.at(-1) ?? '';
  if (random() < 0.15 && !Array.isArray(into)) delete into[last];
  else into[last] = oneOf(NASTY);
  return copy;
}

/** A sound body for each command: what the demo sends, and what a cook sends to what is there then. */
async function sound(): Promise<readonly { method: 'POST' | 'PUT'; path: string; body: unknown }[]> {
  const { body: week } = await server.get<WeekState>(`${at}/week`);
  const { body: lots } = await server.get<LotState[]>(`${at}/lots`);
  const { body: kitchen } = await server.get<KitchenState>(at);
  const { body: recipes } = await server.get<RecipeState[]>(`${at}/recipes`);
  const [lot, recipe, eater, session] = [oneOf(lots), oneOf(recipes), oneOf(week.eaters), oneOf(week.sessions)];
  const batch = oneOf(week.batches);
  const place = oneOf(kitchen.places).id;
  const event = {
    id: randomUUID(),
    device: 'tablet',
    deviceSeq: 1 + Math.floor(random() * 1000),
    clock: 1 + Math.floor(random() * 50),
    at: server.now(),
    what: { kind: 'noted', task: 'x', text: 'on' },
  };
  const version = lot.version;
  return [
    ...Object.values(demoCommands(DEMO_KITCHEN, 'Windgate Hut', new Date(server.now())))
      .flat()
      .filter(({ path }) => path !== '/kitchens')
      .map(({ method, path, body }) => ({
        method,
        path: path.slice(1),
        body: random() < 0.5 ? body : { ...(body as object), id: randomUUID() },
      })),
    { method: 'PUT', path: at, body: { name: kitchen.name, equipment: kitchen.equipment, version: kitchen.version } },
    { method: 'POST', path: `${at}/lots/${lot.id}/count`, body: { amount: '3', version } },
    { method: 'POST', path: `${at}/lots/${lot.id}/move`, body: { id: randomUUID(), place, amount: '1', version } },
    { method: 'POST', path: `${at}/lots/${lot.id}/throw`, body: { amount: '1', reason: 'spoiled', version } },
    {
      method: 'POST',
      path: `${at}/lots/many`,
      body: { lots: [{ id: randomUUID(), food: lot.food, place, amount: '3', origin: 'found' }] },
    },
    { method: 'POST', path: `${at}/meals`, body: { takes: [{ lot: lot.id, amount: '1', version }], eaten: [] } },
    {
      method: 'POST',
      path: `${at}/recipes/${recipe.id}/revisions`,
      body: { follows: recipe.number, document: recipe.document, why: 'x' },
    },
    { method: 'PUT', path: `${at}/eaters/${eater.id}`, body: { ...eater, id: undefined } },
    { method: 'PUT', path: `${at}/attendance`, body: { eater: eater.id, day: kitchen.today, here: true, seen: null } },
    {
      method: 'PUT',
      path: `${at}/appetites`,
      body: { food: recipe.document.component.id, portionsADay: 1, seen: null },
    },
    { method: 'PUT', path: `${at}/floors`, body: { food: lot.food, amount: '1', seen: null } },
    { method: 'PUT', path: `${at}/foods/${lot.food}/own`, body: { figure: 'gramsPerCup', value: 150, seen: null } },
    { method: 'PUT', path: `${at}/places`, body: { places: kitchen.places, seen: kitchen.places } },
    {
      method: 'POST',
      path: `${at}/week/changes`,
      body: {
        sessions: [{ id: randomUUID(), name: 'more', startsAt: server.now(), cooks: 2, wishes: session.wishes }],
        slots: [],
        add: [],
        size: [{ id: batch.id, portions: '3', freezePortions: '0', version: batch.version }],
        drop: [],
      },
    },
    {
      method: 'POST',
      path: `${at}/templates`,
      body: {
        id: randomUUID(),
        name: 'usual',
        week: {
          slots: [{ weekday: 1, meal: 'dinner', parts: [], guests: 2 }],
          dishes: [{ recipe: recipe.id, portions: 4, freezePortions: 1 }],
        },
        seen: null,
      },
    },
    {
      method: 'PUT',
      path: `${at}/batches/${batch.id}`,
      body: { portions: batch.portions, freezePortions: '0', version: batch.version },
    },
    { method: 'PUT', path: `${at}/batches/${batch.id}/choice`, body: { choice: batch.choice, version: batch.version } },
    {
      method: 'PUT',
      path: `${at}/batches/${batch.id}/finals`,
      body: { finals: [{ line: 'salt', amount: { n: '1', unit: 'g' } }], notes: [], version: batch.version },
    },
    {
      method: 'PUT',
      path: `${at}/sessions/${session.id}/wishes`,
      body: { wishes: session.wishes, version: session.version },
    },
    { method: 'POST', path: `${at}/runs/${run}/events`, body: { events: [event] } },
    {
      method: 'POST',
      path: `${at}/batches/${batch.id}/put-away`,
      body: { boxes: [{ id: randomUUID(), place, portions: 1 }], ifShort: 'refuse', version: batch.version },
    },
  ];
}

/** All that a page makes of what is stored. */
async function shown(): Promise<void> {
  const get = async <T>(path: string): Promise<T> => {
    const { status, body } = await server.get<T>(path);
    expect([path, status]).toEqual([path, 200]);
    return body;
  };
  const kitchen = await get<KitchenState>(at);
  const view = viewOf(
    kitchen,
    await get<FoodState[]>(`${at}/foods`),
    await get<LotState[]>(`${at}/lots`),
    await get<RecipeState[]>(`${at}/recipes`),
    await get<WeekState>(`${at}/week`),
    await get<CostState>(`${at}/costs`),
    null,
  );
  const now = Date.parse(server.now());
  stripsOf(view, {}, now);
  missingOf(view);
  rankedFirsts(view);
  readyComponents(view);
  leadsOf(view, now);
  const session = view.week.sessions.find(({ status }) => status === 'running');
  const { run: going } = await get<{ run: RunState | null }>(`${at}/sessions/${session?.id ?? ''}/run`);
  if (!going) return;
  const cooked = asCooked({ ...going, startedAt: Date.parse(going.startedAt) }, foldRun(going.events));
  expect(Number.isFinite(projectRun(cooked.problem, cooked.plan, cooked.startedAt, cooked.facts, now).endsAt)).toBe(
    true,
  );
}

async function shownAfter(taken: readonly string[]): Promise<void> {
  try {
    await shown();
  } catch (thrown) {
    throw new Error(
      `A page cannot show what was taken, the last first:\n${[...taken].reverse().slice(0, 40).join('\n')}`,
      {
        cause: thrown,
      },
    );
  }
}

test('law: whatever is asked, the answer is never the server’s own fault, says what is wrong, and nothing is stored that a page cannot show', async () => {
  const answers = new Map<number, number>();
  const broken: string[] = [];
  const taken: string[] = [];
  let bodies = await sound();
  for (let n = 0; n < REQUESTS; n++) {
    if (n % LOOKS_EVERY === LOOKS_EVERY - 1) bodies = await sound();
    const { method, path, body } = oneOf(bodies);
    const wrong = random() < 0.3 ? spoilt(spoilt(body)) : spoilt(body);
    const answer = await server.send<{ detail?: string }>(method, path, wrong);
    if (answer.status < 300) taken.push(`${method} ${path} ${JSON.stringify(wrong)}`);
    answers.set(answer.status, (answers.get(answer.status) ?? 0) + 1);
    if (answer.status >= 500)
      broken.push(`${method} ${path} ${JSON.stringify(wrong).slice(0, 400)} → ${answer.status}`);
    if (answer.status >= 400) expect(answer.body.detail).toBeTruthy();
    if (n % 100 === 99) await shownAfter(taken);
  }
  await shownAfter(taken);
  expect(broken).toEqual([]);
  expect(answers.get(422)).toBeGreaterThan(REQUESTS / 10);
  if (process.env['HOSTILE']) console.log(JSON.stringify(Object.fromEntries(answers)));
}, 600_000);

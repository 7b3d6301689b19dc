import { randomUUID } from 'node:crypto';
import { setImmediate } from 'node:timers/promises';
import type { Food } from '@kestrel-ridge/core/food';
import type { CostState, KitchenState, LotState, StoredRecipe, WeekState } from '@kestrel-ridge/core/formats';
import { DAY_MS, Fraction, HOUR_MS, momentAt, type Moment } from '@kestrel-ridge/core/quantity';
import {
  askOf,
  dishesMadeOf,
  judgeWeek,
  platesFor,
  promisesOf,
  proposedPlace,
  viewOf,
  weekCommand,
  type KitchenView,
} from '@kestrel-ridge/core/view';
import {
  FIRST_EFFORT,
  FURTHER_EFFORT,
  MAIN,
  PROFILES,
  bestOfEach,
  weekInSteps,
  type Draft,
  type Profile,
} from '@kestrel-ridge/core/week';
import { setServerClock } from '../src/command/clock.ts';
import { startKitchenServer, type KitchenServer } from './kitchenServer.ts';

/** Half a portion more or less is how plates are filled. */
const A_BIT = 0.5;
const WEEKS = 3;

let server: KitchenServer;
beforeAll(async () => {
  server = await startKitchenServer({ demo: true });
}, 60_000);
afterAll(() => server.close());

const at = (path: string): string => `kitchens/${server.kitchen}${path}`;
const get = async <T>(path: string): Promise<T> => (await server.get<T>(at(path))).body;
const post = async (path: string, body: unknown): Promise<void> => {
  const answer = await server.send('POST', at(path), body);
  if (answer.status >= 300) throw new Error(`${path}: ${JSON.stringify(answer.body)}`);
};
const look = async (): Promise<KitchenView> =>
  viewOf(
    await get<KitchenState>(''),
    await get<Food[]>('/foods'),
    await get<LotState[]>('/lots'),
    await get<StoredRecipe[]>('/recipes'),
    await get<WeekState>('/week'),
    await get<CostState>('/costs'),
    null,
  );
const now = (): Moment => Date.parse(server.now());

/** What the page would show first, once it has looked twice. */
async function firstSuggestion(view: KitchenView, seed: number) {
  const ask = askOf(view, { locked: {}, keepSet: false, handsAtMost: undefined }, now());
  let known: readonly Draft[] = [];
  for (const [n, effort] of [FIRST_EFFORT, FURTHER_EFFORT].entries())
    for (const [p, goodAt] of (Object.keys(PROFILES) as Profile[]).entries()) {
      const search = weekInSteps({
        ask,
        goodAt,
        pulled: {},
        known,
        effort: { ...effort, seed: (seed * 2 + n) * 8 + p },
      });
      let step = search.next();
      // The server lives in this process, too: it is let in between.
      for (; !step.done; step = search.next()) await setImmediate();
      known = [step.value.draft, ...known];
    }
  // Each is judged once, as on the page.
  const judgedOf = new Map<Draft, ReturnType<typeof judgeWeek>>();
  const judge = (week: Parameters<typeof judgeWeek>[2]) => {
    const judged = judgedOf.get(week.draft) ?? judgeWeek(view, ask, week, {}, now());
    judgedOf.set(week.draft, judged);
    return judged;
  };
  const [week] = bestOfEach(ask, {}, known, (each) => judge(each).breaks.length);
  if (!week) throw new Error('No week was suggested.');
  const mains = new Set(week.draft.meals.flatMap((meal) => ask.candidates[meal[MAIN] ?? -1]?.name ?? []));
  return { judged: judge(week), mains };
}

/** All that the planned dishes want and nobody has, to the gram. */
async function buy(view: KitchenView): Promise<void> {
  const wanted = new Map<string, Fraction>();
  for (const { food, missing } of promisesOf(view).promises.unkept)
    wanted.set(food, (wanted.get(food) ?? new Fraction(0)).add(missing));
  const lots = [...wanted].flatMap(([id, amount]) => {
    const food = view.foods.get(id);
    if (!food || food.facts.kind === 'component' || amount.compare(0) <= 0) return [];
    return [
      {
        id: randomUUID(),
        food: id,
        place: proposedPlace(view, food)?.id ?? view.kitchen.places[0]?.id,
        amount: `${Math.ceil(amount.valueOf() * 10) / 10}`,
        origin: 'bought',
        boughtOn: view.today,
      },
    ];
  });
  if (lots.length > 0) await post('/lots/many', { lots });
}

/** A session is cooked, its dishes put away as planned: those first of which others are made. */
async function cook(session: string): Promise<number> {
  let made = 0;
  for (;;) {
    const view = await look();
    const left = view.batches.filter(({ state }) => state.session === session && state.status === 'planned');
    const [batch] = [...left].sort(
      (a, b) => dishesMadeOf(view, b.state.id).length - dishesMadeOf(view, a.state.id).length,
    );
    if (!batch) return made;
    const { state, scaled } = batch;
    const takers = dishesMadeOf(view, state.id);
    const aside = takers.reduce((sum, { amount }) => sum + amount.valueOf(), 0) / Math.max(1, scaled.portionG);
    const boxed = Math.max(1, Math.round(scaled.portions.valueOf() - aside));
    const frozen = Math.min(boxed, Number(state.freezePortions));
    const place = (kind: string) => view.kitchen.places.find((each) => each.kind === kind)?.id;
    await post(`/batches/${state.id}/put-away`, {
      boxes: [
        ...(boxed > frozen ? [{ id: randomUUID(), place: place('fridge'), portions: boxed - frozen }] : []),
        ...(frozen > 0 ? [{ id: randomUUID(), place: place('freezer'), portions: frozen }] : []),
      ],
      aside: takers.map(({ batch: taker }) => ({ id: randomUUID(), place: place('fridge'), batch: taker.state.id })),
      ifShort: 'take what is there',
      version: state.version,
    });
    made += boxed;
  }
}

/** A meal as the week says it: portions that its boxes do not hold. */
async function eat(view: KitchenView, slot: KitchenView['week']['slots'][number]): Promise<number> {
  const takes: { lot: string; amount: string; version: number }[] = [];
  let short = 0;
  for (const { food } of slot.parts) {
    const boxes = view.lots
      .filter((lot) => lot.food.id === food && lot.onHand.compare(0) > 0)
      .sort((a, b) => Number(a.place.kind === 'freezer') - Number(b.place.kind === 'freezer'));
    const each = Number(boxes[0]?.state.portionG ?? 0);
    const portions = platesFor(view, food, slot.day, slot.meal);
    let left = portions * each;
    for (const { state, onHand } of boxes) {
      const amount = Math.min(left, onHand.valueOf());
      if (amount <= 0.05) continue;
      takes.push({ lot: state.id, amount: `${Math.round(amount * 10) / 10}`, version: state.version });
      left -= amount;
    }
    short += each === 0 ? portions : left / each;
  }
  if (takes.length > 0) await post('/meals', { takes });
  return short;
}

test('three weeks running the first suggestion is taken, bought, cooked and eaten: no plate stays empty, little is left to go off, and no week is the week before', async () => {
  const zone = (await look()).kitchen.equipment.zone;
  const menus: ReadonlySet<string>[] = [];
  let made = 0;
  let wasted = 0;
  for (let w = 0; w < WEEKS; w++) {
    const began = now();
    const view = await look();
    const { judged, mains } = await firstSuggestion(view, w + 1);
    expect(judged.breaks).toEqual([]);
    menus.push(mains);
    await post('/week/changes', weekCommand(view, judged.tried.change, now(), randomUUID));
    const planned = await look();
    await buy(planned);
    const meals = planned.week.slots
      .filter(({ parts, day }) => parts.length > 0 && day >= planned.today)
      .map((slot) => ({ time: momentAt(slot.day, slot.meal === 'lunch' ? '12:30' : '19:00', zone), slot }));
    const sessions = planned.week.sessions
      .filter(({ status }) => status === 'planned')
      .map(({ id, startsAt }) => ({ time: Date.parse(startsAt) + 3 * HOUR_MS, id }));
    let short = 0;
    for (const each of [...meals, ...sessions].sort((a, b) => a.time - b.time)) {
      if (each.time < began || each.time >= began + 7 * DAY_MS) continue;
      setServerClock(new Date(each.time));
      if ('id' in each) made += await cook(each.id);
      else short += await eat(await look(), each.slot);
    }
    expect(short).toBeLessThan(A_BIT);
    // What is past its day by the end of the week is thrown away.
    setServerClock(new Date(began + 7 * DAY_MS));
    const after = await look();
    for (const { state, food, until, onHand } of after.lots)
      if (food.facts.kind === 'component' && until && until.value < after.today && onHand.compare(0) > 0) {
        wasted += onHand.valueOf() / Number(state.portionG ?? 1);
        await post(`/lots/${state.id}/throw`, { amount: state.onHand, reason: 'past its day', version: state.version });
      }
  }
  expect(made).toBeGreaterThan(WEEKS * 30);
  expect(wasted / made).toBeLessThan(0.05);
  for (const [n, menu] of menus.entries()) {
    expect(menu.size).toBeGreaterThanOrEqual(3);
    const before = menus[n - 1];
    if (before) expect([...menu].filter((main) => !before.has(main)).length).toBeGreaterThan(0);
  }
}, 240_000);

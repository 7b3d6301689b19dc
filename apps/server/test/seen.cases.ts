import { bookFoodId } from '@kestrel-ridge/core/food';
import type { CostState, FoodState, KitchenState, PlaceState, WeekState } from '@kestrel-ridge/core/formats';
import { addDays } from '@kestrel-ridge/core/quantity';
import { startKitchenServer, type KitchenServer } from './kitchenServer.ts';

/* What has no version of its own is saved as it was seen: of two tablets that change it at once, the second is told, and nothing of the first is lost. */

let server: KitchenServer;
let at: string;
beforeAll(async () => {
  server = await startKitchenServer({ demo: true });
  at = `kitchens/${server.kitchen}`;
}, 60_000);
afterAll(() => server.close());

const get = async <T>(path: string): Promise<T> => (await server.get<T>(path)).body;
const week = () => get<WeekState>(`${at}/week`);

interface Thing<T> {
  readonly name: string;
  /** Two values, neither of them there. */
  readonly values: () => Promise<readonly [T, T]>;
  readonly put: (value: T, seen: T | null) => Promise<{ readonly status: number; readonly body: unknown }>;
  readonly now: () => Promise<T | null>;
}
const thing = <T>(one: Thing<T>) => one as Thing<unknown>;

const food = bookFoodId('leek');
const things = [
  thing<boolean>({
    name: 'who is here on a day',
    values: () => Promise.resolve([false, true]),
    put: async (here, seen) => {
      const { eaters } = await week();
      const { today } = await get<KitchenState>(at);
      return server.send('PUT', `${at}/attendance`, {
        eater: eaters[0]?.id,
        day: addDays(today as never, 3),
        here,
        seen,
      });
    },
    now: async () => (await week()).attendance[0]?.here ?? null,
  }),
  thing<{ portionsADay: number; since: string | null }>({
    name: 'an appetite',
    values: () =>
      Promise.resolve([
        { portionsADay: 2, since: null },
        { portionsADay: 3, since: null },
      ]),
    put: async (to, seen) => {
      const [first] = (await week()).appetites.map((each) => each.food).sort();
      return server.send('PUT', `${at}/appetites`, { food: first, portionsADay: to.portionsADay, seen });
    },
    now: async () => {
      const [first] = [...(await week()).appetites].sort((a, b) => (a.food < b.food ? -1 : 1));
      return first ? { portionsADay: first.portionsADay, since: first.since } : null;
    },
  }),
  thing<string>({
    name: 'a floor',
    values: () => Promise.resolve(['200', '300.5']),
    put: (amount, seen) => server.send('PUT', `${at}/floors`, { food, amount, seen }),
    now: async () => (await get<CostState>(`${at}/costs`)).floors.find((each) => each.food === food)?.amount ?? null,
  }),
  thing<number>({
    name: 'a figure of its own',
    values: () => Promise.resolve([80, 90]),
    put: (value, seen) => server.send('PUT', `${at}/foods/${food}/own`, { figure: 'gramsPerCup', value, seen }),
    now: async () => {
      const foods = await get<FoodState[]>(`${at}/foods`);
      return foods.find(({ id }) => id === food)?.own.gramsPerCup ?? null;
    },
  }),
  thing<readonly PlaceState[]>({
    name: 'the places',
    values: async () => {
      const { places } = await get<KitchenState>(at);
      return [
        [...places].reverse(),
        places.map((place, n) => (n === 0 ? { ...place, name: 'under the stairs' } : place)),
      ];
    },
    put: (places, seen) => server.send('PUT', `${at}/places`, { places, seen }),
    now: async () => (await get<KitchenState>(at)).places,
  }),
];

describe.each(things)('$name', ({ values, put, now }) => {
  test('changed by two at once: one is saved, the other is told what it is now, and may decide again', async () => {
    const before = await now();
    const [one, other] = await values();
    const answers = await Promise.all([put(one, before), put(other, before)]);
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 409]);
    const [kept, lost] = answers[0].status === 200 ? [one, other] : [other, one];
    expect(await now()).toEqual(kept);
    const told = answers.find(({ status }) => status === 409)?.body as { code: string; now: unknown };
    expect([told.code, told.now]).toEqual(['stale', kept]);
    expect((await put(lost, kept)).status).toBe(200);
    expect(await now()).toEqual(lost);
  });
  test('saved without a word on what was seen is refused, and nothing is changed', async () => {
    const before = await now();
    const [one] = await values();
    expect(await put(one, undefined as never)).toMatchObject({ status: 422, body: { errors: [{ field: 'seen' }] } });
    expect(await now()).toEqual(before);
  });
});

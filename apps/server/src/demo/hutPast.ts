import { namedId } from '@kestrel-ridge/core/food';
import type { PastState, FoodState, KitchenState, LotState, RecipeState, WeekState } from '@kestrel-ridge/core/formats';
import { foodFigure } from '@kestrel-ridge/core/learn';
import { Fraction, MINUTE_MS, addDays, dayAt, momentAt, seeded, weekday, type Day } from '@kestrel-ridge/core/quantity';
import { edgesOf, type RunFact } from '@kestrel-ridge/core/run';
import { scaleBatch, type ScaledBatch } from '@kestrel-ridge/core/scaling';
import { search, whoDoes } from '@kestrel-ridge/core/schedule';
import {
  aheadKey,
  expandSession,
  peopleFor,
  presentAt,
  racksInPlan,
  withWishes,
  type Plan,
  type SessionTasks,
} from '@kestrel-ridge/core/session';
import { needsOf } from '@kestrel-ridge/core/stock';
import { PRICES_A_KILO, dearer } from './hutPrices.ts';
import { ask, send } from './send.ts';

/** So many weeks lie behind the hut. */
export const PAST_WEEKS = 8;

/** What this kitchen is really like, and no page says: what its records teach is held against it. Invented. */
export const TRUE_FIGURES = {
  /** Whatever is in the oven takes a little longer than recipes say. */
  oven: 1.09,
  /** The floor of it is slow, its top a little quick: from the top, times the oven as a whole. */
  racks: [0.96, 0.98, 1.07],
  /** The cooker draws 86 % of its watts. */
  comeUp: 1 / 0.86,
  release: 1.05,
  /** Times the recipes' minutes of hands. */
  hands: { Ines: 1.04, Teo: 0.82, Marit: 1.1 } as Readonly<Record<string, number>>,
  /** Who eats half as much again. */
  hungry: { name: 'volunteer 1', times: 1.5 },
  /** The millet is weighed when it is boxed: more steam leaves its pot than the book says. */
  weighed: { recipe: 'Millet with bay', times: 0.93, spread: 0.02 },
  /** Who trims the leeks here keeps more of the green than the book does. */
  trimmed: { food: 'leek', part: 0.55, spread: 0.04 },
  /** One time is as the other within so much. */
  spread: 0.07,
} as const;

interface Dish {
  readonly recipe: string;
  readonly portions: number;
  readonly freeze?: number;
}
const MILLET: Dish = { recipe: 'Millet with bay', portions: 16 };
const BEANS: Dish = { recipe: 'Borlotti with onion', portions: 14, freeze: 2 };
const SOUP: Dish = { recipe: 'Lentils with swede', portions: 12 };
const KALE: Dish = { recipe: 'Kale with leek', portions: 12 };
const ROOTS: Dish = { recipe: 'Roast celeriac and parsnip', portions: 12 };
const CELERIAC: Dish = { recipe: 'Celeriac baked in the tray', portions: 8 };
const TRAY: Dish = { recipe: 'Tray of whatever root must go', portions: 8 };
const BAKE: Dish = { recipe: 'Millet and leek tin bake', portions: 8 };
const CRACKERS: Dish = { recipe: 'Rye crackers with seeds', portions: 10 };

/** What was cooked on the Saturdays, the first one eight weeks ago. Too much kale three times: it is what was thrown away. */
const MENUS: readonly (readonly Dish[])[] = [
  [MILLET, BEANS, KALE, ROOTS],
  [SOUP, BAKE, KALE, CRACKERS],
  [MILLET, BEANS, { ...KALE, portions: 24 }, CELERIAC],
  [MILLET, SOUP, ROOTS, TRAY],
  [MILLET, BEANS, { ...KALE, portions: 24 }, CRACKERS],
  [SOUP, BAKE, KALE, TRAY],
  // Nothing of it lies in the freezer today.
  [MILLET, { ...BEANS, freeze: 0 }, { ...KALE, portions: 24 }, ROOTS],
  [MILLET, SOUP, BAKE, CELERIAC],
];
/** The beans that were frozen that week were thrown away two weeks later: nobody had written on the box. */
const FORGOTTEN_BOX = 2;
/** The session that somebody began late, and by how many minutes. */
const LATE = { week: 4, minutes: 25 };
/** Until this week a single tray went to the bottom of the oven. */
const BOTTOM_UNTIL = 2;
const SESSION_HOURS = '10:00';
const COOKS = 2;

/** Meals that a Saturday's boxes feed: its dinner, and both meals of the three days after it. */
const MEALS = [
  [0, 'dinner'],
  [1, 'lunch'],
  [1, 'dinner'],
  [2, 'lunch'],
  [2, 'dinner'],
  [3, 'lunch'],
  [3, 'dinner'],
] as const;
const HOUR_OF = { lunch: '12:40', dinner: '19:00' } as const;

const firstSaturday = (today: Day): Day => {
  // The boxes of the last Saturday are eaten by yesterday.
  const yesterday = addDays(today, -4);
  const last = addDays(yesterday, -((weekday(yesterday) + 2) % 7));
  return addDays(last, -7 * (PAST_WEEKS - 1));
};
const zoneHere = (): string => new Intl.DateTimeFormat().resolvedOptions().timeZone;

/** When the hut's kitchen was opened: before its first session. */
export const hutBegan = (now: Date): Date =>
  new Date(momentAt(addDays(firstSaturday(dayAt(now, zoneHere())), -2), '09:00', zoneHere()));

/**
 * Eight weeks of the hut, made through the same commands as everything: what was bought, cooked, put away, eaten and thrown away, by a kitchen with figures of its own that
 * nobody has told the program. Each of them is done as if it were its own moment; everybody else's time goes on.
 */
export async function loadHutPast(server: string, kitchen: string, now: Date): Promise<void> {
  const at = `/kitchens/${kitchen}`;
  const state = await ask<KitchenState>(server, at);
  const foods = new Map((await ask<FoodState[]>(server, `${at}/foods`)).map((food) => [food.id, food]));
  const recipes = await ask<RecipeState[]>(server, `${at}/recipes`);
  const { eaters } = await ask<WeekState>(server, `${at}/week`);
  const { zone } = state.equipment;
  const random = seeded(1180);
  const scale = seeded(930);
  const trims = seeded(55);
  const about = (times: number): number => times * Math.exp(TRUE_FIGURES.spread * normal(random));
  const place = (name: string): string => state.places.find((each) => each.name === name)?.id ?? '';
  const first = firstSaturday(dayAt(now, zone));
  /** What is done is done at that moment, and at no other of this server. */
  let time = hutBegan(now);
  const clock = (day: Day, hours: string): void => void (time = new Date(momentAt(day, hours, zone)));
  const post = <T>(path: string, name: string, body: unknown, method: 'POST' | 'PUT' = 'POST') =>
    send<T>(server, { method, path: `${at}${path}`, name: `past ${name}`, body }, time);
  const look = <T>(path: string) => ask<T>(server, `${at}${path}`, time);
  const boxesOf: LotState[][] = [];

  for (const [n, menu] of MENUS.entries()) {
    const saturday = addDays(first, 7 * n);
    const dishes = menu.map((dish) => {
      const recipe = recipes.find(({ name }) => name === dish.recipe);
      if (!recipe) throw new Error(`The past of the demo knows no "${dish.recipe}".`);
      const scaled = scaleBatch(recipe.document, new Fraction(dish.portions), foods, state.equipment);
      return { ...dish, id: namedId(`demo past ${n}:${dish.recipe}`), recipe, scaled };
    });

    clock(addDays(saturday, -1), '16:30');
    await post('/lots/many', `bought ${n}`, {
      lots: bought(
        dishes.map(({ scaled }) => scaled),
        n,
        addDays(saturday, -1),
        place,
      ),
    });

    const session = namedId(`demo past session ${n}`);
    const startsAt = new Date(momentAt(saturday, SESSION_HOURS, zone)).toISOString();
    await post('/sessions', `session ${n}`, { id: session, name: 'Saturday', startsAt, cooks: COOKS });
    for (const { id, recipe, portions, freeze } of dishes)
      await post('/batches', `batch ${n} ${recipe.name}`, {
        id,
        session,
        recipe: recipe.id,
        portions: `${portions}`,
        freezePortions: `${freeze ?? 0}`,
      });
    const begun = dishes.flatMap(({ recipe: { document } }) =>
      document.steps
        .filter(({ kind }) => kind === 'ahead')
        .map(({ name }) => aheadKey({ dish: document.component.name, name })),
    );
    const wishes = { pins: {}, breaks: [], begun };
    await post(`/sessions/${session}/wishes`, `soaked ${n}`, { wishes, version: 1 }, 'PUT');

    const { people } = state.equipment;
    const present = presentAt(people, COOKS, Date.parse(startsAt), zone);
    const planned = dishes.map(({ id, scaled }) => ({ id, scaled })).sort((a, b) => a.id.localeCompare(b.id));
    const tasks = withWishes(expandSession(session, planned, state.equipment, COOKS), wishes, present);
    const plan = search(tasks.problem, { seed: 1, rounds: 8 });
    const given = whoDoes(tasks.problem, plan, peopleFor(tasks, present, {}));
    const begins = Date.parse(startsAt) + (n === LATE.week ? LATE.minutes : 2) * MINUTE_MS;
    time = new Date(begins);
    const run = namedId(`demo past run ${n}`);
    await post('/runs', `run ${n}`, { id: run, session, plan });
    const { events, ends } = cooked(tasks, plan, given.ok ? given.who : {}, begins, n, about);
    time = new Date(ends + 5 * MINUTE_MS);
    await post(`/runs/${run}/events`, `events ${n}`, {
      events: events.map(({ at: moment, what }, i) => ({
        id: namedId(`demo past event ${n} ${i}`),
        device: 'the hut’s tablet',
        deviceSeq: i + 1,
        clock: i + 1,
        at: new Date(moment).toISOString(),
        what,
      })),
    });

    const { trimmed } = TRUE_FIGURES;
    for (const { id, scaled } of dishes)
      for (const { food, line } of scaled.lines)
        if (food.name === trimmed.food && line.prepared)
          await post('/learned/readings', `trimmed ${id}`, {
            readings: [
              {
                id: namedId(`demo past trimmed ${id}`),
                figure: foodFigure(food.id, 'ediblePart'),
                real: Number((trimmed.part * Math.exp(trimmed.spread * normal(trims))).toFixed(3)),
                book: food.facts.ediblePart?.value,
                what: `${food.name}, trimmed`,
              },
            ],
          });
    const { batches } = await look<PastState>(`/past?from=${saturday}&until=${saturday}`);
    const boxId = (batch: string, where: string): string => namedId(`demo past box ${batch} ${where}`);
    for (const { id, recipe, portions, freeze = 0, scaled } of dishes) {
      const { weighed } = TRUE_FIGURES;
      const onScale = scaled.reckonedG * weighed.times * Math.exp(weighed.spread * normal(scale));
      const box = (where: string, many: number) =>
        many === 0 ? [] : [{ id: boxId(id, where), place: place(where), portions: many }];
      await post(`/batches/${id}/put-away`, `put away ${n} ${recipe.name}`, {
        boxes: [...box('fridge', portions - freeze), ...box('freezer', freeze)],
        ...(recipe.name === weighed.recipe ? { yieldG: Math.round(onScale) } : {}),
        ifShort: 'take what is there',
        version: batches.find((batch) => batch.id === id)?.version,
      });
    }
    const shelf = await look<LotState[]>('/lots');
    const boxesIn = (where: string) =>
      dishes.flatMap(({ id }) => shelf.filter(({ id: lot }) => lot === boxId(id, where)));
    let boxes = boxesIn('fridge');
    boxesOf[n] = boxesIn('freezer');

    for (const [m, [after, meal]] of MEALS.entries()) {
      const day = addDays(saturday, after);
      clock(day, HOUR_OF[meal]);
      const here = eaters.filter(({ weekdays }) => weekdays.includes(weekday(day)));
      const plates = platesOf(boxes, here, about);
      if (plates.takes.length === 0) continue;
      const told = await post<LotState[]>('/meals', `meal ${n} ${m}`, {
        takes: plates.takes,
        eaten: plates.eaten.map((each, i) => ({ ...each, id: namedId(`demo past plate ${n} ${m} ${i}`), day, meal })),
      });
      boxes = boxes.map((box) => told?.find(({ id }) => id === box.id) ?? box);
    }
    clock(addDays(saturday, 3), '20:30');
    for (const { id, onHand, version } of boxes)
      if (Number(onHand) > 0)
        await post(`/lots/${id}/throw`, `thrown ${n} ${id}`, { amount: onHand, reason: 'too much was made', version });

    // What was frozen two weeks ago comes out, but for one box.
    for (const { id, onHand, version } of boxesOf[n - 2] ?? [])
      await (n - 2 === FORGOTTEN_BOX
        ? post(`/lots/${id}/throw`, `forgotten ${n}`, { amount: onHand, reason: 'nobody knew what it was', version })
        : post('/meals', `from the freezer ${n}`, { takes: [{ lot: id, amount: onHand, version }] }));
  }
}

/** What the dishes of a week take, bought to the gram the day before. */
function bought(
  scaled: readonly ScaledBatch[],
  week: number,
  day: Day,
  place: (name: string) => string,
): readonly object[] {
  const needs = new Map<string, { food: string; name: string; amount: Fraction }>();
  for (const { food, amount } of scaled.flatMap(needsOf)) {
    const before = needs.get(food.id);
    needs.set(food.id, { food: food.id, name: food.name, amount: before ? before.amount.add(amount) : amount });
  }
  return [...needs.values()].map(({ food, name, amount }) => {
    const kilo = PRICES_A_KILO[name];
    const minor = kilo === undefined ? undefined : Math.round((kilo * dearer(name, week) * amount.valueOf()) / 1000);
    return {
      id: namedId(`demo past lot ${week} ${name}`),
      food,
      place: place('cool room'),
      amount: amount.round(1).valueOf().toString(),
      origin: 'bought',
      boughtOn: day,
      shop: 'valley shop',
      ...(minor === undefined ? {} : { priceMinor: minor }),
    };
  });
}

/** A plan as it really went: what each task waited for in the plan it waits for here, and takes as long as it takes here. */
function cooked(
  { problem, about }: SessionTasks,
  plan: Plan,
  who: Readonly<Record<string, string>>,
  begins: number,
  week: number,
  around: (times: number) => number,
): { readonly events: readonly { readonly at: number; readonly what: RunFact }[]; readonly ends: number } {
  const edges = edgesOf(problem, plan);
  const standing = racksInPlan(problem, plan, about);
  const racksOf = (task: string): readonly number[] => {
    const racks = standing.find(({ tasks }) => tasks.includes(task))?.racks ?? [];
    return racks.length === 1 && week < BOTTOM_UNTIL ? [about[task]?.trays?.racks ?? 1] : racks;
  };
  const ends = new Map<string, number>();
  const events: { at: number; what: RunFact }[] = [];
  const inOrder = [...problem.tasks].sort(
    (a, b) => (plan.starts[a.id] ?? 0) - (plan.starts[b.id] ?? 0) || a.id.localeCompare(b.id),
  );
  for (const { id, minutes } of inOrder) {
    const task = about[id];
    const start = Math.max(
      begins + (plan.starts[id] ?? 0) * MINUTE_MS,
      ...(edges.get(id) ?? []).map(({ from, waitMinutes }) => (ends.get(from) ?? begins) + waitMinutes * MINUTE_MS),
    );
    const cook = who[id];
    const times = !task
      ? 1
      : task.stage === 'come up'
        ? TRUE_FIGURES.comeUp
        : task.stage === 'natural'
          ? TRUE_FIGURES.release
          : task.stage === undefined && task.attention.needs === 'hands'
            ? (TRUE_FIGURES.hands[cook ?? ''] ?? 1)
            : task.stage === undefined && task.station === 'oven'
              ? TRUE_FIGURES.oven
              : undefined;
    const takes = times === undefined ? minutes : around(times) * (task?.bookMinutes ?? minutes);
    const looked = task?.stage === undefined && task?.station === 'oven' && task.attention.needs !== 'hands';
    if (cook) events.push({ at: start, what: { kind: 'given', task: id, who: cook } });
    events.push({ at: start, what: { kind: 'started', task: id } });
    let done = start + takes * MINUTE_MS;
    // Somebody looks when the recipe says so, and every three minutes from then on; what is done comes out then.
    if (looked) {
      const ready = new Map(
        racksOf(id).map((rack) => [rack, start + takes * (TRUE_FIGURES.racks[rack - 1] ?? 1) * MINUTE_MS]),
      );
      const end = Math.max(...ready.values(), ready.size > 0 ? 0 : done);
      for (done = start + minutes * MINUTE_MS; ; done += LOOK_AGAIN * MINUTE_MS) {
        for (const [rack, at] of ready)
          if (at <= done) {
            events.push({ at: done, what: { kind: 'tray out', task: id, rack } });
            ready.delete(rack);
          }
        if (done >= end) break;
        events.push({ at: done, what: { kind: 'not yet', task: id, minutes: LOOK_AGAIN } });
      }
    }
    events.push({ at: done, what: { kind: 'done', task: id } });
    ends.set(id, done);
  }
  return { events: events.sort((a, b) => a.at - b.at), ends: Math.max(begins, ...ends.values()) };
}
const LOOK_AGAIN = 3;

/** What is on the plates of a meal: of two or three boxes, the ones with the most left first, so that all of it is eaten in the end. */
function platesOf(
  boxes: readonly LotState[],
  here: readonly { readonly id: string; readonly name: string }[],
  around: (times: number) => number,
) {
  const takes: { lot: string; amount: string; version: number }[] = [];
  const eaten: { eater: string; food: string; portions: number }[] = [];
  const portionsIn = ({ onHand, portionG }: LotState): number => Number(onHand) / Number(portionG ?? 1);
  const open = boxes
    .filter((box) => portionsIn(box) >= 0.5)
    .sort((a, b) => portionsIn(b) - portionsIn(a))
    .slice(0, 3);
  for (const box of open) {
    const each = 0.75;
    const wanted = here.map(({ id, name }) => ({
      id,
      portions: around(each * (name === TRUE_FIGURES.hungry.name ? TRUE_FIGURES.hungry.times : 1)),
    }));
    const sum = wanted.reduce((all, { portions }) => all + portions, 0);
    const share = Math.min(1, portionsIn(box) / sum);
    const amount = share < 1 ? Number(box.onHand) : Math.round(sum * Number(box.portionG) * 10) / 10;
    takes.push({ lot: box.id, amount: `${Math.min(amount, Number(box.onHand))}`, version: box.version });
    // Who it was is written down where enough was there for all.
    if (share === 1)
      for (const { id, portions } of wanted)
        eaten.push({ eater: id, food: box.food, portions: Math.round((portions / each) * 100) / 100 });
  }
  return { takes, eaten };
}

const normal = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

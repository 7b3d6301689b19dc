import { bookFoodId, namedId } from '@kestrel-ridge/core/food';
import { STARTING_EQUIPMENT } from '@kestrel-ridge/core/kitchen';
import { addDays, dayAt, weekday, type Day } from '@kestrel-ridge/core/quantity';
import { aheadKey } from '@kestrel-ridge/core/session';
import { STARTER_RECIPES } from '@kestrel-ridge/core/recipe';
import { componentId } from '@kestrel-ridge/core/recipe/write';
import { textRecipes } from '@kestrel-ridge/core/starters';
import { hutWeek, type HutWeek } from './hutWeek.ts';
import { HUT_DISHES } from './dishes/index.ts';
import { nextStart } from './nextStart.ts';

export interface DemoCommand {
  readonly method: 'POST' | 'PUT';
  readonly path: string;
  readonly name: string;
  readonly body: unknown;
}

const place = (name: string) => namedId(`demo place:${name}`);
const PLACES = [
  { name: 'dry cupboard', kind: 'cupboard' },
  { name: 'spice shelf', kind: 'cupboard' },
  { name: 'cool room', kind: 'cool room' },
  { name: 'fridge', kind: 'fridge' },
  { name: 'freezer', kind: 'freezer' },
  { name: 'freezer, lower bin', kind: 'freezer' },
] as const;

interface DemoLot {
  readonly food: string;
  readonly place: (typeof PLACES)[number]['name'];
  readonly amount: string;
  readonly priceMinor?: number;
  /** days from today */
  readonly bought: number;
  readonly bestBefore?: number;
  readonly opened?: number;
}

/** What came up with the last supply trips. */
const LOTS: readonly DemoLot[] = [
  { food: 'millet', place: 'dry cupboard', amount: '400', priceMinor: 104, bought: -40, bestBefore: 21, opened: -12 },
  { food: 'millet', place: 'dry cupboard', amount: '1000', priceMinor: 260, bought: -5, bestBefore: 240 },
  { food: 'borlotti beans', place: 'dry cupboard', amount: '1500', priceMinor: 585, bought: -19, bestBefore: 400 },
  { food: 'buckwheat groats', place: 'dry cupboard', amount: '500', priceMinor: 245, bought: -60, bestBefore: 14 },
  { food: 'sunflower seeds', place: 'dry cupboard', amount: '500', priceMinor: 215, bought: -12, bestBefore: 90 },
  { food: 'hazelnuts', place: 'dry cupboard', amount: '250', priceMinor: 395, bought: -12, bestBefore: 120 },
  {
    food: 'rapeseed oil',
    place: 'dry cupboard',
    amount: '750',
    priceMinor: 420,
    bought: -12,
    opened: -10,
    bestBefore: 200,
  },
  {
    food: 'cider vinegar',
    place: 'dry cupboard',
    amount: '500',
    priceMinor: 189,
    bought: -40,
    opened: -30,
    bestBefore: 500,
  },
  { food: 'caraway', place: 'spice shelf', amount: '45', priceMinor: 160, bought: -70, bestBefore: 300 },
  { food: 'bay leaf', place: 'spice shelf', amount: '30', priceMinor: 120, bought: -70, bestBefore: 300 },
  { food: 'salt', place: 'spice shelf', amount: '500', priceMinor: 59, bought: -70 },
  { food: 'mustard', place: 'fridge', amount: '180', priceMinor: 149, bought: -20, opened: -15, bestBefore: 150 },
  { food: 'celeriac', place: 'cool room', amount: '1800', priceMinor: 396, bought: -6 },
  { food: 'parsnip', place: 'cool room', amount: '1200', priceMinor: 336, bought: -11 },
  { food: 'leek', place: 'cool room', amount: '1000', priceMinor: 290, bought: -5 },
  { food: 'kale', place: 'fridge', amount: '600', priceMinor: 270, bought: -4 },
  { food: 'onion', place: 'cool room', amount: '2000', priceMinor: 258, bought: -12 },
  { food: 'swede', place: 'cool room', amount: '1400', priceMinor: 224, bought: -9 },
  { food: 'lentils', place: 'dry cupboard', amount: '500', priceMinor: 189, bought: -33, bestBefore: 300 },
  { food: 'canned borlotti', place: 'dry cupboard', amount: '480', priceMinor: 190, bought: -33, bestBefore: 500 },
  { food: 'flatbread', place: 'dry cupboard', amount: '480', priceMinor: 229, bought: -2, bestBefore: 4 },
  { food: 'garlic', place: 'dry cupboard', amount: '120', priceMinor: 110, bought: -12 },
];

/** What was asked down in the valley, noted by hand. */
const PRICES = [
  { food: 'kale', on: -4, minor: 240, amount: '500', shop: 'market' },
  { food: 'kale', on: -18, minor: 220, amount: '500', shop: 'market' },
  { food: 'leek', on: -4, minor: 310, amount: '1000', shop: 'market' },
  { food: 'millet', on: -33, minor: 149, amount: '500', shop: 'valley shop' },
  { food: 'millet', on: -75, minor: 252, amount: '1000', shop: 'valley shop' },
  { food: 'red lentils', on: -12, minor: 229, amount: '500', shop: 'valley shop' },
  { food: 'rolled oats', on: -12, minor: 129, amount: '500', shop: 'valley shop' },
  { food: 'rolled oats', on: -12, minor: 219, amount: '1000', shop: 'valley shop' },
] as const;

/** What should never run out on a ridge with one supply trip a week. */
const FLOORS = [
  ['rolled oats', '750'],
  ['red lentils', '500'],
  ['millet', '400'],
] as const;

/** What is in the freezer since the last trip but one. */
const FROZEN_DISH = 'Leek and split-pea soup';
const FROZEN_PORTION_G = 480;
const FROZEN_DAYS_AGO = 17;
const FROZEN = [
  { place: 'freezer', portions: 4 },
  { place: 'freezer, lower bin', portions: 4 },
] as const;

const EVERY_DAY = [0, 1, 2, 3, 4, 5, 6];
const WEEKEND = [5, 6];
const EATERS = [
  { name: 'Ilva', appetite: 1, weekdays: EVERY_DAY, tastes: { repeats: 4 } },
  { name: 'Bero', appetite: 1, weekdays: EVERY_DAY },
  { name: 'Sunna', appetite: 1, weekdays: EVERY_DAY, tastes: { likes: [componentId('Roast celeriac and parsnip')] } },
  { name: 'Tarek', appetite: 1, weekdays: EVERY_DAY, tastes: { mild: true } },
  { name: 'volunteer 1', appetite: 1, weekdays: WEEKEND },
  { name: 'volunteer 2', appetite: 1, weekdays: WEEKEND },
];

/** Portions planned and frozen, by recipe. */
const SIZES: Readonly<Record<string, readonly [portions: string, freeze: string]>> = {
  'Millet with bay': ['16', '4'],
  'Borlotti with onion': ['10', '0'],
  'Roast celeriac and parsnip': ['12', '0'],
  'Sunflower-seed sauce with mustard': ['14', '0'],
  'Kale with leek': ['8', '0'],
};

const SOAKED = STARTER_RECIPES.flatMap(({ component, steps }) =>
  steps.filter(({ kind }) => kind === 'ahead').map(({ name }) => aheadKey({ dish: component.name, name })),
);
const WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];

/**
 * The hut's kitchen as the commands that a cook would have sent, dated from today: what has stood there for long, and what is there today. `planned`: with the meals of the
 * week; otherwise everybody eats of everything, every day.
 */
export function demoCommands(
  kitchen: string,
  name: string,
  now: Date,
  planned = false,
): { readonly standing: readonly DemoCommand[]; readonly today: readonly DemoCommand[] } {
  const zone = new Intl.DateTimeFormat().resolvedOptions().timeZone;
  const today = dayAt(now, zone);
  const at = `/kitchens/${kitchen}`;
  const start = nextStart(now, zone);
  const heads = (day: Day) => EATERS.filter(({ weekdays }) => weekdays.includes(weekday(day))).length;
  const week = planned ? hutWeek(start, zone, namedId(`component:${FROZEN_DISH}`), heads) : undefined;
  return {
    standing: [opened(kitchen, name, zone), ...recipes(at), ...whoEats(at, planned ? 0 : 1)],
    today: [
      ...shelfAndShops(at, today),
      ...boxes(at, today),
      week ? plannedMeals(at, week) : soupNight(at, today),
      ...nextSession(at, start, zone, week?.sizes ?? SIZES),
    ],
  };
}

const opened = (kitchen: string, name: string, zone: string): DemoCommand => ({
  method: 'POST',
  path: '/kitchens',
  name: 'open',
  body: {
    id: kitchen,
    name,
    equipment: {
      ...STARTING_EQUIPMENT,
      altitudeM: 1180,
      zone,
      ovens: [{ racks: 3, preheatMinutes: 12, trayCm2: 1500, mostC: 250 }],
      pots: [
        { name: 'stock pot', litres: 5, acrossCm: 24, emptyG: 1340 },
        { name: 'middle pot', litres: 3, acrossCm: 20 },
        { name: 'small pot', litres: 1.5, acrossCm: 16 },
        { name: 'pan', litres: 2.5, acrossCm: 28, pan: true },
      ],
      cookers: STARTING_EQUIPMENT.cookers.map((cooker) => ({ ...cooker, emptyG: 720 })),
      boxes: [
        { name: 'small box', mL: 500, count: 16, depthCm: 4 },
        { name: 'large box', mL: 1000, count: 14, depthCm: 5 },
      ],
      people: [{ name: 'Ines' }, { name: 'Teo', from: '09:00', cannot: ['pressure'] }, { name: 'Marit' }],
      riceCooker: { litres: 1.8 },
      freezerLitres: 80,
      simulatedDevices: true,
      weekBudgetMinor: 6000,
      kwhMinor: 31,
    },
    places: PLACES.map((p) => ({ id: place(p.name), ...p })),
  },
});

const shelfAndShops = (at: string, today: Day): readonly DemoCommand[] => [
  ...LOTS.map((lot, n): DemoCommand => ({
    method: 'POST',
    path: `${at}/lots`,
    name: `lot ${n}`,
    body: {
      id: namedId(`demo lot:${n}`),
      food: bookFoodId(lot.food),
      place: place(lot.place),
      amount: lot.amount,
      origin: 'bought',
      boughtOn: addDays(today, lot.bought),
      ...(lot.priceMinor === undefined ? {} : { priceMinor: lot.priceMinor }),
      ...(lot.opened === undefined ? {} : { openedOn: addDays(today, lot.opened) }),
      ...(lot.bestBefore === undefined ? {} : { bestBefore: addDays(today, lot.bestBefore) }),
    },
  })),
  ...PRICES.map((price, n): DemoCommand => ({
    method: 'POST',
    path: `${at}/prices`,
    name: `price ${n}`,
    body: {
      id: namedId(`demo price:${n}`),
      food: bookFoodId(price.food),
      on: addDays(today, price.on),
      minor: price.minor,
      amount: price.amount,
      shop: price.shop,
    },
  })),
  ...FLOORS.map(([food, amount]): DemoCommand => ({
    method: 'PUT',
    path: `${at}/floors`,
    name: `floor ${food}`,
    body: { food: bookFoodId(food), amount, seen: null },
  })),
];

const recipes = (at: string): readonly DemoCommand[] =>
  [...STARTER_RECIPES, ...textRecipes(), ...HUT_DISHES].map((document): DemoCommand => ({
    method: 'POST',
    path: `${at}/recipes`,
    name: `recipe ${document.name}`,
    body: { id: namedId(`demo recipe:${document.name}`), document },
  }));

const boxes = (at: string, today: Day): readonly DemoCommand[] =>
  FROZEN.map((box, n): DemoCommand => ({
    method: 'POST',
    path: `${at}/lots`,
    name: `frozen ${n}`,
    body: {
      id: namedId(`demo frozen:${n}`),
      food: namedId(`component:${FROZEN_DISH}`),
      place: place(box.place),
      amount: `${box.portions * FROZEN_PORTION_G}`,
      portionG: `${FROZEN_PORTION_G}`,
      origin: 'found',
      boughtOn: addDays(today, -FROZEN_DAYS_AGO),
    },
  }));

const whoEats = (at: string, portionsADay: number): readonly DemoCommand[] => [
  {
    method: 'PUT',
    path: `${at}/appetites`,
    name: `appetite ${FROZEN_DISH}`,
    // Nobody takes it but at the meals that are made of it.
    body: { food: namedId(`component:${FROZEN_DISH}`), portionsADay: 0, seen: null },
  },
  ...EATERS.map((eater): DemoCommand => ({
    method: 'POST',
    path: `${at}/eaters`,
    name: `eater ${eater.name}`,
    body: { id: namedId(`demo eater:${eater.name}`), ...eater },
  })),
  ...STARTER_RECIPES.map((recipe): DemoCommand => ({
    method: 'PUT',
    path: `${at}/appetites`,
    name: `appetite ${recipe.name}`,
    body: { food: recipe.component.id, portionsADay, seen: null },
  })),
];

const soupNight = (at: string, today: Day): DemoCommand => ({
  method: 'POST',
  path: `${at}/week/changes`,
  name: 'soup in three days',
  body: {
    add: [],
    size: [],
    drop: [],
    slots: [
      {
        day: addDays(today, 3),
        meal: 'dinner',
        parts: [{ food: namedId(`component:${FROZEN_DISH}`), portions: 1 }],
        guests: 0,
        note: 'soup night',
      },
    ],
  },
});

const plannedMeals = (at: string, { slots }: HutWeek): DemoCommand => ({
  method: 'POST',
  path: `${at}/week/changes`,
  name: 'the meals of the week',
  body: { add: [], size: [], drop: [], slots },
});

/** What is cooked next; the beans have been soaking since last night. */
function nextSession(at: string, start: Date, zone: string, sizes: HutWeek['sizes']): readonly DemoCommand[] {
  const session = namedId('demo session');
  return [
    {
      method: 'POST',
      path: `${at}/sessions`,
      name: 'session',
      body: {
        id: session,
        name: WEEKDAYS[weekday(dayAt(start, zone))] ?? 'Today',
        startsAt: start.toISOString(),
        cooks: 1,
      },
    },
    ...STARTER_RECIPES.map((recipe): DemoCommand => {
      const [portions = '8', freezePortions = '0'] = sizes[recipe.name] ?? [];
      return {
        method: 'POST',
        path: `${at}/batches`,
        name: `batch ${recipe.name}`,
        body: {
          id: namedId(`demo batch:${recipe.name}`),
          session,
          recipe: namedId(`demo recipe:${recipe.name}`),
          portions,
          freezePortions,
        },
      };
    }),
    {
      method: 'PUT',
      path: `${at}/sessions/${session}/wishes`,
      name: 'soaked',
      // The beans of the demo have been soaking since last night.
      body: { wishes: { pins: {}, breaks: [], begun: SOAKED }, version: 1 },
    },
  ];
}

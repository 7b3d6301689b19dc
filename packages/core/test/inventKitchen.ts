/* Kitchens for laws: invented people, dishes of the starters and a bowl made of one of them, boxes and packs of any age, sessions on any day. */
import fc from 'fast-check';
import { BOOK, bookFoodId, type Food } from '../src/food/index.ts';
import type {
  BatchState,
  CostState,
  KitchenState,
  LotState,
  RecipeState,
  SessionState,
  WeekState,
} from '../src/formats/index.ts';
import { STARTING_EQUIPMENT } from '../src/kitchen/index.ts';
import { addDays, day, momentAt, type Day } from '../src/quantity/index.ts';
import { STARTER_RECIPES, componentFood, type Line, type Revision } from '../src/recipe/index.ts';
import { MEAL_NAMES, type Slot } from '../src/week/index.ts';
import { viewOf, type KitchenView } from '../src/view/index.ts';

export const ZONE = 'Europe/Berlin';
export const TODAY = day('2026-03-02');
export const EQUIPMENT = { ...STARTING_EQUIPMENT, zone: ZONE };
export const PLACES = [
  { id: 'cupboard', name: 'cupboard', kind: 'cupboard' as const },
  { id: 'fridge', name: 'fridge', kind: 'fridge' as const },
  { id: 'freezer', name: 'freezer', kind: 'freezer' as const },
];
const bought: ReadonlyMap<string, Food> = new Map(BOOK.map((food) => [food.id, food]));
const starter = (name: string): Revision => {
  const found = STARTER_RECIPES.find(({ component }) => component.name === name);
  if (!found) throw new Error(name);
  return found;
};
export const MILLET = starter('Millet');
export const KALE = starter('Kale and leek');

/** A dish made of a dish: kale and leek over cooked millet, 120 g to a portion. */
const cookedMillet: Line = {
  id: 'millet',
  food: MILLET.component.id,
  amount: { n: '960', unit: 'g' },
  law: { law: 'in proportion' },
  into: [{ step: KALE.steps.at(-1)?.id ?? '', share: '1' }],
};
export const BOWL: Revision = {
  ...KALE,
  name: 'Kale over millet',
  portions: 8,
  component: { ...KALE.component, id: '00000000-0000-4000-8000-00000000b0e1', name: 'Kale over millet', kind: 'dish' },
  lines: [...KALE.lines, cookedMillet],
};
export const DISHES: readonly RecipeState[] = [...STARTER_RECIPES, BOWL].map((document, n) => ({
  id: `recipe ${n}`,
  name: document.name,
  number: 1,
  document,
}));
const withStarters = new Map([
  ...bought,
  ...STARTER_RECIPES.map((recipe) => componentFood(recipe, bought)).map((food) => [food.id, food] as const),
]);
export const FOODS: readonly Food[] = [...withStarters.values(), componentFood(BOWL, withStarters)];

export const lotOf = (
  id: string,
  food: string,
  place: string,
  onHand: number,
  more: Partial<LotState> = {},
): LotState => ({
  id,
  food,
  place,
  base: FOODS.find((each) => each.id === food)?.facts.base ?? 'g',
  origin: 'bought',
  batch: null,
  dates: {},
  priced: null,
  portionG: null,
  known: 'exact',
  allergens: null,
  box: null,
  onHand: `${onHand}`,
  version: 1,
  ...more,
});

/** A box of so many portions, made so many days ago. */
export const boxOf = (
  id: string,
  recipe: Revision,
  place: 'fridge' | 'freezer',
  portions: number,
  made: Day,
): LotState =>
  lotOf(id, recipe.component.id, place, portions * 150, {
    origin: 'made',
    portionG: '150',
    box: 'box',
    dates: { madeOn: made, ...(place === 'freezer' ? { frozenOn: made } : {}) },
  });

export const sessionOf = (id: string, on: Day, clock: string, more: Partial<SessionState> = {}): SessionState => ({
  id,
  name: id,
  startsAt: new Date(momentAt(on, clock, ZONE)).toISOString(),
  cooks: 1,
  wishes: { pins: {}, breaks: [] },
  status: 'planned',
  version: 1,
  ...more,
});

export const batchOf = (
  id: string,
  session: string,
  recipe: Revision,
  portions: number,
  freezePortions = 0,
  more: Partial<BatchState> = {},
): BatchState => ({
  id,
  session,
  recipe: DISHES.find(({ document }) => document === recipe)?.id ?? '',
  revision: 1,
  portions: `${portions}`,
  freezePortions: `${freezePortions}`,
  choice: {},
  finals: [],
  status: 'planned',
  cost: null,
  notes: [],
  yieldG: null,
  reopenedAt: null,
  version: 1,
  ...more,
});

export interface Invented {
  readonly eaters?: WeekState['eaters'];
  readonly lots?: readonly LotState[];
  readonly sessions?: readonly SessionState[];
  readonly batches?: readonly BatchState[];
  readonly slots?: readonly Slot[];
  readonly today?: Day;
  readonly costs?: CostState;
  readonly more?: Partial<WeekState>;
}

export const eaterOf = (id: string, more: Partial<WeekState['eaters'][number]> = {}): WeekState['eaters'][number] => ({
  id,
  name: id,
  appetite: 1,
  weekdays: [0, 1, 2, 3, 4, 5, 6],
  version: 1,
  ...more,
});

export const NO_COSTS: CostState = { prices: [], floors: [], thrown: [] };

/** A kitchen as its screens start from it. */
export function kitchenOf({
  eaters = [],
  lots = [],
  sessions = [],
  batches = [],
  slots = [],
  today = TODAY,
  more = {},
  costs = NO_COSTS,
}: Invented): KitchenView {
  const kitchen: KitchenState = { id: 'k', name: 'Hut', equipment: EQUIPMENT, version: 1, today, places: PLACES };
  const week: WeekState = {
    eaters,
    attendance: [],
    appetites: [],
    slots,
    eaten: [],
    plates: [],
    templates: [],
    sessions,
    batches,
    revisions: [],
    ...more,
  };
  return viewOf(kitchen, FOODS, lots, DISHES, week, costs, null);
}

const RAW = ['millet', 'kale', 'leek', 'dried borlotti beans', 'celeriac', 'parsnip', 'sunflower seeds', 'onion']
  .map((name) => bookFoodId(name))
  .filter((id) => bought.has(id));
const anyDish = fc.constantFrom(...DISHES.map(({ document }) => document));

/** Any kitchen: nobody to five at the table, up to three sessions in the week, up to seven dishes, up to twenty lots. */
export const anyKitchen: fc.Arbitrary<KitchenView> = fc
  .record({
    eaters: fc.array(
      fc.record({ appetite: fc.constantFrom(0.5, 1, 1.5), weekdays: fc.subarray([0, 1, 2, 3, 4, 5, 6]) }),
      {
        maxLength: 5,
      },
    ),
    sessions: fc.array(fc.tuple(fc.integer({ min: 0, max: 6 }), fc.constantFrom('08:00', '13:30', '19:00')), {
      minLength: 1,
      maxLength: 3,
    }),
    batches: fc.array(
      fc.tuple(fc.nat(2), anyDish, fc.integer({ min: 2, max: 24 }), fc.double({ min: 0, max: 1, noNaN: true })),
      {
        maxLength: 7,
      },
    ),
    packs: fc.array(
      fc.tuple(fc.constantFrom(...RAW), fc.integer({ min: 20, max: 3000 }), fc.integer({ min: -3, max: 40 })),
      {
        maxLength: 12,
      },
    ),
    boxes: fc.array(
      fc.tuple(
        anyDish,
        fc.constantFrom('fridge' as const, 'freezer' as const),
        fc.integer({ min: 1, max: 8 }),
        fc.integer({ min: 0, max: 9 }),
      ),
      { maxLength: 8 },
    ),
    slots: fc.array(
      fc.tuple(
        fc.integer({ min: 0, max: 6 }),
        fc.constantFrom(...MEAL_NAMES),
        fc.array(anyDish, { maxLength: 3 }),
        fc.nat(4),
      ),
      { maxLength: 6 },
    ),
  })
  .map(({ eaters, sessions, batches, packs, boxes, slots }) =>
    kitchenOf({
      eaters: eaters.map((each, n) => eaterOf(`eater ${n}`, each)),
      sessions: sessions.map(([ahead, clock], n) => sessionOf(`session ${n}`, addDays(TODAY, ahead), clock)),
      batches: batches.map(([at, recipe, portions, frozen], n) =>
        batchOf(`batch ${n}`, `session ${at % sessions.length}`, recipe, portions, Math.floor(portions * frozen)),
      ),
      lots: [
        ...packs.map(([food, amount, left], n) =>
          lotOf(`pack ${n}`, food, 'cupboard', amount, {
            dates: { boughtOn: addDays(TODAY, -20), bestBefore: addDays(TODAY, left) },
            priced: { minor: 300, amount: '1000' },
          }),
        ),
        ...boxes.map(([recipe, place, portions, ago], n) =>
          boxOf(`box ${n}`, recipe, place, portions, addDays(TODAY, -ago)),
        ),
      ],
      slots: slots
        .filter(([ahead, meal], n) => slots.findIndex(([a, m]) => a === ahead && m === meal) === n)
        .map(([ahead, meal, parts, guests]) => ({
          day: addDays(TODAY, ahead),
          meal,
          guests,
          parts: [...new Set(parts.map(({ component }) => component.id))].map((food) => ({ food, portions: 1 })),
        })),
    }),
  );

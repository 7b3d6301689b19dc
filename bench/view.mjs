import { BOOK } from '@kestrel-ridge/core/food';
import { STARTING_EQUIPMENT } from '@kestrel-ridge/core/kitchen';
import { addDays, day } from '@kestrel-ridge/core/quantity';
import { STARTER_RECIPES, componentFood } from '@kestrel-ridge/core/recipe';
import {
  brokenMeals,
  leadsOf,
  missingOf,
  promisesOf,
  rankedFirsts,
  readyComponents,
  stripsOf,
  thawsOf,
  viewOf,
} from '@kestrel-ridge/core/view';
import { figure, median } from './figure.mjs';

/** A large kitchen: what a hut with a full shelf asks of one frame. */
const RECIPES = 60;
const LOTS = 300;
const EATERS = 12;
const BATCHES = 12;
const ROUNDS = 240;

const today = day('2026-03-02');
const bought = new Map(BOOK.map((food) => [food.id, food]));
const id = (n) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const recipes = Array.from({ length: RECIPES }, (_, n) => {
  const base = STARTER_RECIPES[n % STARTER_RECIPES.length];
  const name = `${base.name} ${n}`;
  const document = { ...base, name, component: { ...base.component, id: id(n), name: `${base.component.name} ${n}` } };
  return { id: `recipe ${n}`, name, number: 1, document };
});
const foods = [...BOOK, ...recipes.map(({ document }) => componentFood(document, bought, 150))];
const places = ['cupboard', 'fridge', 'freezer'].map((kind) => ({ id: kind, name: kind, kind }));
const kitchen = {
  id: 'k',
  name: 'hut',
  equipment: { ...STARTING_EQUIPMENT, zone: 'Europe/Berlin' },
  version: 1,
  today,
  places,
};
const lots = Array.from({ length: LOTS }, (_, n) => {
  const made = n % 3 === 0;
  const food = made ? recipes[(n / 3) % RECIPES].document.component.id : BOOK[(n * 7) % BOOK.length].id;
  return {
    id: `lot ${n}`,
    food,
    place: made ? (n % 2 ? 'fridge' : 'freezer') : 'cupboard',
    base: foods.find((each) => each.id === food).facts.base,
    origin: made ? 'made' : 'bought',
    batch: null,
    dates: made
      ? { madeOn: addDays(today, -(n % 4)), ...(n % 2 ? {} : { frozenOn: addDays(today, -9) }) }
      : { boughtOn: addDays(today, -9) },
    priced: { minor: 300, amount: '1000' },
    portionG: made ? '150' : null,
    known: 'exact',
    allergens: null,
    box: null,
    onHand: '600',
    version: 1,
  };
});
const sessions = [0, 2, 4].map((ahead, n) => ({
  id: `session ${n}`,
  name: 's',
  startsAt: `${addDays(today, ahead)}T09:00:00.000Z`,
  cooks: 1,
  wishes: { pins: {}, breaks: [] },
  status: 'planned',
  version: 1,
}));
const batches = Array.from({ length: BATCHES }, (_, n) => ({
  id: `batch ${n}`,
  session: `session ${n % 3}`,
  recipe: `recipe ${n * 4}`,
  revision: 1,
  portions: '12',
  freezePortions: '2',
  choice: {},
  finals: [],
  notes: [],
  status: 'planned',
  cost: null,
  yieldG: null,
  reopenedAt: null,
  version: 1,
}));
const eaters = Array.from({ length: EATERS }, (_, n) => ({
  id: `eater ${n}`,
  name: `eater ${n}`,
  appetite: 1,
  weekdays: [0, 1, 2, 3, 4, 5, 6],
  tastes: n % 3 === 0 ? { allergens: ['nuts'], neverGroups: ['fruit'] } : {},
  version: 1,
}));
const slots = Array.from({ length: 7 }, (_, n) => ({
  day: addDays(today, n),
  meal: 'dinner',
  guests: n % 2,
  parts: [{ food: id(n * 4), portions: 1 }],
}));
const costs = { prices: [], floors: [], thrown: [] };
const week = {
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
};
const now = Date.parse('2026-03-02T07:00:00Z');

/** All that the first screen asks of a kitchen. */
const whole = (at) => {
  const view = viewOf(kitchen, foods, at, recipes, week, costs, null);
  const strips = stripsOf(view, {}, now);
  promisesOf(view);
  missingOf(view);
  rankedFirsts(view);
  readyComponents(view);
  leadsOf(view, now);
  brokenMeals(view, strips, now);
  for (const strip of strips) thawsOf(view, strip, now);
  return view;
};

const timed = (work) => {
  const began = performance.now();
  work();
  return performance.now() - began;
};
for (let n = 0; n < 10; n++) whole(lots);
// Nothing of before can be used again: every row is new.
const fresh = () => lots.map((lot) => ({ ...lot }));
const cold = Array.from({ length: ROUNDS }, () => {
  const at = fresh();
  week.batches = batches.map((batch) => ({ ...batch }));
  return timed(() => whole(at));
});
figure('view of a kitchen with 60 recipes, 300 lots, 12 eaters', median(cold), 'ms', '<=16');
whole(lots);
const oneLot = Array.from({ length: ROUNDS }, (_, n) => {
  const at = lots.map((lot, m) => (m === (n * 11) % LOTS ? { ...lot, onHand: String(300 + n), version: 2 + n } : lot));
  return timed(() => whole(at));
});
figure('the same after one lot has changed', median(oneLot), 'ms', '<=4');

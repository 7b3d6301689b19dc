/* A small kitchen with one planned batch, for tests of what the screens make of it. */
import { BOOK, bookFoodId } from '@kestrel-ridge/core/food';
import type { LotState, SessionState } from '@kestrel-ridge/core/formats';
import { STARTING_EQUIPMENT } from '@kestrel-ridge/core/kitchen';
import { Fraction, day } from '@kestrel-ridge/core/quantity';
import { STARTER_RECIPES, componentFood } from '@kestrel-ridge/core/recipe';
import { scaleBatch } from '@kestrel-ridge/core/scaling';
import { keepsUntil, urgencyOf } from '@kestrel-ridge/core/storage';
import type { KitchenView, ScaledBatchView, ShelfLot } from '@kestrel-ridge/core/view';

export const today = day('2026-03-02');
export const EIGHT = Date.parse('2026-03-02T08:00:00Z');
export const places = [
  { id: 'cupboard', name: 'cupboard', kind: 'cupboard' as const },
  { id: 'fridge', name: 'fridge', kind: 'fridge' as const },
  { id: 'freezer', name: 'freezer', kind: 'freezer' as const },
];
export const bought = new Map(BOOK.map((food) => [food.id, food]));
export const foods = new Map([
  ...bought,
  ...STARTER_RECIPES.map((recipe) => componentFood(recipe, bought)).map((food) => [food.id, food] as const),
]);
export const recipes = STARTER_RECIPES.map((document, n) => ({
  id: `recipe-${n}`,
  name: document.name,
  number: 1,
  document,
}));
export const millet = recipes[0];
if (!millet) throw new Error('no millet');

export function lot(food: string, onHand: number, more: Partial<LotState> = {}): ShelfLot {
  const known = foods.get(food);
  const place = places.find((each) => each.id === (more.place ?? 'cupboard'));
  if (!known || !place) throw new Error(food);
  const state: LotState = {
    id: `${food}-${onHand}-${place.id}`,
    food,
    place: place.id,
    base: known.facts.base,
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
  };
  const until = keepsUntil(known, place.kind, state.dates);
  return { state, food: known, place, onHand: new Fraction(onHand), until, urgency: urgencyOf(until?.value, today) };
}

export const session: SessionState = {
  id: 's',
  name: 'Monday',
  startsAt: '2026-03-02T08:00:00.000Z',
  cooks: 1,
  wishes: { pins: {}, breaks: [] },
  status: 'planned',
  version: 1,
};

/** A planned batch of a recipe, scaled for the test kitchen. */
export const batchOf = (
  recipe: (typeof recipes)[number],
  at: SessionState = session,
  portions = 8,
  id = 'b',
): ScaledBatchView => ({
  state: {
    id,
    session: at.id,
    recipe: recipe.id,
    revision: 1,
    portions: `${portions}`,
    freezePortions: '0',
    choice: {},
    finals: [],
    status: 'planned',
    cost: null,
    notes: [],
    yieldG: null,
    reopenedAt: null,
    version: 1,
  },
  recipe,
  written: recipe.document,
  session: at,
  scaled: scaleBatch(recipe.document, new Fraction(portions), foods, STARTING_EQUIPMENT),
});

export function kitchen(more: Partial<KitchenView> = {}, portions = 8): KitchenView {
  const batch = batchOf(millet as (typeof recipes)[number], session, portions);
  return {
    kitchen: { id: 'k', name: 'Test hut', equipment: STARTING_EQUIPMENT, version: 1, today, places },
    today,
    foods,
    recipes,
    lots: [
      lot(bookFoodId('millet'), 1000, { priced: { minor: 260, amount: '1000' } }),
      lot(bookFoodId('salt'), 500),
      lot(bookFoodId('bay leaf'), 10),
    ],
    week: {
      eaters: ['a', 'b', 'c', 'd'].map((id) => ({
        id,
        name: id,
        appetite: 1,
        weekdays: [0, 1, 2, 3, 4, 5, 6],
        version: 1,
      })),
      attendance: [],
      appetites: [],
      slots: [],
      eaten: [],
      plates: [],
      templates: [],
      sessions: [session],
      batches: [batch.state],
      revisions: [],
    },
    costs: { prices: [], floors: [], thrown: [] },
    session,
    batches: [batch],
    ...more,
  };
}
export const boxes = (portions: number, place: string, made = today) =>
  lot(STARTER_RECIPES[0]?.component.id ?? '', portions * 160, {
    place,
    origin: 'made',
    portionG: '160',
    dates: { madeOn: made, ...(place === 'freezer' ? { frozenOn: made } : {}) },
  });

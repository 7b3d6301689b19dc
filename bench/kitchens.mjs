import { BOOK } from '@kestrel-ridge/core/food';
import { STARTING_EQUIPMENT } from '@kestrel-ridge/core/kitchen';
import { addDays, day, momentAt, seeded } from '@kestrel-ridge/core/quantity';
import { STARTER_RECIPES, componentFood } from '@kestrel-ridge/core/recipe';
import { viewOf } from '@kestrel-ridge/core/view';
import { HUT_DISHES } from '../apps/server/dist/demo/dishes/index.js';
import { textRecipes } from '@kestrel-ridge/core/starters';

const ZONE = 'Europe/Berlin';
const TODAY = day('2026-11-28');
export const NOW = momentAt(TODAY, '06:00', ZONE);

const written = [...STARTER_RECIPES, ...HUT_DISHES, ...textRecipes()];
const recipes = written.map((document, n) => ({ id: `recipe ${n}`, name: document.name, number: 1, document }));
const bought = new Map(BOOK.map((food) => [food.id, food]));
/** What is made of a dish is a food only when the dish is one. */
const foods = (() => {
  const known = new Map(bought);
  for (let round = 0; round < 3; round++)
    for (const document of written) {
      try {
        const food = componentFood(document, known, undefined);
        known.set(food.id, food);
      } catch {
        // Its components come later.
      }
    }
  return [...known.values()];
})();
const PLACES = ['cupboard', 'fridge', 'freezer'].map((kind) => ({ id: kind, name: kind, kind }));
const EXCLUDED = ['nuts', 'gluten', 'celery', 'mustard', 'soybeans'];

/**
 * An invented kitchen: eaters, what they do not eat, a shelf, a freezer, a session. `what` leans it one way: an empty shelf, a full freezer, six eaters with exclusions,
 * one eater, a session on Tuesday.
 */
export function inventedKitchen(seed, what = 'any') {
  const random = seeded(seed);
  const upTo = (n) => Math.floor(random() * (n + 1));
  const pick = (list) => list[upTo(list.length - 1)];
  const n = what === 'one eater' ? 1 : what === 'six with exclusions' ? 6 : 1 + upTo(6);
  const eaters = Array.from({ length: n }, (_, e) => ({
    id: `eater ${e}`,
    name: `eater ${e}`,
    appetite: [0.8, 1, 1, 1.2][upTo(3)],
    weekdays: [0, 1, 2, 3, 4, 5, 6],
    tastes: {
      ...(what === 'six with exclusions' && e < 2 ? { allergens: [EXCLUDED[(seed + e) % EXCLUDED.length]] } : {}),
      ...(what === 'any' && random() < 0.15 ? { allergens: [pick(EXCLUDED)] } : {}),
    },
    version: 1,
  }));
  const used = [...new Set(written.flatMap(({ lines }) => lines.flatMap(({ food }) => food ?? [])))].filter((food) =>
    bought.has(food),
  );
  const amountOf = (food) => ((bought.get(food)?.facts.base ?? 'g') === 'each' ? 3 : 400 + upTo(800));
  const lot = (id, food, place, onHand, more = {}) => ({
    id,
    food,
    place,
    base: foods.find((each) => each.id === food)?.facts.base ?? 'g',
    origin: 'bought',
    batch: null,
    dates: { boughtOn: addDays(TODAY, -2) },
    priced: null,
    portionG: null,
    known: 'exact',
    allergens: null,
    box: null,
    onHand: `${onHand}`,
    version: 1,
    ...more,
  });
  const shelf =
    what === 'empty shelf'
      ? []
      : used
          .filter(() => random() < 0.45)
          .map((food, k) => {
            const keeps = bought.get(food)?.facts.keeps;
            const place = keeps?.cupboard ? 'cupboard' : keeps?.fridge ? 'fridge' : 'cupboard';
            return lot(`lot ${k}`, food, place, amountOf(food));
          });
  const boxed = recipes
    .filter(() => what !== 'empty shelf' && random() < (what === 'full freezer' ? 0.35 : 0.12))
    .map(({ document }, k) =>
      lot(`box ${k}`, document.component.id, 'freezer', 250 * (2 + upTo(4)), {
        origin: 'made',
        portionG: '250',
        dates: { madeOn: addDays(TODAY, -12), frozenOn: addDays(TODAY, -12) },
      }),
    );
  const freezerLitres = what === 'full freezer' ? 16 : 60 + upTo(80);
  const session = {
    id: 'session',
    name: 'session',
    startsAt: new Date(momentAt(addDays(TODAY, what === 'session on Tuesday' ? 3 : 0), '08:00', ZONE)).toISOString(),
    cooks: 1,
    wishes: { pins: {}, breaks: [] },
    status: 'planned',
    version: 1,
  };
  const kitchen = {
    id: 'kitchen',
    name: 'kitchen',
    equipment: {
      ...STARTING_EQUIPMENT,
      zone: ZONE,
      freezerLitres,
      boxes: [{ name: 'box', mL: 500 }],
      burners: 3 + upTo(2),
    },
    version: 1,
    today: TODAY,
    places: PLACES,
  };
  const prices = used.map((food, k) => ({
    id: `price ${k}`,
    food,
    on: addDays(TODAY, -3),
    minor: 90 + upTo(300),
    amount: bought.get(food)?.facts.base === 'each' ? '3' : '500',
    shop: null,
    from: 'entered',
  }));
  const week = {
    eaters,
    attendance: [],
    appetites: [],
    slots: [],
    eaten: [],
    plates: [],
    templates: [],
    sessions: [session],
    batches: [],
    revisions: [],
  };
  return viewOf(kitchen, foods, [...shelf, ...boxed], recipes, week, { prices, floors: [], thrown: [] }, null);
}

import fc from 'fast-check';
import type { BatchState, LotState, StoredRecipe } from '../src/formats/index.ts';
import { missingOf, stripsOf, viewOf, type KitchenView } from '../src/view/index.ts';
import {
  DISHES,
  FOODS,
  KALE,
  MILLET,
  NO_COSTS,
  TODAY,
  anyKitchen,
  batchOf,
  kitchenOf,
  sessionOf,
} from './inventKitchen.ts';

/* One thing that cannot be understood is left out with a word, and takes nothing else with it. */

const NOW = Date.parse('2026-03-02T08:00:00Z');
const again = (
  view: KitchenView,
  more: { recipes?: readonly StoredRecipe[]; batches?: readonly BatchState[]; lots?: readonly LotState[] },
) =>
  viewOf(
    view.kitchen,
    FOODS,
    more.lots ?? view.lots.map(({ state }) => state),
    more.recipes ?? DISHES,
    { ...view.week, batches: more.batches ?? view.week.batches },
    NO_COSTS,
    null,
  );
const plain = kitchenOf({
  sessions: [sessionOf('s', TODAY, '10:00')],
  batches: [batchOf('m', 's', MILLET, 8), batchOf('k', 's', KALE, 4)],
});
const milletId = DISHES.find(({ document }) => document === MILLET)?.id ?? '';

test('a sound kitchen leaves nothing out', () =>
  fc.assert(
    fc.property(anyKitchen, (view) => expect(view.leftOut).toEqual([])),
    { numRuns: 50 },
  ));

test('a recipe of which nothing can be read takes its batch out of the week, and no other', () => {
  const recipes = DISHES.map((dish): StoredRecipe =>
    dish.id === milletId ? { id: dish.id, name: dish.name, document: null, fault: 'lines: It is no list.' } : dish,
  );
  const view = again(plain, { recipes });
  expect(view.batches.map(({ state }) => state.id)).toEqual(['k']);
  expect(view.recipes.some(({ id }) => id === milletId)).toBe(false);
  expect(view.leftOut?.map(({ what, name }) => [what, name])).toEqual([
    ['recipe', MILLET.name],
    ['batch', MILLET.name],
  ]);
  expect(() => stripsOf(view, {}, NOW)).not.toThrow();
  expect(() => missingOf(view)).not.toThrow();
});

test('a recipe whose newest revision cannot be read is shown as it was before, and its batch does not go by another revision in silence', () => {
  const recipes = DISHES.map((dish): StoredRecipe =>
    dish.id === milletId ? { ...dish, number: 2, fault: 'lines.0.law: It follows no law that is known here.' } : dish,
  );
  const batches = [batchOf('m', 's', MILLET, 8, 0, { revision: 2 }), batchOf('k', 's', KALE, 4)];
  const view = again(plain, { recipes, batches });
  expect(view.recipes.find(({ id }) => id === milletId)?.document).toBe(MILLET);
  expect(view.batches.map(({ state }) => state.id)).toEqual(['k']);
  expect(view.leftOut).toMatchObject([
    { what: 'recipe', id: milletId, recipe: milletId },
    { what: 'batch', id: 'm', recipe: milletId, version: 1 },
  ]);
});

test.each([
  ['portions that are no number', { portions: 'many' }],
  ['an amount that is divided by nothing', { finals: [{ line: 'millet', amount: { n: '1/0', unit: 'g' } }] }],
  ['a choice that is none', { choice: { swaps: 7 } }],
])('a batch with %s is left out, the other one stays', (_, wrong) => {
  const [line] = MILLET.lines;
  const finals = 'finals' in wrong ? wrong.finals.map((final) => ({ ...final, line: line?.id ?? '' })) : [];
  const broken = { ...batchOf('m', 's', MILLET, 8), ...wrong, ...(finals.length > 0 ? { finals } : {}) };
  const view = again(plain, { batches: [broken as unknown as BatchState, batchOf('k', 's', KALE, 4)] });
  expect(view.batches.map(({ state }) => state.id)).toEqual(['k']);
  expect(view.leftOut).toMatchObject([{ what: 'batch', id: 'm', name: MILLET.name }]);
  expect(view.leftOut?.[0]?.why).toBeTruthy();
});

test.each([
  ['whose food nobody knows', { food: 'moonbeans' }],
  ['whose place is gone', { place: 'attic' }],
  ['with an amount that is none', { onHand: 'some' }],
])('a lot %s is left out, the others stay', (_, wrong) => {
  const lot = (id: string, more: object): LotState => ({
    id,
    food: FOODS[0]?.id ?? '',
    place: 'cupboard',
    base: 'g',
    origin: 'found',
    batch: null,
    dates: {},
    priced: null,
    portionG: null,
    known: 'exact',
    allergens: null,
    box: null,
    onHand: '100',
    version: 1,
    ...more,
  });
  const view = again(plain, { lots: [lot('a', wrong), lot('b', {})] });
  expect(view.lots.map(({ state }) => state.id)).toEqual(['b']);
  expect(view.leftOut).toMatchObject([{ what: 'lot', id: 'a' }]);
});

test('law: whatever one batch of a kitchen holds, the view of all else is as if it were not there', () =>
  fc.assert(
    fc.property(anyKitchen, fc.anything(), fc.anything(), (view, choice, finals) => {
      const [session] = view.week.sessions;
      if (!session) return;
      const odd = { ...batchOf('odd', session.id, MILLET, 8), choice, finals } as unknown as BatchState;
      const seen = again(view, { batches: [...view.week.batches, odd] });
      const others = seen.batches.filter(({ state }) => state.id !== 'odd');
      expect(others.map(({ state }) => state.id)).toEqual(view.batches.map(({ state }) => state.id));
    }),
    { numRuns: 100 },
  ));

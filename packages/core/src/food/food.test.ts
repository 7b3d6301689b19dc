import { cell, readTable } from '../../test/readTable.ts';
import { inBase, mass, quantityOf } from '../quantity/index.ts';
import { BOOK, bookFood, bookFoodId, inBaseOf, massOf } from './index.ts';

// Source: USDA FoodData Central SR Legacy household weights (from memory), tolerance 10 %, as density.csv says.
const densities: Record<string, string> = {
  millet: 'millet',
  'brown rice': 'brown rice long grain',
  'buckwheat groats': 'buckwheat groats roasted',
  'borlotti beans': 'borlotti beans',
  'split peas': 'split peas',
};
test.each(Object.entries(densities))('a cup of %s weighs what the table says of %s', (name, inTable) => {
  const row = readTable('density').find((each) => each['food'] === inTable);
  if (!row) throw new Error(inTable);
  expect(Math.abs((bookFood(name).facts.gramsPerCup?.value ?? 0) / Number(cell(row, 'g_per_cup')) - 1)).toBeLessThan(
    0.1,
  );
});

// Source: computed from water contents of USDA FoodData Central SR Legacy (from memory), tolerance 10 %, as yields.csv says.
test.each([
  ['millet', 'millet'],
  ['brown rice', 'brown rice long grain'],
  ['buckwheat groats', 'buckwheat groats roasted'],
  ['borlotti beans', 'borlotti beans'],
  ['split peas', 'split peas'],
])('%s takes up what the table says', (name, inTable) => {
  const row = readTable('yields').find((each) => each['food'] === inTable);
  if (!row) throw new Error(inTable);
  expect(
    Math.abs((bookFood(name).facts.uptake?.value ?? 0) / Number(cell(row, 'water_taken_up_g_per_g')) - 1),
  ).toBeLessThan(0.1);
});

// Source: USDA FoodData Central SR Legacy, pieces and refuse (from memory), tolerance 20 %, as pieces.csv says.
test.each([
  ['onion', 'medium'],
  ['garlic', 'clove'],
  ['leek', 'one'],
])('%s: one %s and its edible part', (name, piece) => {
  const row = readTable('pieces').find((each) => each['food'] === name && each['piece'] === piece);
  if (!row) throw new Error(name);
  expect(Math.abs((bookFood(name).facts.gramsEach?.value ?? 0) / Number(cell(row, 'edible_g')) - 1)).toBeLessThan(0.2);
  expect(Math.abs((bookFood(name).facts.ediblePart?.value ?? 0) * 100 - Number(cell(row, 'edible_pct')))).toBeLessThan(
    5,
  );
});

// Source: published: Regulation (EU) 1169/2011, Annex II: celeriac is celery.
test('celeriac counts as celery, hazelnuts as nuts, mustard as itself', () => {
  expect(bookFood('celeriac').facts.allergens).toEqual(['celery']);
  expect(bookFood('hazelnuts').facts.allergens).toEqual(['nuts']);
  expect(bookFood('mustard').facts.allergens).toEqual(['mustard']);
});

test('every figure of the book names its source', () => {
  for (const food of BOOK)
    for (const fact of [
      food.facts.gramsPerCup,
      food.facts.gramsEach,
      food.facts.ediblePart,
      food.facts.uptake,
      ...Object.values(food.facts.keeps ?? {}),
    ])
      if (fact) expect(fact.source.length).toBeGreaterThan(5);
});

test('ids of the book are all different, valid UUIDs, and stay what they are', () => {
  expect(new Set(BOOK.map((food) => food.id)).size).toBe(BOOK.length);
  for (const food of BOOK) expect(food.id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-8[0-9a-f]{3}-a[0-9a-f]{3}-[0-9a-f]{12}$/);
  expect(bookFoodId('millet')).toBe(bookFood('millet').id);
});

describe('from one kind to another', () => {
  test('two cups of brown rice are 370 g', () => {
    const grams = massOf(bookFood('brown rice'), quantityOf({ n: '2', unit: 'cup' }));
    expect(grams.ok && inBase(grams.value).valueOf()).toBe(370);
  });
  test('a bridge that is not known is a problem with a way out, not a guess', () => {
    const cups = massOf(bookFood('celeriac'), quantityOf({ n: '2', unit: 'cup' }));
    expect(cups).toMatchObject({
      ok: false,
      problem: {
        code: 'bridge missing',
        food: 'celeriac',
        remedy: expect.stringContaining('Weigh one level cup') as string,
      },
    });
  });
  test('oil that is poured by the gram leaves the shelf by the millilitre', () => {
    const oil = inBaseOf(bookFood('rapeseed oil'), mass(218));
    expect(oil.ok && inBase(oil.value).valueOf()).toBeCloseTo(236.588, 2);
  });
});

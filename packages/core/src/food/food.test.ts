import { cell, readTable } from '../../test/readTable.ts';
import { inBase, mass, quantityOf } from '../quantity/index.ts';
import { BOOK, bookFood, bookFoodId, inBaseOf, massOf } from './index.ts';

/** Rows of a table by the name a food has there; the first is meant where several have it. */
const rowOf = (table: string, column: string, name: string) => {
  const row = readTable(table).find((each) => each[column] === name);
  if (!row) throw new Error(`${table}: ${name}`);
  return row;
};
const off = (ours: number | undefined, theirs: number) => Math.abs((ours ?? NaN) / theirs - 1);

// Source: USDA FoodData Central SR Legacy household weights (from memory), tolerance 10 %, leaves and flour 20 %, as density.csv says.
test.each([
  ['white rice', 'white rice long grain'],
  ['brown rice', 'brown rice long grain'],
  ['quinoa', 'quinoa'],
  ['millet', 'millet'],
  ['pearl barley', 'pearl barley'],
  ['bulgur', 'bulgur'],
  ['buckwheat groats', 'buckwheat groats roasted'],
  ['couscous', 'couscous'],
  ['rolled oats', 'rolled oats'],
  ['wheat flour', 'wheat flour white'],
  ['wholewheat flour', 'wheat flour wholemeal'],
  ['cornflour', 'cornflour (starch)'],
  ['breadcrumbs', 'breadcrumbs dry'],
  ['lentils', 'lentils'],
  ['chickpeas', 'chickpeas'],
  ['kidney beans', 'kidney beans'],
  ['black beans', 'black beans'],
  ['pinto beans', 'pinto beans'],
  ['borlotti beans', 'borlotti beans'],
  ['navy beans', 'navy beans'],
  ['black-eyed peas', 'black-eyed peas'],
  ['split peas', 'split peas'],
  ['mung beans', 'mung beans'],
  ['soya beans', 'soya beans'],
  ['almonds', 'almonds'],
  ['cashews', 'cashews'],
  ['walnuts', 'walnuts'],
  ['peanuts', 'peanuts'],
  ['sunflower seeds', 'sunflower seeds'],
  ['pumpkin seeds', 'pumpkin seeds'],
  ['sesame seeds', 'sesame seeds'],
  ['flaxseed', 'linseed'],
  ['tahini', 'tahini'],
  ['peanut butter', 'peanut butter'],
  ['olive oil', 'olive oil'],
  ['rapeseed oil', 'rapeseed oil'],
  ['maple syrup', 'maple syrup'],
  ['sugar', 'sugar white'],
  ['salt', 'salt'],
  ['soy sauce', 'soy sauce'],
  ['cider vinegar', 'vinegar'],
  ['lemon juice', 'lemon juice'],
  ['tomato paste', 'tomato paste'],
  ['onion', 'onion'],
  ['carrot', 'carrot'],
  ['celery', 'celery'],
  ['red pepper', 'red pepper'],
  ['tomato', 'tomato'],
  ['potato', 'potato'],
  ['sweet potato', 'sweet potato'],
  ['courgette', 'courgette'],
  ['aubergine', 'aubergine'],
  ['cauliflower', 'cauliflower'],
])('a cup of %s weighs what the table says of %s', (name, inTable) => {
  const tolerance = /flour|oats/.test(name) ? 0.2 : 0.1;
  expect(
    off(bookFood(name).facts.gramsPerCup?.value, Number(cell(rowOf('density', 'food', inTable), 'g_per_cup'))),
  ).toBeLessThan(tolerance);
});

// Source: computed from water contents of USDA FoodData Central SR Legacy (from memory), tolerance 10 %, as yields.csv says; and
// USDA Food Buying Guide (from memory): dry beans grow 2.3 to 3 times in weight.
test.each(
  readTable('yields')
    .map((row) => {
      const known: Record<string, string> = {
        'white rice long grain': 'white rice',
        'brown rice long grain': 'brown rice',
        'buckwheat groats roasted': 'buckwheat groats',
        'pasta wheat': 'wheat pasta',
      };
      return [known[cell(row, 'food')] ?? cell(row, 'food'), row] as const;
    })
    .filter(([name]) => name !== ''),
)('%s takes up what the table says', (name, row) => {
  const { uptake, cookedGramsPerCup, kind } = bookFood(name).facts;
  expect(off(uptake?.value, Number(cell(row, 'water_taken_up_g_per_g')))).toBeLessThan(0.1);
  if (row['g_cup_cooked']) expect(off(cookedGramsPerCup?.value, Number(row['g_cup_cooked']))).toBeLessThan(0.1);
  if (kind === 'legume') expect(1 + (uptake?.value ?? 0) > 2.2 && 1 + (uptake?.value ?? 0) < 3.4).toBe(true);
});

// Source: USDA FoodData Central SR Legacy, pieces and refuse (from memory), tolerance 20 %, as pieces.csv says.
test.each([
  ['onion', 'onion', 'medium'],
  ['carrot', 'carrot', 'medium'],
  ['celery', 'celery', 'stalk medium'],
  ['garlic', 'garlic', 'clove'],
  ['leek', 'leek', 'one'],
  ['red pepper', 'red pepper', 'medium'],
  ['tomato', 'tomato', 'medium'],
  ['potato', 'potato', 'medium'],
  ['sweet potato', 'sweet potato', 'medium'],
  ['courgette', 'courgette', 'medium'],
  ['aubergine', 'aubergine', 'one'],
  ['cauliflower', 'cauliflower', 'medium head edible'],
  ['broccoli', 'broccoli', 'head edible'],
  ['cabbage', 'cabbage', 'medium head'],
  ['beetroot', 'beetroot', 'medium'],
  ['mushrooms', 'mushroom', 'medium'],
  ['spinach', 'spinach', 'bunch'],
  ['lemon', 'lemon', 'one medium'],
  ['avocado', 'avocado', 'one'],
])('%s: one, and its edible part', (name, inTable, piece) => {
  const row = readTable('pieces').find((each) => each['food'] === inTable && each['piece'] === piece);
  if (!row) throw new Error(name);
  const { gramsEach, ediblePart } = bookFood(name).facts;
  expect(off(gramsEach?.value, Number(cell(row, 'edible_g')))).toBeLessThan(0.2);
  expect(off(ediblePart?.value, Number(cell(row, 'edible_pct')) / 100)).toBeLessThan(0.2);
});

// Source: published: Regulation (EU) 1169/2011, Annex XIV: protein and carbohydrate 17 kJ/g, fat 37, fibre 8, alcohol 29, organic acids 13.
test('energy follows from what a food consists of, within 10 %', () => {
  for (const { name, facts } of BOOK) {
    const of = facts.composition?.value;
    if (!of || of.kJ === undefined) continue;
    const computed =
      17 * (of.proteinG ?? 0) +
      37 * (of.fatG ?? 0) +
      17 * (of.carbohydrateG ?? 0) +
      8 * (of.fibreG ?? 0) +
      29 * (of.alcoholG ?? 0) +
      13 * (of.acidG ?? 0);
    expect(`${name} ${Math.abs(computed - of.kJ) <= Math.max(10, of.kJ * 0.1)}`).toBe(`${name} true`);
  }
});

test('nearly four hundred foods, each name of one food alone, and a near name never its own', () => {
  expect(BOOK.length).toBeGreaterThanOrEqual(380);
  const names = BOOK.flatMap((food) => [food.name, ...(food.facts.names ?? [])]);
  expect(names.filter((name, n) => names.indexOf(name) !== n)).toEqual([]);
  for (const { name, facts } of BOOK)
    for (const near of facts.nearNames ?? []) expect([name, ...(facts.names ?? [])]).not.toContain(near);
});

// Source: published: Regulation (EU) 1169/2011, Annex II: celeriac is celery.
test('celeriac counts as celery, hazelnuts as nuts, mustard as itself', () => {
  expect(bookFood('celeriac').facts.allergens).toEqual(['celery']);
  expect(bookFood('hazelnuts').facts.allergens).toEqual(['nuts']);
  expect(bookFood('malt vinegar').facts.allergens).toEqual(['gluten']);
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
  test('what is not known stays unknown, never zero', () => {
    expect(bookFood('canned lentils').facts.gramsEach).toBeUndefined();
    expect(bookFood('tempeh').facts.composition?.value.fibreG).toBeUndefined();
  });
  test('a bridge that is not known is a problem with a way out, not a guess', () => {
    const cups = massOf(bookFood('tofu'), quantityOf({ n: '2', unit: 'cup' }));
    expect(cups).toMatchObject({
      ok: false,
      problem: {
        code: 'bridge missing',
        food: 'tofu',
        remedy: expect.stringContaining('Weigh one level cup') as string,
      },
    });
  });
  test('oil that is poured by the gram leaves the shelf by the millilitre', () => {
    const oil = inBaseOf(bookFood('rapeseed oil'), mass(218));
    expect(oil.ok && inBase(oil.value).valueOf()).toBeCloseTo(236.588, 2);
  });
});

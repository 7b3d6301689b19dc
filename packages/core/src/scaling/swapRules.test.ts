import { BOOK, bookFoodId } from '../food/index.ts';
import type { Line } from '../recipe/index.ts';
import { swapsFor } from './index.ts';
import { ALIKE, STRENGTHS, TINS, alike } from './swapRules.ts';

const foods = new Map(BOOK.map((food) => [food.id, food]));
const names = new Set(BOOK.map(({ name }) => name));
const offersFor = (name: string) => {
  const line: Line = {
    id: 'x',
    food: bookFoodId(name),
    amount: { n: '100', unit: 'g' },
    law: { law: 'in proportion' },
    into: [{ step: 's', share: '1' }],
  };
  return swapsFor(line, foods, () => 1e6);
};

test('every food of the rules is in the book', () => {
  const named = [...ALIKE.flat(), ...STRENGTHS.flatMap(({ from, to }) => [from, to]), ...Object.entries(TINS).flat()];
  expect(named.filter((name) => !names.has(name))).toEqual([]);
});

// What once was offered gram for gram, since a role was shared.
test.each([
  ['white wine', 'wine vinegar'],
  ['white wine', 'cider vinegar'],
  ['red wine', 'balsamic vinegar'],
  ['onion', 'ginger'],
  ['onion', 'garlic'],
  ['tofu', 'chickpea flour'],
  ['tofu', 'lentils'],
  ['ground flax', 'flaxseed'],
  ['ground flax', 'chickpea flour'],
  ['vegetable stock', 'white wine'],
  ['garlic', 'onion'],
  ['lemon juice', 'white wine'],
  ['wheat flour', 'rice flour'],
])('%s is not replaced by %s', (from, to) => expect(offersFor(from).map(({ food }) => food.name)).not.toContain(to));

test('law: gram for gram only within a family; what is stronger comes in another amount', () => {
  for (const { name } of BOOK)
    for (const { food, ratio } of offersFor(name))
      if (ratio === 1) {
        const known = STRENGTHS.some(({ from, to }) => from === name && to === food.name);
        expect(`${name} → ${food.name} ${alike(name, food.name) || known}`).toBe(`${name} → ${food.name} true`);
      }
});

test('law: a swap that brings in alcohol or an allergen says so', () => {
  const alcohol = (name: string) => foods.get(bookFoodId(name))?.facts.composition?.value.alcoholG ?? 0;
  for (const { name, facts } of BOOK)
    for (const { food, changes, allergensIn } of offersFor(name)) {
      if (alcohol(food.name) > 0 && alcohol(name) === 0) expect(changes.join()).toMatch(/alcohol/);
      for (const allergen of food.facts.allergens ?? [])
        if (!(facts.allergens ?? []).includes(allergen)) expect(allergensIn.contains).toContain(allergen);
    }
});

test('stock stands for wine with a little acid; a tin for the dry bean by what it weighs cooked', () => {
  const stock = offersFor('white wine').find(({ food }) => food.name === 'vegetable stock');
  expect(stock?.ratio).toBe(1);
  expect(stock?.changes.join()).toMatch(/teaspoon of lemon juice/);
  const tin = offersFor('black beans').find(({ food }) => food.name === 'canned black beans');
  expect(tin?.ratio).toBeCloseTo(2.6, 1);
});

import fc from 'fast-check';
import { BOOK, bookFoodId } from '../food/index.ts';
import { STARTING_EQUIPMENT } from '../kitchen/index.ts';
import { Fraction } from '../quantity/index.ts';
import { applySwaps, faultsOf, STARTER_RECIPES, type Line } from '../recipe/index.ts';
import { scaleBatch, swapsFor } from './index.ts';

const foods = new Map(BOOK.map((food) => [food.id, food]));
const lineOf = (name: string, n: string, unit: Line['amount']['unit']): Line => ({
  id: 'x',
  food: bookFoodId(name),
  amount: { n, unit },
  law: { law: 'in proportion' },
  into: [{ step: 's', share: '1' }],
});
const offer = (from: Line, to: string) =>
  swapsFor(from, foods, (food) => (food === bookFoodId(to) ? 1e6 : 0)).find((each) => each.food.name === to);

// Source: from memory: a clove of garlic is about 1/8 tsp powder, 1 tbsp fresh ginger 1/4 tsp ground; flour thickens half as well as starch; soy sauce to salt 1 tbsp to 1/2 tsp.
test.each([
  ['garlic', '2', 'each', 'garlic powder', 0.81],
  ['ginger', '1', 'tbsp', 'ground ginger', 0.43],
  ['wheat flour', '40', 'g', 'cornflour', 20],
  ['tomato paste', '30', 'g', 'canned tomatoes', 90],
  ['maple syrup', '100', 'g', 'sugar', 80],
  ['soy sauce', '1', 'tbsp', 'salt', 3.03],
  ['kale', '400', 'g', 'chard', 400],
] as const)('%s %s %s: %s %f g', (from, n, unit, to, grams) =>
  expect(Number(offer(lineOf(from, n, unit), to)?.swap.amount.n)).toBeCloseTo(grams, 1),
);

test('what comes in and what goes out is said', () => {
  expect(offer(lineOf('wheat flour', '40', 'g'), 'cornflour')).toMatchObject({
    allergensIn: { contains: [], may: [], unknown: [] },
    allergensOut: ['gluten'],
  });
  expect(offer(lineOf('sunflower seeds', '100', 'g'), 'cashews')).toMatchObject({
    allergensIn: { contains: ['nuts'] },
  });
  expect(offer(lineOf('lentils', '200', 'g'), 'kidney beans')?.changes).toContain('must be soaked and boiled hard');
});

test('what is on the shelf comes first; tins stand for the dry by what it weighs cooked', () => {
  expect(
    swapsFor(lineOf('kale', '400', 'g'), foods, (food) => (food === bookFoodId('spinach') ? 1000 : 0))[0]?.food.name,
  ).toBe('spinach');
  // Common practice, no published source: a drained can of 240 g is 90 to 105 g dry.
  const dry = 240 / (offer(lineOf('chickpeas', '200', 'g'), 'canned chickpeas')?.ratio ?? 0);
  expect(dry).toBeGreaterThan(90);
  expect(dry).toBeLessThan(105);
});

test('law: a swapped recipe can be cooked, keeps its size, and without swaps it is itself', () =>
  fc.assert(
    fc.property(fc.constantFrom(...STARTER_RECIPES), fc.nat({ max: 12 }), fc.nat({ max: 5 }), (recipe, l, o) => {
      expect(applySwaps(recipe, [], foods)).toBe(recipe);
      const line = recipe.lines[l % recipe.lines.length];
      const offers = line ? swapsFor(line, foods, () => 0) : [];
      const chosen = offers[o % Math.max(1, offers.length)];
      if (!chosen) return;
      const swapped = applySwaps(recipe, [chosen.swap], foods);
      expect(faultsOf(swapped)).toEqual([]);
      const scaled = scaleBatch(swapped, new Fraction(12), foods, STARTING_EQUIPMENT);
      expect(scaled.lines.map((each) => each.food.id)).toContain(chosen.food.id);
      expect(scaled.missing).toEqual([]);
      for (const allergen of chosen.food.facts.allergens ?? []) expect(scaled.allergens.contains).toContain(allergen);
    }),
  ));

import { BOOK } from '../food/index.ts';
import { STARTING_EQUIPMENT } from '../kitchen/index.ts';
import { Fraction } from '../quantity/index.ts';
import { STARTER_RECIPES } from '../recipe/index.ts';
import { perPortion, scaleBatch } from './index.ts';

const foods = new Map(BOOK.map((food) => [food.id, food]));
const of = (name: string, portions: number, known = foods) => {
  const recipe = STARTER_RECIPES.find((each) => each.component.name === name);
  if (!recipe) throw new Error(name);
  return perPortion(scaleBatch(recipe, new Fraction(portions), known, STARTING_EQUIPMENT));
};
const value = (portion: ReturnType<typeof of>, key: string) =>
  portion.nutrients.find((nutrient) => nutrient.key === key)?.perPortion ?? NaN;

// By hand, from the table of foods (USDA FoodData Central SR Legacy, from memory):
// 8 portions are 400 g millet and 1¾ teaspoons of salt, 292/48 × 1.75 = 10.65 g; the bay comes out again.
//   protein 400 × 11.0 / 100 / 8 = 5.5 g; energy 400 × 15.82 / 8 = 791 kJ; iron 400 × 3.0 / 100 / 8 = 1.5 mg
//   salt: sodium 10.6458 × 387.58 = 4126.1 mg and 400 × 0.05 = 20 mg → × 2.5 / 1000 / 8 = 1.296 g
test('a portion of millet', () => {
  const millet = of('Millet', 8);
  expect(value(millet, 'protein')).toBeCloseTo(5.5, 2);
  expect(value(millet, 'energy')).toBeCloseTo(791, 0);
  expect(value(millet, 'iron')).toBeCloseTo(1.5, 1);
  expect(value(millet, 'salt')).toBeCloseTo(1.296, 2);
  expect(millet.covered).toBe(1);
});

test('a portion stays the same when the batch grows, but for what grows slower', () => {
  expect(value(of('Millet', 24), 'protein')).toBeCloseTo(value(of('Millet', 8), 'protein'), 6);
  expect(value(of('Millet', 24), 'salt')).toBeLessThan(value(of('Millet', 8), 'salt'));
});

test('iron without vitamin C beside it is said, as information', () => {
  expect(of('Borlotti', 8).ironAlone).toBe(true);
  expect(of('Kale and leek', 6).ironAlone).toBe(false);
});

test('what has no data is named and left out of the coverage, not taken as zero', () => {
  const bare = new Map(
    [...foods].map(([id, food]) => [
      id,
      food.name === 'parsnip' ? { ...food, facts: { kind: food.facts.kind, base: food.facts.base } } : food,
    ]),
  );
  const roots = of('Roast roots', 8, bare);
  expect(roots.without).toEqual(['parsnip']);
  // 860 g celeriac, edible, of 860 and 700 of parsnip, oil, caraway and salt.
  expect(roots.covered).toBeGreaterThan(0.5);
  expect(roots.covered).toBeLessThan(0.65);
});

import fc from 'fast-check';
import { BOOK, bookFoodId } from '../food/index.ts';
import { STARTING_EQUIPMENT } from '../kitchen/index.ts';
import { Fraction, inBase } from '../quantity/index.ts';
import { STARTER_RECIPES } from '../recipe/index.ts';
import { scaleBatch, sizeForEaters, sizeForLeastFill, sizeToFill, sizeToUseUp, type Sizing } from './index.ts';

const foods = new Map(BOOK.map((food) => [food.id, food]));
const of = (name: string): Sizing => {
  const recipe = STARTER_RECIPES.find((each) => each.component.name === name);
  if (!recipe) throw new Error(name);
  return { recipe, foods, equipment: STARTING_EQUIPMENT };
};
const scaled = ({ recipe, equipment }: Sizing, portions: number) =>
  scaleBatch(recipe, new Fraction(portions), foods, equipment);

test('for four over three days and six on the fourth, with five in boxes: 12 + 6 − 5', () => {
  expect(sizeForEaters([4, 4, 4, 6], 1, 5).portions).toBe(13);
  expect(sizeForEaters([4], 0.5, 10).portions).toBe(1);
});

test('law: using a lot up takes no more than is there, and one portion more would', () =>
  fc.assert(
    fc.property(fc.integer({ min: 60, max: 6000 }), (grams) => {
      const roots = of('Roast roots');
      const size = sizeToUseUp(roots, bookFoodId('celeriac'), new Fraction(grams));
      const takes = (portions: number) =>
        inBase(
          scaled(roots, portions).lines.find((line) => line.food.name === 'celeriac')?.fromShelf?.value ?? {
            kind: 'mass',
            g: new Fraction(0),
          },
        );
      if (!size) return expect(takes(1).compare(grams)).toBeGreaterThan(0);
      expect(takes(size.portions).compare(grams)).toBeLessThanOrEqual(0);
      expect(takes(size.portions + 1).compare(grams)).toBeGreaterThan(0);
    }),
  ));
test('a food that the recipe does not use sizes nothing', () =>
  expect(sizeToUseUp(of('Millet'), bookFoodId('leek'), new Fraction(500))).toBeUndefined());

test.each(['Millet', 'Borlotti', 'Roast roots', 'Sunflower sauce', 'Kale and leek'])(
  'law: filling the vessel with %s is one load, and a portion more is two',
  (name) => {
    const { portions } = sizeToFill(of(name));
    expect(scaled(of(name), portions).loads.value.loads).toBe(1);
    expect(scaled(of(name), portions + 1).loads.value.loads).toBe(2);
  },
);

test('a topping too small for the blades is made larger, the rest frozen', () => {
  const sauce = of('Sunflower sauce');
  const size = sizeForLeastFill(sauce, 2);
  expect(size && scaled(sauce, size.portions).loads.value.warnings).toEqual([]);
  expect(size && scaled(sauce, size.portions - 1).loads.value.warnings).not.toEqual([]);
  expect(size?.freezePortions).toBe((size?.portions ?? 0) - 2);
  expect(sizeForLeastFill(sauce, 12)).toBeUndefined();
});

import { BOOK } from '../../food/index.ts';
import { indexFoods, readIngredientLine } from '../index.ts';
import { toTaste } from './toTaste.ts';

const index = indexFoods(BOOK);

test('law: whatever may be to taste is read as that food, to taste, and nothing more is asked of it', () => {
  const asked = BOOK.flatMap((food) => {
    const words = toTaste(food);
    if (words === undefined) return [];
    const line = readIngredientLine(words, index);
    return line.food?.name === food.name && line.amount.kind === 'to taste' && line.doubts.length === 0 ? [] : [words];
  });
  expect(asked).toEqual([]);
});
test('of what a plate is made of nobody tastes how much goes in', () => {
  const rice = BOOK.find(({ name }) => name === 'white rice');
  expect(rice && toTaste(rice)).toBeUndefined();
});

import { Fraction } from '../src/quantity/index.ts';
import { STARTING_EQUIPMENT } from '../src/kitchen/index.ts';
import { scaleBatch } from '../src/scaling/index.ts';
import { BOOK_BY_ID, textDish } from './textDish.ts';
import { looksOf } from '../src/view/looksOf.ts';

test.each([
  ['600 g carrots\n200 g red lentils\n1 onion\n1 L water', 'soup', ['orange', 'wet']],
  ['400 g kale\n1 leek\n200 g millet', 'pot', ['green', 'wet']],
  ['1 kg potatoes\n1 bunch parsley', 'mash', ['pale', 'soft']],
  ['800 g canned tomatoes\n300 g red lentils', 'bake', ['red', 'crisp on top']],
  ['2 onions\n2 tbsp rapeseed oil', 'fritters', ['crisp']],
] as const)('%s, as %s, looks %j', (list, form, looks) => {
  const dish = textDish(`Dish\nServes 4\n${list}\n\nCook everything for 30 minutes.`);
  expect(looksOf(scaleBatch(dish, new Fraction(4), BOOK_BY_ID, STARTING_EQUIPMENT), form)).toEqual(looks);
});

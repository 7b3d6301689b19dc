import { withAmountFirst } from './amountBehind.ts';

test.each([
  ['Swiss chard: 1 large bunch, stems apart', '1 large bunch Swiss chard, stems apart'],
  ['Chestnut mushrooms 400g - thick slices', '400g Chestnut mushrooms, thick slices'],
  ['Stock (veg) 900ml, hot', '900ml Stock (veg), hot'],
  ['Dried chickpeas: 1 lb (455 g)', '1 lb (455 g) Dried chickpeas'],
  ['Crushed tomatoes: 1 28-oz can', '1 28-oz can Crushed tomatoes'],
  ['parsley - a handful', 'a handful parsley'],
])('“%s” is “%s”', (line, first) => expect(withAmountFirst(line, 'US')).toBe(first));

test.each([
  '400 g potatoes',
  'Flour type 550',
  'tin toms 400',
  'Soak for the chilli: 600 g beans',
  'A handful of 2 herbs',
  'kidney beans, 2 red onions',
  'salt',
])('“%s” stays as it is', (line) => expect(withAmountFirst(line, 'US')).toBe(line));

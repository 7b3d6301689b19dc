import { BOOK } from '../../food/index.ts';
import { indexFoods, readIngredientLine } from '../index.ts';
import { oddPortion } from './portionMass.ts';

const foods = indexFoods(BOOK);
const linesOf = (...texts: string[]) => texts.map((text) => readIngredientLine(text, foods));

test('pieces that were taken for portions weigh too little', () =>
  expect(oddPortion(linesOf('500 g dried chickpeas', '1 onion', 'salt'), 40, true)).toBe(15));

test('what is usual is not asked, whole or open', () => {
  const soup = linesOf('250 g split peas', '1 l water', '2 leeks');
  expect([true, false].map((all) => oddPortion(soup, 4, all))).toEqual([undefined, undefined]);
});

test('a line that is still open may make a portion larger, and never smaller', () => {
  const light = linesOf('500 g dried chickpeas');
  const heavy = linesOf('4 kg potatoes');
  expect([oddPortion(light, 40, false), oddPortion(heavy, 4, false)]).toEqual([undefined, 1000]);
});

test('what nobody knows the weight of makes no portion too small', () =>
  expect(oddPortion(linesOf('20 g capers', 'a splash of oil', 'millet'), 4, true)).toBeUndefined());

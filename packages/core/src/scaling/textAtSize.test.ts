import { bookFood } from '../food/index.ts';
import { Fraction, mass, quantityOf } from '../quantity/index.ts';
import { textAtSize } from './textAtSize.ts';

const double = new Fraction(2);
test.each([
  ['Add everything and 1 L water, simmer 35 minutes.', 'Add everything and 2 L water, simmer 35 minutes.'],
  ['Put in 250 g of it, in pieces of 2 cm', 'Put in 500 g of it, in pieces of 2 cm'],
  ['Bake at 200 °C for 20 to 25 min', 'Bake at 200 °C for 20 to 25 min'],
  ['Stir in 1 1/2 cups stock', 'Stir in 3 cups stock'],
  ['½ tsp salt', '1 tsp salt'],
  ['Open the 400 g tin', 'Open the 400 g tin'],
  ['Weigh 0,5 kg', 'Weigh 1 kg'],
])('“%s” is “%s” in a double batch', (text, expected) => expect(textAtSize(text, double, [])).toBe(expected));

test('what is held back is said as its line says it, not doubled', () => {
  const caraway = bookFood('caraway');
  const line = {
    line: { amount: { n: '2', unit: 'tsp' as const } },
    food: caraway,
    amount: { value: quantityOf({ n: '3', unit: 'tsp' }) },
  };
  expect(textAtSize('Toast 2 tsp caraway', double, [line])).toBe('Toast 3 tsp caraway');
});

test('at its own size nothing is touched', () => {
  const line = {
    line: { amount: { n: '100', unit: 'g' as const } },
    food: bookFood('millet'),
    amount: { value: mass(50) },
  };
  expect(textAtSize('½ cup — as it was', new Fraction(1), [line])).toBe('½ cup — as it was');
});

import { Fraction, writeFiguresSo } from '../quantity/index.ts';
import { inKilos, kiloName } from './index.ts';

afterEach(() => writeFiguresSo(undefined));

test('a price is told for a kilo, a litre, a piece; for a pound where the kitchen weighs in ounces', () => {
  const paid = { minor: 200, amount: new Fraction(500) };
  expect((['g', 'mL', 'each'] as const).map((base) => [kiloName(base), inKilos(paid, base).valueOf()])).toEqual([
    ['a kilo', 400],
    ['a litre', 400],
    ['a piece', 0.4],
  ]);
  writeFiguresSo({ mass: 'oz' });
  // 453.59237 g to the pound: NIST SP 811.
  expect(kiloName('g')).toBe('a pound');
  expect(inKilos(paid, 'g').valueOf()).toBeCloseTo(181.436948, 6);
  expect(kiloName('mL')).toBe('a litre');
});

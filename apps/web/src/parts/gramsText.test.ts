import { writeFiguresSo } from '@kestrel-ridge/core/quantity';
import { gramsText } from './gramsText.ts';

afterEach(() => writeFiguresSo(undefined));

test('a weight is told to the gram, and in ounces where the kitchen weighs so', () => {
  expect([0, 160.6, 1840.2].map(gramsText)).toEqual(['0 g', '161 g', '1840 g']);
  writeFiguresSo({ mass: 'oz' });
  // 453.59237 g to the pound: NIST SP 811.
  expect([453.59237, 1840.2].map(gramsText)).toEqual(['1 lb', '4 lb 1 oz']);
});

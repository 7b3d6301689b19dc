import fc from 'fast-check';
import { bookFood } from '../food/index.ts';
import { inBase, mass, quantityOf, volume, type MeasureName } from '../quantity/index.ts';
import { readFinal } from './index.ts';

const oil = bookFood('rapeseed oil');
const caraway = bookFood('caraway');
const said = (text: string, planned: { n: string; unit: MeasureName }, food = oil) => {
  const read = readFinal(text, quantityOf(planned), planned.unit, food, 'US');
  return read.ok ? `${read.value.n} ${read.value.unit}` : read.problem.code;
};

test.each([
  ['90 mL', '2', 'tbsp', '90 mL'],
  ['3 tbsp', '2', 'tbsp', '3 tbsp'],
  ['3', '2', 'tbsp', '3 tbsp'],
  ['+1 tbsp', '2', 'tbsp', '3 tbsp'],
  ['+ 1/2', '2', 'tbsp', '2 1/2 tbsp'],
  ['-1 tbsp', '2', 'tbsp', '1 tbsp'],
  ['−1 tsp', '1', 'tbsp', '2/3 tbsp'],
  ['0', '2', 'tbsp', '0 tbsp'],
  ['-3 tbsp', '2', 'tbsp', 'below nothing'],
  ['a little more', '2', 'tbsp', 'no amount'],
  ['', '2', 'tbsp', 'no amount'],
] as const)('%s on %s %s of oil: %s', (text, n, unit, expected) => expect(said(text, { n, unit })).toBe(expected));

test('a spoon more on a weighed line goes by what the spoon weighs', () => {
  const read = readFinal('+1 tsp', mass(10), 'g', caraway, 'US');
  expect(read.ok && Number(read.value.n)).toBeCloseTo(10 + (caraway.facts.gramsPerCup?.value ?? 0) / 48, 2);
  expect(read.ok && read.value.unit).toBe('g');
});

test('law: what is added and taken away again is what was planned', () =>
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 900 }), fc.integer({ min: 1, max: 500 }), (planned, more) => {
      const up = readFinal(`+${more} mL`, volume(planned), 'mL', oil, 'US');
      if (!up.ok) throw new Error(up.problem.text);
      const down = readFinal(`-${more} mL`, quantityOf(up.value), 'mL', oil, 'US');
      expect(down.ok && inBase(quantityOf(down.value)).valueOf()).toBe(planned);
    }),
  ));

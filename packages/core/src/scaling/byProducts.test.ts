import { BOOK } from '../food/index.ts';
import { STARTING_EQUIPMENT } from '../kitchen/index.ts';
import { Fraction, inBase } from '../quantity/index.ts';
import { STARTER_RECIPES } from '../recipe/index.ts';
import { byProductsOf, keptApart, scaleBatch } from './index.ts';

const foods = new Map(BOOK.map((food) => [food.id, food]));
const [millet] = STARTER_RECIPES;
if (!millet) throw new Error('no recipe');
const [first, ...rest] = millet.steps;
if (!first) throw new Error('no step');
const stock = {
  name: 'stock',
  amount: { n: '500', unit: 'mL' },
  goes: { to: 'shelf', keepsDays: { value: 3, source: 'USDA FSIS leftovers guidance (from memory)' } },
} as const;

test('what else comes out of a batch grows with it', () => {
  const giving = { ...millet, steps: [{ ...first, gives: [stock] }, ...rest] };
  const twice = scaleBatch(giving, new Fraction(millet.portions * 2), foods, STARTING_EQUIPMENT);
  const [made] = byProductsOf(twice);
  expect(made && inBase(made.amount).valueOf()).toBe(1000);
});

test('what is put on at the plate is kept apart', () => {
  const [line, ...others] = millet.lines;
  if (!line) throw new Error('no line');
  const garnished = { ...millet, lines: [{ ...line, optional: true }, ...others] };
  const scaled = scaleBatch(garnished, new Fraction(8), foods, STARTING_EQUIPMENT);
  expect(keptApart(scaled).map((each) => each.line.id)).toEqual([line.id]);
});

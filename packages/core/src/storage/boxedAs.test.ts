import fc from 'fast-check';
import { Fraction } from '../quantity/index.ts';
import { boxedAs, byProductFacts, keepsUntil } from './index.ts';
import { day } from '../quantity/index.ts';

const asked = fc.record({
  portionG: fc.double({ min: 20, max: 600, noNaN: true }),
  portions: fc.array(fc.integer({ min: 1, max: 12 }), { minLength: 1, maxLength: 8 }),
  asideG: fc.array(
    fc.integer({ min: 1, max: 900 }).map((g) => new Fraction(g)),
    { maxLength: 3 },
  ),
  usedMinor: fc.nat(9000),
});

test('law: what was paid is shared out to the last unit, and every portion weighs the same', () =>
  fc.assert(
    fc.property(asked, (batch) => {
      const boxed = boxedAs(batch);
      if (!boxed.ok) throw new Error('refused');
      const { lots, portionG } = boxed.value;
      expect(lots.reduce((sum, { minor }) => sum + minor, 0)).toBe(batch.usedMinor);
      batch.portions.forEach((n, at) => expect(lots[at]?.grams.equals(portionG.mul(n))).toBe(true));
      expect(lots.slice(batch.portions.length).map(({ grams }) => grams.valueOf())).toEqual(
        batch.asideG.map((g) => g.valueOf()),
      );
      expect(Math.abs(portionG.valueOf() - batch.portionG)).toBeLessThanOrEqual(0.5);
    }),
  ));

test('law: what was weighed is what lies in the boxes and what is set aside, to half a gram a portion', () =>
  fc.assert(
    fc.property(asked, fc.integer({ min: 3000, max: 40_000 }), (batch, yieldG) => {
      const boxed = boxedAs({ ...batch, yieldG });
      if (!boxed.ok) throw new Error('refused');
      const sum = boxed.value.lots.reduce((all, { grams }) => all + grams.valueOf(), 0);
      const portions = batch.portions.reduce((all, n) => all + n, 0);
      expect(Math.abs(sum - yieldG)).toBeLessThanOrEqual(0.5 * portions + 1e-9);
    }),
  ));

test('more set aside than was weighed is refused', () =>
  expect(
    boxedAs({ portionG: 100, yieldG: 300, portions: [2], asideG: [new Fraction(400)], usedMinor: 100 }),
  ).toMatchObject({
    ok: false,
    problem: { code: 'more aside than there is' },
  }));

test('cooking water that is kept has the days of its recipe in the fridge, and two months frozen', () => {
  const stock = { id: 'stock', name: 'stock', facts: byProductFacts('mL', { value: 3, source: 'test' }) };
  const made = day('2026-03-01');
  expect(keepsUntil(stock, 'fridge', { madeOn: made })?.value).toBe('2026-03-03');
  expect(keepsUntil(stock, 'freezer', { madeOn: made, frozenOn: made })?.value).toBe('2026-04-29');
});

import { bookFoodId } from '@kestrel-ridge/core/food';
import { Fraction } from '@kestrel-ridge/core/quantity';
import { scaleBatch } from '@kestrel-ridge/core/scaling';
import fc from 'fast-check';
import { foods, kitchen, lot, millet, session } from '../app/kitchenForTests.ts';
import type { KitchenView, ScaledBatchView } from '@kestrel-ridge/core/view';
import { missingFor, portionsCovered, shortages } from '@kestrel-ridge/core/view';
import { countSteps, surprises, type LookedAt } from './countSteps.ts';
import { batchesOf, freeFor } from '@kestrel-ridge/core/view';
import { missingOf } from '@kestrel-ridge/core/view';

const MILLET = bookFoodId('millet');
/** A kitchen that cooks millet so many times, a portion takes 50 g of it. */
function cooking(portions: readonly number[], grams = 1000, startsAt?: readonly string[]): KitchenView {
  const base = kitchen({ lots: [lot(MILLET, grams), lot(bookFoodId('salt'), 5000), lot(bookFoodId('bay leaf'), 500)] });
  const [batch] = base.batches;
  if (!batch || !millet) throw new Error('no batch');
  const { document } = millet;
  const batches = portions.map((n, k): ScaledBatchView => ({
    ...batch,
    session: { ...session, startsAt: startsAt?.[k] ?? session.startsAt },
    state: { ...batch.state, id: `b${k}`, portions: `${n}` },
    scaled: scaleBatch(document, new Fraction(n), foods, base.kitchen.equipment),
  }));
  return { ...base, batches };
}
const grams = (of: readonly { readonly missingText: string }[]) => of.map(({ missingText }) => missingText);

describe('what a dish can count on', () => {
  test('what others count on is not free for it; what is promised to it is', () => {
    const view = cooking([12, 4]);
    // By hand: 600 g and 200 g of 1000 g.
    expect(freeFor(view, MILLET, ['b0']).free.valueOf()).toBe(800);
    expect(freeFor(view, MILLET, ['b1']).free.valueOf()).toBe(400);
    expect(freeFor(view, MILLET).free.valueOf()).toBe(200);
    expect(batchesOf(view, millet?.document as never)).toEqual(['b0', 'b1']);
  });
  test('two that each would have enough: one of them is told what it lacks', () => {
    const view = cooking([12, 12]);
    const [first, second] = view.batches as [ScaledBatchView, ScaledBatchView];
    expect(grams(shortages(view, first))).toEqual([]);
    expect(grams(shortages(view, second))).toEqual(['200 g']);
    expect([portionsCovered(view, first), portionsCovered(view, second)]).toEqual([12, 8]);
  });
  test('what is cooked first is served first, in whatever order they are listed', () => {
    const view = cooking([12, 12], 1000, ['2026-03-04T08:00:00.000Z', '2026-03-03T08:00:00.000Z']);
    expect(view.batches.map((batch) => grams(shortages(view, batch)))).toEqual([['200 g'], []]);
  });
  test('a food that goes in twice is there once', () => {
    const view = cooking([]);
    const doubled = scaleBatch(
      {
        ...(millet?.document as NonNullable<typeof millet>['document']),
        lines: (millet?.document.lines ?? []).flatMap((line) =>
          line.food === MILLET ? [line, { ...line, id: 'more' }] : [line],
        ),
      },
      new Fraction(14),
      foods,
      view.kitchen.equipment,
    );
    expect(missingFor(view, doubled).map(({ line, missingText }) => [line.line.id, missingText])).toEqual([
      ['more', '400 g'],
    ]);
  });
  test('what nobody has counted is not counted on', () =>
    expect(freeFor(kitchen({ lots: [lot(MILLET, 900, { known: 'unknown' })] }), MILLET).there.valueOf()).toBe(0));
  test('law: what the dishes lack one by one is what the week lacks', () =>
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 30 }), { minLength: 1, maxLength: 4 }),
        fc.integer({ min: 0, max: 3000 }),
        (portions, there) => {
          const view = cooking(portions, there);
          const one = view.batches
            .flatMap((batch) => shortages(view, batch))
            .filter(({ food }) => food.id === MILLET)
            .reduce((sum, { missing }) => sum + missing.valueOf(), 0);
          const needed = portions.reduce((sum, n) => sum + 50 * n, 0);
          expect(one).toBeCloseTo(Math.max(0, needed - there), 6);
          expect(missingOf(view).some(({ food }) => food.id === MILLET)).toBe(one >= 0.1);
          for (const batch of view.batches) {
            const { free, there: all } = freeFor(view, MILLET, [batch.state.id]);
            expect(free.compare(0)).toBeGreaterThanOrEqual(0);
            expect(free.compare(all)).toBeLessThanOrEqual(0);
          }
        },
      ),
      { numRuns: 40 },
    ));
});

describe('what a tap says of a lot', () => {
  test('law: six steps, each no more than the one before, the last of them nothing', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 5000 }), fc.integer({ min: 0, max: 5000 }), (onHand, more) => {
        const full = onHand + more;
        const steps = countSteps(lot(MILLET, onHand, { priced: { minor: 100, amount: `${full}` } }));
        expect(steps.map(({ key }) => key)).toEqual(['1', '2', '3', '4', '5', '6']);
        const parts = steps.slice(1).map(({ amount }) => amount.valueOf());
        expect(parts).toEqual([...parts].sort((a, b) => b - a));
        expect(parts.at(-1)).toBe(0);
        expect(parts.slice(0, -1).every((part) => part > 0 && part <= full)).toBe(true);
      }),
    ));
  test('a last bit of one piece is a bit of it, not none', () => {
    const [, , , , bit] = countSteps(lot(bookFoodId('bay leaf'), 1));
    expect(bit?.amount.valueOf()).toBeGreaterThan(0);
  });
  test('a quarter more or less than the book surprises, a little does not', () => {
    const at = (was: string, now: string): LookedAt => ({ food: 'millet', was, now, base: 'g' });
    const looked = { a: at('1000', '740'), b: at('1000', '760'), c: at('400', '500'), d: at('0', '10') };
    expect(surprises(looked)).toEqual([looked.a, looked.c]);
  });
});

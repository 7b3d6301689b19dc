import fc from 'fast-check';
import { costOf, likelyCost, wasteShare } from '../src/cost/index.ts';
import { Fraction } from '../src/quantity/index.ts';
import type { Taken } from '../src/stock/index.ts';

const of = (food: string, minor: number, pack: number, used: number): Taken => ({
  lot: {
    id: `lot of ${food}`,
    food,
    place: 'p',
    placeKind: 'cupboard',
    dates: {},
    onHand: new Fraction(pack),
    priced: { minor, amount: new Fraction(pack) },
  },
  amount: new Fraction(used),
});
const likely = (taken: readonly Taken[], share: number | undefined) =>
  likelyCost(
    taken,
    () => share,
    (food) => food,
    'EUR',
  );

const anyTaken = fc
  .array(
    fc.record({
      minor: fc.integer({ min: 20, max: 900 }),
      pack: fc.integer({ min: 50, max: 2000 }),
      part: fc.double({ min: 0.02, max: 1, noNaN: true }),
    }),
    { minLength: 1, maxLength: 6 },
  )
  .map((packs) =>
    packs.map(({ minor, pack, part }, n) => of(`food ${n}`, minor, pack, Math.max(1, Math.round(pack * part)))),
  );

test('law: with nothing thrown away it is what was used, with all of the rest thrown away what was paid, and never outside', () =>
  fc.assert(
    fc.property(anyTaken, fc.double({ min: 0, max: 0.999, noNaN: true }), (taken, share) => {
      const { usedMinor, tillMinor } = costOf(taken);
      expect(likely(taken, 0)?.minor).toBe(usedMinor);
      expect(likely(taken, 0.9999999)?.minor).toBe(tillMinor);
      const told = likely(taken, share)?.minor ?? NaN;
      expect(told).toBeGreaterThanOrEqual(usedMinor);
      expect(told).toBeLessThanOrEqual(tillMinor);
    }),
  ));

test('law: the more goes to waste, the more a portion costs', () =>
  fc.assert(
    fc.property(anyTaken, fc.double({ min: 0, max: 0.9, noNaN: true }), (taken, share) => {
      expect(likely(taken, share + 0.05)?.minor).toBeGreaterThanOrEqual(likely(taken, share)?.minor ?? NaN);
    }),
  ));

test('a bunch of kale at 2.40 of which half is used, where a fifth of all kale is thrown away: 1.50, and 1.20 of it is eaten', () => {
  // By hand: 1.20 ÷ (1 − 0.2).
  const told = likely([of('kale', 240, 400, 200)], 0.2);
  expect(told?.minor).toBe(150);
  expect(told?.because.parts).toEqual([{ rule: 'kale: 20 % of what is bought goes to waste', figure: '€0.30' }]);
});

test('what two lines take from one pack is never more than the pack', () =>
  expect(likely([of('kale', 240, 400, 200), of('kale', 240, 400, 150)], 0.5)?.minor).toBe(240));

test('below three purchases nothing is claimed, and where nothing is claimed no cost is told', () => {
  expect(wasteShare({ purchases: 2, bought: 1000, thrown: 500 })).toBeUndefined();
  expect(likely([of('kale', 240, 400, 200)], undefined)).toBeUndefined();
});

test.each([
  // By hand: (n × seen + 1 × 0.03) ÷ (n + 1).
  [3, 900, 0, 0.0075],
  [5, 2500, 500, (5 * 0.2 + 0.03) / 6],
  // More is thrown away than was bought in these weeks: it was bought before.
  [9, 100, 400, (9 + 0.03) / 10],
])('of %i purchases, %i g bought and %i g thrown away, the share is %f', (purchases, bought, thrown, share) =>
  expect(wasteShare({ purchases, bought, thrown })).toBeCloseTo(share, 4),
);

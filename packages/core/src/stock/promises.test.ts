import fc from 'fast-check';
import { Fraction, addDays, day } from '../quantity/index.ts';
import {
  bindPromises,
  brokenBy,
  foldStock,
  foldStockAt,
  freeOf,
  promisedOf,
  type DatedLot,
  type Reservation,
  type TimedMovement,
} from './index.ts';

const FOODS = ['millet', 'leek', 'salt'];
const lots = fc
  .array(
    fc.record({
      food: fc.constantFrom(...FOODS),
      onHand: fc.integer({ min: 0, max: 900 }),
      keeps: fc.option(fc.integer({ min: -3, max: 40 })),
    }),
    { maxLength: 8 },
  )
  .map((rows) =>
    rows.map(({ food, onHand, keeps }, n): DatedLot => ({
      id: `lot-${n}`,
      food,
      place: 'p',
      placeKind: 'cupboard',
      dates: {},
      onHand: new Fraction(onHand),
      ...(keeps === null ? {} : { keepsUntil: addDays(day('2026-03-01'), keeps) }),
    })),
  );
const FIRST = day('2026-03-01');
/** Before any lot is past. */
const EARLY = addDays(FIRST, -10);
const reserved = (days: fc.Arbitrary<number>) =>
  fc
    .array(fc.record({ food: fc.constantFrom(...FOODS), amount: fc.integer({ min: 1, max: 700 }), on: days }), {
      maxLength: 6,
    })
    .map((rows) =>
      rows.map(({ food, amount, on }, n): Reservation => ({
        for: `batch-${n}`,
        food,
        amount: new Fraction(amount),
        on: addDays(FIRST, on),
      })),
    );
const reservations = reserved(fc.integer({ min: -10, max: 45 }));
const total = (amounts: readonly Fraction[]) => amounts.reduce((sum, each) => sum.add(each), new Fraction(0));

test('law: no lot promises more than it holds, and free is what is there less what is promised, never below nothing', () =>
  fc.assert(
    fc.property(lots, reservations, (shelf, wanted) => {
      const promises = bindPromises(shelf, wanted);
      for (const lot of shelf) expect(promisedOf(promises, lot.id).compare(lot.onHand)).toBeLessThanOrEqual(0);
      for (const food of FOODS)
        for (const later of [-10, 0, 10, 50])
          expect(freeOf(shelf, promises, food, addDays(FIRST, later)).compare(0)).toBeGreaterThanOrEqual(0);
    }),
  ));

test('law: what is past its date on the day of a need is promised to nobody, and is bought anew', () =>
  fc.assert(
    fc.property(lots, reservations, (shelf, wanted) => {
      for (const each of bindPromises(shelf, wanted).promised) {
        const lot = shelf.find(({ id }) => id === each.lot);
        const on = wanted.find((need) => need.for === each.for)?.on ?? FIRST;
        expect(lot?.keepsUntil === undefined || lot.keepsUntil >= on).toBe(true);
      }
    }),
  ));

test('law: what is promised and what is missing is what was counted on', () =>
  fc.assert(
    fc.property(lots, reservations, (shelf, wanted) => {
      const { promised, unkept } = bindPromises(shelf, wanted);
      for (const { for: batch, food, amount } of wanted) {
        const kept = total(
          promised.filter((each) => each.for === batch && each.food === food).map((each) => each.amount),
        );
        const missing = total(unkept.filter((each) => each.for === batch).map((each) => each.missing));
        expect(kept.add(missing).equals(amount)).toBe(true);
      }
      // Something is missing only where nothing free is left.
      for (const { food, for: batch } of unkept) {
        const on = wanted.find((each) => each.for === batch)?.on ?? FIRST;
        expect(freeOf(shelf, { promised, unkept }, food, on).equals(0)).toBe(true);
      }
    }),
  ));

test('law: taking what is free breaks nothing, and taking more breaks exactly the more', () =>
  fc.assert(
    fc.property(lots, reserved(fc.constant(-10)), fc.integer({ min: 1, max: 900 }), (shelf, wanted, want) => {
      const lot = shelf.find((each) => each.onHand.compare(want) >= 0);
      if (!lot) return;
      const free = freeOf(shelf, bindPromises(shelf, wanted), lot.food, EARLY);
      const broken = brokenBy(shelf, wanted, { lot: lot.id, amount: new Fraction(want) });
      const over = new Fraction(want).sub(free);
      expect(total(broken.map(({ missing }) => missing)).equals(over.compare(0) > 0 ? over : new Fraction(0))).toBe(
        true,
      );
    }),
  ));

test('law: the shelf at a moment is the replay of what had happened by then; at the end it is the shelf', () => {
  const movement = fc.record({
    lot: fc.constantFrom('a', 'b', 'c'),
    amount: fc.integer({ min: -300, max: 300 }),
    at: fc.integer({ min: 0, max: 100 }),
  });
  fc.assert(
    fc.property(fc.array(movement, { maxLength: 30 }), fc.integer({ min: 0, max: 100 }), (rows, moment) => {
      const ledger = rows.map((row, n): TimedMovement => ({
        id: `${n}`,
        lot: row.lot,
        amount: new Fraction(row.amount),
        kind: 'counted',
        at: row.at,
      }));
      const then = foldStockAt(ledger, moment);
      const later = foldStock(ledger.filter(({ at }) => at > moment));
      const now = foldStockAt(ledger, 100);
      for (const [lot, amount] of now)
        expect((then.get(lot) ?? new Fraction(0)).add(later.get(lot) ?? new Fraction(0)).equals(amount)).toBe(true);
    }),
  );
});

import fc from 'fast-check';
import { Fraction, addDays, day } from '../quantity/index.ts';
import { byExpiry, foldStock, takeFirstExpiring, type DatedLot, type Movement } from './index.ts';

const grams = fc.integer({ min: 0, max: 2000 });
const lot = (n: number, onHand: number, keeps: number | null): DatedLot => ({
  id: `lot-${n}`,
  food: 'millet',
  place: 'cupboard',
  placeKind: 'cupboard',
  dates: {},
  onHand: new Fraction(onHand),
  ...(keeps === null ? {} : { keepsUntil: addDays(day('2026-03-01'), keeps) }),
});
const shelf = fc
  .array(fc.tuple(grams, fc.option(fc.integer({ min: -5, max: 60 }))), { maxLength: 8 })
  .map((lots) => lots.map(([g, keeps], n) => lot(n, g, keeps)));
const sum = (amounts: readonly Fraction[]) => amounts.reduce((all, amount) => all.add(amount), new Fraction(0));

test('law: what is taken and what stays is what was there, first to expire first', () =>
  fc.assert(
    fc.property(shelf, grams, (lots, want) => {
      const there = sum(lots.map((each) => each.onHand));
      const outcome = takeFirstExpiring(lots, new Fraction(want));
      if (!outcome.ok) {
        expect(there.compare(want)).toBeLessThan(0);
        expect(outcome.problem.missing.add(outcome.problem.onHand).equals(want)).toBe(true);
        return;
      }
      expect(sum(outcome.value.map((taken) => taken.amount)).equals(want)).toBe(true);
      for (const { lot: from, amount } of outcome.value) expect(amount.compare(from.onHand)).toBeLessThanOrEqual(0);
      const emptied = outcome.value.slice(0, -1);
      for (const { lot: from, amount } of emptied) expect(amount.equals(from.onHand)).toBe(true);
      const untouched = lots.filter(
        (each) => each.onHand.compare(0) > 0 && !outcome.value.some((taken) => taken.lot.id === each.id),
      );
      for (const { lot: from } of outcome.value)
        for (const other of untouched) expect(byExpiry(from, other)).toBeLessThanOrEqual(0);
    }),
  ));

test('law: stock is the sum of its movements, whatever order they come in', () => {
  const movement = fc.record({ lot: fc.constantFrom('a', 'b', 'c'), amount: fc.integer({ min: -500, max: 500 }) });
  fc.assert(
    fc.property(fc.array(movement, { maxLength: 30 }), fc.infiniteStream(fc.nat()), (rows, keys) => {
      const movements: Movement[] = rows.map((row, n) => ({
        id: `${n}`,
        lot: row.lot,
        amount: new Fraction(row.amount),
        kind: 'corrected',
      }));
      const shuffled = movements
        .map((each) => ({ each, key: Number(keys.next().value) }))
        .sort((a, b) => a.key - b.key);
      const one = foldStock(movements);
      const other = foldStock(shuffled.map(({ each }) => each));
      for (const [id, amount] of one) expect(other.get(id)?.equals(amount)).toBe(true);
      expect(other.size).toBe(one.size);
    }),
  );
});

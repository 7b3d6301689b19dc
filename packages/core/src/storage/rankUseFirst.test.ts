import fc from 'fast-check';
import { bookFood } from '../food/index.ts';
import { Fraction, addDays, day } from '../quantity/index.ts';
import type { DatedLot } from '../stock/index.ts';
import { rankUseFirst } from './index.ts';

const today = day('2026-03-01');
const leek = bookFood('leek');
const lot = (id: string, more: Partial<DatedLot> = {}): { lot: DatedLot; food: typeof leek } => ({
  food: leek,
  lot: { id, food: leek.id, place: 'p', placeKind: 'cool room', dates: {}, onHand: new Fraction(500), ...more },
});
const kinds = (more: Partial<DatedLot>, goes?: number) =>
  rankUseFirst([lot('a', more)], today, () => (goes === undefined ? undefined : new Fraction(goes))).flatMap(
    ({ reasons }) => reasons.map(({ kind }) => kind),
  );

test('each reason is said when it holds', () => {
  expect(kinds({ keepsUntil: addDays(today, -1) })).toEqual(['past']);
  expect(kinds({ keepsUntil: addDays(today, 2) })).toEqual(['turning']);
  expect(kinds({ keepsUntil: addDays(today, 90) })).toEqual([]);
  expect(kinds({ dates: { openedOn: addDays(today, -30) } })).toEqual(['opened']);
  expect(kinds({ keepsUntil: addDays(today, 9) }, 200)).toEqual(['too much']);
  expect(kinds({ keepsUntil: addDays(today, 9) }, 500)).toEqual([]);
  expect(kinds({ placeKind: 'freezer', onHand: new Fraction(2500), dates: { frozenOn: addDays(today, -60) } })).toEqual(
    ['blocks', 'oldest'],
  );
});

test('a box is made to be eaten within days: only its last day presses', () => {
  const boxed = { ...leek, facts: { ...leek.facts, kind: 'component' as const } };
  const reasons = (left: number) =>
    rankUseFirst([{ ...lot('a', { keepsUntil: addDays(today, left) }), food: boxed }], today, () => undefined).length;
  expect([reasons(-1), reasons(0), reasons(1), reasons(3)]).toEqual([1, 1, 0, 0]);
});

test('law: what ends earlier is not behind what ends later, all else alike', () =>
  fc.assert(
    fc.property(fc.uniqueArray(fc.integer({ min: -6, max: 4 }), { minLength: 2, maxLength: 6 }), (days) => {
      const order = rankUseFirst(
        days.map((n) => lot(`${n}`, { keepsUntil: addDays(today, n) })),
        today,
        () => undefined,
      ).map((each) => Number(each.lot.id));
      const past = order.filter((n) => n < 0).length;
      expect(order.slice(0, past).every((n) => n < 0)).toBe(true);
      expect(order.slice(past)).toEqual([...order.slice(past)].sort((a, b) => a - b));
    }),
  ));

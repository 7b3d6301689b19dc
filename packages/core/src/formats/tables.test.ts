import fc from 'fast-check';
import { BOOK } from '../food/index.ts';
import { Fraction, day } from '../quantity/index.ts';
import { asPriceRecord, foldLedger, isLedger, readPriceRecord } from './index.ts';

const foods = BOOK.slice(0, 40);

test('law: a price goes out and comes in as the same price', () =>
  fc.assert(
    fc.property(
      fc.constantFrom(...foods),
      fc.nat({ max: 999_999 }),
      fc.integer({ min: 1, max: 99_999 }),
      fc.option(fc.constantFrom('valley shop', 'market, by the bridge'), { nil: undefined }),
      (food, minor, amount, shop) => {
        const price = { on: day('2026-03-01'), minor, amount: `${amount}`, ...(shop ? { shop } : {}) };
        expect(readPriceRecord(asPriceRecord({ ...price, from: 'entered' }, food), 2, foods)).toEqual({
          ok: true,
          value: { food: food.id, ...price },
        });
      },
    ),
  ));

test.each([
  [{ food: 'nothing' }, 'is no food'],
  [{ on: 'soon' }, 'is no date'],
  [{ price_minor: '2.49' }, 'is no price in minor units'],
  [{ amount: '0' }, 'is no amount'],
  [{ unit: 'lb' }, 'is counted in'],
])('a price with %p is told by its line', (wrong, fault) => {
  const [food] = foods;
  if (!food) throw new Error('no food');
  const good = asPriceRecord({ on: day('2026-03-01'), minor: 249, amount: '500', from: 'entered' }, food);
  const read = readPriceRecord({ ...good, ...wrong }, 7, foods);
  expect(read).toMatchObject({ ok: false, problem: { line: 7 } });
  expect(read.ok ? '' : read.problem.fault).toContain(fault);
});

test('law: a ledger comes to the sum of its movements, lot by lot, whatever their order', () =>
  fc.assert(
    fc.property(
      fc.array(fc.record({ lot: fc.constantFrom('a', 'b', 'c'), amount: fc.integer({ min: -500, max: 900 }) })),
      (moves) => {
        const records = moves.map(({ lot, amount }) => ({
          at: '2026-03-01T08:00:00Z',
          kind: 'counted',
          food: `food ${lot}`,
          place: 'cupboard',
          lot,
          amount: `${amount}`,
          base: 'g',
          reason: '',
        }));
        const sums = (all: readonly { food?: string; amount?: string }[]) =>
          all.map(({ food, amount }) => `${food ?? ''} ${new Fraction(amount ?? '0').toString()}`).sort();
        const left = ['a', 'b', 'c'].flatMap((lot) => {
          const sum = moves.filter((move) => move.lot === lot).reduce((all, { amount }) => all + amount, 0);
          return sum > 0 ? [`food ${lot} ${sum}`] : [];
        });
        expect(sums(foldLedger(records, 'UTC'))).toEqual(left.sort());
        expect(sums(foldLedger([...records].reverse(), 'UTC'))).toEqual(left);
        expect(isLedger(records)).toBe(records.length > 0);
      },
    ),
  ));

test('a stock table is no ledger', () => expect(isLedger([{ food: 'millet', amount: '5' }])).toBe(false));

test.each([
  ['Europe/Vienna', '2026-11-28T23:30:00.000Z', '2026-11-29'],
  ['America/Denver', '2026-11-29T02:00:00.000Z', '2026-11-28'],
  ['Europe/Vienna', '2026-11-28', '2026-11-28'],
  ['Europe/Vienna', 'some day', undefined],
])('in %s what a ledger wrote at %s was bought on %s', (zone, at, day) => {
  const row = { at, kind: 'bought', food: 'millet', place: 'cupboard', lot: 'a', amount: '500', base: 'g', reason: '' };
  expect(foldLedger([row], zone)[0]?.bought_on).toBe(day);
});

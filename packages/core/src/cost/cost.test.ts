import fc from 'fast-check';
import { Fraction, writeFiguresSo } from '../quantity/index.ts';
import { takeFirstExpiring, type DatedLot, type Taken } from '../stock/index.ts';
import { costBecause, costOf, minorDigits, moneySign, moneyText, splitMoney, usedPart } from './index.ts';

const pack = (id: string, minor: number, amount: number, used: number): Taken => ({
  lot: {
    id,
    food: id,
    place: 'p',
    placeKind: 'cupboard',
    dates: {},
    onHand: new Fraction(amount),
    priced: { minor, amount: new Fraction(amount) },
  },
  amount: new Fraction(used),
});

describe('the cost of a batch', () => {
  // Source: computed: lentils 500 g at 2.49, 120 g used; onions 1 kg at 1.29, 160 g; oil 750 mL at 7.49, 15 mL.
  const taken = [pack('lentils', 249, 500, 120), pack('onions', 129, 1000, 160), pack('oil', 749, 750, 15)];

  test('used parts 0.95, rounded once (line by line it would be 0.96); 11.27 at the till', () => {
    expect(taken.map((each) => usedPart(each)?.valueOf())).toEqual([59.76, 20.64, 14.98]);
    expect(costOf(taken)).toMatchObject({ usedMinor: 95, tillMinor: 1127, unpriced: [] });
  });
  test('six portions: 5 × 0.16 and 0.15; at the till 5 × 1.88 and 1.87', () => {
    const six = Array.from({ length: 6 }, () => new Fraction(1));
    expect(splitMoney(95, six)).toEqual([16, 16, 16, 16, 16, 15]);
    expect(splitMoney(1127, six)).toEqual([188, 188, 188, 188, 188, 187]);
  });
  test('the reason names each pack, and says when the sum is a least one', () => {
    const because = costBecause(taken, 'EUR', (food) => ({ name: food, base: 'g' }));
    expect(because.figure).toBe('€0.95');
    // 59.52 + 20.56 + 14.92 of 95: the largest remainders get the odd units, so the shown parts add up to the shown sum.
    expect(because.parts?.map(({ figure }) => figure)).toEqual(['€0.59', '€0.21', '€0.15']);
    expect(because.parts?.[0]?.rule).toBe('lentils 120 g of 500 g at €2.49');
  });
  test('a pack without a price is named, not taken as free', () => {
    const bare: Taken = {
      lot: { id: 'x', food: 'x', place: 'p', placeKind: 'cupboard', dates: {}, onHand: new Fraction(1) },
      amount: new Fraction(1),
    };
    expect(costOf([...taken, bare]).unpriced).toEqual([bare]);
  });
  test('two takes from one pack pay for it once at the till', () =>
    expect(costOf([pack('oil', 749, 750, 15), pack('oil', 749, 750, 30)]).tillMinor).toBe(749));

  // Source: computed: lots of 300 g at 0.50 and 500 g at 0.62 per 100 g; 400 g used, oldest first: 2.12, and 2.48 stays.
  test('oldest first: 2.12 used, 2.48 stays, 4.60 in all', () => {
    const lots: DatedLot[] = [
      { ...pack('old', 150, 300, 0).lot, food: 'flour', dates: {}, onHand: new Fraction(300) },
      { ...pack('young', 310, 500, 0).lot, food: 'flour', dates: {}, onHand: new Fraction(500) },
    ];
    const outcome = takeFirstExpiring(lots, new Fraction(400));
    if (!outcome.ok) throw new Error('short');
    const { usedMinor } = costOf(outcome.value);
    expect(usedMinor).toBe(212);
    expect(150 + 310 - usedMinor).toBe(248);
  });
});

test('law: money that is split keeps its sum, and nobody is more than a minor unit from his share', () =>
  fc.assert(
    fc.property(
      fc.nat({ max: 1_000_000 }),
      fc
        .array(fc.integer({ min: 0, max: 50 }), { minLength: 1, maxLength: 20 })
        .filter((weights) => weights.some((w) => w > 0)),
      (total, weights) => {
        const parts = splitMoney(
          total,
          weights.map((w) => new Fraction(w)),
        );
        expect(parts.reduce((a, b) => a + b, 0)).toBe(total);
        const all = weights.reduce((a, b) => a + b, 0);
        parts.forEach((part, n) => expect(Math.abs(part - (total * (weights[n] ?? 0)) / all)).toBeLessThan(1));
      },
    ),
  ));

// Source: published: ISO 4217.
test.each([
  ['EUR', 2],
  ['USD', 2],
  ['GBP', 2],
  ['JPY', 0],
  ['KWD', 3],
])('%s has %i digits', (currency, digits) => expect(minorDigits(currency)).toBe(digits));
test('money has the sign of its currency, and stands as the kitchen writes figures', () => {
  const all = () => [
    moneyText(1127, 'EUR').replace(/\s/g, ' '),
    moneyText(-49, 'EUR').replace(/\s/g, ' '),
    moneyText(500, 'JPY').replace(/\s/g, ' '),
    moneyText(123456, 'CHF').replace(/\s/g, ' '),
    moneySign('GBP'),
  ];
  expect(all()).toEqual(['€11.27', '-€0.49', '¥500', 'CHF 1,234.56', '£']);
  writeFiguresSo({ decimal: ',' });
  expect(all()).toEqual(['11,27 €', '-0,49 €', '500 ¥', '1.234,56 CHF', '£']);
  writeFiguresSo(undefined);
});

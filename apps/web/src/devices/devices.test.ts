import { simulatedScale } from './scale.ts';
import type { Price } from '@kestrel-ridge/core/cost';
import { Fraction, day } from '@kestrel-ridge/core/quantity';
import fc from 'fast-check';
import { isBarcode, ownBarcode } from './barcodes.ts';
import { simulatedFeed } from './priceFeed.ts';
import { simulatedBook, simulatedReader } from './simulatedBarcodes.ts';

test('law: a code that is made is a code, and with one digit wrong it is none', () =>
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 99_999_999 }),
      fc.integer({ min: 0, max: 12 }),
      fc.integer({ min: 1, max: 9 }),
      (n, at, by) => {
        const code = ownBarcode(n);
        expect(isBarcode(code)).toBe(true);
        const wrong = [...code].map((digit, place) => (place === at ? `${(Number(digit) + by) % 10}` : digit)).join('');
        expect(isBarcode(wrong)).toBe(false);
      },
    ),
  ));

test('the stand-in sees packs that its book knows, one after the other; nobody hears it who stopped listening', () => {
  const reader = simulatedReader();
  const heard: (string | undefined)[] = [];
  const stop = reader.onCode((code) => heard.push(simulatedBook.lineOf(code)));
  reader.press();
  reader.press();
  stop();
  reader.press();
  expect(heard).toEqual(['1000 g millet', '500 g rolled oats']);
  expect(simulatedBook.lineOf('4000000000000')).toBeUndefined();
});

test('the simulated market tells each known pack near its last price, the same all day', async () => {
  const known: Price[] = [
    { food: 'a', on: day('2026-03-01'), minor: 200, amount: new Fraction(500), from: 'purchase' },
    { food: 'a', on: day('2026-02-01'), minor: 900, amount: new Fraction(500), from: 'purchase' },
  ];
  const feed = simulatedFeed(known);
  const today = await feed.pricesOn(day('2026-03-09'));
  expect(today).toHaveLength(1);
  expect(Math.abs((today[0]?.minor ?? 0) - 200)).toBeLessThanOrEqual(16);
  expect(await feed.pricesOn(day('2026-03-09'))).toEqual(today);
});

describe('a scale that stands in', () => {
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());
  test('comes to rest near what is wanted, and is silent when nobody listens', () => {
    const heard: number[] = [];
    const stop = simulatedScale(400, () => 0.5).listen((grams) => heard.push(grams));
    jest.advanceTimersByTime(4000);
    expect(Math.abs((heard.at(-1) ?? 0) - 400)).toBeLessThanOrEqual(4);
    stop();
    const before = heard.length;
    jest.advanceTimersByTime(2000);
    expect(heard).toHaveLength(before);
  });
});

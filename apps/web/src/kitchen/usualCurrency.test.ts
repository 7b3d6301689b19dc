import { usualCurrency } from './usualCurrency.ts';

test.each([
  ['en-US', 'USD'],
  ['en-GB', 'GBP'],
  ['de-CH', 'CHF'],
  ['de', 'EUR'],
  ['sv', 'SEK'],
])('in %s things are usually paid in %s', (locale, currency) => expect(usualCurrency(locale)).toBe(currency));

import { Fraction, figuresNow } from '../quantity/index.ts';

/** Minor units by ISO 4217, where they are not two. */
const MINOR_DIGITS: Readonly<Record<string, number>> = {
  JPY: 0,
  KRW: 0,
  ISK: 0,
  CLP: 0,
  KWD: 3,
  BHD: 3,
  OMR: 3,
  TND: 3,
};

export const minorDigits = (currency: string): number => MINOR_DIGITS[currency] ?? 2;

/** By whose habit a sum is written where a kitchen's figures have a comma: the sign of its currency stands behind it. */
const LOCALE = { '.': 'en', ',': 'de' } as const;
const formats = new Map<string, Intl.NumberFormat>();

/** How sums of a currency are written here. */
function formatOf(currency: string): Intl.NumberFormat {
  const locale = LOCALE[figuresNow().decimal];
  const key = `${locale} ${currency}`;
  const known = formats.get(key);
  if (known) return known;
  const digits = minorDigits(currency);
  const made = new Intl.NumberFormat(locale, {
    style: 'currency',
    currency,
    currencyDisplay: 'narrowSymbol',
    minimumFractionDigits: digits,
    maximumFractionDigits: digits,
  });
  formats.set(key, made);
  return made;
}

/**
 * Minor units for reading, as the kitchen writes them.
 * @example moneyText(1127, 'EUR') // => '€11.27'
 */
export const moneyText = (minor: number, currency: string): string =>
  formatOf(currency).format(minor / 10 ** minorDigits(currency));

/** The sign that stands for a currency. @example moneySign('EUR') // => '€' */
export const moneySign = (currency: string): string =>
  formatOf(currency)
    .formatToParts(0)
    .find(({ type }) => type === 'currency')?.value ?? currency;

/** A rational sum of money, rounded once, half away from zero. */
export const roundOnce = (minor: Fraction): number => minor.round(0).valueOf();

/**
 * Splits minor units over parts so that the sum is kept: the largest remainders get the odd units, the first among equals.
 * Weights need not add up to one; a weight of zero gets nothing.
 * @example splitMoney(95, [1, 1, 1, 1, 1, 1].map((n) => new Fraction(n))) // => [16, 16, 16, 16, 16, 15]
 */
export function splitMoney(total: number, weights: readonly Fraction[]): readonly number[] {
  const sum = weights.reduce((all, weight) => all.add(weight), new Fraction(0));
  if (sum.compare(0) <= 0) throw new RangeError('Money cannot be split over nothing.');
  const exact = weights.map((weight) => weight.mul(total).div(sum));
  const floors = exact.map((part) => part.floor().valueOf());
  const odd = total - floors.reduce((all, part) => all + part, 0);
  const byRemainder = exact
    .map((part, place) => ({ place, rest: part.sub(part.floor()) }))
    .sort((a, b) => b.rest.compare(a.rest) || a.place - b.place);
  const lucky = new Set(byRemainder.slice(0, odd).map(({ place }) => place));
  return floors.map((part, place) => part + (lucky.has(place) ? 1 : 0));
}

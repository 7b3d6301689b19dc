import type { Food } from '../food/index.ts';
import {
  Fraction,
  WRITTEN_IN,
  inBase,
  measureIn,
  ofBase,
  plainSigns,
  show,
  writtenAs,
  type Quantity,
} from '../quantity/index.ts';
import type { Line } from '../recipe/index.ts';

/** A line of the batch, as far as its amount may stand in a step's words. */
interface SaidLine {
  readonly line: Pick<Line, 'amount'>;
  readonly food: Pick<Food, 'name' | 'facts'>;
  readonly amount: { readonly value: Quantity };
}

const AMOUNT = new RegExp(String.raw`${WRITTEN_IN}(?!\s*(?:tin|can|jar|pan|pot|box|each|pieces?)\b)`, 'gi');

/**
 * A step's words with their amounts as they are at this size, not as they were written: "add 1 L water" is 2 L in a double batch. An amount of an ingredient that is
 * held back is the one of its line; sizes, times and temperatures stay.
 * @example textAtSize('Add 1 L water, simmer 20 min', new Fraction(2), []) // 'Add 2 L water, simmer 20 min'
 */
export function textAtSize(text: string, factor: Fraction, lines: readonly SaidLine[]): string {
  if (factor.equals(1)) return text;
  return plainSigns(text).replace(AMOUNT, (_, n: string, said: string, at: number, whole: string) => {
    const amount = writtenAs(n, said);
    if (!amount) return `${n} ${said}`;
    const { unit } = amount;
    const { base, factor: size } = measureIn('US', unit);
    const written = new Fraction(amount.n);
    const behind = whole.slice(at, at + BEHIND).toLowerCase();
    const line = lines.find(
      ({ line: { amount: its }, food }) =>
        its.unit === unit && new Fraction(its.n).equals(written) && behind.includes(food.name.split(' ').at(-1) ?? ''),
    );
    const value = line ? inBase(line.amount.value) : written.mul(size).mul(factor);
    if (unit === 'cup' || unit === 'tbsp' || unit === 'tsp') {
      const measures = value.div(size);
      const shown = Number(measures.valueOf().toFixed(2));
      return `${measures.d <= 8n ? measures.toFraction(true) : shown} ${unit}${unit === 'cup' && shown > 1 ? 's' : ''}`;
    }
    return show(ofBase(base, value));
  });
}
/** How far behind an amount its food is named. */
const BEHIND = 40;

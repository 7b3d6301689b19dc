import { Fraction } from '@kestrel-ridge/core/quantity';
import type { Refusal } from '../problem/problem.ts';
import type { LotRow } from './stock.model.ts';
import { plainDecimal } from './stock.state.ts';

export const negative = (amount: string): string => new Fraction(amount).neg().toString();
export const invalid = (field: string, fault: string, remedy: string): Refusal => ({
  code: 'invalid',
  faults: [{ field, fault, remedy }],
});
export const notNow = (detail: string, remedy: string): Refusal => ({ code: 'not now', detail, remedy });

export function shortOf(lot: LotRow, amount: string, field: string): Refusal | undefined {
  if (new Fraction(lot.onHand).compare(new Fraction(amount)) >= 0) return undefined;
  return invalid(
    field,
    `Only ${plainDecimal(lot.onHand)} ${lot.base} are there.`,
    `Enter ${plainDecimal(lot.onHand)} or less, or count the lot first.`,
  );
}

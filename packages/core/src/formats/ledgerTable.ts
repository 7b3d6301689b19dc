import { Fraction, dayAt, readDay, type Day } from '../quantity/index.ts';
import { plainNumber, type DecimalSign } from './numberHabit.ts';
import type { TableRecord } from './record.ts';
import type { StockRecord } from './stockTable.ts';

/** Columns of a ledger table: every movement of every lot. Amounts are signed, in the food's base unit. */
export const LEDGER_COLUMNS = ['at', 'kind', 'food', 'place', 'lot', 'amount', 'base', 'reason'] as const;

export const isLedger = (records: readonly TableRecord[]): boolean =>
  records[0] !== undefined && ['lot', 'kind', 'at'].every((column) => records[0]?.[column] !== undefined);

/**
 * What a ledger comes to: one stock record for each lot of which something is left. Prices and best before dates stand in the stock table, not here.
 * `zone`: in which days are counted, as what is bought at half past midnight is bought on that day and not on the one before.
 * @example foldLedger([{ lot: 'a', food: 'millet', place: 'cupboard', amount: '500', … }, { lot: 'a', amount: '-200', … }], 'UTC') // 300 g millet
 */
export function foldLedger(
  records: readonly TableRecord[],
  zone: string,
  decimal: DecimalSign = '.',
): readonly Partial<StockRecord>[] {
  const lots = new Map<string, { readonly first: TableRecord; sum: Fraction }>();
  for (const record of records) {
    const lot = record['lot'] ?? '';
    const known = lots.get(lot) ?? { first: record, sum: new Fraction(0) };
    const amount = plainNumber(record['amount'] ?? '', decimal);
    if (amount !== undefined) known.sum = known.sum.add(new Fraction(amount));
    lots.set(lot, known);
  }
  return [...lots.values()].flatMap(({ first, sum }) =>
    sum.compare(0) > 0
      ? [
          {
            food: first['food'] ?? '',
            place: first['place'] ?? '',
            // It is read by the habit of the file that it comes from.
            amount: sum.round(6).toString().replace('.', decimal),
            unit: first['base'] ?? '',
            ...boughtOn(first['at'] ?? '', zone),
          },
        ]
      : [],
  );
}

/** A moment is on a day of the kitchen; what is no moment may be a day, and what is neither is left out. */
function boughtOn(at: string, zone: string): { readonly bought_on?: Day } {
  const moment = Date.parse(at);
  const day = /T\d/.test(at) && !Number.isNaN(moment) ? dayAt(new Date(moment), zone) : readDay(at.slice(0, 10));
  return day === undefined ? {} : { bought_on: day };
}

import { foldLedger, isLedger, readStockRecord, type DecimalSign, type RecordFault } from '@kestrel-ridge/core/formats';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { newId } from '../parts/newId.ts';
import type { ReadTable } from '../parts/readTable.ts';
import type { NewLot } from './asNewLot.ts';

/** Columns with numbers of a stock table or a ledger: they tell how its numbers are written. */
export const STOCK_NUMBERS = ['amount', 'priced_amount', 'portion_g'];

/** A table as it was read: what is in it, and what is wrong with which line. */
export interface StockOfTable {
  readonly lots: readonly NewLot[];
  readonly faults: readonly RecordFault[];
}

/** A table as lots; a ledger is folded to what it comes to. */
export function stockOfTable({ records }: ReadTable, decimal: DecimalSign, view: KitchenView): StockOfTable {
  const given = isLedger(records) ? foldLedger(records, view.kitchen.equipment.zone, decimal) : records;
  const foods = [...view.foods.values()];
  const read = given.map((record, n) => readStockRecord(record, n + 2, foods, view.kitchen.places, decimal));
  return {
    lots: read.flatMap((row) =>
      row.ok
        ? [{ ...row.value, id: newId(), origin: row.value.priceMinor === undefined ? 'found' : 'bought' } as const]
        : [],
    ),
    faults: read.flatMap((row) => (row.ok ? [] : [row.problem])),
  };
}

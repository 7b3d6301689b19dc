import type { Food } from '../food/index.ts';
import { done, type Day, type Outcome } from '../quantity/index.ts';
import { RecordReader, type RecordFault, type TableRecord } from './record.ts';
import { HOW_KNOWN, type HowKnown, type LotState, type PlaceState } from './wire.ts';

/** Columns of a stock table, in their order. Amounts are in the food's base unit; days are written 2026-03-01; the price is for `priced_amount` of it; `known` is exact, rough or unknown. */
export const STOCK_COLUMNS = [
  'food',
  'place',
  'amount',
  'unit',
  'price_minor',
  'priced_amount',
  'bought_on',
  'opened_on',
  'best_before',
  'use_by',
  'known',
] as const;
export type StockRecord = Readonly<Record<(typeof STOCK_COLUMNS)[number], string>>;

/** A lot as a record; what is made here keeps its name and its amount, not its boxes. */
export function asStockRecord(
  lot: LotState,
  foods: ReadonlyMap<string, Food>,
  places: ReadonlyMap<string, PlaceState>,
): StockRecord {
  return {
    food: foods.get(lot.food)?.name ?? '',
    place: places.get(lot.place)?.name ?? '',
    amount: lot.onHand,
    unit: lot.base,
    price_minor: lot.priced ? String(lot.priced.minor) : '',
    priced_amount: lot.priced ? lot.priced.amount : '',
    bought_on: lot.dates.boughtOn ?? lot.dates.madeOn ?? '',
    opened_on: lot.dates.openedOn ?? '',
    best_before: lot.dates.bestBefore ?? '',
    use_by: lot.dates.useBy ?? '',
    known: lot.known,
  };
}

export interface StockRow {
  readonly food: string;
  readonly place: string;
  readonly amount: string;
  readonly priceMinor?: number;
  readonly pricedAmount?: string;
  readonly boughtOn?: Day;
  readonly openedOn?: Day;
  readonly bestBefore?: Day;
  readonly useBy?: Day;
  readonly known: HowKnown;
}

/** A record as a row of the shelf, by this kitchen's names; or what is wrong with it, and on which line. */
export function readStockRecord(
  record: TableRecord,
  line: number,
  foods: readonly Food[],
  places: readonly PlaceState[],
): Outcome<StockRow, RecordFault> {
  const reader = new RecordReader(record, line);
  const food = reader.food(foods);
  if (!food.ok) return food;
  const said = reader.cell('place');
  const place = places.find(({ name }) => name.toLowerCase() === said.toLowerCase());
  if (!place)
    return reader.wrong(
      `“${said}” is no place of this kitchen.`,
      `Use one of ${places.map(({ name }) => name).join(', ')}.`,
    );
  const amount = reader.amount();
  if (!amount.ok) return amount;
  const days: { boughtOn?: Day; openedOn?: Day; bestBefore?: Day; useBy?: Day } = {};
  for (const [column, field] of [
    ['bought_on', 'boughtOn'],
    ['opened_on', 'openedOn'],
    ['best_before', 'bestBefore'],
    ['use_by', 'useBy'],
  ] as const) {
    if (!reader.cell(column)) continue;
    const read = reader.day(column);
    if (!read.ok) return read;
    days[field] = read.value;
  }
  const minor = reader.cell('price_minor') ? reader.minor('price_minor') : undefined;
  if (minor && !minor.ok) return minor;
  return done({
    food: food.value.id,
    place: place.id,
    amount: amount.value,
    ...(minor ? { priceMinor: minor.value, pricedAmount: reader.cell('priced_amount') || amount.value } : {}),
    ...days,
    known: HOW_KNOWN.find((each) => each === reader.cell('known').toLowerCase()) ?? 'exact',
  });
}

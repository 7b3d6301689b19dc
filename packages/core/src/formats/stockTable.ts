import type { Food } from '../food/index.ts';
import { done, readDay, refused, type Day, type Outcome } from '../quantity/index.ts';
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

export interface RecordFault {
  /** The line of the file, the header being line 1. */
  readonly line: number;
  readonly fault: string;
  readonly remedy: string;
}

/** A record as a row of the shelf, by this kitchen's names; or what is wrong with it, and on which line. */
export function readStockRecord(
  record: Readonly<Record<string, string | undefined>>,
  line: number,
  foods: readonly Food[],
  places: readonly PlaceState[],
): Outcome<StockRow, RecordFault> {
  const cell = (name: (typeof STOCK_COLUMNS)[number]) => (record[name] ?? '').trim();
  const wrong = (fault: string, remedy: string) => refused<RecordFault>({ line, fault, remedy });
  const food = foods.find(({ name, facts }) => name === cell('food') || facts.names?.includes(cell('food')));
  if (!food)
    return wrong(`“${cell('food')}” is no food of this kitchen.`, 'Add it under Foods, or write another name.');
  const place = places.find(({ name }) => name.toLowerCase() === cell('place').toLowerCase());
  if (!place)
    return wrong(
      `“${cell('place')}” is no place of this kitchen.`,
      `Use one of ${places.map(({ name }) => name).join(', ')}.`,
    );
  if (!/^\d{1,7}(\.\d{1,6})?$/.test(cell('amount')) || Number(cell('amount')) <= 0)
    return wrong(`“${cell('amount')}” is no amount.`, 'Write digits such as 500 or 0.5.');
  if (cell('unit') && cell('unit') !== food.facts.base)
    return wrong(
      `${food.name} is counted in ${food.facts.base}, not in ${cell('unit')}.`,
      `Write the amount in ${food.facts.base}.`,
    );
  const days: { boughtOn?: Day; openedOn?: Day; bestBefore?: Day; useBy?: Day } = {};
  for (const [column, field] of [
    ['bought_on', 'boughtOn'],
    ['opened_on', 'openedOn'],
    ['best_before', 'bestBefore'],
    ['use_by', 'useBy'],
  ] as const) {
    if (!cell(column)) continue;
    const read = readDay(cell(column));
    if (!read) return wrong(`“${cell(column)}” is no date.`, 'Write it like 2026-03-01.');
    days[field] = read;
  }
  const minor = cell('price_minor');
  if (minor && !/^\d{1,7}$/.test(minor)) return wrong(`“${minor}” is no price in minor units.`, 'Write 249 for 2.49.');
  return done({
    food: food.id,
    place: place.id,
    amount: cell('amount'),
    ...(minor ? { priceMinor: Number(minor), pricedAmount: cell('priced_amount') || cell('amount') } : {}),
    ...days,
    known: HOW_KNOWN.find((each) => each === cell('known').toLowerCase()) ?? 'exact',
  });
}

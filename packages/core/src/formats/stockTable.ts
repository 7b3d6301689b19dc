import type { Food } from '../food/index.ts';
import { done, type Day, type Outcome } from '../quantity/index.ts';
import { tableNumber, type DecimalSign } from './numberHabit.ts';
import { RecordReader, type RecordFault, type TableRecord } from './record.ts';
import { HOW_KNOWN, type HowKnown, type LotState, type PlaceState } from './wire.ts';

/** Columns of a stock table, in their order. Amounts are in the food's base unit; days are written 2026-03-01; the price is for `priced_amount` of it; `known` is exact, rough or unknown. Of a box: when it was made, frozen and thawed, grams in a portion, and which kind of box. */
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
  'made_on',
  'frozen_on',
  'thawed_on',
  'portion_g',
  'box',
] as const;
export type StockRecord = Readonly<Record<(typeof STOCK_COLUMNS)[number], string>>;

/** A lot as a record. */
export function asStockRecord(
  lot: LotState,
  foods: ReadonlyMap<string, Food>,
  places: ReadonlyMap<string, PlaceState>,
): StockRecord {
  return {
    food: foods.get(lot.food)?.name ?? '',
    place: places.get(lot.place)?.name ?? '',
    amount: tableNumber(lot.onHand),
    unit: lot.base,
    price_minor: lot.priced ? String(lot.priced.minor) : '',
    priced_amount: lot.priced ? tableNumber(lot.priced.amount) : '',
    bought_on: lot.dates.boughtOn ?? '',
    opened_on: lot.dates.openedOn ?? '',
    best_before: lot.dates.bestBefore ?? '',
    use_by: lot.dates.useBy ?? '',
    known: lot.known,
    made_on: lot.dates.madeOn ?? '',
    frozen_on: lot.dates.frozenOn ?? '',
    thawed_on: lot.dates.thawedOn ?? '',
    portion_g: lot.portionG === null ? '' : tableNumber(lot.portionG),
    box: lot.box ?? '',
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
  readonly madeOn?: Day;
  readonly frozenOn?: Day;
  readonly thawedOn?: Day;
  readonly portionG?: string;
  readonly box?: string;
  readonly known: HowKnown;
}

const DAY_COLUMNS = [
  ['bought_on', 'boughtOn'],
  ['opened_on', 'openedOn'],
  ['best_before', 'bestBefore'],
  ['use_by', 'useBy'],
  ['made_on', 'madeOn'],
  ['frozen_on', 'frozenOn'],
  ['thawed_on', 'thawedOn'],
] as const;

/** A record as a row of the shelf, by this kitchen's names; or what is wrong with it, and on which line. */
export function readStockRecord(
  record: TableRecord,
  line: number,
  foods: readonly Food[],
  places: readonly PlaceState[],
  decimal?: DecimalSign,
): Outcome<StockRow, RecordFault> {
  const reader = new RecordReader(record, line, decimal);
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
  const days: Partial<Record<(typeof DAY_COLUMNS)[number][1], Day>> = {};
  for (const [column, field] of DAY_COLUMNS) {
    if (!reader.cell(column)) continue;
    const read = reader.day(column);
    if (!read.ok) return read;
    days[field] = read.value;
  }
  const minor = reader.cell('price_minor') ? reader.minor('price_minor') : undefined;
  if (minor && !minor.ok) return minor;
  const priced = reader.cell('priced_amount') ? reader.amount('priced_amount') : amount;
  if (!priced.ok) return priced;
  const portion = reader.cell('portion_g') ? reader.amount('portion_g') : undefined;
  if (portion && !portion.ok) return portion;
  return done({
    food: food.value.id,
    place: place.id,
    amount: amount.value,
    ...(minor ? { priceMinor: minor.value, pricedAmount: priced.value } : {}),
    ...days,
    ...(portion ? { portionG: portion.value } : {}),
    ...(reader.cell('box') ? { box: reader.cell('box') } : {}),
    known: HOW_KNOWN.find((each) => each === reader.cell('known').toLowerCase()) ?? 'exact',
  });
}

import type { Food } from '../food/index.ts';
import { LIMITS } from './limits.ts';
import { done, type Day, type Outcome } from '../quantity/index.ts';
import { tableNumber, type DecimalSign } from './numberHabit.ts';
import { RecordReader, type RecordFault, type TableRecord } from './record.ts';

/** Columns of a price table, in their order: so much of a food cost so many minor units on a day. The unit is the food's base unit. */
export const PRICE_COLUMNS = ['food', 'on', 'price_minor', 'amount', 'unit', 'shop', 'from'] as const;
export type PriceRecord = Readonly<Record<(typeof PRICE_COLUMNS)[number], string>>;

export interface PriceRow {
  readonly food: string;
  readonly on: Day;
  readonly minor: number;
  readonly amount: string;
  readonly shop?: string;
}

export const asPriceRecord = (
  { on, minor, amount, shop, from }: Omit<PriceRow, 'food'> & { readonly from: string },
  food: Food,
): PriceRecord => ({
  food: food.name,
  on,
  price_minor: String(minor),
  amount: tableNumber(amount),
  unit: food.facts.base,
  shop: shop ?? '',
  from,
});

/** A record as a price, by this kitchen's names; or what is wrong with it, and on which line. */
export function readPriceRecord(
  record: TableRecord,
  line: number,
  foods: readonly Food[],
  decimal?: DecimalSign,
): Outcome<PriceRow, RecordFault> {
  const reader = new RecordReader(record, line, decimal);
  const food = reader.food(foods);
  if (!food.ok) return food;
  const on = reader.day('on');
  if (!on.ok) return on;
  const minor = reader.minor('price_minor');
  if (!minor.ok) return minor;
  const amount = reader.amount();
  if (!amount.ok) return amount;
  const shop = reader.cell('shop');
  const [, longest] = LIMITS.shopName;
  if (shop.length > longest)
    return reader.wrong(`The name of the shop is longer than ${longest} letters.`, 'Shorten it.');
  return done({
    food: food.value.id,
    on: on.value,
    minor: minor.value,
    amount: amount.value,
    ...(shop ? { shop } : {}),
  });
}

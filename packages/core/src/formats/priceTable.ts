import type { Food } from '../food/index.ts';
import { done, readDay, refused, type Day, type Outcome } from '../quantity/index.ts';
import type { RecordFault } from './stockTable.ts';

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
  amount,
  unit: food.facts.base,
  shop: shop ?? '',
  from,
});

/** A record as a price, by this kitchen's names; or what is wrong with it, and on which line. */
export function readPriceRecord(
  record: Readonly<Record<string, string | undefined>>,
  line: number,
  foods: readonly Food[],
): Outcome<PriceRow, RecordFault> {
  const cell = (name: (typeof PRICE_COLUMNS)[number]) => (record[name] ?? '').trim();
  const wrong = (fault: string, remedy: string) => refused<RecordFault>({ line, fault, remedy });
  const food = foods.find(({ name, facts }) => name === cell('food') || facts.names?.includes(cell('food')));
  if (!food)
    return wrong(`“${cell('food')}” is no food of this kitchen.`, 'Add it under Foods, or write another name.');
  const on = readDay(cell('on'));
  if (!on) return wrong(`“${cell('on')}” is no date.`, 'Write it like 2026-03-01.');
  if (!/^\d{1,7}$/.test(cell('price_minor')))
    return wrong(`“${cell('price_minor')}” is no price in minor units.`, 'Write 249 for 2.49.');
  if (!/^\d{1,7}(\.\d{1,6})?$/.test(cell('amount')) || Number(cell('amount')) <= 0)
    return wrong(`“${cell('amount')}” is no amount.`, 'Write digits such as 500 or 0.5.');
  if (cell('unit') && cell('unit') !== food.facts.base)
    return wrong(
      `${food.name} is counted in ${food.facts.base}, not in ${cell('unit')}.`,
      `Write the amount in ${food.facts.base}.`,
    );
  if (cell('shop').length > 60) return wrong('The name of the shop is longer than 60 letters.', 'Shorten it.');
  return done({
    food: food.id,
    on,
    minor: Number(cell('price_minor')),
    amount: cell('amount'),
    ...(cell('shop') ? { shop: cell('shop') } : {}),
  });
}

import type { FoodId } from '../food/index.ts';
import { Fraction, MEASURES, figuresNow, type BaseUnit, type Day } from '../quantity/index.ts';

/** So much was paid, or was asked, for so much of a food, somewhere on a day. */
export interface Price {
  readonly food: FoodId;
  readonly on: Day;
  readonly minor: number;
  /** In the food's base unit: one pack, or what was weighed out. */
  readonly amount: Fraction;
  readonly shop?: string;
  readonly from: 'purchase' | 'entered';
}

/**
 * What a kilo, a litre or a piece costs, in minor units, exact; a pound, where the kitchen weighs in ounces.
 * @example inKilos({ minor: 199, amount: new Fraction(400) }, 'g').valueOf() // => 497.5
 */
export const inKilos = ({ minor, amount }: Pick<Price, 'minor' | 'amount'>, base: BaseUnit): Fraction =>
  new Fraction(minor).div(amount).mul(kiloOf(base).of);

/** The name of the unit that inKilos counts by. */
export const kiloName = (base: BaseUnit): string => kiloOf(base).name;

function kiloOf(base: BaseUnit): { readonly name: string; readonly of: Fraction } {
  if (base === 'each') return { name: 'a piece', of: new Fraction(1) };
  if (base === 'mL') return { name: 'a litre', of: MEASURES.L.factor };
  return figuresNow().mass === 'oz'
    ? { name: 'a pound', of: MEASURES.lb.factor }
    : { name: 'a kilo', of: MEASURES.kg.factor };
}

/** The latest price of each pack of a food, the smallest pack first. What was asked on a later day stands before what was paid earlier. */
export function packsAt(prices: readonly Price[], food: FoodId): readonly Price[] {
  const latest = new Map<string, Price>();
  for (const price of prices) {
    if (price.food !== food) continue;
    const size = price.amount.toFraction();
    const before = latest.get(size);
    if (!before || before.on <= price.on) latest.set(size, price);
  }
  return [...latest.values()].sort((a, b) => a.amount.compare(b.amount));
}

import type { BatchState } from '../formats/index.ts';
import { roundOnce } from '../cost/index.ts';
import { Fraction, inBase } from '../quantity/index.ts';
import { cookedThen } from './cookedThen.ts';
import type { KitchenView } from './kitchenView.ts';
import { newestPrices } from './newestPrice.ts';

/**
 * What the garnish of a dish that was put away costs at its size, by the newest prices, minor units. What is optional is not booked when it is put away: nobody knows whether it went
 * in. A food without a price costs nothing here.
 * @example garnishMinorOf(view, batch) // 42: 40 g of hazelnuts
 */
export const garnishMinorOf = (view: KitchenView, batch: BatchState): number => {
  const prices = newestPrices(view);
  const exact = (cookedThen(view, batch)?.planned.lines ?? []).reduce((sum, { line, food, fromShelf }) => {
    const price = line.optional && fromShelf ? prices.get(food.id) : undefined;
    return price && fromShelf ? sum.add(inBase(fromShelf.value).mul(price.minor).div(price.amount)) : sum;
  }, new Fraction(0));
  return roundOnce(exact);
};

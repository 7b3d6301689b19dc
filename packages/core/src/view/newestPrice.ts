import { Fraction } from '../quantity/index.ts';
import type { KitchenView } from './kitchenView.ts';

/** What was asked or paid for so much of a food. */
export interface PaidFor {
  /** Minor units. */
  readonly minor: number;
  /** In the food's base unit. */
  readonly amount: Fraction;
}

const known = new WeakMap<KitchenView, ReadonlyMap<string, PaidFor>>();

/** The newest price of each food by its own day, asked or paid, whether any of it is on the shelf or not. One price for shop, week and suggestions. */
export function newestPrices(view: KitchenView): ReadonlyMap<string, PaidFor> {
  const before = known.get(view);
  if (before) return before;
  const paid = view.lots.flatMap(({ food, state }) =>
    state.priced
      ? [{ food: food.id, on: state.dates.boughtOn ?? '', minor: state.priced.minor, amount: state.priced.amount }]
      : [],
  );
  const prices = new Map<string, PaidFor>();
  for (const { food, minor, amount } of [...paid, ...view.costs.prices].sort((a, b) => a.on.localeCompare(b.on)))
    if (Number(amount) > 0) prices.set(food, { minor, amount: new Fraction(amount) });
  known.set(view, prices);
  return prices;
}

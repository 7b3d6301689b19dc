import { wasteShare } from '../cost/index.ts';
import { Fraction, addDays } from '../quantity/index.ts';
import type { KitchenView } from './kitchenView.ts';
import { GIVEN_AWAY } from '../stock/index.ts';

/** What was thrown away is known of so many days. */
const DAYS = 28;

/** By the whole view: another day looks back on other weeks. */
const known = new WeakMap<object, ReadonlyMap<string, number>>();

/** Of each food the share of what is bought that is thrown away here, over four weeks; only those of which that can be claimed. */
export function wasteShares(view: Pick<KitchenView, 'costs' | 'today'>): ReadonlyMap<string, number> {
  const before = known.get(view);
  if (before) return before;
  const { costs, today } = view;
  const since = addDays(today, -DAYS);
  const sums = new Map<string, { purchases: number; bought: number; thrown: number }>();
  const of = (food: string) => {
    const mine = sums.get(food) ?? { purchases: 0, bought: 0, thrown: 0 };
    sums.set(food, mine);
    return mine;
  };
  for (const { food, from, on, amount } of costs.prices) {
    if (from !== 'purchase' || on < since) continue;
    of(food).purchases += 1;
    of(food).bought += new Fraction(amount).valueOf();
  }
  for (const { food, amount, reason } of costs.thrown)
    if (reason !== GIVEN_AWAY) of(food).thrown += new Fraction(amount).valueOf();
  const shares = new Map(
    [...sums].flatMap(([food, seen]) => {
      const share = wasteShare(seen);
      return share === undefined ? [] : [[food, share] as const];
    }),
  );
  known.set(view, shares);
  return shares;
}

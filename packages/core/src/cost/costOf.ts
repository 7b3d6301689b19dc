import { Fraction, show, ofBase, type BaseUnit, type Because } from '../quantity/index.ts';
import type { Taken } from '../stock/index.ts';
import { moneyText, roundOnce, splitMoney } from './money.ts';

export interface BatchCost {
  /** Minor units for the part that was used, rounded once at the end. */
  readonly usedMinor: number;
  /** Minor units paid at the till for the packs it came from. */
  readonly tillMinor: number;
  /** Lots with no price: the cost is "at least". */
  readonly unpriced: readonly Taken[];
}

/** What is taken from a lot costs its share of what was paid. Exact, not rounded: lines rounded one by one add up to another sum. */
export const usedPart = ({ lot, amount }: Taken): Fraction | undefined =>
  lot.priced && amount.mul(lot.priced.minor).div(lot.priced.amount);

/** What was thrown away of a lot had cost so much, rounded once; undefined where nobody knows what the lot cost. */
export const wastedMinor = (taken: Taken): number | undefined => {
  const part = usedPart(taken);
  return part && roundOnce(part);
};

/** The cost of a batch from the lots it took: the used part, and what left the purse. */
export function costOf(taken: readonly Taken[]): BatchCost {
  const priced = taken.flatMap((each) => {
    const part = usedPart(each);
    return part && each.lot.priced ? [{ part, till: each.lot.priced.minor, lot: each.lot.id }] : [];
  });
  const tills = new Map(priced.map(({ lot, till }) => [lot, till]));
  return {
    usedMinor: roundOnce(priced.reduce((sum, { part }) => sum.add(part), new Fraction(0))),
    tillMinor: [...tills.values()].reduce((sum, till) => sum + till, 0),
    unpriced: taken.filter((each) => !each.lot.priced),
  };
}

/** How a cost came about, lot by lot: what was taken of it, and what the whole of it was paid with. */
export function costBecause(
  taken: readonly Taken[],
  currency: string,
  nameOf: (food: string) => { readonly name: string; readonly base: BaseUnit },
): Because {
  const { usedMinor, unpriced } = costOf(taken);
  // Shown parts add up to the shown sum: the largest remainders get the odd units.
  const exact = taken.map((each) => usedPart(each) ?? new Fraction(0));
  const shown = exact.some((part) => part.compare(0) > 0) ? splitMoney(usedMinor, exact) : exact.map(() => 0);
  const parts = taken.map((each, n): Because => {
    const { name, base } = nameOf(each.lot.food);
    const amount = show(ofBase(base, each.amount));
    if (!each.lot.priced) return { rule: `${name} ${amount}`, figure: 'price unknown' };
    return {
      rule: `${name} ${amount} of ${show(ofBase(base, each.lot.priced.amount))} at ${moneyText(each.lot.priced.minor, currency)}`,
      figure: moneyText(shown[n] ?? 0, currency),
    };
  });
  return {
    rule: `parts of packs, added exactly and rounded once${unpriced.length > 0 ? '; at least, since a price is missing' : ''}`,
    figure: moneyText(usedMinor, currency),
    parts,
  };
}

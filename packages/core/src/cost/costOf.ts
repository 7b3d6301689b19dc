import { Fraction } from '../quantity/index.ts';
import type { Taken } from '../stock/index.ts';
import { roundOnce } from './money.ts';

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

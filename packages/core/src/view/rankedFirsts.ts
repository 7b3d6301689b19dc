import { Fraction, type Day } from '../quantity/index.ts';
import { rankUseFirst, type UseFirst } from '../storage/index.ts';
import type { KitchenView } from './kitchenView.ts';
import { promisesOf } from './promisesOf.ts';

/** What should go first in this kitchen, with the reasons: by its dates, and by what the planned dishes leave of it. */
export function rankedFirsts(view: KitchenView): readonly UseFirst[] {
  const { reservations } = promisesOf(view);
  const goesBy = (food: string, until: Day): Fraction | undefined => {
    const mine = reservations.filter((each) => each.food === food);
    if (mine.length === 0) return undefined;
    return mine.filter(({ on }) => on <= until).reduce((sum, { amount }) => sum.add(amount), new Fraction(0));
  };
  const lots = promisesOf(view).lots.flatMap((lot) => {
    const food = view.foods.get(lot.food);
    return food ? [{ lot, food }] : [];
  });
  return rankUseFirst(lots, view.today, goesBy);
}

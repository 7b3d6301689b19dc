import type { Food } from '../food/index.ts';
import { Fraction, ofBase, show } from '../quantity/index.ts';
import type { KitchenView } from './kitchenView.ts';
import { promisesOf } from './promisesOf.ts';

/** What the planned dishes together, or those of one session, ask for beyond what is on the shelf, food by food: the one list of what is missing. */
export function missingOf(
  view: KitchenView,
  session?: string,
): readonly { readonly food: Food; readonly missingText: string }[] {
  const asks = new Set(
    view.batches.filter(({ state }) => session === undefined || state.session === session).map(({ state }) => state.id),
  );
  const unkept = promisesOf(view).promises.unkept.filter((each) => asks.has(each.for));
  return [...new Set(unkept.map(({ food }) => food))].flatMap((id) => {
    const food = view.foods.get(id);
    const missing = unkept
      .filter((each) => each.food === id)
      .reduce((sum, each) => sum.add(each.missing), new Fraction(0));
    return food && missing.compare(new Fraction(1, 10)) >= 0
      ? [{ food, missingText: show(ofBase(food.facts.base, missing)) }]
      : [];
  });
}

import type { Food } from '../food/index.ts';
import { Fraction, ofBase, show } from '../quantity/index.ts';
import type { KitchenView } from './kitchenView.ts';
import { promisesOf } from './promisesOf.ts';

/** What the planned dishes together ask for beyond what is on the shelf, food by food. */
export function missingOf(view: KitchenView): readonly { readonly food: Food; readonly missingText: string }[] {
  const { unkept } = promisesOf(view).promises;
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

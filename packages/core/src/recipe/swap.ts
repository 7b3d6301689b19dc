import type { Food, FoodId } from '../food/index.ts';
import type { Written } from '../quantity/index.ts';
import type { Revision } from './revision.ts';

/** Another food in a line of one batch: the recipe itself is not touched. */
export interface Swap {
  /** The line's id. */
  readonly line: string;
  readonly food: FoodId;
  /** At the recipe's written size. */
  readonly amount: Written;
}

/** A recipe with a batch's swaps in it. A swap for a line that is not there any more changes nothing. */
export function applySwaps(recipe: Revision, swaps: readonly Swap[], foods: ReadonlyMap<FoodId, Food>): Revision {
  if (swaps.length === 0) return recipe;
  const lines = recipe.lines.map((line) => {
    const swap = swaps.find((each) => each.line === line.id);
    const food = swap && foods.get(swap.food);
    if (!swap || !food) return line;
    const { form: _form, becomes, ...rest } = line;
    const uptake = food.facts.uptake;
    const cooked = uptake ? { value: Number((1 + uptake.value).toFixed(2)), source: uptake.source } : becomes;
    return { ...rest, food: swap.food, amount: swap.amount, ...(cooked ? { becomes: cooked } : {}) };
  });
  return { ...recipe, lines };
}

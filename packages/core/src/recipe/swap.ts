import type { Food, FoodId } from '../food/index.ts';
import type { Written } from '../quantity/index.ts';
import type { Revision } from './revision.ts';
import { skipSteps } from './skipSteps.ts';

/** Another food in a line of one batch: the recipe itself is not touched. */
export interface Swap {
  /** The line's id. */
  readonly line: string;
  readonly food: FoodId;
  /** At the recipe's written size. */
  readonly amount: Written;
  /** Steps that this food has behind it: tinned beans need no soak. */
  readonly skips?: readonly string[];
  /** Lines that go with those steps: the water of a soak. */
  readonly without?: readonly string[];
}

/** A recipe with a batch's swaps in it. A swap for a line that is not there any more changes nothing. */
export function applySwaps(recipe: Revision, swaps: readonly Swap[], foods: ReadonlyMap<FoodId, Food>): Revision {
  const known = swaps.filter(({ line, food }) => recipe.lines.some((each) => each.id === line) && foods.has(food));
  if (known.length === 0) return recipe;
  const without = new Set(known.flatMap((swap) => swap.without ?? []));
  const kept = recipe.lines.filter((line) => !without.has(line.id));
  const lines = kept.map((line) => {
    const swap = known.find((each) => each.line === line.id);
    const food = swap && foods.get(swap.food);
    if (!swap || !food) return line;
    const { form: _form, becomes, between: _between, slot: _slot, ...rest } = line;
    const uptake = food.facts.uptake;
    const cooked = uptake
      ? { value: Number((1 + uptake.value).toFixed(2)), source: uptake.source }
      : foods.get(line.food)?.facts.uptake
        ? undefined
        : becomes;
    return { ...rest, food: swap.food, amount: swap.amount, ...(cooked ? { becomes: cooked } : {}) };
  });
  return skipSteps(
    { ...recipe, lines },
    known.flatMap((swap) => swap.skips ?? []),
  );
}

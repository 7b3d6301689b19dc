import type { Food } from '@kestrel-ridge/core/food';
import type { Fault } from '@kestrel-ridge/core/formats';
import { faultsOf, foodsOfRecipe, type Revision } from '@kestrel-ridge/core/recipe';

/** Foods that this kitchen knows; then core says whether it can be cooked. */
export function shapeFaults(document: Revision, foods: ReadonlyMap<string, Food>): readonly Fault[] {
  const strangers = document.lines.filter((line) => !foods.has(line.food));
  const strange: readonly Fault[] = foodsOfRecipe(document).every((food) => foods.has(food))
    ? []
    : [
        {
          field: ['document.lines', ...strangers.map(({ id }) => id)].slice(0, 2).join('.'),
          fault: 'It names a food that this kitchen does not know.',
          remedy: 'Add the food first.',
        },
      ];
  return strange.length > 0
    ? strange
    : faultsOf(document).map((fault) => ({ ...fault, field: `document.${fault.field}` }));
}

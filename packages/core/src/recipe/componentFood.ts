import type { Food, FoodId } from '../food/index.ts';
import { foodsOfRecipe } from './cookedAs.ts';
import type { Revision } from './revision.ts';

/** What a recipe yields, as a food: it lies on the shelf in boxes and keeps by its own days. Its allergens are those of all that may go in; a box says what went in. */
export function componentFood(recipe: Revision, foods: ReadonlyMap<FoodId, Food>): Food {
  const allergens = new Set(foodsOfRecipe(recipe).flatMap((food) => foods.get(food)?.facts.allergens ?? []));
  return {
    id: recipe.component.id,
    name: recipe.component.name,
    facts: {
      kind: 'component',
      base: 'g',
      allergens: [...allergens].sort(),
      keeps: { fridge: recipe.component.fridgeDays, freezer: recipe.component.freezerDays },
    },
  };
}

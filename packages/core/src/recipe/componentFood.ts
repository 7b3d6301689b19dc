import { factsOfStatement, statementOf, uniteStatements, type Food, type FoodId } from '../food/index.ts';
import { foodsOfRecipe } from './cookedAs.ts';
import type { Revision } from './revision.ts';

/** What a recipe yields, as a food: it lies on the shelf in boxes and keeps by its own days. Its allergens are those of all that may go in; a box says what went in. */
export function componentFood(recipe: Revision, foods: ReadonlyMap<FoodId, Food>): Food {
  const statement = uniteStatements(
    foodsOfRecipe(recipe).map((id) => {
      const food = foods.get(id);
      return food ? statementOf(food) : { contains: [], may: [], unknown: ['a food that is not here'] };
    }),
  );
  return {
    id: recipe.component.id,
    name: recipe.component.name,
    facts: {
      kind: 'component',
      base: 'g',
      ...factsOfStatement(statement),
      keeps: {
        fridge: recipe.component.fridgeDays,
        // None at all: it is not for the freezer.
        ...(recipe.component.freezerDays.value > 0 ? { freezer: recipe.component.freezerDays } : {}),
        ...(recipe.component.cupboardDays
          ? { cupboard: recipe.component.cupboardDays, 'cool room': recipe.component.cupboardDays }
          : {}),
      },
    },
  };
}

import { factsOfStatement, statementOf, uniteStatements, type Food, type FoodId } from '../food/index.ts';
import { foodsOfRecipe } from './cookedAs.ts';
import type { Revision } from './revision.ts';

/** What a recipe yields, as a food: it lies on the shelf in boxes, keeps by its own days, and is counted in portions of `portionG` grams. Its allergens are those of all that may go in; a box says what went in. */
export function componentFood(recipe: Revision, foods: ReadonlyMap<FoodId, Food>, portionG?: number): Food {
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
      ...(portionG === undefined
        ? {}
        : { gramsEach: { value: Math.round(portionG), source: `a portion by its recipe, of ${recipe.portions}` } }),
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

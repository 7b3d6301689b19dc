import type { FoodIndex } from '../ingredient/findFood.ts';
import { linesApart } from '../ingredient/linesApart.ts';
import type { RecipeText } from './recipeText.ts';

/** One ingredient's words, and which part of the dish it is for, where the list is parted: "sauce". */
export interface IngredientText {
  readonly text: string;
  readonly group?: string;
}

/** The ingredients of a text, each on a line of its own. */
export const ingredientTexts = (
  { ingredients, groups }: Pick<RecipeText, 'ingredients' | 'groups'>,
  foods: FoodIndex,
): readonly IngredientText[] =>
  ingredients.flatMap((line, n) => {
    const group = groups?.[n];
    return linesApart(line, foods).map((text) => ({ text, ...(group ? { group } : {}) }));
  });

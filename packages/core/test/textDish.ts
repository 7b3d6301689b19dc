import { BOOK } from '../src/food/index.ts';
import { asRevision, indexFoods, readIngredientLine, readRecipeText } from '../src/formats/index.ts';
import type { Revision } from '../src/recipe/index.ts';

const index = indexFoods(BOOK);
export const BOOK_BY_ID = new Map(BOOK.map((food) => [food.id, food]));

/** A recipe of a text as it is pasted, for tests: every line has to be read. */
export function textDish(text: string): Revision {
  const { name, portions = 4, ingredients, method } = readRecipeText(text);
  const lines = ingredients.map((line) => readIngredientLine(line, index));
  const doubt = lines.flatMap(({ doubts }) => doubts)[0];
  if (doubt) throw new Error(doubt.question);
  return asRevision({ name, portions, lines, method });
}

import { BOOK } from '../src/food/index.ts';
import { asRevision, indexFoods, ingredientTexts, readIngredientLine, readRecipeText } from '../src/formats/index.ts';
import type { Revision } from '../src/recipe/index.ts';

const index = indexFoods(BOOK);
export const BOOK_BY_ID = new Map(BOOK.map((food) => [food.id, food]));

/** A recipe of a text as it is pasted, for tests: every line has to be read. */
export function textDish(text: string): Revision {
  const read = readRecipeText(text);
  const { name, portions = 4, method } = read;
  const lines = ingredientTexts(read, index).map((line) => ({ ...readIngredientLine(line.text, index), ...line }));
  const doubt = lines.flatMap(({ doubts }) => doubts)[0];
  if (doubt) throw new Error(doubt.question);
  return asRevision({ name, portions, lines, method });
}

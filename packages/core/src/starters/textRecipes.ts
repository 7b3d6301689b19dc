import { BOOK } from '../food/index.ts';
import {
  NOTHING_SAID,
  asRevision,
  askedOf,
  indexFoods,
  readIngredientLine,
  readPaste,
  readRecipeText,
} from '../formats/index.ts';
import type { Revision } from '../recipe/index.ts';
import { TEXTS } from './texts.ts';

/** The texts as recipes; one that could not be read whole is our mistake and throws. */
export function textRecipes(): readonly Revision[] {
  const index = indexFoods(BOOK);
  return TEXTS.map((text) => {
    const words = readRecipeText(text);
    // Black-eyed peas are cooked as they are.
    const read = readPaste(words, { ...NOTHING_SAID, soak: 'as they are' }, index, (line) =>
      readIngredientLine(line, index),
    );
    const { lines, method } = askedOf(read);
    if (lines + method > 0) throw new Error(`"${words.name}" cannot be read without asking.`);
    return asRevision({
      name: words.name,
      portions: words.portions ?? 4,
      lines: read.lines.map(({ line }) => line),
      method: read.method,
    });
  });
}

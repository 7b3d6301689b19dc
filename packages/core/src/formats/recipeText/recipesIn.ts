import { isData, recipesInData } from './jsonLd.ts';
import { isVerb } from './kitchenVerbs.ts';
import { readRecipeText } from './readRecipeText.ts';
import { beginsRecipe } from './recipeName.ts';

/** A rule between two parts of a text. */
const RULE = /^[-=_*~\s]{3,}$/;
/** No dish is called so long. */
const LONGEST_NAME = 60;
/** When something is done, and no dish. */
const WHEN = /^(?:the )?(?:evening|morning|night|noon|afternoon|day|next|later|before|after|first|then|stage|part)\b/i;
/** A dish of one food is a line of a list rather. */
const LEAST_LINES = 2;

/**
 * The recipes of a text that holds several, one after the other: each has a name on a line of its own, under it for how many it is or the heading of its list, and
 * then a list and a method. A text of one recipe, with all its parts, is one.
 * @example recipesIn('Millet\nServes 2\n200 g millet\n1 leek\nBoil 20 minutes.\n\nDal\nServes 4\n300 g lentils\n1 onion\nSimmer 30 minutes.').length // 2
 */
export function recipesIn(text: string): readonly string[] {
  if (isData(text)) return recipesInData(text);
  const lines = text.split(/\r?\n/);
  const starts = lines.flatMap((line, at) => (at > 0 && isBreak(lines[at - 1]) && isNamed(lines, at) ? [at] : []));
  const partOf = (from: number, to?: number): string => lines.slice(from, to).join('\n').trim();
  // What is no whole recipe belongs to the one before it: a sauce, a note.
  const parts = starts.reduce(
    (found, at) => (isWhole(partOf(found.at(-1) ?? 0, at)) && isWhole(partOf(at)) ? [...found, at] : found),
    [0],
  );
  return parts.length === 1 ? [text] : parts.map((from, n) => partOf(from, parts[n + 1]));
}

const isBreak = (line = ''): boolean => line.trim() === '' || RULE.test(line.trim());

/** A line that is no order, no amount and no sentence, over what begins a recipe. */
function isNamed(lines: readonly string[], at: number): boolean {
  const name = lines[at]?.trim().replace(/^#{1,2}\s+/, '') ?? '';
  if (name === '' || name.length > LONGEST_NAME || /[.!?:;,]$|^[\d\p{P}#]/u.test(name)) return false;
  if (WHEN.test(name) || isVerb(/^\p{L}+/u.exec(name)?.[0] ?? '')) return false;
  return beginsRecipe(
    name,
    lines.slice(at + 1).flatMap((line) => (isBreak(line) ? [] : [line.trim()])),
  );
}

function isWhole(part: string): boolean {
  const { ingredients, method } = readRecipeText(part);
  return ingredients.length >= LEAST_LINES && method.length > 0;
}

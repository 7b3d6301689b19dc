import { plainSigns, readNumber } from '../../quantity/index.ts';
import type { RecipeText } from './recipeText.ts';

const PORTIONS = /^(?:serves|makes|yields?|servings?|portions?|for)\s*:?\s*(?:about\s*)?(.+)$/i;
const PORTIONS_BEHIND = /^(\d+)\s*(?:servings?|portions?)$/i;
const INGREDIENTS = /^(?:#+\s*)?(?:ingredients|you need|what you need|shopping)\s*:?$/i;
const METHOD = /^(?:#+\s*)?(?:method|directions|instructions|steps|preparation|how to(?: make it)?|cooking)\s*:?$/i;
/** "For the topping", "Topping:", "TOPPING:" part a list; they are no ingredient. */
const SECTION = /^(?:#+\s*)?(?:for (?:the|your) [a-z' -]{2,40}:?|[^\d.,:]{2,40}:)$/i;
/** What a heading parts off: "For the sauce:" is the sauce. */
const partOf = (heading: string): string =>
  heading
    .replace(/^#+\s*/, '')
    .replace(/:$/, '')
    .replace(/^for (?:the|your) /i, '')
    .replace(/ ingredients$/i, '')
    .trim()
    .toLowerCase();
const BULLET = /^(?:[-*•◦‣·▢□☐]|step\s*\d+[.:)]?|\d+[.)](?=\s))\s*/i;
const AMOUNT_AT_START = /^(?:\d|a |an |half |one |two |three |four |pinch|juice|zest|handful|some |about |approx)/i;
/** Longer lines are sentences of a method. */
const LONGEST_INGREDIENT = 90;

/**
 * Takes a pasted text apart: its first line is the name; headings part ingredients from method; without headings a short line that begins with an amount is an
 * ingredient, and the sentences that follow are the method. No line is lost: what is neither stands in the method.
 */
export function readRecipeText(text: string): RecipeText {
  const lines = text
    .split(/\r?\n/)
    .map((line) => line.trim())
    .filter(Boolean);
  const [first = '', ...rest] = lines;
  const named = !AMOUNT_AT_START.test(plainSigns(first)) && !INGREDIENTS.test(first);
  let portions: number | undefined;
  let part: 'before' | 'ingredients' | 'method' = 'before';
  let headed = false;
  const ingredients: string[] = [];
  const groups: string[] = [];
  const method: string[] = [];
  let group = '';
  const list = (line: string) => {
    ingredients.push(line);
    groups.push(group);
  };

  for (const line of named ? rest : lines) {
    if (INGREDIENTS.test(line)) {
      part = 'ingredients';
      headed = true;
      continue;
    }
    if (METHOD.test(line)) {
      part = 'method';
      headed = true;
      continue;
    }
    if (SECTION.test(line)) {
      group = part === 'method' ? '' : partOf(line);
      continue;
    }
    const said = PORTIONS.exec(line) ?? PORTIONS_BEHIND.exec(line);
    const number = said?.[1] ? readNumber(plainSigns(said[1])) : undefined;
    if (portions === undefined && number && part !== 'method' && line.length < 40) {
      portions = number.value.valueOf();
      continue;
    }
    const bare = line.replace(BULLET, '').trim();
    if (part === 'ingredients' || (!headed && part === 'before' && isIngredient(bare))) list(bare);
    else if (!headed && part === 'before' && ingredients.length > 0 && bare.length < 30 && !/[.!]$/.test(bare))
      list(bare);
    else {
      if (!headed) part = ingredients.length > 0 ? 'method' : part;
      method.push(bare);
    }
  }
  return {
    name: named ? first.replace(/^#+\s*/, '') : '',
    portions,
    ingredients,
    ...(groups.some(Boolean) ? { groups } : {}),
    method,
  };
}

const isIngredient = (line: string): boolean =>
  AMOUNT_AT_START.test(plainSigns(line)) && line.length <= LONGEST_INGREDIENT && !/\.\s+[A-Z]/.test(line);

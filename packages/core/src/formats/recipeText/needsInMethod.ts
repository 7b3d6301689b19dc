import { plainSigns } from '../../quantity/index.ts';
import { findFood, type FoodIndex } from '../ingredient/findFood.ts';
import { readIngredientLine } from '../ingredient/readIngredientLine.ts';
import type { MethodStep } from './readMethodStep.ts';

/** Something that the method names with its amount, and the list does not. */
export interface MethodNeed {
  /** As a line of the list: "1 L water". */
  readonly line: string;
  /** The step it goes into, from 0. */
  readonly step: number;
}

const NUMBER = String.raw`(?:(?:\d+\s+)?\d+(?:[\/.,]\d+)?|an?|one|two|three|half an?)`;
const MEASURE = String.raw`(?:kg|g|grams?|ml|millilit(?:er|re)s?|dl|cl|l|lit(?:er|re)s?|cups?|mugs?|pints?|oz|lbs?|tbsps?|tsps?|tablespoons?|teaspoons?|pinch(?:es)?|handfuls?|knobs?|splash|drizzle|glug|(?:tins?|cans?)(?= of (?:water|stock)))`;
/** An amount and the words behind it, as far as the thing may be named by them; "2 tbsp of the oil" is a part of what is listed. */
const NEED = new RegExp(
  String.raw`(?<![\p{L}\d/.,])(${NUMBER}\s*(?:(?:good|generous|big|small|large|heaped)\s+)?${MEASURE})\b\.?\s+(?:of\s+)?(?!(?:the|it|them|this|that|its)\b)((?:[\p{L}-]+\s*){1,5})`,
  'giu',
);
/** "an onion", "2 carrots": only where there is no list. */
const COUNTED = new RegExp(
  String.raw`(?<![\p{L}\d/.,])(${NUMBER})\s+((?:(?:small|large|big|medium)\s+)?(?:[\p{L}-]+\s*){1,3})`,
  'giu',
);
const BY_FEEL = /splash|drizzle|glug|pinch|handful|knob/i;
/** This water, and what is in it, does not stay in the dish. */
const POURED_OFF = /\b(?:soak|rinse|drain|blanch|wash|discard|throw)/i;
const WET = /^(?:(?:boiling|hot|cold|warm|fresh|more|tap|vegetable|just|off)\s+)*(?:water|stock|broth)\b/i;
/** Behind these the next thing begins. */
const ENDS = /\s+(?:and|with|to|in|into|over|for|until|then|or|on|at|per|plus|if|when|so|from|as|is|are)\b.*$/i;

const lastWord = (text: string): string => text.trim().split(/\s+/).at(-1)?.replace(/e?s$/, '') ?? text;

/**
 * What stands in the method alone with its amount: it belongs to the dish, and to its mass. Where there is no list at all, what is counted counts too.
 * @example needsInMethod([…'Add 1 L water and simmer'], [], foods) // [{ line: '1 L water', step: 0 }]
 */
export function needsInMethod(
  steps: readonly MethodStep[],
  ingredients: readonly string[],
  foods: FoodIndex,
): readonly MethodNeed[] {
  const held = new Set(ingredients.map((line) => readIngredientLine(line, foods).food?.name));
  const seen = new Set<string>();
  return steps.flatMap(({ text, kind }, step) => {
    if (kind === 'ahead') return [];
    const plain = plainSigns(text);
    const said = [...plain.matchAll(NEED), ...(ingredients.length === 0 ? plain.matchAll(COUNTED) : [])];
    return said.flatMap(([, amount = '', behind = '']) => {
      const words = behind.replace(ENDS, '').trim();
      const wet = WET.test(words);
      if (wet ? POURED_OFF.test(text) || BY_FEEL.test(amount) : /\bwater\b/i.test(text) && POURED_OFF.test(text))
        return [];
      const found = findFood(words, foods);
      if (!found || 'near' in found) return [];
      const named = new RegExp(`\\b${lastWord(found.words)}`, 'i');
      if (held.has(found.food.name) || seen.has(found.food.name) || ingredients.some((line) => named.test(line)))
        return [];
      seen.add(found.food.name);
      return [{ line: `${amount} ${wet ? found.words : words}`, step }];
    });
  });
}

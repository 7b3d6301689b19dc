import { plainSigns } from '../../quantity/index.ts';
import { inOneNumber } from '../ingredient/everydayForms.ts';
import type { IngredientLine } from '../ingredient/readIngredientLine.ts';
import { saysDeed } from './kitchenVerbs.ts';
import type { MethodStep } from './readMethodStep.ts';

/** Something that the method names with its amount, and the list does not. */
export interface MethodNeed {
  /** As a line of the list: "1 L water". */
  readonly line: string;
  /** The step it goes into, from 0. */
  readonly step: number;
}

/** Where an amount may begin; "half the oil" and "2 tbsp of the oil" are parts of what is listed. */
const NUMBER =
  /(?<![\p{L}\d/.,])(?:(?:\d+\s+)?\d+(?:[/.,]\d+)?\s*|(?:an?|one|two|three|half an?)\s+)(?=\p{L})(?!(?:[a-z]+\s+)?of (?:the|it|them|this|that|its)\b)/giu;
/** Where what it is an amount of ends. */
const ENDS =
  /[,;:()+&]|\.(?:\s|$)|\s(?:and|with|to|in|into|over|for|until|then|or|on|at|per|plus|if|when|so|from|as|is|are|is|while|by)\b/i;
const MEASURED =
  /^(?:half an?\s+|(?:\d+\s+)?[^\s\p{L}]+\s*|\p{L}+\s+)?(?:(?:good|generous|big|small|large|heaped)\s+)?(?:kg|g|grams?|ml|millilit(?:er|re)s?|dl|cl|l|lit(?:er|re)s?|cups?|mugs?|pints?|oz|lbs?|tbsps?|tsps?|tablespoons?|teaspoons?|pinch(?:es)?|handfuls?|knobs?|splash|drizzle|glug|(?:tins?|cans?)(?= of (?:water|stock)))\b/iu;
const BY_FEEL = /^(?:an?|one)?\s*(?:good|generous|small|big)?\s*(?:splash|drizzle|glug)/i;
/** This water, and what is in it, does not stay in the dish. */
const POURED_OFF = /\b(?:soak(?!ed)|rinse|drain|blanch|wash|discard|throw)/i;

/** What is mixed ahead keeps its water: a dough, a soaker, a batter. */
const MIXED = /\b(?:mix|stir|whisk|combine|knead|dissolve|beat)/i;

/** "130 g beans, 150 g rice per box": of what is cooked already. */
const SHARES_OUT =
  /^(?:\d+[.)]\s*)?(?:to )?(?:portion|box|pack|serve|divide|weigh out|plate)\b|\b(?:per|each|every) (?:box|portion|plate|bowl|jar|serving|person|tub|container)\b/i;

const lastWord = (text: string): string => text.trim().split(/\s+/).at(-1)?.replace(/e?s$/, '') ?? text;

/** Each amount of a text with what it is of, and whether it is poured off again. */
function amountsIn(plain: string): readonly { readonly words: string; readonly poured: boolean }[] {
  return [...plain.matchAll(NUMBER)].map(({ index }) => {
    const rest = plain.slice(index);
    const end = ENDS.exec(rest)?.index ?? rest.length;
    const clause =
      plain
        .slice(0, index)
        .split(/[,;.]\s/)
        .at(-1) ?? '';
    return { words: rest.slice(0, end).trim(), poured: POURED_OFF.test(`${clause} ${rest}`) };
  });
}

/**
 * What stands in the method alone with its amount: it belongs to the dish, and to its mass. Where there is no list at all, what is counted counts too.
 * @example needsInMethod([…'Add 1 L water and simmer'], [], readLine) // [{ line: '1 L water', step: 0 }]
 */
export function needsInMethod(
  steps: readonly MethodStep[],
  lines: readonly IngredientLine[],
  readLine: (text: string) => IngredientLine,
): readonly MethodNeed[] {
  const told: string[] = [];
  const held = new Set(lines.map(({ food }) => food?.name));
  return steps.flatMap(({ text, kind }, step) => {
    // What is soaked is bought, too, where nothing else lists it; what it soaks in is poured off.
    const soaks = kind === 'ahead';
    if ((soaks && lines.length > 0) || SHARES_OUT.test(text)) return [];
    return amountsIn(inOneNumber(plainSigns(text))).flatMap(({ words, poured }) => {
      if (!(lines.length === 0 || MEASURED.test(words))) return [];
      const { food, amount } = readLine(words);
      // A text that tells all in sentences: what nobody knows in its list is asked.
      if (!food && lines.length === 0 && !saysDeed(text)) return [{ line: words, step }];
      if (!food || amount.kind === 'to taste' || (amount.kind === 'unknown' && !amount.said)) return [];
      const stays = !soaks || (MIXED.test(text) && !poured);
      if (!stays && (food.facts.kind === 'seasoning' || food.facts.kind === 'water' || food.facts.kind === 'acid'))
        return [];
      const wet = food.facts.kind === 'water' || /stock|broth/.test(food.name);
      if (stays && wet && (poured || BY_FEEL.test(words))) return [];
      if (stays && poured && /\bwater\b/i.test(words)) return [];
      if (stays && poured && food.facts.kind === 'seasoning' && /\bwater\b/i.test(text)) return [];
      const named = new RegExp(`\\b${lastWord(food.name)}|\\b${lastWord(words)}`, 'i');
      if (held.has(food.name) || lines.some(({ text: line }) => named.test(line))) return [];
      // "The oil" of which a kind was named before may be that, or more: how much is asked.
      const bare = words.replace(MEASURED, '').trim();
      if (!/\s/.test(bare) && told.some((line) => line.endsWith(` ${bare}`))) return [{ line: bare, step }];
      told.push(words);
      held.add(food.name);
      return [{ line: words, step }];
    });
  });
}

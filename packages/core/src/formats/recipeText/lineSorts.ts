import { plainSigns, remembered } from '../../quantity/index.ts';
import { isVerb } from './kitchenVerbs.ts';

export const INGREDIENTS =
  /^(?:#+\s*)?(?:\*\*)?(?:ingredients(?: list)?(?: for .{1,60})?|you(?:’ll|'ll| will)? need|what you(?:’ll|'ll| will)? need|shopping(?: list)?)\s*(?:\([^)]*\))?\s*:?(?:\*\*)?$/i;
export const METHOD =
  /^(?:#+\s*)?(?:\*\*)?(?:method|directions|procedure|process|instructions|steps|preparation|day \d[\d -]*|how(?: to)?(?: (?:make|cook|do) it)?|what to do|to make|do this|cooking|what to do|step 1)\s*:?(?:\*\*)?$/i;
/** From here on it is told how it keeps, tastes or came about. */
const NOTES =
  /^(?:#+\s*)?(?:\*\*)?(?:notes?|tips?|cook[’']s notes?|recipe notes?|storage|to store|variations?|nutrition(?:al)?(?: (?:facts|information))?|equipment)\s*:?(?:\*\*)?$/i;
/** "For the topping", "Topping:", "TOPPING:" part a list; they are no ingredient. */
export const SECTION =
  /^(?:#+\s*)?(?:for (?:the|your) [a-z' -]{2,40}:?|(?:to|for) (?:serve|serving|garnish|finish):?|[^\d.,:]{2,40}(?::|\s[-–—]))$/i;
export type Part = 'before' | 'ingredients' | 'method' | 'notes';
/** A line of a text that has headings, or none: which part of it begins there. */
export const headingOf = (line: string): Part | undefined =>
  INGREDIENTS.test(line) ? 'ingredients' : METHOD.test(line) ? 'method' : NOTES.test(line) ? 'notes' : undefined;
export const BULLET = /^(?:-{1,2}>|[-–—*•◦‣·▢□☐+→►▶>]|step\s*\d+\s*[.:)-]?|(?:\d+[.)]|[a-h]\))(?=\s))\s*/i;
export const AMOUNT_AT_START =
  /^(?:\d|an? |half |one |two |three |four |five |six |pinch|juice|zest|(?:(?:large|big|small|good) )?(?:handful|bunch|knob|splash|glug|drizzle|pinch)|(?:tsp|tbsp|cup) |some |about |approx|between \d|(?:(?:sea |flaky |fine )?salt|(?:freshly )?(?:ground )?(?:black )?pepper)(?:(?:,| and| &| \+)? (?:salt|(?:freshly )?(?:ground )?(?:black )?pepper))?(?:,? (?:at the end|to taste|last|to finish))?[!.]*$)/i;
/** "Split peas: 250 g", "leeks x 2", "onions 3" */
export const AMOUNT_BEHIND =
  /^\p{L}[\p{L} ,'-]{1,40}(?:\s*[:-]\s*|\s*[x×]\s*|\s)(?:\d[\d.,/ ]*)\s*(?:kg|kilos?|gr?|gms?|grams?|ml|dl|cl|l|oz|lbs?|tbsp|tsp|cups?|tins?|cans?|cloves?|packs?|sticks?|stalks?|sprigs?|heads?|leaves|small|medium|large|ripe|fresh|tablespoons?|teaspoons?|c|t|T|ea)?(?:,\s[^.]*)?$|^\p{L}[\p{L} ,'-]{1,60}\((?:about |approx\.? |around )?\d+\s*(?:kg|g|ml|l)\)$/iu;
/** Longer lines are sentences of a method. */
const LONGEST_INGREDIENT = 90;
/** From so many letters on, what begins with a verb and ends with a point is an order. */
export const ORDER_FROM = 40;
/** Before the heading of the method, a short line is bought. */
export const isShort = (line: string): boolean => line.length <= LONGEST_INGREDIENT && !/[.!?]$/.test(line);
/** "Mustard", "black pepper", "a pinch of sugar" */
const NAME_IN_ROW = /^(?:(?:an? )?(?:pinch|dash|drop|splash|handful|knob|bit) of )?\p{Ll}+(?: \p{Ll}+)?$/u;
/** "vinegar, mustard, salt, sugar": names in a row, and nothing that is done. */
export const isNames = (line: string): boolean => {
  const parts = line.split(/,\s*/);
  return parts.length > 2 && parts.every((part) => NAME_IN_ROW.test(part)) && !isVerb(parts[0] ?? '');
};
/** "salt at the end!!" right under the last line of a list belongs to it. */
export const isAside = (line: string, above: string | undefined): boolean =>
  above !== '' && line.length < 45 && !/[.!?]\s/.test(line);
export const isSentence = (line: string): boolean =>
  (/[.!?]$/.test(line) &&
    ((line.length > LONGEST_INGREDIENT && /[.!?]\s+\p{Lu}/u.test(line)) ||
      (line.length > ORDER_FROM && (isVerb(/^\p{L}+/u.exec(line)?.[0] ?? '') || ON_A_DAY.test(line))))) ||
  // Told in one breath, in small letters and without a point at its end.
  (line.length > 2 * LONGEST_INGREDIENT && isOrder(line) && /[.!?]\s+\p{L}/u.test(line));
/** "Day 1: layer the rhubarb …", "The night before: …" */
/** What stands under it is begun before the day of the rest. */
export const AHEAD_OF_IT = /\b(?:night|evening|before|ahead)\b/i;
export const ON_A_DAY = /^(?:the )?(?:day|night|evening|morning|step)(?: \d| before| ahead)?\s*:\s/i;
/** "Divide in 8, roll in foil" is an order, and no eight of something. */
export const isOrder = (line: string): boolean => {
  const [first = '', ...more] = line.split(/\s+/);
  // "Pinch of salt, 1 tsp cumin" is none.
  return more.length > 2 && isVerb(first) && more[0] !== 'of';
};
/** An order that begins like no ingredient: "zest and juice of 1 lemon" is none. */
export const ordered = (line: string): boolean => isOrder(line) && !AMOUNT_AT_START.test(plainSigns(line));
/** "22 min high, 10 min natural" is done. */
const TIME_FIRST = /^\d+(?: ?(?:-|–|to) ?\d+)? ?(?:mins?|minutes?|hours?|hrs?)\b/i;
export const isIngredient = remembered(
  (line: string): boolean =>
    !isOrder(line) &&
    (AMOUNT_AT_START.test(plainSigns(line)) || AMOUNT_BEHIND.test(plainSigns(line))) &&
    line.length <= LONGEST_INGREDIENT &&
    !TIME_FIRST.test(line) &&
    !/\.\s+[A-Z]/.test(line),
);

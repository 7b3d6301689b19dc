import { plainSigns } from '../../quantity/index.ts';
import { isVerb } from './kitchenVerbs.ts';
import { durationsIn } from './timesIn.ts';

/** What is told of the whole, or of what is done on a later day. */
const OF_THE_WHOLE =
  /^\P{L}*(?:prep|cook|bake|total|active|hands|ready|time|makes?|gives?|yields?|serves|portion|nutrition|calories|reheat|freez|thaw|hold|keep|store|use|chill)/iu;
const AMOUNT = /\d\s?(?:k?g|ml|cl|dl|l|tbsp|tsp|cups?|oz|lbs?)\b/giu;

/**
 * Does a line that was taken for a remark hold amounts, or something done for so long? Then it may have been a line of the list or a step, and it is shown.
 * @example saysMore('oats 500 g / seeds 150 g') // true
 * @example saysMore('Keeps 3 days, freezes well.') // false
 */
export function saysMore(note: string): boolean {
  const plain = plainSigns(note);
  if (OF_THE_WHOLE.test(plain)) return false;
  const [first = ''] = /\p{L}+/u.exec(plain) ?? [];
  return [...plain.matchAll(AMOUNT)].length > 1 || (isVerb(first) && durationsIn(plain).length > 0);
}

import { findFood, type FoodIndex } from '../ingredient/findFood.ts';

/** Somebody talks, to somebody. */
const TALKS =
  /^(?:hey|hi|ok(?:ay)?|so|well|right|made|here|this|that|from|transcribed|today|yesterday)\b|\b(?:I|you|we|us|everyone|asked|promised|wanted|brought)\b/i;
/** What stands over every sheet of a kitchen. */
const ON_EVERY_SHEET =
  /\b(?:kitchen|cook['’]?s?|sheet|card|menu|log|notes?|list|station|memo|wk|week|recipe|production|prep)\b/i;
/** What a dish is made for, as a dish is called: no sheet's week. */
const FOR_THE_WEEK = /\bfor (?:the|a|all|one) week\b/i;
/** Two sentences, or a question. */
const SENTENCES = /[.?!]+\s+\p{L}{2,}/u;
/** A word cut short ends none. */
const CUT_SHORT = /\b(?:w|approx|ca|no|nr|mrs?|dr|st|vol|min|incl|resp)\./gi;

/**
 * Whether a line that stands where a name does may be none: a greeting, the head of a sheet, a sentence. It is shown, and asked.
 * @example isUnsureName("Cook's sheet 14", foods) // true
 */
export function isUnsureName(name: string, foods: FoodIndex): boolean {
  const bare = name.replace(/\([^)]*\)/g, ' ').trim();
  if (bare === '') return name !== '';
  return (
    TALKS.test(bare) ||
    SENTENCES.test(bare.replace(CUT_SHORT, '')) ||
    (ON_EVERY_SHEET.test(bare.replace(FOR_THE_WEEK, '')) && findFood(bare, foods) === undefined)
  );
}

import type { Food } from '../../food/index.ts';
import { Fraction } from '../../quantity/index.ts';

/** Cloves in a head of garlic, stalks in a head of celery. Common practice, no published source. */
const IN_A_HEAD: Readonly<Record<string, Fraction>> = { garlic: new Fraction(10), celery: new Fraction(9) };
const HEAD = /^(?:head|bulb)s?$/;
/** What somebody buys or cuts by, and no two are alike: it has to be weighed. */
const NOT_ONE =
  /^(?:bunch(?:es)?|loaf|loaves|portions?|handfuls?|punnets?|nets?|trays?|slices?|sprigs?|knobs?|thumbs?)$/;

/** How many of a food one such piece is: a head of garlic is ten cloves, a head of cabbage one. */
export const onesIn = (food: Food, piece: string | undefined): Fraction =>
  (piece !== undefined && HEAD.test(piece) ? IN_A_HEAD[food.name] : undefined) ?? new Fraction(1);

/** Does a word for a piece leave its weight open? A slice of bread is one of it; a loaf or a bunch may be anything. */
export const saysNoWeight = (food: Food | undefined, word: string): boolean =>
  NOT_ONE.test(word) && !(food?.name.includes('bread') === true && /^slice/.test(word));

import type { Food } from '../../food/index.ts';
import { Fraction, mass, volume, type Quantity } from '../../quantity/index.ts';

/** "Handful spinach", "a big bunch of dill": an amount that begins without a number. */
export const STARTS_BY_FEEL =
  /^(?:an? )?(?:(?:big|small|good|large) )?(?:handful|pinch|dash|splash|bunch|knob|drizzle)s?\b/i;

/** Grams in a bunch as it is sold. Common practice, no published source; spinach: USDA FoodData Central SR Legacy (from memory). */
const BUNCH: Readonly<Record<string, number>> = {
  parsley: 50,
  'fresh coriander': 50,
  dill: 30,
  mint: 30,
  basil: 30,
  chives: 25,
  chervil: 30,
  'fresh thyme': 20,
  'fresh rosemary': 20,
  'fresh sage': 20,
  'fresh oregano': 20,
  'wild garlic': 50,
  'spring onion': 100,
  radish: 150,
  kale: 200,
  chard: 350,
  spinach: 340,
  'spring greens': 300,
  'beet greens': 200,
  watercress: 100,
  rocket: 80,
  asparagus: 500,
};
/** Grams of a sprig, washed, with its stem. Common practice, no published source. */
const SPRIG: Readonly<Record<string, number>> = {
  'fresh thyme': 0.5,
  'fresh rosemary': 1,
  'fresh sage': 0.5,
  'fresh oregano': 0.5,
  parsley: 1,
  dill: 1,
  mint: 1,
  basil: 1,
  'fresh coriander': 1,
};
/** Roots that are cut off by the thumb. */
const ROOTS = new Set(['ginger', 'fresh turmeric', 'galangal', 'fresh horseradish']);
/** A piece of root as thick as a thumb, g in a centimetre of it: an inch is about 15 g. Common practice, no published source. */
const ROOT_G_PER_CM = 6;
const CM_PER_INCH = 2.54;

const HERB_HANDFUL = 15;
/** A leaf of mint or basil. Common practice, no published source. */
const LEAF_G = 0.4;
const HANDFUL: Readonly<Partial<Record<Food['facts']['kind'], number>>> = {
  leaf: 30,
  'nut or seed': 30,
  grain: 40,
  legume: 40,
  fruit: 60,
  vegetable: 60,
};

/** One such measure of a food: g, or mL of what is poured; undefined where nobody could say. Common practice, no published source. */
function one(word: string, { name, facts }: Food): Quantity | undefined {
  const wet = facts.kind === 'fat' || facts.kind === 'acid' || facts.base === 'mL' || /sauce|syrup|mirin/.test(name);
  switch (word) {
    case 'bunch':
      return grams(BUNCH[name]);
    case 'sprig':
      return grams(SPRIG[name]);
    case 'leaf':
      return facts.kind === 'seasoning' && facts.keeps?.fridge ? mass(LEAF_G) : undefined;
    case 'handful':
      return grams(facts.kind === 'seasoning' ? (facts.keeps?.fridge ? HERB_HANDFUL : undefined) : HANDFUL[facts.kind]);
    case 'knob':
    case 'thumb':
      return ROOTS.has(name) || (word === 'knob' && facts.kind === 'fat') ? mass(15) : undefined;
    case 'inch':
      return ROOTS.has(name) ? mass(ROOT_G_PER_CM * CM_PER_INCH) : undefined;
    case 'cm':
      return ROOTS.has(name) ? mass(ROOT_G_PER_CM) : undefined;
    case 'glug':
    case 'splash':
      return wet ? volume(15) : undefined;
    case 'drizzle':
    case 'a little':
      return wet ? volume(10) : undefined;
    default:
      return undefined;
  }
}

const grams = (n: number | undefined): Quantity | undefined => (n === undefined ? undefined : mass(n));

/**
 * What a measure by feel usually comes to, so that it can be scaled, bought and weighed; undefined where it has to be asked.
 * @example usuallyOf('handful', new Fraction(2), spinach) // 60 g
 */
export function usuallyOf(word: string, n: Fraction, food: Food): Quantity | undefined {
  const each = one(
    word.toLowerCase().replace(/^(bunch|splash|inch)es$|^(handful|knob|drizzle|glug|sprig|thumb)s$/, '$1$2'),
    food,
  );
  if (!each) return undefined;
  return each.kind === 'mass' ? mass(each.g.mul(n)) : each.kind === 'volume' ? volume(each.mL.mul(n)) : undefined;
}

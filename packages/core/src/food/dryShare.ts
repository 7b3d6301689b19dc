import { isTapWater } from './bookFoodId.ts';
import type { Food } from './food.ts';

/** Grams of salt for a gram of sodium (EU 1169/2011). */
const SALT_OF_SODIUM = 2.5;

/**
 * What of a food is dry, by weight: protein, fat, carbohydrate and salt of its composition (the carbohydrates of its source hold the fibre). Undefined where one of the
 * first three is not known.
 * @example dryShareOf(bookFood('water')) // 0
 */
export function dryShareOf(food: Food): number | undefined {
  if (isTapWater(food.id)) return 0;
  const { proteinG, fatG, carbohydrateG, sodiumMg = 0 } = food.facts.composition?.value ?? {};
  if (proteinG === undefined || fatG === undefined || carbohydrateG === undefined)
    return food.name === 'salt' ? 1 : undefined;
  return Math.min(1, (proteinG + fatG + carbohydrateG + (sodiumMg * SALT_OF_SODIUM) / 1000) / 100);
}

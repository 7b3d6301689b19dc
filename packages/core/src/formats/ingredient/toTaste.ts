import type { Food } from '../../food/index.ts';

/** "Rice, to serve" is a part of the plate, and nobody says how much. */
export const isMain = (food: Food | undefined): boolean =>
  food?.facts.kind === 'grain' || food?.facts.kind === 'legume';

/**
 * A food without an amount, in words that are read as such whatever was said of it before: "a little nutmeg, to taste" would still be a little. Undefined: nobody
 * tastes how much of it goes in.
 * @example toTaste(nutmeg) // 'nutmeg, to taste'
 */
export const toTaste = (food: Food): string | undefined => (isMain(food) ? undefined : `${food.name}, to taste`);

import { CLAIMED_FROM, type LearnedAppetite } from '../learn/index.ts';
import { MEAL_NAMES, type MealName } from '../week/index.ts';
import type { KitchenView } from './kitchenView.ts';
import { learnedFor } from './tableOf.ts';

/**
 * Meals at which somebody takes more or less of a component than at others, as far as that is sure: plates enough, and what is taken at the others lies outside of what
 * may be expected at this one.
 * @example mealsApart(view, 'teo', 'millet') // [{ meal: 'dinner', learned: { times: 1.4, … } }]
 */
export function mealsApart(
  view: KitchenView,
  eater: string,
  food: string,
): readonly { readonly meal: MealName; readonly learned: LearnedAppetite }[] {
  const all = MEAL_NAMES.map((meal) => ({ meal, learned: learnedFor(view, eater, food, meal) }));
  return all.filter(
    ({ meal, learned: { n, least, most } }) =>
      n >= CLAIMED_FROM &&
      all.every((other) => other.meal === meal || other.learned.times < least || other.learned.times > most),
  );
}

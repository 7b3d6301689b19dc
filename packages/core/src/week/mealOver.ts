import { HOUR_MS, type Moment } from '../quantity/index.ts';
import type { Day } from '../quantity/index.ts';
import { MEAL_NAMES, type MealName, type Slot } from './meals.ts';
import { servedAt } from './takeOut.ts';

/** So long after it is served a meal is over for most tables, ms. Common practice, no published source. */
const OVER_AFTER = 3 * HOUR_MS;

/** Is a meal past? By the hour at which that very meal is served. */
export const isOver = (slots: readonly Slot[], day: Day, meal: MealName, zone: string, now: Moment): boolean =>
  servedAt(slots, day, meal, zone) + OVER_AFTER <= now;

/** The meal of a day that is next; the last one where all are past. */
export const mealAhead = (slots: readonly Slot[], day: Day, zone: string, now: Moment): MealName =>
  MEAL_NAMES.find((meal) => !isOver(slots, day, meal, zone, now)) ?? MEAL_NAMES[MEAL_NAMES.length - 1] ?? 'dinner';

/** How many meals of these days, from the first on, are over. */
export const mealsOver = (slots: readonly Slot[], days: readonly Day[], zone: string, now: Moment): number => {
  const all = days.flatMap((day) => MEAL_NAMES.map((meal) => isOver(slots, day, meal, zone, now)));
  const next = all.indexOf(false);
  return next < 0 ? all.length : next;
};

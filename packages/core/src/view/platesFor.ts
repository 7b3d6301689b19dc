import type { Day } from '../quantity/index.ts';
import { MEAL_NAMES, demandOf, type Eater, type MealName } from '../week/index.ts';
import type { KitchenView } from './kitchenView.ts';
import { demandedOf, learnedOf, tableOf } from './tableOf.ts';

/**
 * How many portions of a component a meal takes: what it says of it, or at an open meal what is usual, by who sits there and what was learned of them. The plate and the strip
 * reckon by this one figure.
 */
export function platesFor(
  view: KitchenView,
  food: string,
  day: Day,
  meal: MealName,
  /** Who sits there, where the cook has said so; left out: as the week has it. */
  present?: readonly Eater[],
): number {
  const recipe = view.recipes.find(({ document }) => document.component.id === food);
  if (!recipe) return 0;
  const table = present
    ? { ...tableOf(view), eaters: present, attendance: present.map(({ id }) => ({ eater: id, day, here: true })) }
    : tableOf(view);
  const wanted = demandOf(demandedOf(view, recipe, 1), [day], table, learnedOf(view));
  return wanted[MEAL_NAMES.indexOf(meal)] ?? 0;
}

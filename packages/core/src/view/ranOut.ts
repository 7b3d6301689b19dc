import type { PastState } from '../formats/index.ts';
import { addDays, dayAt, type Day } from '../quantity/index.ts';
import type { KitchenView } from './kitchenView.ts';
import { portionOfBoxes } from './portionOfBoxes.ts';

/** A dish whose boxes were empty while meals were still planned with it. */
export interface RanOut {
  readonly food: string;
  readonly name: string;
  /** The day on which the last of it went. */
  readonly on: Day;
  /** Meals of later days that were planned with it. */
  readonly meals: number;
}

/** Less than this of a portion is a spoonful in the pot. */
const NOTHING_LEFT = 0.25;

/**
 * What ran out before the last meal that was planned with it, the most missed first. A box that is taken out and put back, or boxed again, has not run out: it counts how it stood
 * at the end of these days. Meals are known two weeks back.
 * @example ranOutEarly(view, past) // [{ name: 'Kale soup', on: '2026-11-25', meals: 2, … }]
 */
export function ranOutEarly(
  view: Pick<KitchenView, 'foods' | 'kitchen' | 'week' | 'today'>,
  past: PastState,
): readonly RanOut[] {
  const { zone } = view.kitchen.equipment;
  // A meal of today, or one that is still to come, may be cooked for.
  const yesterday = addDays(view.today, -1);
  const last = past.until < yesterday ? past.until : yesterday;
  const there = new Map(past.before.map(({ food, amount }) => [food, Number(amount)]));
  const emptiedOn = new Map<string, Day>();
  for (const { food, amount, portionG, at } of [...past.movements].sort((a, b) => a.at.localeCompare(b.at))) {
    if (portionG === null) continue;
    const left = (there.get(food) ?? 0) + Number(amount);
    there.set(food, left);
    if (left >= NOTHING_LEFT * portionOfBoxes(past, food)) emptiedOn.delete(food);
    else if (!emptiedOn.has(food)) emptiedOn.set(food, dayAt(new Date(at), zone));
  }
  return [...emptiedOn]
    .flatMap(([food, on]): readonly RanOut[] => {
      const meals = view.week.slots.filter(
        ({ day, parts }) => day > on && day <= last && parts.some((part) => part.food === food),
      ).length;
      const name = view.foods.get(food)?.name;
      return meals === 0 || name === undefined ? [] : [{ food, name, on, meals }];
    })
    .sort((a, b) => b.meals - a.meals || a.name.localeCompare(b.name));
}

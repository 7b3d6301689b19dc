import { MEALS_A_DAY, MEAL_NAMES, isOver, slotAt, type MealName, type WeekAsk } from '../week/index.ts';
import type { Day, Moment } from '../quantity/index.ts';
import type { KitchenView } from './kitchenView.ts';
import { askOf } from './askOf.ts';
import { weekDays, type ComponentStrip } from './stripsOf.ts';

/** A meal that will lack something of what is said of it. */
export interface BrokenMeal {
  readonly number: number;
  readonly day: Day;
  readonly meal: MealName;
  readonly lacks: readonly { readonly food: string; readonly name: string; readonly portions: number }[];
}

/** Meals that say what they are and will lack some of it: a dish was not made, guests came, somebody ate it before. */
export function brokenMeals(view: KitchenView, strips: readonly ComponentStrip[], now: Moment): readonly BrokenMeal[] {
  const days = weekDays(view.today);
  const { zone } = view.kitchen.equipment;
  return days.flatMap((day, d) =>
    MEAL_NAMES.flatMap((meal, m): BrokenMeal[] => {
      const slot = slotAt(view.week.slots, day, meal);
      const number = d * MEALS_A_DAY + m;
      const past =
        isOver(view.week.slots, day, meal, zone, now) ||
        view.week.eaten.some((eaten) => eaten.day === day && eaten.meal === meal);
      if (past) return [];
      const lacks = (slot?.parts ?? []).flatMap(({ food }) => {
        const item = strips.find((each) => each.food.id === food);
        // Nothing of it is there and none is planned: all of it lacks.
        if (!item) return [{ food, name: view.foods.get(food)?.name ?? '', portions: 0 }];
        const short = (item.strip.meals[number]?.short ?? 0) / item.portionG;
        return short > 0.3 ? [{ food, name: item.name, portions: Math.max(1, Math.round(short)) }] : [];
      });
      return lacks.length > 0 ? [{ number, day, meal, lacks }] : [];
    }),
  );
}

export type MendWay = 'from what is there' | 'with a little more cooking';

/**
 * The week as a question with the least left open: every meal that is not broken stays, and what is planned is cooked. From what is there, or with more of what is
 * planned and one dish more.
 */
export function mendAsk(
  view: KitchenView,
  broken: readonly BrokenMeal[],
  way: MendWay,
  now: Moment,
): Omit<WeekAsk, 'weights'> {
  const planned = view.batches.filter(({ state }) => state.status === 'planned');
  const sizes = Object.fromEntries(planned.map(({ state }) => [state.recipe, Number(state.portions)]));
  const ask = askOf(view, { locked: way === 'from what is there' ? sizes : {}, handsAtMost: undefined }, now);
  const days = weekDays(view.today);
  const open = new Set(broken.map(({ number }) => number));
  const settled: Record<number, readonly string[]> = {};
  days.forEach((day, d) =>
    MEAL_NAMES.forEach((meal, m) => {
      const number = d * MEALS_A_DAY + m;
      // What is open stays open: nobody asked for it to be filled.
      if (!open.has(number)) settled[number] = slotAt(view.week.slots, day, meal)?.parts.map(({ food }) => food) ?? [];
    }),
  );
  const people = ask.people.map((n, m) => (open.has(m) || (settled[m]?.length ?? 0) > 0 ? n : 0));
  return {
    ...ask,
    people,
    settled,
    presses: [],
    mostBatches: planned.length + (way === 'from what is there' ? 0 : 1),
    candidates: ask.candidates.map((candidate) => {
      const { cooks } = candidate;
      const was = cooks && sizes[cooks.recipe];
      if (way === 'with a little more cooking') {
        // What is planned is made in at least that size.
        if (cooks && was !== undefined) {
          const larger = [was, Math.ceil(was * 1.25), Math.ceil(was * 1.5), was * 2];
          return { ...candidate, cooks: { ...cooks, sizes: larger } };
        }
        return candidate;
      }
      if (cooks?.locked !== undefined) return candidate;
      const { cooks: _no, ...there } = candidate;
      return there;
    }),
  };
}

import { MEAL_NAMES, MEALS_A_DAY, slotAt, type Slot, type Suggested, type WeekAsk } from '../week/index.ts';
import type { KitchenView } from './kitchenView.ts';
import { weekDays } from './stripsOf.ts';
import type { WeekChange } from './weekChange.ts';

/** A suggested week as changes of this one: its meals, its dishes in their sizes, and planned dishes that it does without. Portions that are eaten late are frozen. */
export function suggestedChange(
  view: KitchenView,
  ask: Omit<WeekAsk, 'weights'>,
  { draft, eaten }: Suggested,
): WeekChange {
  const days = weekDays(view.today);
  const slots = draft.meals.flatMap((meal, m): Slot[] => {
    const day = days[Math.floor(m / MEALS_A_DAY)];
    const name = MEAL_NAMES[m % MEALS_A_DAY];
    if (!day || !name || (ask.people[m] ?? 0) === 0 || ask.settled[m]) return [];
    const was = slotAt(view.week.slots, day, name);
    const foods = [...new Set(meal.flatMap((c) => ask.candidates[c]?.food ?? []))];
    return [{ guests: 0, ...was, day, meal: name, parts: foods.map((food) => ({ food, portions: 1 })) }];
  });
  const planned = view.batches.filter(
    ({ state, session }) =>
      state.status === 'planned' && session.id === view.session?.id && session.status === 'planned',
  );
  const cooked = draft.sizes.flatMap((portions, c) => {
    const recipe = ask.candidates[c]?.cooks?.recipe;
    if (portions === 0 || recipe === undefined) return [];
    const freezePortions = Math.min(portions, Math.max(0, Math.ceil((eaten.fromFreezer[c] ?? 0) - 1e-6)));
    return [{ recipe, portions, freezePortions }];
  });
  const planOf = (recipe: string) => planned.find(({ state }) => state.recipe === recipe);
  return {
    slots,
    size: cooked.flatMap(({ recipe, portions, freezePortions }) => {
      const batch = planOf(recipe)?.state;
      return batch && (Number(batch.portions) !== portions || Number(batch.freezePortions) !== freezePortions)
        ? [{ id: batch.id, portions, freezePortions }]
        : [];
    }),
    add: cooked.filter(({ recipe }) => !planOf(recipe)),
    drop: planned
      .filter(({ state }) => !cooked.some(({ recipe }) => recipe === state.recipe))
      .map(({ state }) => state.id),
  };
}

import {
  MEAL_NAMES,
  MEALS_A_DAY,
  WORTH_A_BOX,
  slotAt,
  type Slot,
  type Suggested,
  type WeekAsk,
} from '../week/index.ts';
import type { KitchenView } from './kitchenView.ts';
import { weekDays } from './stripsOf.ts';
import type { WeekChange } from './weekChange.ts';

/** A suggested week as changes of this one: its meals, its dishes in their sizes, and planned dishes that it does without. Portions that are eaten late are frozen. */
export function suggestedChange(
  view: KitchenView,
  ask: Omit<WeekAsk, 'weights'>,
  { draft, eaten }: Pick<Suggested, 'draft' | 'eaten'>,
  /** Guests more, or fewer, than the week has: by the number of the meal. */
  more: Readonly<Record<number, number>> = {},
): WeekChange {
  const days = weekDays(view.today);
  const slots = draft.meals.flatMap((meal, m): Slot[] => {
    const day = days[Math.floor(m / MEALS_A_DAY)];
    const name = MEAL_NAMES[m % MEALS_A_DAY];
    if (!day || !name || (ask.people[m] ?? 0) === 0) return [];
    const was = slotAt(view.week.slots, day, name);
    const guests = Math.max(0, (was?.guests ?? 0) + (more[m] ?? 0));
    if (ask.settled[m]) return was && guests !== was.guests ? [{ ...was, guests }] : [];
    const foods = [...new Set(meal.flatMap((c) => (c < 0 ? [] : (ask.candidates[c]?.food ?? []))))];
    return [{ ...was, guests, day, meal: name, parts: foods.map((food) => ({ food, portions: 1 })) }];
  });
  const filled = new Set(ask.sessions.flatMap(({ id }) => id ?? []));
  const planned = view.batches.filter(
    ({ state, session }) => state.status === 'planned' && session.status === 'planned' && filled.has(session.id),
  );
  const cooked = draft.sizes.flatMap((portions, c) => {
    const recipe = ask.candidates[c]?.cooks?.recipe;
    if (portions === 0 || recipe === undefined) return [];
    const freezePortions = frozenOf(portions, c, eaten, ask.candidates[c]?.cooks?.freezes ?? false);
    // One that is not planned, and is not simply the next, is made.
    const session = ask.sessions[draft.into[c] ?? 0]?.id;
    return [{ recipe, portions, freezePortions, ...(session === undefined ? {} : { session }) }];
  });
  const planOf = ({ recipe, session }: { readonly recipe: string; readonly session?: string }) =>
    planned.find(({ state }) => state.recipe === recipe && (session === undefined || state.session === session));
  return {
    slots,
    size: cooked.flatMap(({ portions, freezePortions, ...dish }) => {
      const batch = planOf(dish)?.state;
      return batch && (Number(batch.portions) !== portions || Number(batch.freezePortions) !== freezePortions)
        ? [{ id: batch.id, portions, freezePortions }]
        : [];
    }),
    add: cooked.filter((dish) => !planOf(dish)),
    drop: planned
      .filter(({ state }) => !cooked.some((dish) => planOf(dish)?.state === state))
      .map(({ state }) => state.id),
  };
}

/** Whole portions to freeze: what is eaten late, without taking from what is eaten while the fridge keeps it; and what nobody eats in these days, if it is worth a box. */
function frozenOf(portions: number, c: number, { fromFreezer, unused }: Suggested['eaten'], freezes: boolean): number {
  const late = fromFreezer[c] ?? 0;
  const left = unused[c] ?? 0;
  const most = Math.floor(late + left + A_BIT);
  const over = Math.floor(left);
  const wanted = Math.ceil(late - A_BIT) + (freezes && over >= WORTH_A_BOX ? over : 0);
  return Math.max(0, Math.min(portions, wanted, Math.max(most, Math.floor(late))));
}
/** Less than that of a portion is not missed. */
const A_BIT = 0.25;

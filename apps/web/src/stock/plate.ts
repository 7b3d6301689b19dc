import { appNow } from '../parts/appNow.ts';
import { shareOf, slotAt, type ComponentKind, type Eater, type MealName, type Slot } from '@kestrel-ridge/core/week';
import type { Day } from '@kestrel-ridge/core/quantity';
import { newId } from '../parts/newId.ts';
import { dayName } from '../parts/times.ts';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { stripsOf } from '@kestrel-ridge/core/view';
import type { ReadyComponent } from '@kestrel-ridge/core/view';
import { takesFor } from '@kestrel-ridge/core/view';

/** Portions on the plates, by component. */
export type Plates = Readonly<Record<string, number>>;

/** The meal that is next: lunch until 15 h. */
export const mealNow = (hour: number): MealName => (hour < 15 ? 'lunch' : 'dinner');

const half = (n: number): number => Math.round(n * 2) / 2;

/** What the plan says is eaten: the meal's parts for those at the table, no more than is there. An open meal has none. */
export function asPlanned(
  slot: Slot | undefined,
  ready: readonly ReadyComponent[],
  eaters: readonly Eater[],
  kindOf: (food: string) => ComponentKind,
): Plates {
  const guests = slot?.guests ?? 0;
  return Object.fromEntries(
    (slot?.parts ?? []).flatMap(({ food, portions }) => {
      const there = ready.find((each) => each.food.id === food);
      const wanted = (eaters.reduce((sum, eater) => sum + shareOf(eater, kindOf(food)), 0) + guests) * portions;
      return there ? [[food, Math.min(there.portions, half(wanted))]] : [];
    }),
  );
}

export interface EatenEntry {
  readonly id: string;
  readonly eater?: string;
  readonly food: string;
  readonly day: Day;
  readonly meal: MealName;
  readonly portions: number;
}

/** Who ate how much: by their shares, where nobody says otherwise. What guests ate has no name. */
export function entriesFor(
  plates: Plates,
  said: Readonly<Record<string, number>>,
  at: { readonly day: Day; readonly meal: MealName; readonly guests: number },
  eaters: readonly Eater[],
  kindOf: (food: string) => ComponentKind,
): readonly EatenEntry[] {
  const { day, meal, guests } = at;
  return Object.entries(plates).flatMap(([food, portions]): EatenEntry[] => {
    if (portions <= 0) return [];
    const told = eaters.filter(({ id }) => said[`${id} ${food}`] !== undefined);
    const others = eaters.filter(({ id }) => said[`${id} ${food}`] === undefined);
    const toldPortions = told.reduce((sum, { id }) => sum + (said[`${id} ${food}`] ?? 0), 0);
    const shares = others.reduce((sum, eater) => sum + shareOf(eater, kindOf(food)), guests);
    const each = shares > 0 ? Math.max(0, portions - toldPortions) / shares : 0;
    const entry = (n: number, eater?: string): EatenEntry[] =>
      n < 0.02
        ? []
        : [{ id: newId(), food, day, meal, portions: Math.round(n * 100) / 100, ...(eater ? { eater } : {}) }];
    return [
      ...told.flatMap(({ id }) => entry(said[`${id} ${food}`] ?? 0, id)),
      ...others.flatMap((eater) => entry(each * shareOf(eater, kindOf(food)), eater.id)),
      ...entry(each * guests),
    ];
  });
}

/** What the days after will lack because of what is eaten now: said before it is done. */
export function lacksAfter(
  view: KitchenView,
  ready: readonly ReadyComponent[],
  plates: Plates,
  meal: MealName,
): readonly string[] {
  const takes = new Map(
    ready.flatMap((each) =>
      takesFor(each, plates[each.food.id] ?? 0).map(({ lot, amount }) => [lot, Number(amount)] as const),
    ),
  );
  if (takes.size === 0) return [];
  // This meal is eaten then: it wants no more.
  const eaten = { id: 'now', day: view.today, meal, eater: null, food: '', portions: 1 };
  const after: KitchenView = {
    ...view,
    week: { ...view.week, eaten: [...view.week.eaten, eaten] },
    lots: view.lots.map((lot) => {
      const gone = takes.get(lot.state.id);
      return gone === undefined ? lot : { ...lot, onHand: lot.onHand.sub(Math.round(gone * 1000) / 1000) };
    }),
  };
  const now = appNow();
  const before = stripsOf(view, {}, now);
  return stripsOf(after, {}, now).flatMap((item) => {
    const was = before.find(({ food }) => food.id === item.food.id);
    if (!was || (plates[item.food.id] ?? 0) === 0) return [];
    const later = item.strip.meals.flatMap((meal, m) => {
      const more = meal.short - (was.strip.meals[m]?.short ?? 0);
      return more > item.portionG / 3 ? [{ meal, more }] : [];
    });
    const [first] = later;
    if (!first) return [];
    const slot = slotAt(view.week.slots, first.meal.day, first.meal.meal);
    const portions = Math.max(1, Math.round(later.reduce((sum, { more }) => sum + more, 0) / item.portionG));
    return [
      `${item.name}: ${portions} ${portions === 1 ? 'portion' : 'portions'} short from ${dayName(first.meal.day)} ${first.meal.meal} on${slot?.parts.some(({ food }) => food === item.food.id) ? ', where it is planned' : ''}`,
    ];
  });
}

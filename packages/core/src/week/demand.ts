import type { Day } from '../quantity/index.ts';
import { eatersAt, shareOf, type Attendance, type ComponentKind, type Eater } from './eaters.ts';
import { refusalOf, type Eaten } from './mayEat.ts';
import { MEALS_A_DAY, MEAL_NAMES, slotAt, type MealName, type Slot } from './meals.ts';

/** Who eats when, as the kitchen has said it. */
export interface Table {
  readonly eaters: readonly Eater[];
  readonly attendance: readonly Attendance[];
  readonly slots: readonly Slot[];
}

export interface Demanded extends Eaten {
  readonly kind: ComponentKind;
  readonly portionG: number;
  /** Usual portions that each takes in a day at meals that are open. */
  readonly portionsADay: number;
}

/** Times what is usual, by what was learned of an eater, a component and a meal; without one, of all meals; 1 where nothing was. */
export type Learned = (eater: string, food: string, meal?: MealName) => number;
const NOTHING_LEARNED: Learned = () => 1;

/**
 * Grams of a component that are wanted at each meal of some days, lunch and dinner in turn. A meal that says its parts takes those and nothing else; an open one takes
 * of everything, by the day. Who does not eat it takes none.
 */
export function demandOf(
  component: Demanded,
  days: readonly Day[],
  table: Table,
  learned: Learned = NOTHING_LEARNED,
): readonly number[] {
  const willing = table.eaters.filter((eater) => refusalOf(eater, component) === undefined);
  const takenAt = (meal: MealName) =>
    new Map(
      willing.map((eater) => [eater, shareOf(eater, component.kind) * learned(eater.id, component.id, meal)] as const),
    );
  const takes = new Map(MEAL_NAMES.map((meal) => [meal, takenAt(meal)]));
  return seatsOf(table, days).map(({ slot, meal, at }) => {
    const parts = slot?.parts ?? [];
    const each =
      parts.length > 0
        ? (parts.find(({ food }) => food === component.id)?.portions ?? 0)
        : component.portionsADay / MEALS_A_DAY;
    if (each === 0) return 0;
    const portions = at.reduce((sum, eater) => sum + (takes.get(meal)?.get(eater) ?? 0), 0);
    return (portions + (slot?.guests ?? 0)) * each * component.portionG;
  });
}

interface Seats {
  readonly slot: Slot | undefined;
  readonly meal: MealName;
  readonly at: readonly Eater[];
}

/** Who sits at each meal is the same for every component: worked out once for a table. */
const seated = new WeakMap<Table, { readonly days: string; readonly seats: readonly Seats[] }>();
function seatsOf(table: Table, days: readonly Day[]): readonly Seats[] {
  const key = days.join(' ');
  const known = seated.get(table);
  if (known?.days === key) return known.seats;
  const seats = days.flatMap((day) =>
    MEAL_NAMES.map((meal): Seats => ({
      slot: slotAt(table.slots, day, meal),
      meal,
      at: eatersAt(day, meal, table.eaters, table.attendance),
    })),
  );
  seated.set(table, { days: key, seats });
  return seats;
}

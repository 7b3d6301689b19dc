import type { Day } from '../quantity/index.ts';
import { eatersAt, shareOf, type Attendance, type ComponentKind, type Eater } from './eaters.ts';
import { refusalOf, type Eaten } from './mayEat.ts';
import { MEALS_A_DAY, MEAL_NAMES, slotAt, type Slot } from './meals.ts';

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

/** Times what is usual, by what was learned of an eater and a component; 1 where nothing was. */
export type Learned = (eater: string, food: string) => number;
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
  return days.flatMap((day) =>
    MEAL_NAMES.map((meal) => {
      const slot = slotAt(table.slots, day, meal);
      const parts = slot?.parts ?? [];
      const each =
        parts.length > 0
          ? (parts.find(({ food }) => food === component.id)?.portions ?? 0)
          : component.portionsADay / MEALS_A_DAY;
      if (each === 0) return 0;
      const portions = eatersAt(day, meal, table.eaters, table.attendance)
        .filter((eater) => refusalOf(eater, component) === undefined)
        .reduce((sum, eater) => sum + shareOf(eater, component.kind) * learned(eater.id, component.id), 0);
      return (portions + (slot?.guests ?? 0)) * each * component.portionG;
    }),
  );
}

import type { Allergen, FoodGroup, FoodId } from '../food/index.ts';
import { weekday, type Day } from '../quantity/index.ts';
import type { Revision } from '../recipe/index.ts';
import type { DayWishes } from './intakes.ts';
import type { MealName } from './meals.ts';

export type ComponentKind = Revision['component']['kind'];
export const COMPONENT_KINDS = [
  'grain',
  'legume',
  'roots',
  'sauce',
  'greens',
  'dish',
] as const satisfies readonly ComponentKind[];

/** What somebody eats, and how much of it. What is left out is as usual. */
export interface Tastes {
  /** Times the usual portion, by what it is: 1.5 of grain, 0.5 of greens. */
  readonly groups?: Readonly<Partial<Record<ComponentKind, number>>>;
  /** Days of the week on which they eat here, by meal; left out: every meal of their days. */
  readonly meals?: Readonly<Partial<Record<MealName, readonly number[]>>>;
  /** Components they like. */
  readonly likes?: readonly FoodId[];
  /** Foods they never eat, bought or made. */
  readonly never?: readonly FoodId[];
  readonly allergens?: readonly Allergen[];
  /** Groups of foods they never eat: pulses, nuts and seeds. */
  readonly neverGroups?: readonly FoodGroup[];
  /** Components, or foods, they eat in spite of what is said above. */
  readonly inSpite?: readonly FoodId[];
  /** They eat it without chilli: what is hot goes in after their part is taken out. */
  readonly mild?: boolean;
  /** So many days in a row the same thing, and no more; left out: they do not mind. */
  readonly repeats?: number;
  /** What they wish a day to bring, in place of the reference. */
  readonly wishes?: DayWishes;
}

export interface Eater {
  readonly id: string;
  readonly name: string;
  /** 1 is a usual portion. */
  readonly appetite: number;
  /** Days of the week present, 0 Monday … 6 Sunday. */
  readonly weekdays: readonly number[];
  readonly tastes?: Tastes;
}

/** One day on which it is otherwise. */
export interface Attendance {
  readonly eater: string;
  readonly day: Day;
  readonly here: boolean;
}

/** Who eats on a day: by weekday, unless that day says otherwise. */
export function eatersOn(on: Day, eaters: readonly Eater[], exceptions: readonly Attendance[]): readonly Eater[] {
  return eaters.filter((eater) => {
    const said = exceptions.find((exception) => exception.eater === eater.id && exception.day === on);
    return said ? said.here : eater.weekdays.includes(weekday(on));
  });
}

/** Who sits at a meal: who is here that day and takes that meal. Whoever is said to be here on a day that is not theirs takes all of them. */
export function eatersAt(
  on: Day,
  meal: MealName,
  eaters: readonly Eater[],
  exceptions: readonly Attendance[],
): readonly Eater[] {
  return eatersOn(on, eaters, exceptions).filter((eater) => {
    const days = eater.tastes?.meals?.[meal];
    return days === undefined || days.includes(weekday(on)) || !eater.weekdays.includes(weekday(on));
  });
}

/** The share of the usual portion that an eater takes of a kind of component. */
export const shareOf = ({ appetite, tastes }: Eater, kind: ComponentKind): number =>
  appetite * (tastes?.groups?.[kind] ?? 1);

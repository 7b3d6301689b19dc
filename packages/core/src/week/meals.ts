import type { Day } from '../quantity/index.ts';

/** Two meals a day are counted: lunch and dinner. */
export const MEAL_NAMES = ['lunch', 'dinner'] as const;
export type MealName = (typeof MEAL_NAMES)[number];
export const MEALS_A_DAY = MEAL_NAMES.length;

/** When they are served where nobody says otherwise, by the clocks of the kitchen. Common practice, no published source. */
export const MEAL_CLOCK: Readonly<Record<MealName, string>> = { lunch: '12:30', dinner: '18:30' };

/** A part of a meal: a component, and how many usual portions of it each one takes. */
export interface MealPart {
  readonly food: string;
  readonly portions: number;
}

/** A meal on a day. Without parts it is open: something from the boxes. */
export interface Slot {
  readonly day: Day;
  readonly meal: MealName;
  readonly parts: readonly MealPart[];
  /** Who eats with them, beside the eaters of the kitchen. */
  readonly guests: number;
  /** "19:30", where it is not the usual time. */
  readonly serveAt?: string;
  /** A suggestion leaves it alone. */
  readonly locked?: boolean;
  /** "the ranger’s birthday" */
  readonly note?: string;
}

/** What a meal is when nothing is said of it. */
export const openSlot = (day: Day, meal: MealName): Slot => ({ day, meal, parts: [], guests: 0 });

/** Do two say the same of a meal? */
export const sameSlot = (a: Slot, b: Slot): boolean =>
  a.day === b.day &&
  a.meal === b.meal &&
  a.guests === b.guests &&
  a.serveAt === b.serveAt &&
  (a.locked ?? false) === (b.locked ?? false) &&
  a.note === b.note &&
  a.parts.length === b.parts.length &&
  a.parts.every(({ food, portions }, n) => b.parts[n]?.food === food && b.parts[n].portions === portions);

export const slotAt = (slots: readonly Slot[], day: Day, meal: MealName): Slot | undefined =>
  slots.find((slot) => slot.day === day && slot.meal === meal);

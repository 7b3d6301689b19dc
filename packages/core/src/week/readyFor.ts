import { HOUR_MS } from '../quantity/index.ts';
import type { Day, Moment } from '../quantity/index.ts';
import { MEAL_NAMES, type Slot } from './meals.ts';
import { servedAt } from './takeOut.ts';

/** A session's dishes are on the table so long after it begins, ms, where no plan says it better. Common practice, no published source. */
const COOKED_AFTER = 2 * HOUR_MS;

/** When what is cooked in a session that begins then is on the table; ms. */
export const readyAfter = (start: number): number => start + COOKED_AFTER;

/** The first meal of these days that is served at a moment or later, lunch and dinner in turn; past the last where there is none. */
export function firstMealFrom(slots: readonly Slot[], days: readonly Day[], zone: string, ready: number): number {
  const served = servedOn(slots, days, zone);
  const meal = served.findIndex((at) => at >= ready);
  return meal < 0 ? served.length : meal;
}

/** The first meal that what is cooked in a session can feed. `start`: ms; one rule for what is suggested and for what the strips show. */
export const firstMealOf = (slots: readonly Slot[], days: readonly Day[], zone: string, start: number): number =>
  firstMealFrom(slots, days, zone, readyAfter(start));

/** When each meal of these days is served: asked for by every box and batch, the same as long as the meals and the days are. */
const known = new WeakMap<
  readonly Slot[],
  { readonly days: readonly Day[]; readonly zone: string; readonly served: readonly Moment[] }
>();
function servedOn(slots: readonly Slot[], days: readonly Day[], zone: string): readonly Moment[] {
  const before = known.get(slots);
  if (before?.days === days && before.zone === zone) return before.served;
  const served = days.flatMap((day) => MEAL_NAMES.map((meal) => servedAt(slots, day, meal, zone)));
  known.set(slots, { days, zone, served });
  return served;
}

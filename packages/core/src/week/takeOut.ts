import { addDays, momentAt, type Day, HOUR_MS, type Moment } from '../quantity/index.ts';
import { MEAL_CLOCK, slotAt, type MealName, type Slot } from './meals.ts';
import type { Strip } from './strip.ts';

/** A frozen box that may be taken out, the first to be used first. */
export interface FrozenBox {
  readonly lot: string;
  readonly grams: number;
  /** Hours before a meal by which it is moved to the fridge. */
  readonly aheadHours: number;
  /** Not before it is frozen through, ms since 1970; left out: it is. */
  readonly earliest?: Moment;
}

export interface TakeOut {
  readonly lot: string;
  readonly grams: number;
  readonly day: Day;
  readonly meal: MealName;
  /** The meal, ms since 1970. */
  readonly servedAt: Moment;
  /** When it is moved from the freezer to the fridge, ms since 1970: an evening, as late as it may be. */
  readonly at: Moment;
  /** No evening is left that is early enough: cold water or a microwave, and then it is eaten at once. */
  readonly tooLate: boolean;
}

/** When the kitchen looks at the next days. Common practice, no published source. */
export const EVENING_CLOCK = '20:00';

/** When a meal is served, ms since 1970. */
export const servedAt = (slots: readonly Slot[], day: Day, meal: MealName, zone: string): number =>
  momentAt(day, slotAt(slots, day, meal)?.serveAt ?? MEAL_CLOCK[meal], zone);

/**
 * Which boxes come out of the freezer for the meals of a strip, and on which evening: the last one that leaves a block the time it needs in the fridge.
 * A box that is taken out is eaten whole before the next one comes out; what was just frozen stays until it is frozen through.
 */
export function takeOuts(
  strip: Strip,
  boxes: readonly FrozenBox[],
  slots: readonly Slot[],
  zone: string,
  now: Moment,
): readonly TakeOut[] {
  const left = boxes.map((box) => ({ ...box }));
  const out: TakeOut[] = [];
  let open = 0;
  for (const { day, meal, thawed } of strip.meals) {
    let want = thawed - open;
    open = Math.max(0, -want);
    if (want <= 1) continue;
    const served = servedAt(slots, day, meal, zone);
    // A meal that is past asks for nothing.
    while (want > 1 && served >= now) {
      const next = left.findIndex(
        ({ earliest, aheadHours }) => (earliest ?? -Infinity) + aheadHours * HOUR_MS <= served,
      );
      const [box] = next < 0 ? [] : left.splice(next, 1);
      if (!box) break;
      const at = Math.max(lastEvening(day, served - box.aheadHours * HOUR_MS, zone), box.earliest ?? -Infinity);
      out.push({
        lot: box.lot,
        grams: box.grams,
        day,
        meal,
        servedAt: served,
        at: Math.max(at, now),
        tooLate: now > served - box.aheadHours * HOUR_MS,
      });
      want -= box.grams;
      open = Math.max(0, -want);
    }
  }
  return out;
}

/** The last evening at or before a moment. */
function lastEvening(before: Day, moment: Moment, zone: string): Moment {
  for (let back = 0; back < 14; back++) {
    const at = momentAt(addDays(before, -back), EVENING_CLOCK, zone);
    if (at <= moment) return at;
  }
  return moment;
}

import type { Day } from '../quantity/index.ts';
import type { ComponentStrip } from './stripsOf.ts';

/** Less is what rounding leaves in a pot, and nobody's worry. Common practice, no published source. */
const LEAST_PORTIONS = 0.5;

/** What of a component nobody is there to eat before its last day. */
export interface Spoilt {
  readonly portions: number;
  /** The first day on which some of it is past its date. */
  readonly on: Day;
  /** Its place among the meals of the strip. */
  readonly meal: number;
}

/**
 * What goes past its date in a week, for every screen that says so; undefined: nothing, or less than half a portion.
 * @example spoiltOf(strip)?.portions // 1.4
 */
export function spoiltOf({ strip, portionG }: Pick<ComponentStrip, 'strip' | 'portionG'>): Spoilt | undefined {
  const portions = strip.spoiledGrams / portionG;
  if (portions < LEAST_PORTIONS) return undefined;
  const meal = strip.meals.findIndex(({ spoiled }) => spoiled > 0);
  const on = strip.meals[meal]?.day;
  return on === undefined ? undefined : { portions, on, meal };
}

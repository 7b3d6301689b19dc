import { addDays, type Day } from '../quantity/index.ts';
import type { Strip, Supply } from './strip.ts';

/** So much of a piece of supply will not be eaten while the fridge keeps it: it has to be frozen, by that day at the latest. */
export interface FreezeBy {
  /** Which piece, as it was handed in. */
  readonly piece: number;
  readonly grams: number;
  readonly by: Day;
  /** The first day that it can feed once it is frozen; undefined: no meal of these days wants it. */
  readonly reaches: Day | undefined;
}

/** What has to be frozen of each piece of supply, so that nothing goes off: what the fold says would spoil. What was thawed is not frozen again. */
export function freezeBy(supply: readonly Supply[], strip: Strip): readonly FreezeBy[] {
  return supply.flatMap((piece, n): FreezeBy[] => {
    const grams = strip.fates[n]?.spoiled ?? 0;
    const { until } = piece;
    if (piece.frozen || piece.thawed || grams < 1 || until === undefined) return [];
    const reaches = strip.meals.find(({ day, short }) => day >= addDays(until, 1) && short > 0)?.day;
    return [{ piece: n, grams, by: until, reaches }];
  });
}

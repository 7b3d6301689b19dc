import type { PastState } from '../formats/index.ts';
import type { KitchenView } from './kitchenView.ts';
import { dishesOfPast } from './weekThatWas.ts';

/** Of fewer portions nobody can say what is usual. Common practice, no published source. */
const MADE_FROM = 6;

/**
 * Of each dish that was made in these days, by its food, which share of it was thrown away; dishes of which nothing was are left out.
 * @example lostShares(view, past).get(kale) // 0.2: 8 of 40 portions
 */
export const lostShares = (view: KitchenView, past: PastState): ReadonlyMap<string, number> =>
  new Map(
    dishesOfPast(view, past).flatMap(({ food, made, before, thrown }): readonly (readonly [string, number])[] =>
      made + before >= MADE_FROM && thrown > 0 ? [[food, Math.min(1, thrown / (made + before))]] : [],
    ),
  );

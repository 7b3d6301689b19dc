import type { PastState } from '../formats/index.ts';
import type { KitchenView } from './kitchenView.ts';
import { dishesOfPast, type PastDish } from './weekThatWas.ts';

/** What became of a dish in the weeks behind, for whoever decides how much to make of it now. */
export interface LastTimes {
  /** So often it was put away. */
  readonly times: number;
  readonly dish: PastDish;
  /** So many portions fewer a time would have been enough; 0: all was eaten, or is still there. */
  readonly fewer: number;
}

/** Once is chance: from so many portions on it is worth a word. */
const WORTH_SAYING = 1;

/**
 * The last times of a dish; undefined where it was not made in these days.
 * @example lastTimes(view, past, 'kale')?.fewer // 2: of three times eight, six were thrown away
 */
export function lastTimes(view: KitchenView, past: PastState, recipe: string): LastTimes | undefined {
  const food = view.recipes.find(({ id }) => id === recipe)?.document.component.id;
  const times = past.batches.filter((batch) => batch.recipe === recipe && batch.status === 'put away').length;
  const dish = dishesOfPast(view, past).find((each) => each.food === food);
  if (!dish || times === 0) return undefined;
  const lost = dish.thrown / times;
  return { times, dish, fewer: dish.thrown >= WORTH_SAYING ? Math.max(1, Math.round(lost)) : 0 };
}

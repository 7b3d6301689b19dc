import type { Food } from './food.ts';
import { LABELS, readFoodTable } from './readFoodTable.ts';
import { BOUGHT_READY } from './table/boughtReady.ts';
import { GRAINS_AND_LEGUMES } from './table/grainsAndLegumes.ts';
import { NUTS_AND_SEASONINGS } from './table/nutsAndSeasonings.ts';
import { VEGETABLES } from './table/vegetables.ts';

/** The foods that every kitchen starts with. Every figure names its source; a figure that is not known is not there. */
export const BOOK: readonly Food[] = [
  ...[GRAINS_AND_LEGUMES, VEGETABLES, NUTS_AND_SEASONINGS].flatMap((table) => readFoodTable(table)),
  ...readFoodTable(BOUGHT_READY, LABELS),
];

/** A food of the book by its name there; a name that is not there is our mistake and throws. */
export function bookFood(name: string): Food {
  const food = BOOK.find((f) => f.name === name);
  if (!food) throw new Error(`No food "${name}" in the book.`);
  return food;
}

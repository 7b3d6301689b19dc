import type { Food } from '../food/index.ts';
import { inBase, type Fraction } from '../quantity/index.ts';
import { byProductsOf, type ScaledBatch } from '../scaling/index.ts';
import type { KitchenView } from './kitchenView.ts';

/** What comes out of a batch beside the dish and is kept on the shelf, as food that is known here: by its name, as it is booked when it is put away. */
export interface KeptBeside {
  readonly food: Food;
  /** In the food's base unit. */
  readonly amount: Fraction;
  readonly keepsDays: number;
}

const byName = new WeakMap<KitchenView['foods'], ReadonlyMap<string, Food>>();
function namedIn(foods: KitchenView['foods']): ReadonlyMap<string, Food> {
  const before = byName.get(foods);
  if (before) return before;
  const named = new Map([...foods.values()].map((food) => [food.name, food]));
  byName.set(foods, named);
  return named;
}
const BASE_OF = { mass: 'g', volume: 'mL', count: 'each' } as const;

/**
 * What of a batch other dishes can be made of, that would have gone down the drain: cooking water, stock, zest. Of what no food here is called nobody can make anything.
 * @example keptBeside(view, scaled) // [{ food: celeriacStock, amount: 500, keepsDays: 3 }]
 */
export const keptBeside = ({ foods }: Pick<KitchenView, 'foods'>, scaled: ScaledBatch): readonly KeptBeside[] =>
  byProductsOf(scaled).flatMap(({ name, amount, goes }) => {
    const food = goes.to === 'shelf' ? namedIn(foods).get(name) : undefined;
    return food && goes.to === 'shelf' && BASE_OF[amount.kind] === food.facts.base
      ? [{ food, amount: inBase(amount), keepsDays: goes.keepsDays.value }]
      : [];
  });

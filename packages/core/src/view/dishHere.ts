import type { RecipeState } from '../formats/index.ts';
import { Fraction } from '../quantity/index.ts';
import { cookedAs, type Revision } from '../recipe/index.ts';
import { scaleBatch, type ScaledBatch } from '../scaling/index.ts';
import type { KitchenView } from './kitchenView.ts';

/** A recipe as it is cooked in this kitchen where nobody chooses otherwise, in its written size. */
export interface DishHere {
  readonly recipe: RecipeState;
  readonly document: Revision;
  readonly scaled: ScaledBatch;
}

const known = new WeakMap<
  Revision,
  { readonly equipment: unknown; readonly foods: unknown; readonly dish: DishHere }
>();

/** Worked out once for a recipe, as long as the kitchen and its foods are what they are. */
export function dishHere({ kitchen, foods }: Pick<KitchenView, 'kitchen' | 'foods'>, recipe: RecipeState): DishHere {
  const { equipment } = kitchen;
  const before = known.get(recipe.document);
  if (before?.equipment === equipment && before.foods === foods) return before.dish;
  const document = cookedAs(recipe.document, {}, foods);
  const dish = { recipe, document, scaled: scaleBatch(document, new Fraction(document.portions), foods, equipment) };
  known.set(recipe.document, { equipment, foods, dish });
  return dish;
}

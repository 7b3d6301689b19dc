import type { Allergen, FoodId } from '../food/index.ts';
import type { Eater } from './eaters.ts';

/** A component as far as it matters to who may eat it. */
export interface Eaten {
  readonly id: FoodId;
  readonly allergens: readonly Allergen[];
  /** The foods that go into it, with their names. */
  readonly foods: readonly { readonly id: FoodId; readonly name: string }[];
}

/** Why somebody does not eat a component; undefined: they do. What they eat in spite of it they eat. */
export function refusalOf({ tastes }: Eater, eaten: Eaten): string | undefined {
  if (!tastes || tastes.inSpite?.includes(eaten.id)) return undefined;
  const allergen = eaten.allergens.find((each) => tastes.allergens?.includes(each));
  if (allergen) return `contains ${allergen}`;
  if (tastes.never?.includes(eaten.id)) return 'never eats it';
  const food = eaten.foods.find(({ id }) => tastes.never?.includes(id));
  return food && `never eats ${food.name}`;
}

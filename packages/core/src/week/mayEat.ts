import type { AllergenStatement, FoodId } from '../food/index.ts';
import type { Eater } from './eaters.ts';

/** A component as far as it matters to who may eat it. */
export interface Eaten {
  readonly id: FoodId;
  readonly allergens: AllergenStatement;
  /** The foods that go into it, with their names. */
  readonly foods: readonly { readonly id: FoodId; readonly name: string }[];
}

/** Why somebody does not eat a component; undefined: they do. What they eat in spite of it they eat. */
export function refusalOf({ tastes }: Eater, eaten: Eaten): string | undefined {
  if (!tastes || tastes.inSpite?.includes(eaten.id)) return undefined;
  const { contains, may, unknown } = eaten.allergens;
  const mine = tastes.allergens ?? [];
  const inIt = contains.find((each) => mine.includes(each));
  if (inIt) return `contains ${inIt}`;
  const perhaps = may.find((each) => mine.includes(each));
  if (perhaps) return `may contain ${perhaps}`;
  // Careful side: what nobody knows is not for somebody who must not have it.
  if (mine.length > 0 && unknown.length > 0) return `allergens unknown: ${unknown.join(', ')}`;
  if (tastes.never?.includes(eaten.id)) return 'never eats it';
  const food = eaten.foods.find(({ id }) => tastes.never?.includes(id));
  return food && `never eats ${food.name}`;
}

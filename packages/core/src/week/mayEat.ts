import type { AllergenStatement, FoodGroup, FoodId } from '../food/index.ts';
import type { Eater } from './eaters.ts';

/** A food in it, also by way of another dish. */
export interface EatenFood {
  readonly id: FoodId;
  readonly name: string;
  readonly groups: readonly FoodGroup[];
}

/** A component as far as it matters to who may eat it. */
export interface Eaten {
  readonly id: FoodId;
  readonly allergens: AllergenStatement;
  /** The foods that go into it, with their names. */
  readonly foods: readonly EatenFood[];
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
  const others = eaten.foods.filter(({ id }) => !tastes.inSpite?.includes(id));
  const food = others.find(({ id }) => tastes.never?.includes(id));
  if (food) return `never eats ${food.name}`;
  for (const { name, groups } of others) {
    const group = groups.find((each) => tastes.neverGroups?.includes(each));
    if (group) return `never eats ${group}: ${name}`;
  }
  return undefined;
}

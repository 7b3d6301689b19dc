import type { Composition, Food, FoodId } from '../food/index.ts';
import type { Equipment } from '../kitchen/index.ts';
import { Fraction } from '../quantity/index.ts';
import type { Revision } from '../recipe/index.ts';
import { perPortion } from './perPortion.ts';
import { scaleBatch } from './scaleBatch.ts';

/**
 * Foods with the composition of what this kitchen makes itself, folded from its recipes, so that a plate of components can be counted. Only components that are asked
 * for are worked out; a component of components goes one level down.
 */
export function withComposition(
  foods: ReadonlyMap<FoodId, Food>,
  recipes: readonly Revision[],
  equipment: Equipment,
  wanted: readonly FoodId[],
): ReadonlyMap<FoodId, Food> {
  const made = recipes.filter((recipe) => wanted.includes(recipe.component.id));
  if (made.length === 0) return foods;
  const known = new Map(foods);
  for (const recipe of made) {
    const food = foods.get(recipe.component.id);
    if (!food || recipe.lines.some((line) => !foods.has(line.food))) continue;
    const scaled = scaleBatch(recipe, new Fraction(recipe.portions), foods, equipment);
    const { nutrients, covered } = perPortion(scaled);
    if (covered < 0.5 || scaled.portionG <= 0) continue;
    const per100 = (key: (typeof nutrients)[number]['key']) =>
      ((nutrients.find((each) => each.key === key)?.perPortion ?? 0) / scaled.portionG) * 100;
    const composition: Composition = {
      kJ: per100('energy'),
      proteinG: per100('protein'),
      fibreG: per100('fibre'),
      ironMg: per100('iron'),
      vitaminCMg: per100('vitamin C'),
      // Salt on a label is sodium × 2.5.
      sodiumMg: (per100('salt') * 1000) / 2.5,
    };
    known.set(food.id, {
      ...food,
      facts: {
        ...food.facts,
        composition: { value: composition, source: `computed from the recipe “${recipe.name}”` },
      },
    });
  }
  return known;
}

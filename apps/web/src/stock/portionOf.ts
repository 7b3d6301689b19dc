import { Fraction } from '@kestrel-ridge/core/quantity';
import { cookedAs } from '@kestrel-ridge/core/recipe';
import { scaleBatch } from '@kestrel-ridge/core/scaling';
import type { KitchenView } from '../app/useKitchenState.ts';

/** Grams in a portion of something made, by its recipe; undefined for what is bought. */
export function portionOf(view: KitchenView, food: string): number | undefined {
  const recipe = view.recipes.find(({ document }) => document.component.id === food);
  if (!recipe) return undefined;
  const document = cookedAs(recipe.document, {}, view.foods);
  return Math.round(scaleBatch(document, new Fraction(document.portions), view.foods, view.kitchen.equipment).portionG);
}

import { Fraction } from '../quantity/index.ts';
import { cookedAs } from '../recipe/index.ts';
import { scaleBatch } from '../scaling/index.ts';
import type { KitchenView } from './kitchenView.ts';

/** Grams in a portion of something made, by its recipe; undefined for what is bought. */
export function portionOf(view: KitchenView, food: string): number | undefined {
  const recipe = view.recipes.find(({ document }) => document.component.id === food);
  if (!recipe) return undefined;
  const document = cookedAs(recipe.document, {}, view.foods);
  return Math.round(scaleBatch(document, new Fraction(document.portions), view.foods, view.kitchen.equipment).portionG);
}

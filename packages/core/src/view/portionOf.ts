import { dishHere } from './dishHere.ts';
import type { KitchenView } from './kitchenView.ts';

/** Grams in a portion of something made, by its recipe; undefined for what is bought. */
export function portionOf(view: KitchenView, food: string): number | undefined {
  const recipe = view.recipes.find(({ document }) => document.component.id === food);
  return recipe && Math.round(dishHere(view, recipe).scaled.portionG);
}

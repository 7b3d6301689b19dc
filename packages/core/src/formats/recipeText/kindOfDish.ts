import type { Food } from '../../food/index.ts';
import type { Revision } from '../../recipe/index.ts';

const SAUCE = /\b(sauce|cream|dressing|dip|spread|relish)$/i;
const WHOLE = /\b(soup|stew|bake|wraps?|plates?|bowls?|fritters?|pie|breakfast|casserole)\b/i;
const ROOTS = /celeriac|parsnip|swede|carrot|kohlrabi|beetroot|potato|turnip|salsify|radish/i;

/**
 * What a dish is in a meal, by its name, else by what most of it is made of: a pasted recipe does not say. It can be changed in the recipe.
 * @param weighed what goes in, with its grams
 */
export function kindOfDish(
  name: string,
  weighed: readonly { readonly food: Food; readonly grams: number }[],
): Revision['component']['kind'] {
  if (SAUCE.test(name.trim())) return 'sauce';
  if (WHOLE.test(name)) return 'dish';
  const [most] = weighed
    .filter(({ food }) => ['grain', 'legume', 'vegetable', 'leaf'].includes(food.facts.kind))
    // What is dry grows to two and a half times its weight.
    .map(({ food, grams }) => ({
      food,
      grams: food.facts.kind === 'grain' || food.facts.kind === 'legume' ? grams * 2.5 : grams,
    }))
    .sort((a, b) => b.grams - a.grams);
  switch (most?.food.facts.kind) {
    case 'grain':
      return 'grain';
    case 'legume':
      return 'legume';
    case 'leaf':
      return 'greens';
    case 'vegetable':
      return /salad/i.test(name) ? 'greens' : ROOTS.test(most.food.name) ? 'roots' : 'greens';
    default:
      return 'dish';
  }
}

import type { Food, FoodId } from '../food/index.ts';
import type { Revision } from './revision.ts';

/** A recipe with the words it can be found by. */
export interface RecipeWords<R> {
  readonly recipe: R;
  readonly name: string;
  readonly words: readonly string[];
}

const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[^a-z0-9äöüéèàß]+/)
    .filter(Boolean);

/** Makes a list of recipes findable: by name, component, foods and their other names, vessel and stations. Done once, not at each keystroke. */
export const indexRecipes = <R extends { readonly document: Revision }>(
  recipes: readonly R[],
  foods: ReadonlyMap<FoodId, Food>,
): readonly RecipeWords<R>[] =>
  recipes.map((recipe) => {
    const { document } = recipe;
    const named = document.lines.flatMap((line) => {
      const food = foods.get(line.food);
      return food ? [food.name, ...(food.facts.names ?? [])] : [];
    });
    const stations = document.uses.map((use) => use.station);
    return {
      recipe,
      name: document.name.toLowerCase(),
      words: [
        ...new Set(
          wordsOf(
            [
              document.name,
              document.component.name,
              document.component.kind,
              document.vessel,
              ...stations,
              ...named,
            ].join(' '),
          ),
        ),
      ],
    };
  });

/**
 * Recipes in which every word of a query begins a word; those whose name begins with it first. An empty query finds all.
 */
export function searchRecipes<R>(index: readonly RecipeWords<R>[], query: string): readonly R[] {
  const asked = wordsOf(query);
  if (asked.length === 0) return index.map(({ recipe }) => recipe);
  return index
    .filter(({ words }) => asked.every((ask) => words.some((word) => word.startsWith(ask))))
    .map((each) => ({
      each,
      rank: each.name.startsWith(asked.join(' ')) ? 0 : asked.every((ask) => each.name.includes(ask)) ? 1 : 2,
    }))
    .sort((a, b) => a.rank - b.rank || a.each.name.localeCompare(b.each.name))
    .map(({ each }) => each.recipe);
}

import type { StoredRecipe } from '@kestrel-ridge/core/formats';
import { readRevision } from '@kestrel-ridge/core/recipe/schema';
import type { RevisionRow } from './recipe.model.ts';

type Stored = Pick<RevisionRow, 'recipe' | 'number' | 'document'>;

/** Undefined: it can be read. A document may be older than what reads it now, or have come into the table past the server. */
export function documentFault(document: unknown): string | undefined {
  const read = readRevision(document);
  if (read.ok) return undefined;
  const [first] = read.problem;
  return first ? `${first.field}: ${first.fault}` : 'It is no recipe.';
}

/**
 * Every recipe with its newest revision that can be read, or with why none can. None of them takes the others with it.
 * @param revisions of all recipes, each recipe's in the order of their numbers
 */
export function readableRecipes(
  names: ReadonlyMap<string, string>,
  revisions: readonly Stored[],
): readonly StoredRecipe[] {
  const byRecipe = new Map<string, Stored[]>();
  for (const row of revisions) byRecipe.set(row.recipe, [...(byRecipe.get(row.recipe) ?? []), row]);
  return [...byRecipe]
    .flatMap(([id, rows]): StoredRecipe[] => {
      const newest = rows.at(-1);
      if (!newest) return [];
      const name = names.get(id) ?? '';
      const fault = documentFault(newest.document);
      if (fault === undefined) return [{ id, name, number: newest.number, document: newest.document }];
      const before = rows.findLast(({ document }) => documentFault(document) === undefined);
      return [
        before
          ? { id, name, number: newest.number, document: before.document, fault }
          : { id, name, document: null, fault },
      ];
    })
    .sort((a, b) => a.name.localeCompare(b.name));
}

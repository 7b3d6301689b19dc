import type { RecipeState } from '@kestrel-ridge/core/formats';
import { Fraction } from '@kestrel-ridge/core/quantity';
import { hotLines, type MildPart } from '@kestrel-ridge/core/recipe';
import { refusalOf, shareOf } from '@kestrel-ridge/core/week';
import type { KitchenView } from '../app/useKitchenState.ts';
import { demandedOf } from './tableOf.ts';

/**
 * The part of a batch that is for those who eat mild: their share of all appetites that eat it, in whole portions.
 * Undefined where nothing is hot, nobody eats mild, or nobody eats it otherwise.
 */
export function mildPartFor(
  view: KitchenView,
  recipe: RecipeState,
  { portions, portionG }: { readonly portions: number; readonly portionG: number },
): MildPart | undefined {
  const { document } = recipe;
  if (hotLines(document, view.foods).length === 0) return undefined;
  const eaten = demandedOf(view, recipe, portionG);
  const eats = view.week.eaters.filter((eater) => !refusalOf(eater, eaten));
  const mild = eats.filter(({ tastes }) => tastes?.mild);
  const appetite = (of: typeof eats) =>
    of.reduce((sum, eater) => sum + shareOf(eater, document.component.kind) * eater.weekdays.length, 0);
  if (mild.length === 0 || mild.length === eats.length) return undefined;
  const taken = Math.max(1, Math.round((portions * appetite(mild)) / Math.max(appetite(eats), 0.01)));
  if (taken >= portions) return undefined;
  return { share: new Fraction(taken, portions).toFraction(), who: mild.map(({ name }) => name) };
}

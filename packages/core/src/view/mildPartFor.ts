import type { RecipeState } from '../formats/index.ts';
import { Fraction } from '../quantity/index.ts';
import { hotLines, type MildPart } from '../recipe/index.ts';
import { refusalOf, shareOf } from '../week/index.ts';
import type { KitchenView } from './kitchenView.ts';
import { demandedOf } from './tableOf.ts';

/** Parts that a ladle can tell by eye. */
const BY_EYE = ['1/8', '1/6', '1/5', '1/4', '1/3', '2/5', '1/2', '3/5', '2/3', '3/4', '4/5', '7/8'];
/** So much less than their share is no loss to them. */
const A_SPOON = 0.02;

/**
 * The part of a batch that is for those who eat mild: their share of all appetites that eat it, as a part that can be told by eye, rather a little more than less.
 * Undefined where nothing is hot, nobody eats mild, or nobody eats it otherwise.
 */
export function mildPartFor(view: KitchenView, recipe: RecipeState, portionG: number): MildPart | undefined {
  const { document } = recipe;
  if (hotLines(document, view.foods).length === 0) return undefined;
  const eaten = demandedOf(view, recipe, portionG);
  const eats = view.week.eaters.filter((eater) => !refusalOf(eater, eaten));
  const mild = eats.filter(({ tastes }) => tastes?.mild);
  const appetite = (of: typeof eats) =>
    of.reduce((sum, eater) => sum + shareOf(eater, document.component.kind) * eater.weekdays.length, 0);
  if (mild.length === 0 || mild.length === eats.length) return undefined;
  const exact = appetite(mild) / Math.max(appetite(eats), 0.01);
  const share = BY_EYE.find((each) => new Fraction(each).valueOf() >= exact - A_SPOON);
  return share === undefined ? undefined : { share, who: mild.map(({ name }) => name) };
}

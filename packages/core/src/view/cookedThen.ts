import type { BatchState } from '../formats/index.ts';
import { Fraction } from '../quantity/index.ts';
import { cookedAs, type Revision } from '../recipe/index.ts';
import { scaleBatch, type ScaledBatch } from '../scaling/index.ts';
import type { KitchenView } from './kitchenView.ts';

/** A dish that was put away: the revision it was cooked by, and what was planned of it at its size. */
export interface CookedThen {
  readonly written: Revision;
  readonly planned: ScaledBatch;
}

/** Undefined: it was not put away, or its revision is not at hand any more. */
export function cookedThen(
  { foods, recipes, week, kitchen }: KitchenView,
  { recipe, revision, portions, choice, status }: BatchState,
): CookedThen | undefined {
  if (status !== 'put away') return undefined;
  const newest = recipes.find((each) => each.id === recipe);
  const written =
    newest?.number === revision && newest.fault === undefined
      ? newest.document
      : week.revisions.find((each) => each.recipe === recipe && each.number === revision)?.document;
  return (
    written && {
      written,
      planned: scaleBatch(cookedAs(written, choice, foods), new Fraction(portions), foods, kitchen.equipment),
    }
  );
}

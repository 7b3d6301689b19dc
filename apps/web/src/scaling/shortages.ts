import { massOf, type Food } from '@kestrel-ridge/core/food';
import { Fraction, baseUnitOf, inBase, ofBase, show } from '@kestrel-ridge/core/quantity';
import type { ScaledBatch, ScaledLine } from '@kestrel-ridge/core/scaling';
import type { KitchenView, ScaledBatchView } from '../app/useKitchenState.ts';

export interface Shortage {
  readonly food: Food;
  readonly line: ScaledLine;
  readonly onHand: Fraction;
  readonly missing: Fraction;
  readonly missingText: string;
}

/** What is on hand of a food in the unit its lots are counted in. What nobody has counted cannot be counted on. */
export const onHandOf = (view: KitchenView, food: string): Fraction =>
  view.lots
    .filter((lot) => lot.food.id === food && lot.state.known !== 'unknown')
    .reduce((sum, lot) => sum.add(lot.onHand), new Fraction(0));

/** Grams of a food on the shelf; what is counted in millilitres goes by its cup, pieces by their weight. */
export function gramsOnHand(view: KitchenView, id: string): number {
  const food = view.foods.get(id);
  const amount = onHandOf(view, id);
  if (!food) return 0;
  const grams = massOf(food, ofBase(food.facts.base, amount));
  return grams.ok ? grams.value.g.valueOf() : 0;
}

/** Ingredients of a recipe at a size that the shelf does not hold. */
export function missingFor(view: KitchenView, scaled: ScaledBatch): readonly Shortage[] {
  return scaled.lines.flatMap((line): Shortage[] => {
    if (!line.fromShelf || line.line.optional) return [];
    const onHand = onHandOf(view, line.food.id);
    const missing = inBase(line.fromShelf.value).sub(onHand);
    if (missing.compare(new Fraction(1, 10)) < 0) return [];
    return [
      { food: line.food, line, onHand, missing, missingText: show(ofBase(baseUnitOf(line.fromShelf.value), missing)) },
    ];
  });
}

/** The same for a planned batch. */
export const shortages = (view: KitchenView, batch: ScaledBatchView): readonly Shortage[] =>
  missingFor(view, batch.scaled);

/** The largest whole number of portions that the shelf covers, when it is smaller than planned. */
export function portionsCovered(view: KitchenView, batch: ScaledBatchView): number {
  const shares = batch.scaled.lines.flatMap((line) =>
    line.fromShelf && !line.line.optional
      ? [onHandOf(view, line.food.id).div(inBase(line.fromShelf.value)).valueOf()]
      : [],
  );
  return Math.max(0, Math.floor(Math.min(1, ...shares) * batch.scaled.portions.valueOf() + 1e-6));
}

import { massOf, type Food } from '../food/index.ts';
import { Fraction, baseUnitOf, inBase, ofBase, show } from '../quantity/index.ts';
import type { ScaledBatch, ScaledLine } from '../scaling/index.ts';
import type { KitchenView, ScaledBatchView } from './kitchenView.ts';
import { freeFor } from './freeFor.ts';

export interface Shortage {
  readonly food: Food;
  readonly line: ScaledLine;
  readonly onHand: Fraction;
  readonly missing: Fraction;
  readonly missingText: string;
}

/** What is on hand of a food in the unit its lots are counted in, promised or not. What nobody has counted cannot be counted on. */
export const onHandOf = (view: KitchenView, food: string): Fraction => freeFor(view, food).there;

/** Grams of a food on the shelf; what is counted in millilitres goes by its cup, pieces by their weight. */
export function gramsOnHand(view: KitchenView, id: string): number {
  const food = view.foods.get(id);
  const amount = onHandOf(view, id);
  if (!food) return 0;
  const grams = massOf(food, ofBase(food.facts.base, amount));
  return grams.ok ? grams.value.g.valueOf() : 0;
}

/**
 * Ingredients of a recipe at a size that the shelf does not hold, or holds for others. A food that goes in twice is there once.
 * `mine` are the batches that ask: what is promised to them is theirs.
 */
export function missingFor(view: KitchenView, scaled: ScaledBatch, mine: readonly string[] = []): readonly Shortage[] {
  const left = new Map<string, Fraction>();
  return scaled.lines.flatMap((line): Shortage[] => {
    if (!line.fromShelf || line.line.optional) return [];
    const { id } = line.food;
    const onHand = left.get(id) ?? freeFor(view, id, mine).free;
    const need = inBase(line.fromShelf.value);
    const missing = need.sub(onHand);
    left.set(id, missing.compare(0) > 0 ? new Fraction(0) : onHand.sub(need));
    if (missing.compare(new Fraction(1, 10)) < 0) return [];
    return [
      { food: line.food, line, onHand, missing, missingText: show(ofBase(baseUnitOf(line.fromShelf.value), missing)) },
    ];
  });
}

/** The same for a planned batch. */
export const shortages = (view: KitchenView, { scaled, state }: ScaledBatchView): readonly Shortage[] =>
  missingFor(view, scaled, [state.id]);

/** The largest whole number of portions that the shelf covers, when it is smaller than planned. */
export function portionsCovered(view: KitchenView, { scaled, state }: ScaledBatchView): number {
  const needs = new Map<string, Fraction>();
  for (const { food, fromShelf, line } of scaled.lines)
    if (fromShelf && !line.optional)
      needs.set(food.id, (needs.get(food.id) ?? new Fraction(0)).add(inBase(fromShelf.value)));
  const shares = [...needs].flatMap(([food, need]) =>
    need.compare(0) > 0 ? [freeFor(view, food, [state.id]).free.div(need).valueOf()] : [],
  );
  return Math.max(0, Math.floor(Math.min(1, ...shares) * scaled.portions.valueOf() + 1e-6));
}

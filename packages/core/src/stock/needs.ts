import type { Food } from '../food/index.ts';
import { Fraction, baseUnitOf, inBase, type BaseUnit } from '../quantity/index.ts';
import type { ScaledBatch } from '../scaling/index.ts';

/** How much of a food a batch takes off the shelf, in the unit its lots are counted in. */
export interface Need {
  readonly food: Food;
  readonly unit: BaseUnit;
  readonly amount: Fraction;
}

/** What a batch takes off the shelf, one row a food; optional lines are not counted on. What nobody weighs below a tenth of a gram is rounded there. */
export function needsOf(scaled: ScaledBatch): readonly Need[] {
  const before = known.get(scaled);
  if (before) return before;
  const made = summed(scaled);
  known.set(scaled, made);
  return made;
}

const known = new WeakMap<ScaledBatch, readonly Need[]>();

function summed(scaled: ScaledBatch): readonly Need[] {
  const needs = new Map<string, Need>();
  for (const { food, fromShelf, line } of scaled.lines) {
    if (!fromShelf || line.optional) continue;
    const amount = inBase(fromShelf.value).round(1);
    const before = needs.get(food.id);
    needs.set(food.id, {
      food,
      unit: baseUnitOf(fromShelf.value),
      amount: before ? before.amount.add(amount) : amount,
    });
  }
  return [...needs.values()].filter((need) => need.amount.compare(0) > 0);
}

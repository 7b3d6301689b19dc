import { massOf, type Food } from '../food/index.ts';
import { MEASURES, WRITTEN_NUMBER, inBase, quantityOf, type Written } from '../quantity/index.ts';

/** A grain's line and its own cup: what a packet's line of it is made of. */
export interface GrainOfDish {
  readonly line: string;
  /** Cups of it that go in, dry. */
  readonly cups: number;
}

/** The first line that is a grain which drinks, with the cups of it; undefined where there is none, or its cup is not known. */
export function grainOf(
  lines: readonly { readonly id: string; readonly food: string; readonly amount: Written }[],
  foods: ReadonlyMap<string, Food>,
): GrainOfDish | undefined {
  for (const { id, food: foodId, amount } of lines) {
    const food = foods.get(foodId);
    const perCup = food?.facts.gramsPerCup?.value;
    if (food?.facts.kind !== 'grain' || !food.facts.uptake || !perCup || !WRITTEN_NUMBER.test(amount.n)) continue;
    const grams = massOf(food, quantityOf(amount));
    if (grams.ok) return { line: id, cups: grams.value.g.valueOf() / perCup };
  }
  return undefined;
}

/** Cups of water, of an amount that is poured or weighed; undefined where nothing readable is written. */
export function cupsOfWater(amount: Written): number | undefined {
  if (!WRITTEN_NUMBER.test(amount.n)) return undefined;
  const quantity = quantityOf(amount);
  return quantity.kind === 'count' ? undefined : inBase(quantity).valueOf() / MEASURES.cup.factor.valueOf();
}

/** The packet's line: so many cups of grain to so many of water. @example packetLine(1, 2.5) // { grainCups: '1', waterCups: '2.5' } */
export const packetLine = (
  grain: number,
  water: number,
): { readonly grainCups: string; readonly waterCups: string } => ({
  grainCups: `${Number(grain.toFixed(3))}`,
  waterCups: `${Number(water.toFixed(3))}`,
});

import type { Food, FoodId } from '../food/index.ts';
import { Fraction } from '../quantity/index.ts';
import type { Revision } from '../recipe/index.ts';
import { scaleBatch } from './scaleBatch.ts';
import type { Equipment } from '../kitchen/index.ts';
import type { Because } from '../quantity/index.ts';

export interface Part {
  readonly food: Food;
  /** What one piece takes, and what there is, in the food's base unit. */
  readonly each: number;
  readonly there: number;
  /** How many pieces what is there is enough for. */
  readonly enoughFor: number;
}

export interface Assembly {
  /** Whole pieces that can be put together. */
  readonly pieces: number;
  /** The part that runs out first; undefined when no part limits. */
  readonly limit?: Part;
  readonly parts: readonly Part[];
  readonly because: Because;
}

/** How many wraps, bowls or plates what is there is enough for, and what limits them. Optional parts limit nothing. */
export function assemble(
  recipe: Revision,
  foods: ReadonlyMap<FoodId, Food>,
  equipment: Equipment,
  onHand: (food: FoodId) => number,
): Assembly {
  const one = scaleBatch(recipe, new Fraction(1), foods, equipment);
  const parts = one.lines.flatMap(({ line, food, fromShelf }): Part[] => {
    if (!fromShelf || line.optional) return [];
    const { value } = fromShelf;
    const each = (value.kind === 'mass' ? value.g : value.kind === 'volume' ? value.mL : value.each).valueOf();
    const there = onHand(food.id);
    return each > 0 ? [{ food, each, there, enoughFor: Math.floor(there / each + 1e-9) }] : [];
  });
  const limit = [...parts].sort((a, b) => a.enoughFor - b.enoughFor)[0];
  const pieces = limit?.enoughFor ?? 0;
  return {
    pieces,
    ...(limit ? { limit } : {}),
    parts,
    because: {
      rule: 'the part that is enough for the fewest',
      figure: `${pieces}`,
      parts: parts.map((part) => ({
        rule: `${part.food.name}: ${Math.round(part.there)} ÷ ${Math.round(part.each)} ${part.food.facts.base}`,
        figure: `${part.enoughFor}`,
      })),
    },
  };
}

/** What is left of each part after so many pieces; below zero is short. */
export const leftAfter = (
  parts: readonly Part[],
  pieces: number,
): readonly { readonly food: Food; readonly left: number }[] =>
  parts.map((part) => ({ food: part.food, left: part.there - part.each * pieces }));

/** Dishes or pan loads for so many pieces. */
export const fillsOf = (pieces: number, perFill: number | undefined): number | undefined =>
  perFill === undefined || perFill <= 0 ? undefined : Math.ceil(pieces / perFill);

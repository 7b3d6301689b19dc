import {
  addedBy,
  statementOf,
  uniteStatements,
  type AllergenStatement,
  type Food,
  type FoodId,
} from '../food/index.ts';
import type { Revision } from '../recipe/index.ts';

export interface Span {
  readonly low: number;
  readonly high: number;
}

/** The recipe with one slot after the other filled by each food it allows. */
const fillings = (recipe: Revision, foods: ReadonlyMap<FoodId, Food>): readonly (readonly Revision[])[] =>
  recipe.lines.flatMap((line) =>
    line.slot
      ? [
          line.slot.allowed
            .filter((food) => foods.has(food))
            .map((food) => ({
              ...recipe,
              lines: recipe.lines.map((other) => (other.id === line.id ? { ...other, food } : other)),
            })),
        ]
      : [],
  );

/** From the least to the most that a measure of the recipe may come to, until its slots are filled; slots count as independent of each other. */
export function rangeOverSlots(
  recipe: Revision,
  foods: ReadonlyMap<FoodId, Food>,
  measure: (filled: Revision) => number,
): Span {
  const base = measure(recipe);
  let low = base;
  let high = base;
  for (const filled of fillings(recipe, foods)) {
    const off = filled.map((each) => measure(each) - base);
    low += Math.min(0, ...off);
    high += Math.max(0, ...off);
  }
  return { low, high };
}

/** What hangs on how a slot is filled, of the fourteen: it is not always there. */
export function allergensOfSlots(recipe: Revision, foods: ReadonlyMap<FoodId, Food>): AllergenStatement {
  const of = (ids: readonly FoodId[]): AllergenStatement =>
    uniteStatements([...foods.values()].filter(({ id }) => ids.includes(id)).map(statementOf));
  const always = of(recipe.lines.filter((line) => !line.slot).map((line) => line.food));
  return addedBy(of(recipe.lines.flatMap((line) => line.slot?.allowed ?? [])), always);
}

/** A food that may fill a slot, and what the shelf has of it. */
export interface FillOffer {
  readonly food: Food;
  readonly onHandG: number;
  /** Days until the first of it should be used; undefined where nothing is there. */
  readonly daysLeft?: number;
}

/** What may fill a slot, what must go first before the rest, what is not there last. */
export function fillsFor(
  allowed: readonly FoodId[],
  foods: ReadonlyMap<FoodId, Food>,
  shelf: (food: FoodId) => { readonly onHandG: number; readonly daysLeft?: number },
): readonly FillOffer[] {
  return allowed
    .flatMap((id): FillOffer[] => {
      const food = foods.get(id);
      return food ? [{ food, ...shelf(id) }] : [];
    })
    .sort(
      (a, b) =>
        Number(b.onHandG > 0) - Number(a.onHandG > 0) ||
        (a.daysLeft ?? Infinity) - (b.daysLeft ?? Infinity) ||
        a.food.name.localeCompare(b.food.name),
    );
}

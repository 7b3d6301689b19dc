import type { Food, FoodId } from '../food/index.ts';
import type { Equipment } from '../kitchen/index.ts';
import { Fraction, inBase, portionsText, type Because, shortest, counted } from '../quantity/index.ts';
import type { Revision } from '../recipe/index.ts';
import { scaleBatch } from './scaleBatch.ts';

/** A size that follows from something other than a number of portions. */
export interface Size {
  readonly portions: number;
  readonly freezePortions: number;
  readonly because: Because;
}

export interface Sizing {
  readonly recipe: Revision;
  readonly foods: ReadonlyMap<FoodId, Food>;
  readonly equipment: Equipment;
}

const MOST_PORTIONS = 200;

/** Enough for people over some days: eaters of each day, by appetite, times the portions one takes in a day; less what is there. */
export function sizeForEaters(eatersByDay: readonly number[], portionsADay: number, there: number): Size {
  const wanted = eatersByDay.reduce((sum, eaters) => sum + eaters * portionsADay, 0);
  const portions = Math.max(1, Math.ceil(wanted - there - 1e-9));
  return {
    portions,
    freezePortions: 0,
    because: {
      rule: 'eaters × portions a day, day by day, less what is there',
      figure: portionsText(portions),
      parts: [
        {
          rule: `${counted(eatersByDay.length, 'day')}, ${eatersByDay.join(' + ')} eaters × ${portionsADay}`,
          figure: portionsText(wanted),
        },
        { rule: 'in boxes already', figure: portionsText(there) },
      ],
    },
  };
}

/** As much as uses up what is on hand of one food, in whole portions; undefined where the recipe does not use it. `onHand` is in the food's base unit. */
export function sizeToUseUp(sizing: Sizing, food: FoodId, onHand: Fraction): Size | undefined {
  const { recipe } = sizing;
  const written = scaleBatch(recipe, new Fraction(recipe.portions), sizing.foods, sizing.equipment);
  const line = written.lines.find(
    (each) => each.food.id === food && each.fromShelf && each.line.law.law === 'in proportion',
  );
  if (!line?.fromShelf) return undefined;
  const each = inBase(line.fromShelf.value).div(new Fraction(recipe.portions));
  const portions = Math.min(MOST_PORTIONS, onHand.div(each).floor().valueOf());
  if (portions < 1) return undefined;
  return {
    portions,
    freezePortions: 0,
    because: {
      rule: `${line.food.name} on hand ÷ what a portion takes`,
      figure: portionsText(portions),
      parts: [
        { rule: 'on hand', figure: `${shortest(onHand.valueOf(), 1)} ${line.food.facts.base}` },
        { rule: 'a portion takes', figure: `${shortest(each.valueOf(), 1)} ${line.food.facts.base}` },
      ],
    },
  };
}

/** The most that one load of the vessel takes. */
export function sizeToFill(sizing: Sizing): Size {
  const fits = (portions: number) =>
    scaleBatch(sizing.recipe, new Fraction(portions), sizing.foods, sizing.equipment).loads;
  let least = 1;
  let most = MOST_PORTIONS;
  while (least < most) {
    const middle = Math.ceil((least + most) / 2);
    if (fits(middle).value.loads === 1) least = middle;
    else most = middle - 1;
  }
  return {
    portions: least,
    freezePortions: 0,
    because: { rule: 'the most that one load takes', figure: portionsText(least), parts: [fits(least).because] },
  };
}

/** The least that the blades or the cooker's least liquid ask for; undefined when the size is enough as it is. */
export function sizeForLeastFill(sizing: Sizing, portions: number): Size | undefined {
  const warned = (n: number) =>
    scaleBatch(sizing.recipe, new Fraction(n), sizing.foods, sizing.equipment).loads.value.warnings;
  const [warning] = warned(portions);
  if (warning === undefined) return undefined;
  for (let n = portions + 1; n <= MOST_PORTIONS; n++)
    if (warned(n).length === 0)
      return {
        portions: n,
        freezePortions: Math.max(0, n - portions),
        because: {
          rule: 'the least that the vessel works with; what is more goes into the freezer',
          figure: portionsText(n),
          parts: [{ rule: warning, figure: '' }],
        },
      };
  return undefined;
}

/**
 * Twice as much, half of it for the freezer.
 * @example doubleAndFreezeHalf(8).freezePortions // => 8
 */
export const doubleAndFreezeHalf = (portions: number): Size => ({
  portions: Math.min(MOST_PORTIONS, portions * 2),
  freezePortions: Math.min(MOST_PORTIONS, portions * 2) - portions,
  because: {
    rule: 'twice the size, half of it into the freezer',
    figure: portionsText(Math.min(MOST_PORTIONS, portions * 2)),
  },
});

import { massOf } from '../../food/index.ts';
import type { Amount, Quantity } from '../../quantity/index.ts';
import type { IngredientLine } from '../ingredient/readIngredientLine.ts';
import { usualPackOf } from '../usualPacks.ts';

/**
 * A portion weighs between these, g, with all that goes into it: of the texts of the corpus that say for how many they are, one in a hundred is lighter and one in a hundred
 * heavier. Counted on them, no published source.
 */
export const LIGHTEST_PORTION_G = 40;
export const HEAVIEST_PORTION_G = 950;

/** Of a range, its lesser end; of packs, what such usually hold where nobody says it. */
function quantityOf({ food, amount }: IngredientLine): Quantity | undefined {
  const of = (said: Amount): Quantity | undefined => {
    switch (said.kind) {
      case 'mass':
      case 'volume':
      case 'count':
        return said;
      case 'range':
        return said.from;
      case 'unknown':
        return said.usually;
      default:
        return undefined;
    }
  };
  if (amount.kind !== 'pack') return of(amount);
  const holds = amount.holds ?? (food ? usualPackOf(food, amount.name) : undefined);
  if (holds?.kind === 'mass') return { ...holds, g: holds.g.mul(amount.packs) };
  return holds?.kind === 'volume' ? { ...holds, mL: holds.mL.mul(amount.packs) } : undefined;
}

const gramsOf = (line: IngredientLine): number | undefined => {
  const quantity = quantityOf(line);
  if (!line.food || !quantity) return undefined;
  const outcome = massOf(line.food, quantity);
  return outcome.ok ? outcome.value.g.valueOf() : quantity.kind === 'volume' ? quantity.mL.valueOf() : undefined;
};

/**
 * What one portion weighs, g, where that is more or less than anybody eats at once: then a number was read for what it is not, or pieces for portions. `lines` are those that are settled; `all`: no other is open.
 * @example oddPortion(linesOf('500 g dried chickpeas', …), 40, true) // 18
 */
export function oddPortion(lines: readonly IngredientLine[], portions: number, all: boolean): number | undefined {
  const each = lines.map(gramsOf);
  const grams = each.reduce<number>((sum, g) => sum + (g ?? 0), 0) / portions;
  const known = all && lines.every(({ amount }, n) => each[n] !== undefined || amount.kind === 'to taste');
  return grams > HEAVIEST_PORTION_G || (known && grams > 0 && grams < LIGHTEST_PORTION_G)
    ? Math.round(grams)
    : undefined;
}

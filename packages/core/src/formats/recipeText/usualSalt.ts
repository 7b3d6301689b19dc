import { massOf } from '../../food/index.ts';
import { Fraction, quantityOf } from '../../quantity/index.ts';
import type { Line } from '../../recipe/index.ts';
import type { IngredientLine } from '../ingredient/readIngredientLine.ts';

/** Salt that a savoury dish usually takes, of what goes in. Common practice, no published source. */
const SALT_OF_DISH = 0.008;

/** "Salt to taste" is unknown; what stands beside it is what is usual for so much of a dish, in quarter spoons. */
export function usualSalt(
  line: Line,
  ready: readonly Line[],
  lines: readonly IngredientLine[],
  said: readonly string[],
): Line {
  const foodOf = (id: string) => lines.find((each) => each.food?.id === id)?.food;
  const food = foodOf(line.food);
  const perCup = food?.facts.gramsPerCup?.value;
  if (!food?.facts.roles?.includes('salt') || food.name !== 'salt' || !perCup) return line;
  const drained = said.some((text) => /\bdrain\b/i.test(text));
  const grams = ready.reduce((sum, other) => {
    const its = foodOf(other.food);
    const mass = its && massOf(its, quantityOf(other.amount));
    return !its || !mass?.ok || (drained && its.facts.kind === 'water') ? sum : sum + mass.value.g.valueOf();
  }, 0);
  // What stock, soy sauce or olives bring with them need not be put in again.
  const brought = ready.reduce((sum, other) => {
    const its = foodOf(other.food);
    const mass = its && other !== line ? massOf(its, quantityOf(other.amount)) : undefined;
    return mass?.ok
      ? sum + (mass.value.g.valueOf() * (its?.facts.composition?.value.sodiumMg ?? 0) * SALT_PER_SODIUM) / 1e5
      : sum;
  }, 0);
  const wanted = Math.max(0, grams * SALT_OF_DISH - brought);
  const quarters = Math.max(1, Math.round((wanted * 4 * TSP_A_CUP) / perCup));
  return { ...line, amount: { n: new Fraction(quarters, 4).toFraction(true), unit: 'tsp' } };
}
const TSP_A_CUP = 48;
/** Salt is 2.5 times its sodium. Source: published: Regulation (EU) 1169/2011, Annex I. */
const SALT_PER_SODIUM = 2.5;

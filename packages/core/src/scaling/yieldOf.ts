import { ownOf, type Equipment } from '../kitchen/index.ts';
import { Fraction, mass, show, type Because, type Mass, type Reasoned, shortest } from '../quantity/index.ts';
import type { Revision } from '../recipe/index.ts';
import { massBalance, type BatchSize } from './massBalance.ts';
import type { ScaledLine } from './scaleBatch.ts';

/** So fine that portions of any size add up again. */
const FINE = 1e9;
const grams = (g: number): Mass => mass(new Fraction(Math.round(g * FINE), FINE));
const times = (n: number): string => `${shortest(n, 2)}`;

/**
 * What a dish comes to as it was weighed here before, where plans go by that. Of what boils down the recipe says where it stops, whatever it weighed once.
 */
export function asWeighedHere(reckoned: Reasoned<Mass>, recipe: Revision, equipment: Equipment): Reasoned<Mass> {
  const own = ownOf(equipment.own?.yieldTimes, recipe.component.id);
  const boilsDown = recipe.steps.some((step) => step.kind === 'work' && step.time.law === 'boils down');
  if (!own || boilsDown) return reckoned;
  const value = grams(reckoned.value.g.valueOf() * own.value);
  return {
    value,
    because: {
      rule: `as it was weighed here: ${times(own.value)} times what is reckoned`,
      figure: show(value),
      source: own.source,
      parts: [reckoned.because],
    },
  };
}

/** Cooked mass of a batch, line by line, and what leaves on the way: nothing comes from nothing. What is optional does not count. */
export function yieldOf(
  recipe: Revision,
  lines: readonly ScaledLine[],
  size: BatchSize,
  equipment: Equipment,
): Reasoned<Mass> {
  const { parts, beside, leaves, outG } = massBalance(recipe, lines, size, equipment);
  const value = grams(outG);
  const in_ = parts.reduce((sum, part) => sum + part.in, 0) + beside.reduce((sum, { g }) => sum + g, 0);
  const flows = (name: string, of: typeof leaves): readonly Because[] =>
    of.length === 0
      ? []
      : [
          {
            rule: name,
            figure: show(grams(of.reduce((sum, { g }) => sum + g, 0))),
            parts: of.map(({ what, g, source }) => ({
              rule: what,
              figure: show(grams(g)),
              ...(source ? { source } : {}),
            })),
          },
        ];
  return {
    value,
    because: {
      rule: 'what goes in, less what leaves',
      figure: show(value),
      parts: [
        ...parts
          .filter(({ out }) => out > 0)
          .map((part): Because => ({
            rule: `${part.food.name}: ${show(grams(part.in))} × ${times(part.in > 0 ? part.out / part.in : 0)}`,
            figure: show(grams(part.out)),
            ...(part.source ? { source: part.source } : {}),
          })),
        { rule: 'all that goes in', figure: show(grams(in_)) },
        ...flows('of that, not from the shelf', beside),
        ...flows('what leaves', leaves),
      ],
    },
  };
}

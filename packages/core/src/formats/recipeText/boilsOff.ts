import { massOf, type Food } from '../../food/index.ts';
import { quantityOf } from '../../quantity/index.ts';
import type { Line } from '../../recipe/index.ts';
import type { IngredientLine } from '../ingredient/readIngredientLine.ts';
import type { MethodStep } from './readMethodStep.ts';
import { namedAt } from './sharesIn.ts';
import { idOfStep } from './stepIds.ts';

/** "Reduce by half": so much of the liquid that it names, or else of all that is in the pot by then. Nothing liquid in it, and it stays the minutes that were read. */
export function withOff(
  step: MethodStep,
  n: number,
  ready: readonly Line[],
  lines: readonly IngredientLine[],
): MethodStep {
  const { shareOff } = step;
  if (!shareOff) return step;
  const before = new Set(Array.from({ length: n }, (_, at) => idOfStep(at + 1)));
  const liquids = weighedLines(ready, lines).filter(({ food }) => isLiquid(food));
  const named = liquids.filter(({ food }) => namedAt(shareOff.upTo, food) >= 0);
  const boiling =
    named.length > 0 ? named : liquids.filter(({ line }) => line.into.some((into) => before.has(into.step)));
  const grams = boiling.reduce((sum, each) => sum + each.grams, 0);
  const off = Math.round(grams * shareOff.share);
  return off > 0 ? { ...step, off: { n: `${off}`, unit: 'mL' } } : step;
}

/** What is poured and boils off: water, stock, wine, juice, passata; no oil. */
const isLiquid = ({ facts }: Food): boolean => facts.kind === 'water' || (facts.base === 'mL' && facts.kind !== 'fat');

/** What goes in by weight, as far as it can be told. */
export const weighedLines = (
  ready: readonly Line[],
  lines: readonly IngredientLine[],
): readonly { readonly line: Line; readonly food: Food; readonly grams: number }[] =>
  ready.flatMap((line) => {
    const food = lines.find((each) => each.food?.id === line.food)?.food;
    const grams = food && massOf(food, quantityOf(line.amount));
    return food && grams?.ok ? [{ line, food, grams: grams.value.g.valueOf() }] : [];
  });

import { dryShareOf, massOf, type Food } from '../../food/index.ts';
import { quantityOf } from '../../quantity/index.ts';
import { readShare, type Line } from '../../recipe/index.ts';
import type { IngredientLine } from '../ingredient/readIngredientLine.ts';
import type { ShareOff } from './boiledOffIn.ts';
import type { MethodStep } from './readMethodStep.ts';
import { namedAt } from './sharesIn.ts';
import { idOfStep } from './stepIds.ts';

/**
 * "Reduce by half": so much of the liquid that it names, or else of all that is in the pot by then. "To 25 % dry matter": what of all in the pot is more than that.
 * Nothing in it that could boil off, and it stays the minutes that were read.
 */
export function withOff(
  step: MethodStep,
  n: number,
  ready: readonly Line[],
  lines: readonly IngredientLine[],
): MethodStep {
  const { shareOff, thick } = step;
  if (thick === undefined && !shareOff) return step;
  const before = new Set(Array.from({ length: n }, (_, at) => idOfStep(at + 1)));
  const weighed = weighedLines(ready, lines);
  const off =
    thick === undefined
      ? shareOf(weighed, before, shareOff as ShareOff)
      : downTo(inThePot(weighed, before.add(idOfStep(n + 1))), thick);
  return off !== undefined && off > 0 ? { ...step, off: { n: `${off}`, unit: 'mL' } } : step;
}

type Weighed = ReturnType<typeof weighedLines>;

function shareOf(weighed: Weighed, before: ReadonlySet<string>, { share, upTo }: ShareOff): number {
  const liquids = weighed.filter(({ food }) => isLiquid(food));
  const named = liquids.filter(({ food }) => namedAt(upTo, food) >= 0);
  const boiling =
    named.length > 0 ? named : liquids.filter(({ line }) => line.into.some((into) => before.has(into.step)));
  return Math.round(boiling.reduce((sum, each) => sum + each.grams, 0) * share);
}

/** What is in by then, each with the grams of it that are. */
const inThePot = (weighed: Weighed, steps: ReadonlySet<string>) =>
  weighed.map(({ line, food, grams }) => ({
    food,
    grams:
      grams * line.into.reduce((sum, { step, share }) => sum + (steps.has(step) ? readShare(share).valueOf() : 0), 0),
  }));

/**
 * Grams of water that have to go until the dry part is such a share of the rest; undefined where a food’s dry part is not known. What is dry goes with nothing:
 * dry = share × (all − off).
 */
function downTo(inPot: readonly { readonly food: Food; readonly grams: number }[], share: number): number | undefined {
  let [all, dry] = [0, 0];
  for (const { food, grams } of inPot) {
    const part = grams === 0 ? 0 : dryShareOf(food);
    if (part === undefined) return undefined;
    all += grams;
    dry += part * grams;
  }
  return Math.round(all - dry / share);
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

import type { Food } from '../food/index.ts';
import type { Equipment } from '../kitchen/index.ts';
import {
  Fraction,
  MEASURES,
  inBase,
  mass,
  show,
  showInScoops,
  times,
  volume,
  type Quantity,
} from '../quantity/index.ts';

export interface ShownAmount {
  /** What to reach for first: a weight, or scoops this kitchen owns. */
  readonly first: string;
  /** The other way to measure it, where it is known. */
  readonly second?: string;
  /** What the first measure really puts in, where it is not the amount itself. */
  readonly measured: Quantity;
  /** Set when the scoops miss by more than 2 %: the share, signed. */
  readonly error?: number;
}

/** Spoons are the better measure of less than this. */
const WEIGH_FROM_G = 15;

/** An amount in measures that this kitchen has: weight and scoops where both are known, the better one first. */
export function showAmount(
  quantity: Quantity,
  food: Food,
  { scoops, units, scaleStepG = 1 }: Pick<Equipment, 'scoops' | 'units' | 'scaleStepG'>,
): ShownAmount {
  if (quantity.kind === 'count')
    return { first: `${show(quantity)}${food.facts.kind === 'seasoning' ? '' : ' ×'}`.trim(), measured: quantity };
  const perCup = food.facts.gramsPerCup?.value;
  const mL =
    quantity.kind === 'volume'
      ? quantity
      : perCup
        ? volume(quantity.g.div(perCup).mul(MEASURES.cup.factor))
        : undefined;
  const grams =
    quantity.kind === 'mass' ? quantity : perCup ? mass(quantity.mL.div(MEASURES.cup.factor).mul(perCup)) : undefined;

  const pieces = food.facts.kind === 'vegetable' || food.facts.kind === 'leaf' || food.facts.kind === 'fruit';
  const scooped = mL && !pieces ? showInScoops(mL, scoops, units) : undefined;
  const isWater = food.facts.kind === 'water';
  const weighed = grams && onScale(grams, scaleStepG);
  const weight = (isWater || food.facts.base === 'mL') && mL ? show(mL) : weighed ? weighed.text : show(quantity);
  const missed = weighed && weighed.error !== 0 && weight === weighed.text ? { error: weighed.error } : {};
  if (!scooped || !mL) return { first: weight, measured: quantity, ...missed };
  const error = Math.abs(scooped.error) > 0.02 ? { error: scooped.error } : {};
  const small = grams !== undefined && grams.g.compare(WEIGH_FROM_G) < 0;
  const pourable = food.facts.base === 'mL' && !isWater && scooped.scoops.every(({ scoop }) => !scoop.endsWith('cup'));
  const byScoops = times(quantity, new Fraction(scooped.mL).div(mL.mL));
  return small || pourable
    ? { first: scooped.text, second: weight, measured: byScoops, ...error }
    : { first: weight, second: scooped.text, measured: quantity, ...error, ...missed };
}

/** A weight as this scale can show it; what is less than one step of it stays as it is. An error is told from 2 % on. */
function onScale(
  { g }: Extract<Quantity, { kind: 'mass' }>,
  step: number,
): { readonly text: string; readonly error: number } {
  const steps = Math.round(g.valueOf() / step);
  if (step <= 1 || steps === 0) return { text: show(mass(g)), error: 0 };
  const error = (steps * step) / g.valueOf() - 1;
  return { text: show(mass(steps * step)), error: Math.abs(error) > 0.02 ? error : 0 };
}

/** What goes in before the first tasting, never more than the whole of it as it can be measured here. */
export function showFirst(
  whole: Quantity,
  first: Quantity,
  food: Food,
  equipment: Pick<Equipment, 'scoops' | 'units' | 'scaleStepG'>,
): ShownAmount {
  const [all, some] = [showAmount(whole, food, equipment), showAmount(first, food, equipment)];
  return inBase(some.measured).compare(inBase(all.measured)) > 0 ? all : some;
}

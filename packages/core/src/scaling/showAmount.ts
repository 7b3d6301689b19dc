import type { Food } from '../food/index.ts';
import type { Equipment } from '../kitchen/index.ts';
import { MEASURES, mass, show, showInScoops, volume, type Quantity } from '../quantity/index.ts';

export interface ShownAmount {
  /** What to reach for first: a weight, or scoops this kitchen owns. */
  readonly first: string;
  /** The other way to measure it, where it is known. */
  readonly second?: string;
  /** Set when the scoops miss by more than 2 %: the share, signed. */
  readonly error?: number;
}

/** Spoons are the better measure of less than this. */
const WEIGH_FROM_G = 15;

/** An amount in measures that this kitchen has: weight and scoops where both are known, the better one first. */
export function showAmount(
  quantity: Quantity,
  food: Food,
  { scoops, units }: Pick<Equipment, 'scoops' | 'units'>,
): ShownAmount {
  if (quantity.kind === 'count')
    return { first: `${show(quantity)}${food.facts.kind === 'seasoning' ? '' : ' ×'}`.trim() };
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
  const weight = (isWater || food.facts.base === 'mL') && mL ? show(mL) : grams ? show(grams) : show(quantity);
  if (!scooped) return { first: weight };
  const error = Math.abs(scooped.error) > 0.02 ? { error: scooped.error } : {};
  const small = grams !== undefined && grams.g.compare(WEIGH_FROM_G) < 0;
  const pourable = food.facts.base === 'mL' && !isWater && scooped.scoops.every(({ scoop }) => !scoop.endsWith('cup'));
  return small || pourable
    ? { first: scooped.text, second: weight, ...error }
    : { first: weight, second: scooped.text, ...error };
}

import {
  Fraction,
  MEASURES,
  count,
  done,
  inBase,
  mass,
  refused,
  volume,
  type BaseUnit,
  type Mass,
  type Outcome,
  type Quantity,
} from '../quantity/index.ts';
import type { Food, FoodId } from './food.ts';

export interface BridgeMissing {
  readonly code: 'bridge missing';
  readonly food: string;
  readonly foodId: FoodId;
  /** Which figure of the food would lead over. */
  readonly figure: 'gramsPerCup' | 'gramsEach';
  readonly from: Quantity['kind'];
  readonly to: Quantity['kind'];
  /** What the cook can do about it, in her words. */
  readonly remedy: string;
}

/**
 * How many grams a quantity of this food is, by the food's own facts. With no fact for it the answer is a problem with a way out, never a guess.
 */
export function massOf(food: Food, quantity: Quantity): Outcome<Mass, BridgeMissing> {
  switch (quantity.kind) {
    case 'mass':
      return done(quantity);
    case 'volume': {
      const perCup = food.facts.gramsPerCup;
      if (!perCup)
        return missing(
          food,
          'gramsPerCup',
          'volume',
          'mass',
          `Weigh one level cup of ${food.name} and enter the grams.`,
        );
      return done(mass(quantity.mL.div(MEASURES.cup.factor).mul(new Fraction(perCup.value))));
    }
    case 'count': {
      const each = food.facts.gramsEach;
      if (!each) return missing(food, 'gramsEach', 'count', 'mass', `Weigh one ${food.name} and enter the grams.`);
      return done(mass(quantity.each.mul(new Fraction(each.value))));
    }
    default:
      return quantity satisfies never;
  }
}

/** The same food in the unit its lots are counted in. */
export function inBaseOf(
  food: Food,
  quantity: Quantity,
  base: BaseUnit = food.facts.base,
): Outcome<Quantity, BridgeMissing> {
  const grams = massOf(food, quantity);
  const sameKind =
    (base === 'g' && quantity.kind === 'mass') ||
    (base === 'mL' && quantity.kind === 'volume') ||
    (base === 'each' && quantity.kind === 'count');
  if (sameKind) return done(quantity);
  if (!grams.ok) return grams;
  if (base === 'g') return grams;
  if (base === 'mL') {
    const perCup = food.facts.gramsPerCup;
    if (!perCup)
      return missing(
        food,
        'gramsPerCup',
        quantity.kind,
        'volume',
        `Weigh one level cup of ${food.name} and enter the grams.`,
      );
    return done(volume(inBase(grams.value).div(new Fraction(perCup.value)).mul(MEASURES.cup.factor)));
  }
  const each = food.facts.gramsEach;
  if (!each) return missing(food, 'gramsEach', quantity.kind, 'count', `Weigh one ${food.name} and enter the grams.`);
  return done(count(inBase(grams.value).div(new Fraction(each.value))));
}

const missing = (
  { id, name }: Food,
  figure: BridgeMissing['figure'],
  from: Quantity['kind'],
  to: Quantity['kind'],
  remedy: string,
) => refused<BridgeMissing>({ code: 'bridge missing', food: name, foodId: id, figure, from, to, remedy });

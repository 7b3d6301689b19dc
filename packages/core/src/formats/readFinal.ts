import { massOf, type Food } from '../food/index.ts';
import {
  Fraction,
  MEASURES,
  baseUnitOf,
  done,
  inBase,
  isMeasureName,
  ofBase,
  quantityOf,
  refused,
  type MeasureName,
  type Outcome,
  type Quantity,
  type UnitSystem,
  type Written,
} from '../quantity/index.ts';
import { readAmount } from './ingredient/readAmount.ts';

export interface FinalUnread {
  readonly code: 'no amount' | 'below nothing' | 'other kind';
  readonly text: string;
}

/**
 * What the cook says really went in: an amount ("90 mL", "3 tsp"), a bare number in the recipe's own measure, or a change to what was planned ("+1 tsp", "-20 g").
 * The answer is in the measure that was said, where there is one.
 */
export function readFinal(
  text: string,
  planned: Quantity,
  unit: MeasureName,
  food: Food,
  system: UnitSystem,
): Outcome<Written, FinalUnread> {
  const sign = /^\s*([+−-])\s*/.exec(text);
  const bare = text.slice(sign?.[0].length ?? 0).trim();
  const read = readAmount(/^[\d½¼¾⅓⅔⅛.,/ ]+$/.test(bare) && unit !== 'each' ? `${bare} ${unit}` : bare, system).amount;
  if (read.kind !== 'mass' && read.kind !== 'volume' && read.kind !== 'count')
    return refused({ code: 'no amount', text: 'That is no amount. Write 90 mL, 3 tsp, or +1 tsp.' });
  const said = unitSaid(bare) ?? unit;
  if (!sign) return written(read, said);
  const change = inKindOf(planned, read, food);
  if (!change)
    return refused({
      code: 'other kind',
      text: `What a measure of ${food.name} weighs is not known. Write the whole amount instead.`,
    });
  const whole = sign[1] === '+' ? inBase(planned).add(change) : inBase(planned).sub(change);
  if (whole.compare(0) < 0)
    return refused({ code: 'below nothing', text: 'Less than nothing cannot go in. Write 0 for nothing at all.' });
  return written(ofBase(baseUnitOf(planned), whole), unit);
}

/** The measure that stands behind the number: "3 tsp". */
function unitSaid(text: string): MeasureName | undefined {
  const word = /([a-z]+)\.?$/i.exec(text)?.[1];
  const plain = word?.replace(/^(cup|teaspoon|tablespoon)s?$/i, '$1');
  const name = plain === 'teaspoon' ? 'tsp' : plain === 'tablespoon' ? 'tbsp' : plain === 'ml' ? 'mL' : plain;
  return name !== undefined && isMeasureName(name) ? name : undefined;
}

function inKindOf(planned: Quantity, change: Quantity, food: Food): Fraction | undefined {
  if (planned.kind === change.kind) return inBase(change);
  const grams = massOf(food, change);
  const one = massOf(food, ofBase(baseUnitOf(planned), 1));
  return grams.ok && one.ok ? grams.value.g.div(one.value.g) : undefined;
}

/** In the wanted measure where it is of that kind, else in the base unit; to a thousandth. */
function written(quantity: Quantity, unit: MeasureName): Outcome<Written, FinalUnread> {
  const fits = quantityOf({ n: '1', unit }).kind === quantity.kind;
  const measure: MeasureName = fits ? unit : baseUnitOf(quantity);
  const n = inBase(quantity).div(MEASURES[measure].factor);
  return done({ n: n.d <= 8n ? n.toFraction(true) : n.round(3).toString(), unit: measure });
}

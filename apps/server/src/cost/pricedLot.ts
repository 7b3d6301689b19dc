import { Fraction } from '@kestrel-ridge/core/quantity';
import type { DatedLot } from '@kestrel-ridge/core/stock';
import type { LotRow } from '../stock/stock.model.ts';

/** A lot as far as its price goes: where it lay, and how old it was, does not matter any more. */
export const asPricedLot = ({ id, food, place, onHand, pricedMinor, pricedAmount }: LotRow): DatedLot => ({
  id,
  food,
  place,
  placeKind: 'cupboard',
  dates: {},
  onHand: new Fraction(onHand),
  ...(pricedMinor === null || pricedAmount === null
    ? {}
    : { priced: { minor: Number(pricedMinor), amount: new Fraction(pricedAmount) } }),
});

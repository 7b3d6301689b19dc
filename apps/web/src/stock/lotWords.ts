import { statementOf, type AllergenStatement } from '@kestrel-ridge/core/food';
import { Fraction, ofBase, portionsText, show } from '@kestrel-ridge/core/quantity';
import type { ShelfLot } from '@kestrel-ridge/core/view';

/** How much of a lot is there: boxes are counted in portions, the rest in its unit. */
export function lotAmount(lot: ShelfLot): string {
  if (lot.state.known === 'unknown') return 'some';
  const portionG = lot.state.portionG;
  const plain = show(ofBase(lot.state.base, lot.onHand));
  if (portionG === null) return plain;
  return portionsText(lot.onHand.div(new Fraction(portionG)).valueOf());
}

/** Where it stands within what was bought: a share from 0 to 1, when that is known. */
export function shareLeft(lot: ShelfLot): number | undefined {
  const whole = lot.state.priced?.amount;
  if (whole === undefined) return undefined;
  const share = lot.onHand.div(new Fraction(whole)).valueOf();
  return share >= 1 ? undefined : share;
}

/** What a lot contains: a made one by its own batch, with the swaps in it; another as its food. */
export const lotAllergens = (lot: ShelfLot): AllergenStatement => lot.state.allergens ?? statementOf(lot.food);

/** A box that nobody could name when it was found: entered so, and named later. */
export const NAMELESS = 'nameless box';

import { Fraction } from './fraction.ts';

export type BaseUnit = 'g' | 'mL' | 'each';

export interface Mass {
  readonly kind: 'mass';
  readonly g: Fraction;
}
export interface Volume {
  readonly kind: 'volume';
  readonly mL: Fraction;
}
export interface Count {
  readonly kind: 'count';
  readonly each: Fraction;
}

/** So much of something. Mass, volume and count are different kinds: only a food's facts lead from one to another. */
export type Quantity = Mass | Volume | Count;

/** From so much to so much. */
export interface Range {
  readonly kind: 'range';
  readonly from: Quantity;
  readonly to: Quantity;
}
/** Whole packs: their number, what one is called, and what one holds where it is said. */
export interface Pack {
  readonly kind: 'pack';
  readonly packs: Fraction;
  readonly name: string;
  readonly holds?: Mass | Volume;
}

/** Measured by feel: as it was said, and what that usually comes to, where anybody knows. */
export interface ByFeel {
  readonly kind: 'unknown';
  readonly said?: string;
  readonly usually?: Quantity;
}

/** What a line may say. "To taste" and "unknown" (a handful) are amounts, not gaps. */
export type Amount = Quantity | Range | Pack | { readonly kind: 'to taste' } | ByFeel;

export const mass = (g: Fraction | number | string): Mass => ({ kind: 'mass', g: new Fraction(g) });
export const volume = (mL: Fraction | number | string): Volume => ({ kind: 'volume', mL: new Fraction(mL) });
export const count = (each: Fraction | number | string): Count => ({ kind: 'count', each: new Fraction(each) });

export const baseUnitOf = (quantity: Quantity): BaseUnit =>
  quantity.kind === 'mass' ? 'g' : quantity.kind === 'volume' ? 'mL' : 'each';

/** The bare number, in g, mL or each. */
export function inBase(quantity: Quantity): Fraction {
  switch (quantity.kind) {
    case 'mass':
      return quantity.g;
    case 'volume':
      return quantity.mL;
    case 'count':
      return quantity.each;
    default:
      return quantity satisfies never;
  }
}

/** A quantity of the kind that a base unit belongs to. */
export function ofBase(unit: BaseUnit, amount: Fraction | number | string): Quantity {
  switch (unit) {
    case 'g':
      return mass(amount);
    case 'mL':
      return volume(amount);
    case 'each':
      return count(amount);
    default:
      return unit satisfies never;
  }
}

/**
 * The same quantity, so many times.
 * @example inBase(times(mass(400), new Fraction(3, 2))).toFraction() // => '600'
 */
export const times = (quantity: Quantity, factor: Fraction): Quantity =>
  ofBase(baseUnitOf(quantity), inBase(quantity).mul(factor));

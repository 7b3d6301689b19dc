import type { FoodId, PlaceKind } from '../food/index.ts';
import { Fraction, type Day } from '../quantity/index.ts';

export type LotId = string;
export type PlaceId = string;

export type MovementKind =
  'bought' | 'counted' | 'used' | 'made' | 'moved' | 'opened' | 'frozen' | 'thawed' | 'eaten' | 'thrown' | 'corrected';

/** A change to a lot, in the lot's base unit; negative when food leaves. The ledger only grows. */
export interface Movement {
  readonly id: string;
  readonly lot: LotId;
  readonly amount: Fraction;
  readonly kind: MovementKind;
}

export interface LotDates {
  readonly boughtOn?: Day;
  readonly madeOn?: Day;
  readonly openedOn?: Day;
  readonly bestBefore?: Day;
  readonly useBy?: Day;
  readonly frozenOn?: Day;
  readonly thawedOn?: Day;
  /** The end it had when it was last moved or opened: it never keeps longer than that. */
  readonly endsOn?: Day;
  /** Days it still had when it was frozen; that day is spent. */
  readonly daysLeft?: number;
  /** Cooked or thawed: the day on which it lay outside the fridge. */
  readonly warmOn?: Day;
}

/** Some of a food, in one place. A lot never changes place or dates: moving it makes a new lot, so the ledger tells the whole story. */
export interface Lot {
  readonly id: LotId;
  readonly food: FoodId;
  readonly place: PlaceId;
  readonly placeKind: PlaceKind;
  readonly dates: LotDates;
  readonly onHand: Fraction;
  /** What was there when the price was paid. */
  readonly priced?: { readonly minor: number; readonly amount: Fraction };
}

/**
 * What is on hand of each lot: the sum of its movements, whatever order they come in.
 */
export function foldStock(movements: readonly Movement[]): ReadonlyMap<LotId, Fraction> {
  const onHand = new Map<LotId, Fraction>();
  for (const { lot, amount } of movements) onHand.set(lot, (onHand.get(lot) ?? new Fraction(0)).add(amount));
  return onHand;
}

import { Fraction, done, refused, type Day, type Outcome, type Moment } from '../quantity/index.ts';
import type { Lot } from './ledger.ts';

/** A lot with the day it keeps until, as storage works it out. */
export interface DatedLot extends Lot {
  readonly keepsUntil?: Day;
  /** Outside the fridge that day is a matter of so many hours. */
  readonly keepsHours?: number;
  /** Of no box: what was set aside for another dish of the day. */
  readonly loose?: boolean;
  /** Not there yet: what a planned batch will make, and when it begins (ms). What of it is meant for the freezer serves only dishes of the same day. */
  readonly coming?: { readonly at: Moment; readonly part: 'cold' | 'frozen' };
}

export interface Taken {
  readonly lot: DatedLot;
  readonly amount: Fraction;
}

export interface Short {
  readonly code: 'short';
  readonly onHand: Fraction;
  readonly missing: Fraction;
}

/** First to expire first; among equals the one in hand the longest, what stands in no box, then by id, so that the answer is always the same. */
export function byExpiry(a: DatedLot, b: DatedLot): number {
  const end = (lot: DatedLot) => lot.keepsUntil ?? '9999-12-31';
  const since = (lot: DatedLot) => lot.dates.openedOn ?? lot.dates.madeOn ?? lot.dates.boughtOn ?? '9999-12-31';
  return (
    end(a).localeCompare(end(b)) ||
    since(a).localeCompare(since(b)) ||
    Number(b.loose ?? false) - Number(a.loose ?? false) ||
    // Of what is not there yet, what is cooked first goes first, the larger before the smaller: a draft's own id must not decide.
    (a.coming?.at ?? 0) - (b.coming?.at ?? 0) ||
    (a.coming && b.coming ? b.onHand.compare(a.onHand) : 0) ||
    a.id.localeCompare(b.id)
  );
}

/**
 * Takes an amount of one food from its lots, the first to expire first; or says what is missing and takes nothing. What is past on the day `on` comes last: it is taken
 * only where nothing else is there, since somebody who used it used what was good first.
 */
export function takeFirstExpiring(
  lots: readonly DatedLot[],
  want: Fraction,
  on?: Day,
): Outcome<readonly Taken[], Short> {
  const taken: Taken[] = [];
  let open = want;
  const past = (lot: DatedLot) => on !== undefined && lot.keepsUntil !== undefined && lot.keepsUntil < on;
  for (const lot of [...lots].sort((a, b) => Number(past(a)) - Number(past(b)) || byExpiry(a, b))) {
    if (open.compare(0) <= 0) break;
    const amount = lot.onHand.compare(open) < 0 ? lot.onHand : open;
    if (amount.compare(0) <= 0) continue;
    taken.push({ lot, amount });
    open = open.sub(amount);
  }
  if (open.compare(0) > 0) return refused({ code: 'short', onHand: want.sub(open), missing: open });
  return done(taken);
}

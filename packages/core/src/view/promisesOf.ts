import { Fraction, dayAt, type Day } from '../quantity/index.ts';
import {
  bindPromises,
  brokenBy,
  needsOf,
  promisedOf,
  type DatedLot,
  type Promises,
  type Reservation,
  type Unkept,
} from '../stock/index.ts';
import type { KitchenView, ScaledBatchView, ShelfLot } from './kitchenView.ts';
import { asDatedLot } from './costAhead.ts';

export interface ShelfPromises {
  readonly lots: readonly DatedLot[];
  /** Those that somebody has counted: only they can be counted on. */
  readonly counted: readonly DatedLot[];
  readonly reservations: readonly Reservation[];
  readonly promises: Promises;
}

const known = new WeakMap<KitchenView, ShelfPromises>();

/** What this week's batches count on, bound to the lots: worked out once for a state of the kitchen. */
export function promisesOf(view: KitchenView): ShelfPromises {
  const before = known.get(view);
  if (before) return before;
  const lots = view.lots.map(asDatedLot);
  const uncounted = new Set(view.lots.filter(({ state }) => state.known === 'unknown').map(({ state }) => state.id));
  const reservations = view.batches
    .filter((batch) => batch.state.status === 'planned')
    // What is cooked first is served first.
    .sort((a, b) => a.session.startsAt.localeCompare(b.session.startsAt))
    .flatMap((batch) =>
      needsOf(batch.scaled).map(({ food, amount }): Reservation => ({
        for: batch.state.id,
        food: food.id,
        amount,
        on: cookedOn(view, batch),
      })),
    );
  const counted = lots.filter(({ id }) => !uncounted.has(id));
  const made = { lots, counted, reservations, promises: bindPromises(counted, reservations) };
  known.set(view, made);
  return made;
}

/** The day of a batch: its own session's, and never before today. */
export function cookedOn(
  { kitchen, today }: Pick<KitchenView, 'kitchen' | 'today'>,
  { session }: Pick<ScaledBatchView, 'session'>,
): Day {
  const on = dayAt(new Date(session.startsAt), kitchen.equipment.zone);
  return on < today ? today : on;
}

/** How much of a lot is promised. */
export const promisedOfLot = (view: KitchenView, lot: ShelfLot): Fraction =>
  promisedOf(promisesOf(view).promises, lot.state.id);

export interface Broken extends Unkept {
  readonly batch: ScaledBatchView;
}

/** Which dishes would lack something if so much of a lot were taken. */
export function breaksWhenTaken(view: KitchenView, lot: ShelfLot, amount: Fraction): readonly Broken[] {
  const { lots, reservations } = promisesOf(view);
  return brokenBy(lots, reservations, { lot: lot.state.id, amount }).flatMap((unkept) => {
    const batch = view.batches.find((each) => each.state.id === unkept.for);
    return batch ? [{ ...unkept, batch }] : [];
  });
}

import { Fraction, addDays, dayAt, ofBase, type Day, type Quantity } from '../quantity/index.ts';
import {
  bindPromises,
  brokenBy,
  needsOf,
  type DatedLot,
  type Promises,
  type Reservation,
  type Unkept,
} from '../stock/index.ts';
import { keepsUntil } from '../storage/index.ts';
import type { KitchenView, ScaledBatchView, ShelfLot } from './kitchenView.ts';
import { asDatedLot } from './costAhead.ts';
import { keptBeside } from './keptBeside.ts';

export interface ShelfPromises {
  readonly lots: readonly DatedLot[];
  /** Those that somebody has counted: only they can be counted on. */
  readonly counted: readonly DatedLot[];
  /** What planned batches will make: another dish may be made of it. */
  readonly coming: readonly DatedLot[];
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
        at: Date.parse(batch.session.startsAt),
      })),
    );
  const counted = lots.filter(({ id }) => !uncounted.has(id));
  const coming = comingOf(view);
  const made = { lots, counted, coming, reservations, promises: bindPromises([...counted, ...coming], reservations) };
  known.set(view, made);
  return made;
}

/** What the planned batches of a kitchen will make, as lots that are not there yet; what comes out beside the dish and is kept, too. */
function comingOf(view: KitchenView): readonly DatedLot[] {
  return view.batches
    .filter(({ state }) => state.status === 'planned')
    .flatMap((batch): DatedLot[] => {
      const { state, scaled, session } = batch;
      const food = view.foods.get(scaled.recipe.component.id);
      if (!food) return [];
      const madeOn = cookedOn(view, batch);
      const until = keepsUntil(food, 'fridge', { madeOn })?.value;
      const frozen = new Fraction(state.freezePortions).div(scaled.portions);
      const whole = scaled.yields.value.g;
      const at = Date.parse(session.startsAt);
      const part = (which: 'cold' | 'frozen', onHand: Fraction, last: Day | undefined): readonly DatedLot[] =>
        onHand.compare(0) > 0
          ? [
              {
                id: comingId(state.id, which),
                food: food.id,
                place: '',
                placeKind: 'fridge',
                dates: { madeOn },
                onHand,
                ...(last ? { keepsUntil: last } : {}),
                coming: { at, part: which },
              },
            ]
          : [];
      const share = frozen.compare(1) > 0 ? new Fraction(1) : frozen;
      return [
        ...part('cold', whole.mul(new Fraction(1).sub(share)), until),
        ...part('frozen', whole.mul(share), madeOn),
        ...keptBeside(view, scaled).map(({ food: beside, amount, keepsDays }, n): DatedLot => ({
          id: besideId(state.id, n),
          food: beside.id,
          place: '',
          placeKind: 'fridge',
          dates: { madeOn },
          onHand: amount,
          keepsUntil: addDays(madeOn, keepsDays),
          coming: { at, part: 'cold' },
        })),
      ];
    });
}

/** The lot that a planned batch will make: of what stays cold, or of what is frozen. */
export const comingId = (batch: string, part: 'cold' | 'frozen'): string => `${batch}/${part}`;

/** The lot of what comes out beside a planned batch, by its number in keptBeside. */
const besideId = (batch: string, n: number): string => `${batch}/beside ${n}`;

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
  promisedByLot(view).get(lot.state.id) ?? NOTHING;

const NOTHING = new Fraction(0);
const byLot = new WeakMap<KitchenView, ReadonlyMap<string, Fraction>>();
function promisedByLot(view: KitchenView): ReadonlyMap<string, Fraction> {
  const before = byLot.get(view);
  if (before) return before;
  const sums = new Map<string, Fraction>();
  for (const { lot, amount } of promisesOf(view).promises.promised)
    sums.set(lot, (sums.get(lot) ?? new Fraction(0)).add(amount));
  byLot.set(view, sums);
  return sums;
}

export interface Broken extends Unkept {
  readonly batch: ScaledBatchView;
}

/** Which dishes would lack something if so much of a lot were taken. */
export function breaksWhenTaken(view: KitchenView, lot: ShelfLot, amount: Fraction): readonly Broken[] {
  const { lots, coming, reservations } = promisesOf(view);
  return brokenBy([...lots, ...coming], reservations, { lot: lot.state.id, amount }).flatMap((unkept) => {
    const batch = view.batches.find((each) => each.state.id === unkept.for);
    return batch ? [{ ...unkept, batch }] : [];
  });
}

/** Which dishes of the same session a batch goes into, and how many grams of it. */
export function dishesMadeOf(
  view: KitchenView,
  batch: string,
): readonly { readonly batch: ScaledBatchView; readonly amount: Fraction }[] {
  const mine = [comingId(batch, 'cold'), comingId(batch, 'frozen')];
  const { promised } = promisesOf(view).promises;
  const session = view.batches.find(({ state }) => state.id === batch)?.state.session;
  return view.batches.flatMap((taker) => {
    if (taker.state.session !== session) return [];
    const amount = promised
      .filter((each) => each.for === taker.state.id && mine.includes(each.lot))
      .reduce((sum, each) => sum.add(each.amount), new Fraction(0));
    return amount.compare(0) > 0 ? [{ batch: taker, amount }] : [];
  });
}

/** A dish that is to be made of what comes out beside another. */
export interface CountsOn {
  readonly dish: string;
  /** The day it is cooked. */
  readonly on: Day;
  readonly amount: Quantity;
}

/**
 * Which dishes are to be made of what comes out beside a batch, by the name of that.
 * @example countedOnBeside(view, millet).get('vegetable stock') // [{ dish: 'Barley soup', on: thursday, amount: 300 mL }]
 */
export function countedOnBeside(
  view: KitchenView,
  { state, scaled }: ScaledBatchView,
): ReadonlyMap<string, readonly CountsOn[]> {
  const { promised } = promisesOf(view).promises;
  return new Map(
    keptBeside(view, scaled).map(({ food }, n) => [
      food.name,
      promised.flatMap(({ lot, for: taker, amount }): readonly CountsOn[] => {
        const batch = lot === besideId(state.id, n) && view.batches.find((each) => each.state.id === taker);
        return batch
          ? [
              {
                dish: batch.recipe.document.component.name,
                on: cookedOn(view, batch),
                amount: ofBase(food.facts.base, amount),
              },
            ]
          : [];
      }),
    ]),
  );
}

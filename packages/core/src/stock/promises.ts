import type { FoodId } from '../food/index.ts';
import { Fraction, type Day, type Moment } from '../quantity/index.ts';
import type { LotId } from './ledger.ts';
import { byExpiry, type DatedLot } from './takeFirstExpiring.ts';

/** Stock that a batch counts on. */
export interface Reservation {
  /** The batch. */
  readonly for: string;
  readonly food: FoodId;
  readonly amount: Fraction;
  /** The day on which it is used: what is past by then serves nobody. */
  readonly on: Day;
  /** When its session begins, ms: what is made after that is too late for it. Left out, any time of its day will do. */
  readonly at?: Moment;
}

/** So much of one lot promised to one batch. */
export interface Promised {
  readonly for: string;
  readonly lot: LotId;
  readonly food: FoodId;
  readonly amount: Fraction;
}

/** What a batch counts on and the shelf does not hold. */
export interface Unkept {
  readonly for: string;
  readonly food: FoodId;
  readonly missing: Fraction;
}

export interface Promises {
  readonly promised: readonly Promised[];
  readonly unkept: readonly Unkept[];
}

/**
 * Binds what batches count on to lots, the first to expire first; an earlier batch is served before a later one, and a lot past its date on the day of a need serves it not. Derived from the shelf as it is, never stored: what is
 * promised follows when lots change.
 */
export function bindPromises(lots: readonly DatedLot[], reservations: readonly Reservation[]): Promises {
  const left = new Map(lots.map((lot) => [lot.id, lot.onHand]));
  const cooked = new Set(lots.flatMap((lot) => (lot.coming ? [lot.food] : [])));
  const asked = new Set(reservations.map(({ food }) => food));
  const byFood = new Map<FoodId, DatedLot[]>();
  for (const lot of lots) if (asked.has(lot.food)) byFood.set(lot.food, [...(byFood.get(lot.food) ?? []), lot]);
  for (const mine of byFood.values()) mine.sort((a, b) => turnOf(a, cooked) - turnOf(b, cooked) || byExpiry(a, b));
  const promised: Promised[] = [];
  const unkept: Unkept[] = [];
  for (const { for: batch, food, amount, on, at } of reservations) {
    let open = amount;
    for (const lot of byFood.get(food) ?? []) {
      if (open.compare(0) <= 0) break;
      const there = left.get(lot.id);
      if (!there || there.compare(0) <= 0 || !isGoodOn(lot, on)) continue;
      if (lot.coming && at !== undefined && lot.coming.at > at) continue;
      const taken = there.compare(open) < 0 ? there : open;
      promised.push({ for: batch, lot: lot.id, food, amount: taken });
      left.set(lot.id, there.sub(taken));
      open = open.sub(taken);
    }
    if (open.compare(0) > 0) unkept.push({ for: batch, food, missing: open });
  }
  return { promised, unkept };
}

/** What stands there is used before what will be cooked; of that which will be cooked, nothing is thawed, and what was to be frozen goes last. */
const turnOf = (lot: DatedLot, cooked: ReadonlySet<FoodId>): number =>
  lot.coming ? (lot.coming.part === 'cold' ? 1 : 3) : lot.placeKind === 'freezer' && cooked.has(lot.food) ? 2 : 0;

/** Is a lot within its life on a day? What has no date is. */
export const isGoodOn = ({ keepsUntil }: Pick<DatedLot, 'keepsUntil'>, on: Day): boolean =>
  keepsUntil === undefined || keepsUntil >= on;

/** How much of a lot is promised. */
export const promisedOf = ({ promised }: Promises, lot: LotId): Fraction =>
  promised.filter((each) => each.lot === lot).reduce((sum, { amount }) => sum.add(amount), new Fraction(0));

/** How much of a food is on hand, good on a day, and promised to nobody; what is promised to the batches that ask is theirs. */
export function freeOf(
  lots: readonly DatedLot[],
  promises: Promises,
  food: FoodId,
  on: Day,
  mine: readonly string[] = [],
): Fraction {
  const good = new Set(lots.filter((lot) => lot.food === food && isGoodOn(lot, on)).map(({ id }) => id));
  const there = lots.filter(({ id }) => good.has(id)).reduce((sum, { onHand }) => sum.add(onHand), new Fraction(0));
  return promises.promised
    .filter((each) => good.has(each.lot) && !mine.includes(each.for))
    .reduce((sum, { amount }) => sum.sub(amount), there);
}

/** What taking so much of a lot breaks: batches that lacked nothing, or less, before. An empty list means that free stock is enough. */
export function brokenBy(
  lots: readonly DatedLot[],
  reservations: readonly Reservation[],
  take: { readonly lot: LotId; readonly amount: Fraction },
): readonly Unkept[] {
  const before = bindPromises(lots, reservations);
  const after = bindPromises(
    lots.map((lot) => (lot.id === take.lot ? { ...lot, onHand: lot.onHand.sub(take.amount) } : lot)),
    reservations,
  );
  return after.unkept.flatMap((unkept) => {
    const was = before.unkept.find((each) => each.for === unkept.for && each.food === unkept.food);
    const more = was ? unkept.missing.sub(was.missing) : unkept.missing;
    return more.compare(0) > 0 ? [{ ...unkept, missing: more }] : [];
  });
}

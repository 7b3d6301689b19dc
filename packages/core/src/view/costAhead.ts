import { costBecause, costOf, type BatchCost } from '../cost/index.ts';
import { takeFirstExpiring, type DatedLot, type Taken } from '../stock/index.ts';
import type { ScaledBatch } from '../scaling/index.ts';
import { Fraction, inBase, type Because } from '../quantity/index.ts';
import type { KitchenView, ShelfLot } from './kitchenView.ts';

export const asDatedLot = (lot: ShelfLot): DatedLot => ({
  id: lot.state.id,
  food: lot.food.id,
  place: lot.place.id,
  placeKind: lot.place.kind,
  dates: lot.state.dates,
  onHand: lot.onHand,
  ...(lot.state.priced
    ? { priced: { minor: lot.state.priced.minor, amount: new Fraction(lot.state.priced.amount) } }
    : {}),
  ...(lot.until ? { keepsUntil: lot.until.value } : {}),
  ...(lot.until?.hours === undefined ? {} : { keepsHours: lot.until.hours }),
});

export interface CostAhead extends BatchCost {
  readonly because: Because;
  /** Names of what is not there, or has no price: the cost is at least so much. */
  readonly unknown: readonly string[];
  /** What is scattered over it if anybody likes: apart, in no sum. */
  readonly optional: { readonly minor: number; readonly because: Because } | undefined;
}

const nameOf = (view: KitchenView, id: string) => {
  const food = view.foods.get(id);
  return { name: food?.name ?? '', base: food?.facts.base ?? ('g' as const) };
};

/** What batches will cost from the shelf as it stands, one after the other: what the first takes, the second cannot. */
export function costAhead(view: KitchenView, batches: readonly ScaledBatch[]): readonly CostAhead[] {
  const lots = new Map(view.lots.map((lot) => [lot.state.id, asDatedLot(lot)]));
  /** Lines of a batch, off the lots as the batches before it left them. */
  const take = (lines: ScaledBatch['lines']) => {
    const taken: Taken[] = [];
    const short: string[] = [];
    for (const { food, fromShelf } of lines) {
      if (!fromShelf) continue;
      const mine = [...lots.values()].filter((lot) => lot.food === food.id);
      const there = mine.reduce((sum, lot) => sum.add(lot.onHand), new Fraction(0));
      const want = inBase(fromShelf.value);
      if (want.sub(there).compare(new Fraction(1, 10)) > 0) short.push(food.name);
      const took = takeFirstExpiring(mine, want.compare(there) > 0 ? there : want, view.today);
      if (!took.ok) continue;
      for (const each of took.value) {
        taken.push(each);
        const lot = lots.get(each.lot.id);
        if (lot) lots.set(lot.id, { ...lot, onHand: lot.onHand.sub(each.amount) });
      }
    }
    return { taken, short };
  };
  const because = (taken: readonly Taken[]) =>
    costBecause(taken, view.kitchen.equipment.currency, (id) => nameOf(view, id));
  return batches.map((scaled) => {
    const { taken, short } = take(scaled.lines.filter(({ line }) => !line.optional));
    const garnish = take(scaled.lines.filter(({ line }) => line.optional)).taken;
    const cost = costOf(taken);
    const unpriced = cost.unpriced.map(({ lot }) => nameOf(view, lot.food).name);
    return {
      ...cost,
      because: because(taken),
      unknown: [...new Set([...short, ...unpriced])],
      optional: garnish.length > 0 ? { minor: costOf(garnish).usedMinor, because: because(garnish) } : undefined,
    };
  });
}

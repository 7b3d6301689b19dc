import { costBecause, costOf, likelyCost, type BatchCost, type LikelyCost } from '../cost/index.ts';
import { takeFirstExpiring, type DatedLot, type Taken } from '../stock/index.ts';
import type { ScaledBatch } from '../scaling/index.ts';
import { Fraction, addDays, inBase, type Because } from '../quantity/index.ts';
import { keptBeside } from './keptBeside.ts';
import type { KitchenView, ShelfLot } from './kitchenView.ts';
import { newestPrices, type PaidFor } from './newestPrice.ts';
import { wasteShares } from './wasteShares.ts';

const dated = new WeakMap<ShelfLot, DatedLot>();
/** A lot as the folds over stock take it; the same for the same lot. */
export function asDatedLot(lot: ShelfLot): DatedLot {
  const known = dated.get(lot) ?? datedLot(lot);
  dated.set(lot, known);
  return known;
}

const datedLot = (lot: ShelfLot): DatedLot => ({
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
  loose: lot.state.box === null,
});

export interface CostAhead extends BatchCost {
  readonly because: Because;
  /** With what of its packs goes to waste in this kitchen; undefined: nothing is claimed of that. */
  readonly likely: LikelyCost | undefined;
  /** Names of what is not there, or has no price: the cost is at least so much. */
  readonly unknown: readonly string[];
  /** What is scattered over it if anybody likes: apart, in no sum. */
  readonly optional: { readonly minor: number; readonly because: Because } | undefined;
  /** What of it is for other dishes of the same cooking: it is in their cost too. */
  readonly ofDishesMinor: number;
}

const nameOf = (view: KitchenView, id: string) => {
  const food = view.foods.get(id);
  return { name: food?.name ?? '', base: food?.facts.base ?? ('g' as const) };
};

/** What batches will cost from the shelf as it stands and at the newest price of what is missing, one after the other: what the first takes, the second cannot. A dish that another is made of is reckoned before it, and goes in at what it cost. */
export function costAhead(view: KitchenView, batches: readonly ScaledBatch[]): readonly CostAhead[] {
  const lots = new Map(view.lots.map((lot) => [lot.state.id, asDatedLot(lot)]));
  const prices = newestPrices(view);
  const shares = wasteShares(view);
  const unknownOf = new Map<string, readonly string[]>();
  /** Lines of a batch, off the lots as the batches before it left them. */
  const take = (lines: ScaledBatch['lines']) => {
    const taken: Taken[] = [];
    const short: string[] = [];
    for (const { food, fromShelf } of lines) {
      if (!fromShelf) continue;
      const mine = [...lots.values()].filter((lot) => lot.food === food.id);
      const there = mine.reduce((sum, lot) => sum.add(lot.onHand), new Fraction(0));
      const want = inBase(fromShelf.value);
      const missing = want.sub(there);
      if (missing.compare(new Fraction(1, 10)) > 0) {
        // What is still to be bought costs what it cost last.
        const price = prices.get(food.id);
        if (price) taken.push({ lot: toBuy(food.id, price), amount: missing });
        else short.push(food.name);
      }
      const took = takeFirstExpiring(mine, want.compare(there) > 0 ? there : want, view.today);
      if (!took.ok) continue;
      for (const each of took.value) {
        taken.push(each);
        short.push(...(unknownOf.get(each.lot.id) ?? []));
        const lot = lots.get(each.lot.id);
        if (lot) lots.set(lot.id, { ...lot, onHand: lot.onHand.sub(each.amount) });
      }
    }
    return { taken, short };
  };
  const because = (taken: readonly Taken[]) =>
    costBecause(taken, view.kitchen.equipment.currency, (id) => nameOf(view, id));
  const costs = new Map<ScaledBatch, CostAhead>();
  for (const scaled of makersFirst(view, batches)) {
    const { taken, short } = take(scaled.lines.filter(({ line }) => !line.optional));
    const garnish = take(scaled.lines.filter(({ line }) => line.optional)).taken;
    const cost = costOf(taken);
    const unpriced = cost.unpriced.map(({ lot }) => nameOf(view, lot.food).name);
    const unknown = [...new Set([...short, ...unpriced])];
    costs.set(scaled, {
      ...cost,
      because: because(taken),
      likely: likelyCost(
        taken,
        (food) => shares.get(food),
        (food) => nameOf(view, food).name,
        view.kitchen.equipment.currency,
      ),
      unknown,
      optional: garnish.length > 0 ? { minor: costOf(garnish).usedMinor, because: because(garnish) } : undefined,
      ofDishesMinor: costOf(taken.filter(({ lot }) => lot.coming)).usedMinor,
    });
    for (const [n, { food, amount, keepsDays }] of keptBeside(view, scaled).entries()) {
      const id = `beside ${costs.size} ${n}`;
      lots.set(id, {
        id,
        food: food.id,
        place: '',
        placeKind: 'fridge',
        dates: { madeOn: view.today },
        onHand: amount,
        // The dish that it is left of has paid for it.
        priced: { minor: 0, amount },
        keepsUntil: addDays(view.today, keepsDays),
        coming: { at: 0, part: 'cold' },
      });
    }
    const amount = scaled.yields.value.g;
    if (amount.compare(0) <= 0) continue;
    const id = `made ${costs.size}`;
    unknownOf.set(id, unknown);
    lots.set(id, {
      id,
      food: scaled.recipe.component.id,
      place: '',
      placeKind: 'fridge',
      dates: { madeOn: view.today },
      onHand: amount,
      priced: { minor: cost.usedMinor, amount },
      keepsUntil: view.today,
      coming: { at: 0, part: 'cold' },
    });
  }
  return batches.flatMap((scaled) => costs.get(scaled) ?? []);
}

/** A pack that is not there yet. */
const toBuy = (food: string, { minor, amount }: PaidFor): DatedLot => ({
  id: `to buy ${food}`,
  food,
  place: '',
  placeKind: 'cupboard',
  dates: {},
  onHand: amount,
  priced: { minor, amount },
});

/** What is used of all of them together: what goes from one dish into another is counted once. */
export const usedTogether = (costs: readonly CostAhead[]): number =>
  costs.reduce((sum, { usedMinor, ofDishesMinor }) => sum + usedMinor - ofDishesMinor, 0);

/** Dishes that others are made of come before them; otherwise as they stand. */
function makersFirst(view: KitchenView, batches: readonly ScaledBatch[]): readonly ScaledBatch[] {
  const put = new Set<ScaledBatch>();
  const visit = (scaled: ScaledBatch, waiting: ReadonlySet<ScaledBatch>) => {
    if (put.has(scaled) || waiting.has(scaled)) return;
    for (const maker of batches)
      if (maker !== scaled && scaled.lines.some(({ food }) => madeOf(view, maker).has(food.id)))
        visit(maker, new Set([...waiting, scaled]));
    put.add(scaled);
  };
  for (const scaled of batches) visit(scaled, new Set());
  return [...put];
}

/** All that comes out of a batch: the dish, and what is kept beside it. */
const madeOf = (view: KitchenView, maker: ScaledBatch): ReadonlySet<string> =>
  new Set([maker.recipe.component.id, ...keptBeside(view, maker).map(({ food }) => food.id)]);

/** What one batch will cost, with the planned dishes that it is made of. */
export function costOfOne(view: KitchenView, scaled: ScaledBatch): CostAhead | undefined {
  const makers = (of: ScaledBatch, known: readonly ScaledBatch[]): readonly ScaledBatch[] =>
    view.batches
      .filter(({ state }) => state.status === 'planned')
      .map((batch) => batch.scaled)
      .filter((maker) => !known.includes(maker) && of.lines.some(({ food }) => madeOf(view, maker).has(food.id)))
      .reduce((all, maker) => (all.includes(maker) ? all : [...all, ...makers(maker, [...all, maker]), maker]), known);
  const all = [...makers(scaled, [scaled]).filter((each) => each !== scaled), scaled];
  return costAhead(view, all).at(-1);
}

import type { Food } from '../food/index.ts';
import { Fraction, type Day } from '../quantity/index.ts';
import { byExpiry } from '../stock/index.ts';
import { lotsOf, type KitchenView, type ShelfLot } from './kitchenView.ts';
import { asDatedLot } from './costAhead.ts';
import { promisedOfLot } from './promisesOf.ts';

export interface ReadyComponent {
  readonly food: Food;
  readonly name: string;
  readonly beforeEating: string;
  /** Whole portions outside the freezer. */
  readonly portions: number;
  readonly frozen: number;
  readonly until: Day | undefined;
  readonly cold: readonly ShelfLot[];
}

const portionsOf = (lots: readonly ShelfLot[]): number =>
  Math.floor(lots.reduce((sum, lot) => sum + lot.onHand.valueOf() / Number(lot.state.portionG ?? 1), 0) + 1e-6);

/** What stands in boxes, what keeps least first. */
export function readyComponents(view: KitchenView): readonly ReadyComponent[] {
  return view.recipes
    .flatMap((recipe): ReadyComponent[] => {
      const { component } = recipe.document;
      const food = view.foods.get(component.id);
      // What another dish is made of is not for the table.
      const lots = lotsOf(view, component.id)
        .filter((lot) => lot.state.portionG !== null)
        .map((lot) => {
          const promised = promisedOfLot(view, lot);
          return promised.compare(0) > 0 ? { ...lot, onHand: lot.onHand.sub(promised) } : lot;
        })
        .filter((lot) => lot.onHand.compare(0) > 0);
      if (!food || lots.length === 0) return [];
      const cold = lots
        .filter((lot) => lot.place.kind !== 'freezer')
        .sort((a, b) => byExpiry(asDatedLot(a), asDatedLot(b)));
      const frozen = lots.filter((lot) => lot.place.kind === 'freezer');
      return [
        {
          food,
          name: component.name,
          beforeEating: component.beforeEating,
          portions: portionsOf(cold),
          frozen: portionsOf(frozen),
          until: cold[0]?.until?.value,
          cold,
        },
      ];
    })
    .sort((a, b) => (a.until ?? '9999').localeCompare(b.until ?? '9999') || a.name.localeCompare(b.name));
}

/** Portions taken from boxes, the first to expire first, as the server wants them told. */
export function takesFor(
  ready: ReadyComponent,
  portions: number,
): readonly { readonly lot: string; readonly amount: string; readonly version: number }[] {
  const takes: { lot: string; amount: string; version: number }[] = [];
  let open = portions;
  for (const lot of ready.cold) {
    if (open <= 0) break;
    const portionG = new Fraction(lot.state.portionG ?? '1');
    const want = portionG.mul(new Fraction(open));
    const amount = want.compare(lot.onHand) > 0 ? lot.onHand : want;
    if (amount.compare(0) <= 0) continue;
    takes.push({ lot: lot.state.id, amount: amount.round(3).toString(), version: lot.state.version });
    open -= amount.div(portionG).valueOf();
  }
  return takes;
}

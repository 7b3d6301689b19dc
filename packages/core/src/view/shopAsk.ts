import { shopList, type Price, type ShopList } from '../cost/index.ts';
import type { CostState } from '../formats/index.ts';
import type { Food } from '../food/index.ts';
import { Fraction } from '../quantity/index.ts';
import { freeOf, needsOf } from '../stock/index.ts';
import type { KitchenView } from './kitchenView.ts';
import { cookedOn, promisesOf } from './promisesOf.ts';

export const pricesOf = (costs: CostState): readonly Price[] =>
  costs.prices.map(({ food, on, minor, amount, shop, from }) => ({
    food,
    on,
    minor,
    amount: new Fraction(amount),
    ...(shop === null ? {} : { shop }),
    from,
  }));

/** What this week's dishes ask for beyond what is there. */
export function shopFor(view: KitchenView, costs: CostState): ShopList {
  const { currency } = view.kitchen.equipment;
  return shopList({
    wanted: view.batches
      .filter((batch) => batch.state.status === 'planned')
      .flatMap((batch) =>
        needsOf(batch.scaled).map(({ food, amount }) => ({
          food: food.id,
          amount,
          for: batch.recipe.document.component.name,
          on: cookedOn(view, batch),
        })),
      ),
    onHand: (food) => usableOf(view, food),
    floors: costs.floors.map(({ food, amount }) => ({ food, amount: new Fraction(amount) })),
    prices: pricesOf(costs),
    foods: view.foods,
    currency,
  });
}

/** What of a food the week can count on: what is promised, and what is free and still good on the last day that it is asked for. */
function usableOf(view: KitchenView, food: string): Fraction {
  const { counted, promises, reservations } = promisesOf(view);
  const promised = promises.promised
    .filter((each) => each.food === food)
    .reduce((sum, { amount }) => sum.add(amount), new Fraction(0));
  const last = reservations
    .filter((each) => each.food === food)
    .map(({ on }) => on)
    .sort()
    .at(-1);
  return promised.add(freeOf(counted, promises, food, last ?? view.today));
}

/** Where a food goes when it comes home: where it lies already, else where its kind keeps longest. */
export function placeFor(view: KitchenView, food: Food): string | undefined {
  const lies = view.lots.find((lot) => lot.food.id === food.id && lot.place.kind !== 'freezer');
  if (lies) return lies.place.id;
  const { keeps } = food.facts;
  const kinds = (['cupboard', 'cool room', 'fridge'] as const).filter((kind) => keeps?.[kind]);
  const best = [...kinds].sort((a, b) => (keeps?.[b]?.value ?? 0) - (keeps?.[a]?.value ?? 0))[0];
  return (view.kitchen.places.find((place) => place.kind === best) ?? view.kitchen.places[0])?.id;
}

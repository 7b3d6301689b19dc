import { shopList, type Price, type ShopList } from '../cost/index.ts';
import type { CostState } from '../formats/index.ts';
import type { Food } from '../food/index.ts';
import { Fraction, dayAt } from '../quantity/index.ts';
import { needsOf } from '../stock/index.ts';
import type { KitchenView } from './kitchenView.ts';
import { onHandOf } from './shortages.ts';

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
  const { zone, currency } = view.kitchen.equipment;
  const on = view.session ? dayAt(new Date(view.session.startsAt), zone) : view.today;
  return shopList({
    wanted: view.batches
      .filter((batch) => batch.state.status === 'planned')
      .flatMap((batch) =>
        needsOf(batch.scaled).map(({ food, amount }) => ({
          food: food.id,
          amount,
          for: batch.recipe.document.component.name,
          on,
        })),
      ),
    onHand: (food) => onHandOf(view, food),
    floors: costs.floors.map(({ food, amount }) => ({ food, amount: new Fraction(amount) })),
    prices: pricesOf(costs),
    foods: view.foods,
    currency,
  });
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

import { appNow } from '../parts/appNow.ts';
import { Fraction } from '@kestrel-ridge/core/quantity';
import { keepsUntil, suggestBoxes, type BoxPlace, type BoxSuggestion } from '@kestrel-ridge/core/storage';
import { eatersOn } from '@kestrel-ridge/core/week';
import { newId } from '../parts/newId.ts';
import type { KitchenView, ScaledBatchView } from '@kestrel-ridge/core/view';
import { dishesMadeOf, freeBoxes, stripsOf, thoseWhoEat } from '@kestrel-ridge/core/view';

/** A box that is about to be filled. */
export interface DraftBox {
  readonly id: string;
  /** The kind of place, and which one of them: a shelf, a bin. */
  readonly kind: BoxPlace;
  readonly place: string | undefined;
  readonly portions: number;
  /** Which of the kitchen's boxes; undefined: any. */
  readonly box: string | undefined;
}

/** Where a new box goes when nobody says otherwise: the first place of its kind. */
export const placeFor = ({ kitchen }: KitchenView, kind: BoxPlace): string | undefined =>
  kitchen.places.find((place) => place.kind === kind)?.id;

/** Whole portions for boxes: what other dishes of the day are made of is set aside. */
export const boxedPortions = (view: KitchenView, { scaled, state }: ScaledBatchView): number =>
  Math.max(
    1,
    Math.round(
      scaled.portions.valueOf() -
        dishesMadeOf(view, state.id).reduce((sum, { amount }) => sum + amount.valueOf(), 0) /
          Math.max(1, scaled.portionG),
    ),
  );

/** Boxes for a cooked batch, by who eats when and what keeps. */
export function draftBoxes(view: KitchenView, batch: ScaledBatchView): BoxSuggestion & { drafts: readonly DraftBox[] } {
  const { scaled, state } = batch;
  const { component } = scaled.recipe;
  const food = view.foods.get(component.id);
  const until = food && keepsUntil(food, 'fridge', { madeOn: view.today })?.value;
  const strip = stripsOf(view, {}, appNow()).find((each) => each.food.id === component.id);
  const wanted = (strip?.strip.meals ?? [])
    .filter(({ day }) => until === undefined || day <= until)
    .reduce((sum, meal) => sum + meal.eaten + meal.short, 0);
  // What stands there already is eaten first, as far as it keeps.
  const there = view.lots
    .filter((lot) => lot.food.id === component.id && lot.place.kind !== 'freezer')
    .reduce((sum, lot) => sum.add(lot.onHand), new Fraction(0))
    .valueOf();
  const eaters = thoseWhoEat(view, component.id, eatersOn(view.today, view.week.eaters, view.week.attendance)).length;
  const suggestion = suggestBoxes({
    portions: boxedPortions(view, batch),
    portionG: scaled.portionG,
    component: component.kind,
    eatenInTime: Math.max(0, wanted - there) / scaled.portionG,
    until,
    freezes: component.freezerDays.value > 0,
    atATime: ((strip?.portionsADay ?? 1) * Math.max(1, eaters)) / 2,
    askedToFreeze: Math.round(Number(state.freezePortions)),
    boxes: freeBoxes(view),
  });
  return {
    ...suggestion,
    drafts: suggestion.boxes.map(({ box, place, portions }) => ({
      id: newId(),
      kind: place,
      place: placeFor(view, place),
      portions,
      box,
    })),
  };
}

import type { PastState } from '../formats/index.ts';
import { dayAt } from '../quantity/index.ts';
import type { FrozenOnce } from '../stock/index.ts';
import type { KitchenView } from './kitchenView.ts';

/** All boxes that stand in a freezer here, or stood there in the days that are looked back on. */
export function frozenOnce(view: KitchenView, past: PastState): readonly FrozenOnce[] {
  const { zone } = view.kitchen.equipment;
  const there = view.lots
    .filter(({ place, state }) => place.kind === 'freezer' && state.portionG !== null)
    .map(({ state }): FrozenOnce => ({
      food: state.food,
      grams: Number(state.onHand),
      portionG: Number(state.portionG),
      place: state.place,
      box: state.box,
      frozenOn: state.dates.frozenOn ?? state.dates.madeOn ?? state.dates.boughtOn ?? view.today,
      gone: false,
    }));
  const here = new Set(view.lots.map(({ state }) => state.id));
  const gone = past.movements
    .filter(
      ({ placeKind, portionG, amount, lot }) =>
        placeKind === 'freezer' && portionG !== null && Number(amount) > 0 && !here.has(lot),
    )
    .map(({ food, amount, portionG, place, box, at }): FrozenOnce => ({
      food,
      grams: Number(amount),
      portionG: Number(portionG),
      place,
      box,
      frozenOn: dayAt(new Date(at), zone),
      gone: true,
    }));
  return [...there, ...gone];
}

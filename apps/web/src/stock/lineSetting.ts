import { isTapWater } from '@kestrel-ridge/core/food';
import { minorDigits } from '@kestrel-ridge/core/cost';
import type { ShelfLineSetting } from '@kestrel-ridge/core/formats';
import { Fraction } from '@kestrel-ridge/core/quantity';
import type { KitchenView } from '@kestrel-ridge/core/view';

/** What a line about the shelf is read by in this kitchen: its foods and places, its cups, and how much its usual bag of a food holds. */
export const lineSetting = (view: KitchenView): ShelfLineSetting => ({
  foods: [...view.foods.values()].filter((food) => !isTapWater(food.id)),
  places: view.kitchen.places,
  today: view.today,
  minorDigits: minorDigits(view.kitchen.equipment.currency),
  units: view.kitchen.equipment.units ?? 'US',
  usualPack: (food) => {
    const bought = view.lots.find((lot) => lot.food.id === food.id && lot.state.priced);
    return bought?.state.priced ? new Fraction(bought.state.priced.amount) : undefined;
  },
});

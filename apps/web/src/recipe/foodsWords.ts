import { isTapWater } from '@kestrel-ridge/core/food';
import type { Revision } from '@kestrel-ridge/core/recipe';
import type { KitchenView } from '@kestrel-ridge/core/view';

/** So many tell a dish from another. */
const MOST = 5;

/** What a dish is made of, in a line of a list: "borlotti beans, onion, garlic"; water and salt are in most. */
export const foodsWords = (view: KitchenView, { lines }: Revision): string =>
  lines
    .flatMap(({ food }) => view.foods.get(food) ?? [])
    .filter((food) => !isTapWater(food.id) && food.name !== 'salt')
    .slice(0, MOST)
    .map(({ name }) => name)
    .join(', ');

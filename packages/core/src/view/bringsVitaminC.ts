import type { KitchenView } from './kitchenView.ts';

/** From so much vitamin C in 100 g on a spoon of it counts: 30 mg. Common practice, no published source. */
const RICH_MG = 30;

/**
 * What is on the shelf and brings vitamin C to a plate, what must go first before the rest: iron from plants is taken up better beside it.
 * @example bringsVitaminC(view) // ['kale', 'lemon']
 */
export function bringsVitaminC({ lots }: Pick<KitchenView, 'lots'>, most = 3): readonly string[] {
  const rich = lots
    .filter(
      ({ food, onHand }) =>
        onHand.compare(0) > 0 &&
        ['vegetable', 'leaf', 'fruit', 'acid'].includes(food.facts.kind) &&
        (food.facts.composition?.value.vitaminCMg ?? 0) >= RICH_MG,
    )
    .sort((a, b) => (a.until?.value ?? '9999').localeCompare(b.until?.value ?? '9999'));
  return [...new Set(rich.map(({ food }) => food.name))].slice(0, most);
}

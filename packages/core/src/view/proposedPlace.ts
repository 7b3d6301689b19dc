import type { Food } from '../food/index.ts';
import type { PlaceState } from '../formats/index.ts';
import type { KitchenView } from './kitchenView.ts';

/** Where a food keeps without being frozen. */
const UNFROZEN = ['cupboard', 'cool room', 'fridge'] as const;
/** What keeps so many days in the cupboard needs no fridge. Common practice, no published source. */
const LONG_ENOUGH = 60;

/**
 * Where something that comes in most likely goes: where the last of it stood, else where it keeps longest without being frozen; what is bought frozen into the freezer.
 * Undefined where nobody could say.
 * @example proposedPlace(view, kale)?.kind // 'fridge'
 */
export function proposedPlace(view: Pick<KitchenView, 'lots' | 'kitchen'>, food: Food): PlaceState | undefined {
  const { places } = view.kitchen;
  const last = view.lots
    .filter((lot) => lot.food.id === food.id)
    .sort((a, b) => (a.state.dates.boughtOn ?? '').localeCompare(b.state.dates.boughtOn ?? ''))
    .at(-1);
  const stood = places.find(({ id }) => id === last?.place.id);
  if (stood) return stood;
  const keeps = food.facts.keeps ?? {};
  const daysIn = (kind: (typeof UNFROZEN)[number]) => keeps[kind]?.value ?? 0;
  const longest =
    UNFROZEN.find((kind) => daysIn(kind) >= LONG_ENOUGH) ??
    UNFROZEN.filter((kind) => daysIn(kind) > 0).sort((a, b) => daysIn(b) - daysIn(a))[0];
  // What is bought frozen has days in the fridge too, thawed.
  const kind = food.name.startsWith('frozen ') ? 'freezer' : (longest ?? (keeps.freezer ? 'freezer' : undefined));
  return places.find((place) => place.kind === kind);
}

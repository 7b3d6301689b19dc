import { largestPot } from '@kestrel-ridge/core/kitchen';
import type { KitchenView, ScaledBatchView } from '@kestrel-ridge/core/view';

/** What the vessel of a batch weighs empty, g, where the kitchen has weighed it; null where not. */
export function emptyWeight({ kitchen }: KitchenView, { scaled }: ScaledBatchView): number | null {
  switch (scaled.recipe.vessel) {
    case 'cooker':
      return kitchen.equipment.cookers[0]?.emptyG ?? null;
    case 'pot':
      return largestPot(kitchen.equipment).emptyG ?? null;
    default:
      return null;
  }
}

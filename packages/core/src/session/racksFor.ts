import type { Oven } from '../kitchen/index.ts';
import type { StationUse } from '../recipe/index.ts';
import type { ScaledBatch } from '../scaling/index.ts';

/** So many racks of an oven one load takes: a tray each; under a grill nothing else can be. */
export const racksFor = (use: StationUse, oven: Oven, { loads }: Pick<ScaledBatch, 'loads'>): number =>
  use.grill ? oven.racks : Math.min(oven.racks, loads.value.trays || 1);

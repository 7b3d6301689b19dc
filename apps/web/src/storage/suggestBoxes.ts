import type { BoxKind } from '@kestrel-ridge/core/kitchen';
import { portionsInBox, splitIntoBoxes } from '@kestrel-ridge/core/storage';
import { newId } from '../api/newId.ts';
import type { ScaledBatchView } from '../app/useKitchenState.ts';

export interface DraftBox {
  readonly id: string;
  readonly place: 'fridge' | 'freezer';
  readonly portions: number;
}

/** Boxes for a batch: what is to be frozen into the freezer, the rest into the fridge, in the kitchen's largest box that holds six portions or fewer. */
export function suggestBoxes(batch: ScaledBatchView, boxes: readonly BoxKind[]): readonly DraftBox[] {
  const portions = Math.round(batch.scaled.portions.valueOf());
  const frozen = Math.min(portions, Math.round(Number(batch.state.freezePortions)));
  const sizes = boxes.map((box) => portionsInBox(box, batch.scaled.portionG)).sort((a, b) => b - a);
  const perBox = sizes.find((size) => size <= 6) ?? sizes.at(-1) ?? 4;
  const filled = (n: number, place: DraftBox['place']) =>
    splitIntoBoxes(n, perBox).map((each) => ({ id: newId(), place, portions: each }));
  return [...filled(portions - frozen, 'fridge'), ...filled(frozen, 'freezer')];
}

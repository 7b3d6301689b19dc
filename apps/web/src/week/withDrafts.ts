import { Fraction } from '@kestrel-ridge/core/quantity';
import { scaleBatch } from '@kestrel-ridge/core/scaling';
import type { KitchenView } from '../app/useKitchenState.ts';
import type { DraftSize } from './weekDraftSlice.ts';

/** The kitchen as it would be with the sizes that are being tried. */
export function withDrafts(view: KitchenView, drafts: Readonly<Record<string, DraftSize>>): KitchenView {
  if (!view.batches.some(({ state }) => drafts[state.id])) return view;
  const batches = view.batches.map((batch) => {
    const draft = drafts[batch.state.id];
    if (!draft || draft.portions === Number(batch.state.portions)) return batch;
    return {
      ...batch,
      scaled: scaleBatch(
        batch.recipe.document,
        new Fraction(draft.portions),
        view.foods,
        view.kitchen.equipment,
        batch.state.finals,
      ),
    };
  });
  return { ...view, batches };
}

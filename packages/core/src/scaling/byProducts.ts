import { quantityOf, times, type Quantity } from '../quantity/index.ts';
import type { ByProduct } from '../recipe/index.ts';
import type { ScaledBatch } from './scaleBatch.ts';

/** What else comes out of a batch, at its size. */
export interface ScaledByProduct {
  readonly name: string;
  readonly step: string;
  readonly amount: Quantity;
  readonly goes: ByProduct['goes'];
}

/** What else comes out of a batch: it grows with the batch. */
export const byProductsOf = ({ recipe, factor }: Pick<ScaledBatch, 'recipe' | 'factor'>): readonly ScaledByProduct[] =>
  recipe.steps.flatMap(({ id, gives }) =>
    (gives ?? []).map(({ name, amount, goes }) => ({
      name,
      step: id,
      amount: times(quantityOf(amount), factor),
      goes,
    })),
  );

/** What is put on at the plate: it stays out of hot boxes and out of the freezer. */
export const keptApart = ({ lines }: Pick<ScaledBatch, 'lines'>): ScaledBatch['lines'] =>
  lines.filter(({ line }) => line.optional);

import { Fraction } from '@kestrel-ridge/core/quantity';
import { cookedAs } from '@kestrel-ridge/core/recipe';
import { scaleBatch, type ScaledBatch } from '@kestrel-ridge/core/scaling';
import type { Transaction } from 'sequelize';
import { KitchenRow } from '../kitchen/kitchen.model.ts';
import { RevisionRow } from '../recipe/recipe.model.ts';
import { foodsOf } from '../recipe/recipe.service.ts';
import type { BatchRow } from './session.model.ts';

/** A stored batch, scaled by the same core as in the browser: what is booked is never taken from a client's word. */
export async function scaleStored(batch: BatchRow, transaction: Transaction): Promise<ScaledBatch> {
  const { kitchen, recipe, revision } = batch;
  const { document } = await RevisionRow.findOne({
    where: { kitchen, recipe, number: revision },
    transaction,
    rejectOnEmpty: true,
  });
  const { equipment } = await KitchenRow.findByPk(kitchen, { transaction, rejectOnEmpty: true });
  const foods = await foodsOf(kitchen, transaction);
  const cooked = cookedAs(document, batch.choice, foods);
  return scaleBatch(cooked, new Fraction(batch.portions), foods, equipment, batch.finals);
}

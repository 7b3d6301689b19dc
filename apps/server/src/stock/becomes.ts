import type { InferCreationAttributes, Transaction } from 'sequelize';
import { LotRow } from './stock.model.ts';

/**
 * A lot never changes place, dates or food: what is moved, opened or recognised becomes a new lot, with all the rest as it was. The price goes along as the rate it was
 * bought at: so much for so much.
 */
export async function becomes(
  lot: LotRow,
  id: string,
  changed: Partial<InferCreationAttributes<LotRow>>,
  transaction: Transaction,
): Promise<void> {
  await LotRow.create(
    {
      kitchen: lot.kitchen,
      food: lot.food,
      place: lot.place,
      base: lot.base,
      origin: lot.origin,
      batch: lot.batch,
      boughtOn: lot.boughtOn,
      madeOn: lot.madeOn,
      openedOn: lot.openedOn,
      bestBefore: lot.bestBefore,
      useBy: lot.useBy,
      frozenOn: lot.frozenOn,
      thawedOn: lot.thawedOn,
      endsOn: lot.endsOn,
      daysLeft: lot.daysLeft,
      warmOn: lot.warmOn,
      portionG: lot.portionG,
      allergens: lot.allergens,
      mayContain: lot.mayContain,
      allergensUnknown: lot.allergensUnknown,
      known: lot.known,
      shop: lot.shop,
      box: lot.box,
      pricedMinor: lot.pricedMinor,
      pricedAmount: lot.pricedAmount,
      ...changed,
      id,
    },
    { transaction },
  );
}

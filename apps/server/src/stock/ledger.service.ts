import type { LedgerRow } from '@kestrel-ridge/core/formats';
import { Injectable } from '@nestjs/common';
import { Fraction } from '@kestrel-ridge/core/quantity';
import { foldStockAt } from '@kestrel-ridge/core/stock';
import { Op } from 'sequelize';
import { Database } from '../database/database.ts';
import { FoodRow } from '../food/food.model.ts';
import { PlaceRow } from '../kitchen/place.model.ts';
import { refuse } from '../problem/problem.ts';
import { LotRow, MovementRow } from './stock.model.ts';
import { plainDecimal } from './stock.state.ts';

/** Reads the ledger as a whole: what was on hand once, and all that happened. */
@Injectable()
export class LedgerService {
  constructor(private readonly database: Database) {}

  /** What was on hand of each lot at a moment. */
  stockAt(
    kitchen: string,
    at: string,
  ): Promise<readonly { readonly lot: string; readonly food: string; readonly amount: string }[]> {
    const moment = momentOf(at, 'at');
    return this.database.inKitchen(kitchen, async (transaction) => {
      const rows = await MovementRow.findAll({
        attributes: ['id', 'lot', 'amount', 'kind', 'at'],
        where: { kitchen, at: { [Op.lte]: new Date(moment) } },
        transaction,
      });
      const onHand = foldStockAt(
        rows.map(({ id, lot, amount, kind, at: then }) => ({
          id,
          lot,
          amount: new Fraction(amount),
          kind,
          at: then.getTime(),
        })),
        moment,
      );
      const lots = await LotRow.findAll({ where: { kitchen, id: [...onHand.keys()] }, order: ['id'], transaction });
      return lots.flatMap(({ id, food }) => {
        const amount = onHand.get(id);
        return amount && amount.compare(0) > 0 ? [{ lot: id, food, amount: amount.toString() }] : [];
      });
    });
  }

  /** All movements from a moment on, the oldest first, by the names of their foods and places. */
  ledger(kitchen: string, from?: string): Promise<readonly LedgerRow[]> {
    const since = from === undefined ? 0 : momentOf(from, 'from');
    return this.database.inKitchen(kitchen, async (transaction) => {
      const rows = await MovementRow.findAll({
        where: { kitchen, at: { [Op.gte]: new Date(since) } },
        order: [
          ['at', 'ASC'],
          ['id', 'ASC'],
        ],
        transaction,
      });
      const lots = new Map((await LotRow.findAll({ where: { kitchen }, transaction })).map((lot) => [lot.id, lot]));
      const foods = new Map(
        (await FoodRow.findAll({ attributes: ['id', 'name'], where: { kitchen }, transaction })).map((food) => [
          food.id,
          food.name,
        ]),
      );
      const places = new Map(
        (await PlaceRow.findAll({ where: { kitchen }, transaction })).map((place) => [place.id, place.name]),
      );
      return rows.flatMap((row) => {
        const lot = lots.get(row.lot);
        return lot
          ? [
              {
                at: row.at.toISOString(),
                kind: row.kind,
                food: foods.get(lot.food) ?? '',
                place: places.get(lot.place) ?? '',
                lot: row.lot,
                amount: plainDecimal(row.amount),
                base: lot.base,
                reason: row.reason,
              },
            ]
          : [];
      });
    });
  }
}

function momentOf(text: string, field: string): number {
  const moment = /^\d{4}-\d{2}-\d{2}T/.test(text) ? Date.parse(text) : Number.NaN;
  if (!Number.isNaN(moment)) return moment;
  throw refuse({
    code: 'invalid',
    faults: [{ field, fault: `“${text}” is no moment.`, remedy: 'Write it like 2026-03-01T08:00:00Z.' }],
  });
}

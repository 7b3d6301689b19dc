import type { PastMovement, PastState } from '@kestrel-ridge/core/formats';
import { wastedMinor } from '@kestrel-ridge/core/cost';
import { Fraction, addDays, dayAt, daysBetween, momentAt, readDay, type Day } from '@kestrel-ridge/core/quantity';
import { Injectable } from '@nestjs/common';
import { Op, QueryTypes, type Transaction } from 'sequelize';
import { asPricedLot } from '../cost/pricedLot.ts';
import { Database } from '../database/database.ts';
import { KitchenRow } from '../kitchen/kitchen.model.ts';
import { PlaceRow } from '../kitchen/place.model.ts';
import { refuse } from '../problem/problem.ts';
import { EventRow, RunRow } from '../run/run.model.ts';
import { runState } from '../run/run.state.ts';
import { BatchRow, SessionRow } from '../session/session.model.ts';
import { batchState, sessionState } from '../session/session.state.ts';
import { LotRow, MovementRow } from '../stock/stock.model.ts';
import { plainDecimal } from '../stock/stock.state.ts';

/** So many days are looked back on at once. */
const MOST_DAYS = 70;

/** Days that are over, as the ledger and the runs tell them. Nothing is added up here: that is core's. */
@Injectable()
export class PastService {
  constructor(private readonly database: Database) {}

  /** Days from the first to the last, both included, in the kitchen's zone. */
  past(kitchen: string, first: string | undefined, last: string | undefined): Promise<PastState> {
    const from = dayOf(first, 'from');
    const until = dayOf(last, 'until');
    if (until < from || daysBetween(from, until) >= MOST_DAYS)
      throw refuse({
        code: 'invalid',
        faults: [
          { field: 'until', fault: `From ${from} to ${until} is no span.`, remedy: `Ask for 1 to ${MOST_DAYS} days.` },
        ],
      });
    return this.database.inKitchen(kitchen, async (transaction) => {
      const { equipment } = await KitchenRow.findByPk(kitchen, { transaction, rejectOnEmpty: true });
      const { zone } = equipment;
      const begins = new Date(momentAt(from, '00:00', zone));
      const ends = new Date(momentAt(addDays(until, 1), '00:00', zone));
      const within = { [Op.gte]: begins, [Op.lt]: ends };
      const oldest = await MovementRow.min<Date, MovementRow>('at', { where: { kitchen }, transaction });
      const sessions = await SessionRow.findAll({
        where: { kitchen, startsAt: within },
        order: ['starts_at', 'id'],
        transaction,
      });
      const of = { [Op.in]: sessions.map(({ id }) => id) };
      const batches = await BatchRow.findAll({ where: { kitchen, session: of }, order: ['id'], transaction });
      const runs = await RunRow.findAll({ where: { kitchen, session: of }, transaction });
      const events = await EventRow.findAll({
        where: { kitchen, run: { [Op.in]: runs.map(({ id }) => id) } },
        order: ['clock', 'device', 'device_seq'],
        transaction,
      });
      return {
        from,
        until,
        first: oldest ? dayAt(new Date(oldest), zone) : null,
        sessions: sessions.map(sessionState),
        batches: batches.map(batchState),
        runs: runs.map((run) =>
          runState(
            run,
            events.filter((event) => event.run === run.id),
          ),
        ),
        movements: await this.movements(kitchen, within, transaction),
        before: await this.boxesBefore(kitchen, begins, transaction),
      };
    });
  }

  private async movements(
    kitchen: string,
    at: Record<symbol, Date>,
    transaction: Transaction,
  ): Promise<readonly PastMovement[]> {
    const rows = await MovementRow.findAll({ where: { kitchen, at }, order: ['at', 'id'], transaction });
    const lots = await LotRow.findAll({
      where: { kitchen, id: [...new Set(rows.map(({ lot }) => lot))] },
      transaction,
    });
    const byId = new Map(lots.map((lot) => [lot.id, lot]));
    const places = new Map(
      (await PlaceRow.findAll({ where: { kitchen }, transaction })).map(({ id, kind }) => [id, kind]),
    );
    return rows.flatMap((row): PastMovement[] => {
      const lot = byId.get(row.lot);
      const placeKind = lot && places.get(lot.place);
      if (!lot || !placeKind) return [];
      return [
        {
          at: row.at.toISOString(),
          kind: row.kind,
          lot: lot.id,
          food: lot.food,
          amount: plainDecimal(row.amount),
          reason: row.reason,
          place: lot.place,
          placeKind,
          box: lot.box,
          portionG: lot.portionG === null ? null : plainDecimal(lot.portionG),
          minor: wastedMinor({ lot: asPricedLot(lot), amount: new Fraction(row.amount).abs() }) ?? null,
        },
      ];
    });
  }

  /** Added up in the database, so that years behind do not matter. */
  private boxesBefore(kitchen: string, begins: Date, transaction: Transaction): Promise<PastState['before']> {
    return this.database.sequelize.query<PastState['before'][number]>(
      `SELECT l.food, trim_scale(sum(m.amount))::text AS amount,
              trim_scale((array_agg(l.portion_g ORDER BY m.at DESC))[1])::text AS "portionG"
         FROM movement m JOIN lot l ON l.kitchen = m.kitchen AND l.id = m.lot
        WHERE m.kitchen = $1 AND m.at < $2 AND l.portion_g IS NOT NULL
        GROUP BY l.food HAVING sum(m.amount) <> 0 ORDER BY l.food`,
      { bind: [kitchen, begins], type: QueryTypes.SELECT, transaction },
    );
  }
}

function dayOf(text: string | undefined, field: string): Day {
  const read = text === undefined ? undefined : readDay(text);
  if (read) return read;
  throw refuse({
    code: 'invalid',
    faults: [{ field, fault: `“${text ?? ''}” is no day.`, remedy: 'Write it like 2026-03-01.' }],
  });
}

import type { BatchState } from '@kestrel-ridge/core/formats';
import { Injectable } from '@nestjs/common';
import { Fraction, done, refused, type Outcome } from '@kestrel-ridge/core/quantity';
import { Op } from 'sequelize';
import { Clock } from '../command/clock.ts';
import { CommandService } from '../command/command.service.ts';
import type { Refusal } from '../problem/problem.ts';
import { RunRow } from '../run/run.model.ts';
import { BatchRow, SessionRow } from '../session/session.model.ts';
import { batchState } from '../session/session.state.ts';
import { LotRow, MovementRow } from '../stock/stock.model.ts';
import { StockService } from '../stock/stock.service.ts';
import { exact } from '../stock/stock.state.ts';
import type { ReopenDto } from './putAway.dto.ts';

@Injectable()
export class ReopenService {
  constructor(
    private readonly commands: CommandService,
    private readonly stock: StockService,
    private readonly clock: Clock,
  ) {}

  /** Takes a putting away back, with a trace: boxes that nobody has touched are emptied, the ingredients stand on the shelf again, the batch waits to be boxed once more. */
  reopen(kitchen: string, key: string, id: string, { version }: ReopenDto): Promise<BatchState> {
    return this.commands.run(
      { kitchen, key, name: 'reopen batch', body: { id, version }, touches: ['shelf', 'week', 'run'] },
      async (scope): Promise<Outcome<BatchState, Refusal>> => {
        const { transaction } = scope;
        const batch = await BatchRow.findOne({ where: { kitchen, id }, transaction, lock: transaction.LOCK.UPDATE });
        if (!batch) return refused({ code: 'not found', what: 'batch' });
        if (batch.version !== version) return refused({ code: 'stale', what: 'batch', now: batchState(batch) });
        if (batch.status !== 'put away')
          return refused({ code: 'not now', detail: 'It is not put away.', remedy: 'Put it away first.' });
        const boxes = await LotRow.findAll({
          where: { kitchen, batch: id },
          order: ['id'],
          transaction,
          lock: transaction.LOCK.UPDATE,
        });
        const moved = await MovementRow.findAll({
          where: { kitchen, [Op.or]: [{ batch: id }, { lot: boxes.map((box) => box.id) }] },
          transaction,
        });
        if (moved.some((each) => each.batch !== id))
          return refused({
            code: 'not now',
            detail: 'Something has happened to its boxes since: eaten, moved or counted.',
            remedy: 'Correct the boxes on the shelf, one by one.',
          });
        const net = new Map<string, Fraction>();
        for (const { lot, amount } of moved) net.set(lot, (net.get(lot) ?? new Fraction(0)).add(new Fraction(amount)));
        const back = [...net].sort(([a], [b]) => a.localeCompare(b));
        for (const [lot, amount] of back)
          if (amount.compare(0) !== 0)
            await this.stock.move(scope, lot, exact(amount.neg()), 'corrected', 'boxed again', id);
        await batch.update(
          {
            status: 'planned',
            costUsedMinor: null,
            costTillMinor: null,
            boxedPortions: null,
            putAwayAt: null,
            yieldG: null,
            reckonedG: null,
            reopenedAt: this.clock.now(),
            version: batch.version + 1,
          },
          { transaction },
        );
        const run = await RunRow.count({ where: { kitchen, session: batch.session }, transaction });
        await SessionRow.update(
          { status: run > 0 ? 'running' : 'planned' },
          { where: { kitchen, id: batch.session }, transaction },
        );
        return done(batchState(batch));
      },
    );
  }
}

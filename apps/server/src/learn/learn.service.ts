import type { LearnedState } from '@kestrel-ridge/core/formats';
import { cookerLog, handsLog, ovenLog, type CookedRun } from '@kestrel-ridge/core/learn';
import { Injectable } from '@nestjs/common';
import { Op } from 'sequelize';
import { Database } from '../database/database.ts';
import { EventRow, RunRow } from '../run/run.model.ts';
import { eventState } from '../run/run.state.ts';

/** More runs than these say nothing new, and an old appliance is not the one that stands here now. */
const LAST_RUNS = 20;

@Injectable()
export class LearnService {
  constructor(private readonly database: Database) {}

  learned(kitchen: string): Promise<LearnedState> {
    return this.database.inKitchen(kitchen, async (transaction) => {
      const runs = await RunRow.findAll({
        where: { kitchen },
        order: [['started_at', 'DESC']],
        limit: LAST_RUNS,
        transaction,
      });
      const events = await EventRow.findAll({
        where: { kitchen, run: { [Op.in]: runs.map(({ id }) => id) } },
        transaction,
      });
      const cooked = runs.map(({ id, about }): CookedRun => ({
        about,
        events: events.filter(({ run }) => run === id).map(eventState),
      }));
      return { ...cookerLog(cooked), ovens: ovenLog(cooked), hands: handsLog(cooked) };
    });
  }
}

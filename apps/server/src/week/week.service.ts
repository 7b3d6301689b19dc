import type { WeekState } from '@kestrel-ridge/core/formats';
import { Injectable } from '@nestjs/common';
import { addDays, day, done, refused } from '@kestrel-ridge/core/quantity';
import { Op, type Transaction } from 'sequelize';
import { Clock } from '../command/clock.ts';
import { CommandService } from '../command/command.service.ts';
import { Database } from '../database/database.ts';
import { FoodRow } from '../food/food.model.ts';
import { KitchenRow } from '../kitchen/kitchen.model.ts';
import type { Refusal } from '../problem/problem.ts';
import { batchState, sessionState } from '../session/session.state.ts';
import { BatchRow, SessionRow } from '../session/session.model.ts';
import type { AddEaterDto, AppetiteDto, AttendanceDto } from './week.dto.ts';
import { RevisionRow } from '../recipe/recipe.model.ts';
import { AppetiteRow, AttendanceRow, EaterRow } from './week.model.ts';

/** Days back and ahead that a week's screens look at: what is older grows without end. */
const DAYS_BACK = 14;

@Injectable()
export class WeekService {
  constructor(
    private readonly commands: CommandService,
    private readonly database: Database,
    private readonly clock: Clock,
  ) {}

  week(kitchen: string): Promise<WeekState> {
    return this.database.inKitchen(kitchen, async (transaction) => {
      const row = await KitchenRow.findByPk(kitchen, { transaction });
      const from = addDays(this.clock.today(row?.equipment.zone ?? 'UTC'), -DAYS_BACK);
      const eaters = await EaterRow.findAll({ where: { kitchen }, order: ['name', 'id'], transaction });
      const attendance = await AttendanceRow.findAll({ where: { kitchen, day: { [Op.gte]: from } }, transaction });
      const appetites = await AppetiteRow.findAll({ where: { kitchen }, transaction });
      const sessions = await SessionRow.findAll({
        where: { kitchen, [Op.or]: [{ startsAt: { [Op.gte]: `${from}T00:00:00Z` } }, { status: { [Op.ne]: 'done' } }] },
        order: ['starts_at', 'id'],
        transaction,
      });
      const batches = await BatchRow.findAll({
        where: { kitchen, session: { [Op.in]: sessions.map((session) => session.id) } },
        order: ['id'],
        transaction,
      });
      const revisions = await olderRevisions(kitchen, batches, transaction);
      return {
        eaters: eaters.map(({ id, name, appetite, weekdays }) => ({ id, name, appetite: Number(appetite), weekdays })),
        attendance: attendance.map(({ eater, day: on, here }) => ({ eater, day: day(on), here })),
        appetites: appetites.map(({ food, portionsADay }) => ({ food, portionsADay: Number(portionsADay) })),
        sessions: sessions.map(sessionState),
        batches: batches.map(batchState),
        revisions,
      };
    });
  }

  addEater(kitchen: string, key: string, dto: AddEaterDto): Promise<{ readonly id: string }> {
    return this.commands.run(
      { kitchen, key, name: 'add eater', body: dto, touches: ['week'] },
      async ({ transaction }) => {
        await EaterRow.create({ kitchen, ...dto, appetite: String(dto.appetite) }, { transaction });
        return done({ id: dto.id });
      },
    );
  }

  attend(kitchen: string, key: string, dto: AttendanceDto): Promise<AttendanceDto> {
    return this.commands.run(
      { kitchen, key, name: 'attend', body: dto, touches: ['week'] },
      async ({ transaction }) => {
        if (!(await EaterRow.findOne({ where: { kitchen, id: dto.eater }, transaction })))
          return refused<Refusal>({ code: 'not found', what: 'eater' });
        await AttendanceRow.upsert({ kitchen, eater: dto.eater, day: dto.day, here: dto.here }, { transaction });
        return done(dto);
      },
    );
  }

  setAppetite(kitchen: string, key: string, dto: AppetiteDto): Promise<AppetiteDto> {
    return this.commands.run(
      { kitchen, key, name: 'set appetite', body: dto, touches: ['week'] },
      async ({ transaction }) => {
        if (!(await FoodRow.findOne({ where: { kitchen, id: dto.food, recipe: { [Op.ne]: null } }, transaction })))
          return refused<Refusal>({ code: 'not found', what: 'component' });
        await AppetiteRow.upsert({ kitchen, food: dto.food, portionsADay: String(dto.portionsADay) }, { transaction });
        return done(dto);
      },
    );
  }
}

/** Documents of revisions that batches go by and that are not the newest: those the browser has already. */
async function olderRevisions(
  kitchen: string,
  batches: readonly BatchRow[],
  transaction: Transaction,
): Promise<WeekState['revisions']> {
  const used = new Set(batches.map(({ recipe, revision }) => `${recipe} ${revision}`));
  const rows = await RevisionRow.findAll({
    attributes: ['recipe', 'number'],
    where: { kitchen, recipe: { [Op.in]: [...new Set(batches.map(({ recipe }) => recipe))] } },
    transaction,
  });
  const newest = new Map<string, number>();
  for (const { recipe, number } of rows) newest.set(recipe, Math.max(number, newest.get(recipe) ?? 0));
  const older = rows.filter(({ recipe, number }) => used.has(`${recipe} ${number}`) && newest.get(recipe) !== number);
  if (older.length === 0) return [];
  return RevisionRow.findAll({
    attributes: ['recipe', 'number', 'document'],
    where: { kitchen, [Op.or]: older.map(({ recipe, number }) => ({ recipe, number })) },
    transaction,
  });
}

import type { EaterState, TemplateState, WeekState } from '@kestrel-ridge/core/formats';
import { Injectable } from '@nestjs/common';
import { addDays, day, done, refused } from '@kestrel-ridge/core/quantity';
import { Op, QueryTypes, type Transaction } from 'sequelize';
import { Clock } from '../command/clock.ts';
import { changedMeanwhile } from '../command/changedMeanwhile.ts';
import { CommandService, type CommandScope } from '../command/command.service.ts';
import { Database } from '../database/database.ts';
import { FoodRow } from '../food/food.model.ts';
import { KitchenRow } from '../kitchen/kitchen.model.ts';
import type { Refusal } from '../problem/problem.ts';
import { batchState, sessionState } from '../session/session.state.ts';
import { BatchRow, SessionRow } from '../session/session.model.ts';
import type {
  AddEaterDto,
  AppetiteDto,
  AttendanceDto,
  ChangeEaterDto,
  ForgetTemplateDto,
  TemplateDto,
} from './week.dto.ts';
import { withoutEmptied } from '@kestrel-ridge/core/session';
import { RevisionRow } from '../recipe/recipe.model.ts';
import { documentFault } from '../recipe/readable.ts';
import { slotState } from './week.state.ts';
import { AppetiteRow, AttendanceRow, EatenRow, EaterRow, SlotRow, TemplateRow } from './week.model.ts';

/** Days back and ahead that a week's screens look at: what is older grows without end. */
const DAYS_BACK = 14;
/** What was eaten teaches appetite: two months of it are enough, and a year is not read. */
const EATEN_DAYS_BACK = 60;

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
      const eaters = await EaterRow.findAll({ where: { kitchen, gone: false }, order: ['name', 'id'], transaction });
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
      const slots = await SlotRow.findAll({
        where: { kitchen, day: { [Op.gte]: from } },
        order: ['day', 'meal'],
        transaction,
      });
      const eaten = await EatenRow.findAll({
        where: { kitchen, day: { [Op.gte]: addDays(from, DAYS_BACK - 1) } },
        order: ['day', 'id'],
        transaction,
      });
      const plates = await this.platesEaten(kitchen, addDays(from, DAYS_BACK - EATEN_DAYS_BACK), transaction);
      const templates = await TemplateRow.findAll({ where: { kitchen }, order: ['name', 'id'], transaction });
      return {
        eaters: eaters.map(eaterState),
        attendance: attendance.map(({ eater, day: on, here }) => ({ eater, day: day(on), here })),
        appetites: appetites.map(({ food, portionsADay, since }) => ({
          food,
          portionsADay: Number(portionsADay),
          since: since === null ? null : day(since),
        })),
        slots: slots.map(slotState),
        eaten: eaten.map(({ id, day: on, meal, eater, food, portions }) => ({
          id,
          day: day(on),
          meal,
          eater,
          food,
          portions: Number(portions),
        })),
        plates,
        templates: templates.map(({ id, name, week }) => ({ id, name, week })),
        sessions: withoutEmptied(sessions.map(sessionState), batches.map(batchState)),
        batches: batches.map(batchState),
        revisions,
      };
    });
  }

  /** Added up in the database: a kitchen that has eaten together for a year opens its week as fast as a new one. */
  private platesEaten(kitchen: string, from: string, transaction: Transaction): Promise<WeekState['plates']> {
    return this.database.sequelize.query<WeekState['plates'][number]>(
      `SELECT e.eater, e.food, e.meal, count(*)::int AS n, sum(e.portions)::float AS sum, sum(e.portions * e.portions)::float AS squares
       FROM eaten e LEFT JOIN appetite a ON a.kitchen = e.kitchen AND a.food = e.food
       WHERE e.kitchen = $1 AND e.eater IS NOT NULL AND e.day >= greatest($2::date, a.since)
       GROUP BY e.eater, e.food, e.meal ORDER BY e.eater, e.food, e.meal`,
      { bind: [kitchen, from], type: QueryTypes.SELECT, transaction },
    );
  }

  addEater(kitchen: string, key: string, dto: AddEaterDto): Promise<{ readonly id: string }> {
    return this.commands.run(
      { kitchen, key, name: 'add eater', body: dto, touches: ['week'] },
      async ({ transaction }) => {
        await EaterRow.create(
          { kitchen, ...dto, tastes: dto.tastes ?? {}, appetite: String(dto.appetite) },
          { transaction },
        );
        return done({ id: dto.id });
      },
    );
  }

  changeEater(kitchen: string, key: string, id: string, { version, ...dto }: ChangeEaterDto): Promise<EaterState> {
    return this.onEater(kitchen, key, 'change eater', id, version, dto, {
      name: dto.name,
      appetite: String(dto.appetite),
      weekdays: dto.weekdays,
      tastes: dto.tastes ?? {},
    });
  }

  /** Somebody no longer eats here; what they ate stays in the record. */
  eaterGoes(kitchen: string, key: string, id: string, version: number): Promise<EaterState> {
    return this.onEater(kitchen, key, 'eater goes', id, version, {}, { gone: true });
  }

  private onEater(
    kitchen: string,
    key: string,
    name: string,
    id: string,
    seen: number,
    body: object,
    change: Partial<Pick<EaterRow, 'name' | 'appetite' | 'weekdays' | 'tastes' | 'gone'>>,
  ): Promise<EaterState> {
    return this.commands.run(
      { kitchen, key, name, body: { id, seen, ...body }, touches: ['week'] },
      async ({ transaction }) => {
        const row = await EaterRow.findOne({ where: { kitchen, id }, transaction, lock: transaction.LOCK.UPDATE });
        if (!row || row.gone) return refused<Refusal>({ code: 'not found', what: 'eater' });
        if (row.version !== seen) return refused<Refusal>({ code: 'stale', what: 'eater', now: eaterState(row) });
        await row.update({ ...change, version: row.version + 1 }, { transaction });
        return done(eaterState(row));
      },
    );
  }

  keepTemplate(kitchen: string, key: string, dto: TemplateDto): Promise<{ readonly id: string }> {
    return this.commands.run({ kitchen, key, name: 'keep template', body: dto, touches: ['week'] }, async (scope) => {
      const stale = await templateChanged(scope, dto.id, dto.seen);
      if (stale) return refused(stale);
      const { id, name, week } = dto;
      await TemplateRow.upsert({ kitchen, id, name, week }, { transaction: scope.transaction });
      return done({ id });
    });
  }

  forgetTemplate(
    kitchen: string,
    key: string,
    id: string,
    { seen }: ForgetTemplateDto,
  ): Promise<{ readonly id: string }> {
    return this.commands.run(
      { kitchen, key, name: 'forget template', body: { id, seen }, touches: ['week'] },
      async (scope) => {
        const stale = await templateChanged(scope, id, seen);
        if (stale) return refused(stale);
        await TemplateRow.destroy({ where: { kitchen, id }, transaction: scope.transaction });
        return done({ id });
      },
    );
  }

  attend(kitchen: string, key: string, dto: AttendanceDto): Promise<AttendanceDto> {
    return this.commands.run({ kitchen, key, name: 'attend', body: dto, touches: ['week'] }, async (scope) => {
      const { transaction } = scope;
      if (!(await EaterRow.findOne({ where: { kitchen, id: dto.eater }, transaction })))
        return refused<Refusal>({ code: 'not found', what: 'eater' });
      const { eater, day: on } = dto;
      const stale = await changedMeanwhile(scope, 'day of an eater', dto.seen, async () => {
        const row = await AttendanceRow.findOne({ where: { kitchen, eater, day: on }, transaction });
        return row && row.here;
      });
      if (stale) return refused(stale);
      await AttendanceRow.upsert({ kitchen, eater, day: on, here: dto.here }, { transaction });
      return done(dto);
    });
  }

  setAppetite(kitchen: string, key: string, dto: AppetiteDto): Promise<AppetiteDto> {
    return this.commands.run({ kitchen, key, name: 'set appetite', body: dto, touches: ['week'] }, async (scope) => {
      const { transaction } = scope;
      if (!(await FoodRow.findOne({ where: { kitchen, id: dto.food, recipe: { [Op.ne]: null } }, transaction })))
        return refused<Refusal>({ code: 'not found', what: 'component' });
      const stale = await changedMeanwhile(scope, 'appetite', dto.seen, async () => {
        const row = await AppetiteRow.findOne({ where: { kitchen, food: dto.food }, transaction });
        return row && { portionsADay: Number(row.portionsADay), since: row.since };
      });
      if (stale) return refused(stale);
      await AppetiteRow.upsert(
        {
          kitchen,
          food: dto.food,
          portionsADay: String(dto.portionsADay),
          ...(dto.since ? { since: dto.since } : {}),
        },
        { transaction },
      );
      return done(dto);
    });
  }
}

/** A kept week is saved over, or forgotten, only as it was seen. */
const templateChanged = (
  scope: CommandScope,
  id: string,
  seen: Pick<TemplateState, 'name' | 'week'> | null,
): Promise<Refusal | undefined> =>
  changedMeanwhile(scope, 'kept week', seen, async () => {
    const { kitchen, transaction } = scope;
    const row = await TemplateRow.findOne({ where: { kitchen, id }, transaction });
    return row && { name: row.name, week: row.week };
  });

const eaterState = ({ id, name, appetite, weekdays, tastes, version }: EaterRow): EaterState => ({
  id,
  name,
  appetite: Number(appetite),
  weekdays,
  tastes,
  version,
});

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
  const stored = await RevisionRow.findAll({
    attributes: ['recipe', 'number', 'document'],
    where: { kitchen, [Op.or]: older.map(({ recipe, number }) => ({ recipe, number })) },
    transaction,
  });
  return stored.filter(({ document }) => documentFault(document) === undefined);
}

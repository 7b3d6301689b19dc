import type { LearnedState } from '@kestrel-ridge/core/formats';
import {
  canGoBy,
  figuresOf,
  foodFigureOf,
  goingBy,
  sightingsOf,
  sightingsOfReadings,
  weighingsOf,
  type LearnSaid,
  type Weighed,
} from '@kestrel-ridge/core/learn';
import { done, refused } from '@kestrel-ridge/core/quantity';
import { Injectable } from '@nestjs/common';
import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import { Op, type Transaction } from 'sequelize';
import { Clock } from '../command/clock.ts';
import { CommandService } from '../command/command.service.ts';
import { Database } from '../database/database.ts';
import { setOwnFigure } from '../food/setOwnFigure.ts';
import { EquipmentDto } from '../kitchen/equipment.dto.ts';
import { KitchenRow } from '../kitchen/kitchen.model.ts';
import type { Refusal } from '../problem/problem.ts';
import { EventRow, RunRow } from '../run/run.model.ts';
import { eventState } from '../run/run.state.ts';
import { RevisionRow } from '../recipe/recipe.model.ts';
import { BatchRow } from '../session/session.model.ts';
import type { GoByDto, ReadingDto, ReadingsDto, SetBackDto, TakeOutDto } from './learn.dto.ts';
import { LearnReadingRow, LearnSaidRow, learnSaidState, readingState } from './learn.model.ts';

/** Weighings of all dishes together: each dish has a few of them. */
const LAST_WEIGHED = 200;
/** Readings of all foods and pots together. */
const LAST_READ = 400;
/** More runs than these say nothing new, and an old appliance is not the one that stands here now. */
const LAST_RUNS = 40;

@Injectable()
export class LearnService {
  constructor(
    private readonly commands: CommandService,
    private readonly database: Database,
    private readonly clock: Clock,
  ) {}

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
      const dishes = await this.weighed(kitchen, transaction);
      const batches = await BatchRow.findAll({
        attributes: ['id', 'recipe'],
        where: { kitchen, session: { [Op.in]: runs.map(({ session }) => session) } },
        transaction,
      });
      const said = (await LearnSaidRow.findAll({ where: { kitchen }, order: ['at', 'id'], transaction })).map(
        learnSaidState,
      );
      const recipeOf = Object.fromEntries(batches.map(({ id, recipe }) => [id, recipe]));
      const eventsOf = new Map(runs.map(({ id }): [string, EventRow[]] => [id, []]));
      for (const event of events) eventsOf.get(event.run)?.push(event);
      const sightings = runs.flatMap(({ id, about }) =>
        sightingsOf({ id, about, recipeOf, events: (eventsOf.get(id) ?? []).map(eventState) }),
      );
      const readings = await LearnReadingRow.findAll({
        where: { kitchen },
        order: [['at', 'DESC']],
        limit: LAST_READ,
        transaction,
      });
      const read = sightingsOfReadings(readings.map(readingState));
      return { figures: figuresOf([...sightings, ...weighingsOf(dishes), ...read], said), said };
    });
  }

  /** The last dishes that were weighed when they were put away. */
  private async weighed(kitchen: string, transaction: Transaction): Promise<readonly Weighed[]> {
    const batches = await BatchRow.findAll({
      where: { kitchen, status: 'put away', yieldG: { [Op.not]: null }, reckonedG: { [Op.not]: null } },
      order: [['put_away_at', 'DESC']],
      limit: LAST_WEIGHED,
      transaction,
    });
    if (batches.length === 0) return [];
    const revisions = await RevisionRow.findAll({
      where: { kitchen, [Op.or]: batches.map(({ recipe, revision }) => ({ recipe, number: revision })) },
      transaction,
    });
    return batches.flatMap(({ id, recipe, revision, yieldG, reckonedG, putAwayAt }): readonly Weighed[] => {
      const component = revisions.find((row) => row.recipe === recipe && row.number === revision)?.document.component;
      if (!component || yieldG === null || reckonedG === null || putAwayAt === null) return [];
      return [
        {
          batch: id,
          component: component.id,
          name: component.name,
          reckonedG: Number(reckonedG),
          weighedG: Number(yieldG),
          at: putAwayAt.getTime(),
        },
      ];
    });
  }

  /** One sighting is wrong: it is kept to be seen, with the reason, and counts no more. */
  takeOut(kitchen: string, key: string, dto: TakeOutDto): Promise<LearnSaid> {
    return this.commands.run(
      { kitchen, key, name: 'take out', body: dto, touches: ['run'] },
      async ({ transaction }) => {
        const seenIn = { where: { kitchen, id: dto.run }, transaction };
        // A weighing belongs to its batch, whether or not that was cooked by a run; a reading is its own.
        if (
          !(await RunRow.findOne(seenIn)) &&
          !(await BatchRow.findOne(seenIn)) &&
          !(await LearnReadingRow.findOne(seenIn))
        )
          return refused<Refusal>({ code: 'not found', what: 'run' });
        const { id, figure, run, task, reason } = dto;
        const same = { kitchen, kind: 'taken out' as const, figureKind: figure.kind, figureOf: figure.of, run, task };
        const known = await LearnSaidRow.findOne({ where: same, transaction });
        const row =
          known ?? (await LearnSaidRow.create({ ...same, id, reason, at: this.clock.now() }, { transaction }));
        return done(learnSaidState(row));
      },
    );
  }

  /** A figure begins anew from now on, or all of them do. */
  setBack(kitchen: string, key: string, { id, figure }: SetBackDto): Promise<LearnSaid> {
    const body = { id, figure: figure ?? null };
    return this.commands.run({ kitchen, key, name: 'set back', body, touches: ['run'] }, async ({ transaction }) => {
      const row = await LearnSaidRow.create(
        {
          kitchen,
          id,
          kind: 'set back',
          figureKind: figure?.kind ?? null,
          figureOf: figure?.of ?? null,
          run: null,
          task: null,
          reason: null,
          at: this.clock.now(),
        },
        { transaction },
      );
      return done(learnSaidState(row));
    });
  }

  /** What somebody read off a scale; the same reading sent again is the same. */
  read(kitchen: string, key: string, dto: ReadingsDto): Promise<{ readonly ids: readonly string[] }> {
    return this.commands.run({ kitchen, key, name: 'read', body: dto, touches: ['run'] }, async ({ transaction }) => {
      await this.keep(kitchen, dto.readings, transaction);
      return done({ ids: dto.readings.map(({ id }) => id) });
    });
  }

  private async keep(kitchen: string, readings: readonly ReadingDto[], transaction: Transaction): Promise<void> {
    const at = this.clock.now();
    for (const { id, figure, real, book, what } of readings)
      await LearnReadingRow.findOrCreate({
        where: { kitchen, id },
        defaults: {
          kitchen,
          id,
          figureKind: figure.kind,
          figureOf: figure.of,
          realValue: String(real),
          bookValue: String(book),
          what,
          at,
        },
        transaction,
      });
  }

  /** Plans go by figures of this kitchen's own, or by the book again: those of foods stand with their foods, all others with the kitchen. All of it, with what was read for it, or nothing. */
  goBy(kitchen: string, key: string, dto: GoByDto): Promise<{ readonly version: number }> {
    return this.commands.run(
      { kitchen, key, name: 'go by', body: dto, touches: ['kitchen', 'shelf', 'week', 'run'] },
      async (scope) => {
        const { transaction } = scope;
        const row = await KitchenRow.findByPk(kitchen, { transaction, lock: transaction.LOCK.UPDATE });
        if (!row) return refused<Refusal>({ code: 'not found', what: 'kitchen' });
        if (row.version !== dto.version)
          return refused<Refusal>({ code: 'stale', what: 'kitchen', now: { version: row.version } });
        const unplanned = dto.figures.find(({ figure }) => !canGoBy(figure));
        if (unplanned) return refused(cannotBe('Plans go by no figure of that kind.'));
        const ofKitchen = dto.figures.filter(({ figure }) => !foodFigureOf(figure));
        const equipment = ofKitchen.reduce((all, { figure, own }) => goingBy(all, figure, own), row.equipment);
        if (ofKitchen.length > 0) {
          // What a kitchen may not say of itself on its own page it may not say here.
          const faults = validateSync(plainToInstance(EquipmentDto, equipment));
          if (faults.length > 0) return refused(cannotBe('One of the figures cannot be.'));
          await row.update({ equipment, version: row.version + 1 }, { transaction });
        }
        for (const { figure, own, seen } of dto.figures) {
          const ofFood = foodFigureOf(figure);
          if (!ofFood) continue;
          const said = { figure: ofFood.figure, seen, ...(own ? { value: own.value } : {}) };
          const set = await setOwnFigure(scope, ofFood.food, said);
          if (!set.ok) return set;
        }
        await this.keep(kitchen, dto.readings ?? [], transaction);
        return done({ version: row.version });
      },
    );
  }

  /** A reading is taken back, as if it had never been read. */
  unread(kitchen: string, key: string, id: string): Promise<{ readonly id: string }> {
    return this.commands.run(
      { kitchen, key, name: 'unread', body: { id }, touches: ['run'] },
      async ({ transaction }) => {
        await LearnReadingRow.destroy({ where: { kitchen, id }, transaction });
        return done({ id });
      },
    );
  }

  /** What was said is taken back. Said twice, or of what is gone already, it is as well. */
  unsay(kitchen: string, key: string, id: string): Promise<{ readonly id: string }> {
    return this.commands.run(
      { kitchen, key, name: 'unsay', body: { id }, touches: ['run'] },
      async ({ transaction }) => {
        await LearnSaidRow.destroy({ where: { kitchen, id }, transaction });
        return done({ id });
      },
    );
  }
}

const cannotBe = (fault: string): Refusal => ({
  code: 'invalid',
  faults: [{ field: 'figures', fault, remedy: 'Choose one that is listed under what the kitchen teaches.' }],
});

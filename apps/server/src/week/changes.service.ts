import type { SessionState, WeekChanged } from '@kestrel-ridge/core/formats';
import { Injectable } from '@nestjs/common';
import { day, done, refused, type Outcome } from '@kestrel-ridge/core/quantity';
import { openSlot, sameSlot, slotAt, type Slot } from '@kestrel-ridge/core/week';
import { Op, type Transaction } from 'sequelize';
import { inTurn } from '../command/changedMeanwhile.ts';
import { CommandService, type CommandScope } from '../command/command.service.ts';
import { FoodRow } from '../food/food.model.ts';
import { slotState } from './week.state.ts';
import type { Refusal } from '../problem/problem.ts';
import { RevisionRow } from '../recipe/recipe.model.ts';
import { BatchRow, SessionRow } from '../session/session.model.ts';
import { endEmptied, lockPlannedBatch, openSession, sizeFault } from '../session/session.service.ts';
import { batchState } from '../session/session.state.ts';
import type { SlotDto, WeekChangesDto } from './week.dto.ts';
import { SlotRow } from './week.model.ts';

/** Changes of a week that belong together: meals, dishes, sizes. */
@Injectable()
export class WeekChangesService {
  constructor(private readonly commands: CommandService) {}

  /** All of them in one transaction, or none: a suggestion that is taken, a template, a mended week, and the way back from each. */
  change(kitchen: string, key: string, dto: WeekChangesDto): Promise<WeekChanged> {
    return this.commands.run(
      { kitchen, key, name: 'change week', body: dto, touches: ['week', 'shelf'] },
      async (scope): Promise<Outcome<WeekChanged, Refusal>> => {
        const { transaction } = scope;
        for (const session of dto.sessions ?? [])
          await SessionRow.create({ kitchen, ...session, startsAt: new Date(session.startsAt) }, { transaction });
        for (const { id, version } of [...dto.drop].sort(byId)) {
          const batch = await planned(kitchen, id, version, transaction);
          if (!batch.ok) return batch;
          await batch.value.update({ status: 'dropped', version: batch.value.version + 1 }, { transaction });
        }
        const batches: BatchRow[] = [];
        const left = new Set<string>();
        for (const { id, version, portions, freezePortions, session } of [...dto.size].sort(byId)) {
          const batch = await planned(kitchen, id, version, transaction);
          if (!batch.ok) return batch;
          const wrong = sizeFault({ portions, freezePortions });
          if (wrong) return refused(wrong);
          const from = batch.value.session;
          const to = session ?? from;
          if (to !== from) {
            const open = await openSession(kitchen, to, transaction);
            if (!open.ok) return open;
            left.add(from);
          }
          batches.push(
            await batch.value.update(
              { portions, freezePortions, session: to, version: batch.value.version + 1 },
              { transaction },
            ),
          );
        }
        for (const added of dto.add) {
          const session = await openSession(kitchen, added.session, transaction);
          if (!session.ok) return session;
          const revision = await RevisionRow.max<number, RevisionRow>('number', {
            where: { kitchen, recipe: added.recipe },
            transaction,
          });
          if (!revision) return refused({ code: 'not found', what: 'recipe' });
          const wrong = sizeFault(added);
          if (wrong) return refused(wrong);
          const row = await BatchRow.create({ kitchen, ...added, revision }, { transaction });
          batches.push(await row.reload({ transaction }));
        }
        const wrong = (await mealChanged(scope, dto.seen ?? [])) ?? (await setSlots(kitchen, dto.slots, transaction));
        if (wrong) return refused(wrong);
        const gone: SessionState[] = [];
        for (const session of left) {
          const emptied = await endEmptied(kitchen, session, transaction);
          if (emptied) gone.push(emptied);
        }
        return done({ batches: batches.map(batchState), gone });
      },
    );
  }
}

const byId = (a: { readonly id: string }, b: { readonly id: string }) => a.id.localeCompare(b.id);

/** A batch of a session that nobody has begun to cook. */
async function planned(
  kitchen: string,
  id: string,
  version: number,
  transaction: Transaction,
): Promise<Outcome<BatchRow, Refusal>> {
  const batch = await lockPlannedBatch(kitchen, id, version, transaction);
  if (!batch.ok) return batch;
  const session = await openSession(kitchen, batch.value.session, transaction);
  return session.ok ? batch : session;
}

/** The first of the meals that is not any more as it was seen: two tablets may set one meal. */
async function mealChanged(scope: CommandScope, seen: readonly SlotDto[]): Promise<Refusal | undefined> {
  if (seen.length === 0) return undefined;
  const { kitchen, transaction } = scope;
  await inTurn(scope);
  const rows = await SlotRow.findAll({ where: { kitchen, day: seen.map(({ day: on }) => on) }, transaction });
  const there = rows.map(slotState);
  for (const was of seen) {
    const now = slotAt(there, day(was.day), was.meal) ?? openSlot(day(was.day), was.meal);
    if (!sameSlot(now, was as unknown as Slot)) return { code: 'stale', what: 'meal', now };
  }
  return undefined;
}

/** A meal of which nothing is said any more has no row. */
async function setSlots(
  kitchen: string,
  slots: readonly SlotDto[],
  transaction: Transaction,
): Promise<Refusal | undefined> {
  const foods = [...new Set(slots.flatMap(({ parts }) => parts.map(({ food }) => food)))];
  const known = await FoodRow.count({ where: { kitchen, id: foods, recipe: { [Op.ne]: null } }, transaction });
  if (known < foods.length) return { code: 'not found', what: 'component' };
  for (const { day, meal, parts, guests, serveAt, locked, note } of slots) {
    const said = parts.length > 0 || guests > 0 || serveAt !== undefined || locked === true || note !== undefined;
    if (said)
      await SlotRow.upsert(
        { kitchen, day, meal, parts, guests, serveAt: serveAt ?? null, locked: locked ?? false, note: note ?? null },
        { transaction },
      );
    else await SlotRow.destroy({ where: { kitchen, day, meal }, transaction });
  }
  return undefined;
}

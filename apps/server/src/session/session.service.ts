import { LIMITS, type BatchState, type SessionState } from '@kestrel-ridge/core/formats';
import { Injectable } from '@nestjs/common';
import { Fraction, dayAt, done, nameOnDay, refused, type Outcome } from '@kestrel-ridge/core/quantity';
import type { Choice, Revision } from '@kestrel-ridge/core/recipe';
import type { Transaction } from 'sequelize';
import { CommandService, type CommandScope } from '../command/command.service.ts';
import { FoodRow } from '../food/food.model.ts';
import { KitchenRow } from '../kitchen/kitchen.model.ts';
import { RevisionRow } from '../recipe/recipe.model.ts';
import type { Refusal } from '../problem/problem.ts';
import { choiceFaults, noLine } from './choiceFaults.ts';
import type {
  AddBatchDto,
  AddSessionDto,
  ChangeBatchDto,
  ChangeSessionDto,
  ChooseForBatchDto,
  LogFinalsDto,
  MoveBatchDto,
  WishDto,
} from './session.dto.ts';
import { BatchRow, SessionRow } from './session.model.ts';
import { batchState, sessionState } from './session.state.ts';

const [, MOST_PORTIONS] = LIMITS.batchPortions;

@Injectable()
export class SessionService {
  constructor(private readonly commands: CommandService) {}

  add(kitchen: string, key: string, dto: AddSessionDto): Promise<SessionState> {
    return this.commands.run(
      { kitchen, key, name: 'add session', body: dto, touches: ['week'] },
      async ({ transaction }) => {
        const row = await SessionRow.create(
          { kitchen, id: dto.id, name: dto.name, startsAt: new Date(dto.startsAt), cooks: dto.cooks },
          { transaction },
        );
        return done(sessionState(await row.reload({ transaction })));
      },
    );
  }

  change(kitchen: string, key: string, id: string, dto: ChangeSessionDto): Promise<SessionState> {
    const startsAt = new Date(dto.startsAt);
    return this.onSession(
      { kitchen, key, name: 'change session', body: { id, ...dto } },
      id,
      dto.version,
      async ({ name }, transaction) => {
        const { equipment } = await KitchenRow.findByPk(kitchen, { transaction, rejectOnEmpty: true });
        return { startsAt, cooks: dto.cooks, name: nameOnDay(name, dayAt(startsAt, equipment.zone)) };
      },
    );
  }

  /** All that holds is sent, so that an empty one takes it back. */
  wish(kitchen: string, key: string, id: string, dto: WishDto): Promise<SessionState> {
    return this.onSession({ kitchen, key, name: 'wish', body: { id, ...dto } }, id, dto.version, () =>
      Promise.resolve({ wishes: dto.wishes }),
    );
  }

  private onSession(
    command: { kitchen: string; key: string; name: string; body: unknown },
    id: string,
    seen: number,
    change: (
      row: SessionRow,
      transaction: Transaction,
    ) => Promise<Partial<Pick<SessionRow, 'startsAt' | 'cooks' | 'wishes' | 'name'>>>,
  ): Promise<SessionState> {
    const { kitchen } = command;
    return this.commands.run({ ...command, touches: ['week'] }, async ({ transaction }) => {
      const row = await SessionRow.findOne({ where: { kitchen, id }, transaction, lock: transaction.LOCK.UPDATE });
      if (!row) return refused<Refusal>({ code: 'not found', what: 'session' });
      if (row.version !== seen) return refused<Refusal>({ code: 'stale', what: 'session', now: sessionState(row) });
      if (row.status !== 'planned')
        return refused<Refusal>({
          code: 'not now',
          detail: 'This session is being cooked already.',
          remedy: 'Finish it, or plan another one.',
        });
      await row.update({ ...(await change(row, transaction)), version: row.version + 1 }, { transaction });
      return done(sessionState(row));
    });
  }

  addBatch(kitchen: string, key: string, dto: AddBatchDto): Promise<BatchState> {
    return this.commands.run(
      { kitchen, key, name: 'add batch', body: dto, touches: ['week'] },
      async ({ transaction }) => {
        const session = await openSession(kitchen, dto.session, transaction);
        if (!session.ok) return session;
        const number = await RevisionRow.max<number, RevisionRow>('number', {
          where: { kitchen, recipe: dto.recipe },
          transaction,
        });
        if (!number) return refused<Refusal>({ code: 'not found', what: 'recipe' });
        const wrong = sizeFault(dto);
        if (wrong) return refused(wrong);
        const row = await BatchRow.create(
          {
            kitchen,
            id: dto.id,
            session: dto.session,
            recipe: dto.recipe,
            revision: number,
            portions: dto.portions,
            freezePortions: dto.freezePortions,
          },
          { transaction },
        );
        return done(batchState(await row.reload({ transaction })));
      },
    );
  }

  changeBatch(kitchen: string, key: string, id: string, dto: ChangeBatchDto): Promise<BatchState> {
    return this.onBatch(
      { kitchen, key, name: 'change batch', body: { id, ...dto } },
      id,
      dto.version,
      async ({ transaction }, row) => {
        const wrong = sizeFault(dto);
        if (wrong) return refused(wrong);
        await row.update(
          { portions: dto.portions, freezePortions: dto.freezePortions, version: row.version + 1 },
          { transaction },
        );
        return done(batchState(row));
      },
    );
  }

  /** To another session that is still planned: to the midweek top-up, or back. */
  moveBatch(kitchen: string, key: string, id: string, dto: MoveBatchDto): Promise<BatchState> {
    return this.onBatch(
      { kitchen, key, name: 'move batch', body: { id, ...dto } },
      id,
      dto.version,
      async ({ transaction }, row) => {
        const to = await openSession(kitchen, dto.session, transaction);
        if (!to.ok) return to;
        const from = row.session;
        await row.update({ session: dto.session, version: row.version + 1 }, { transaction });
        if (from !== dto.session) await endEmptied(kitchen, from, transaction);
        return done(batchState(row));
      },
      true,
    );
  }

  /** All choices that hold are sent, so an empty one takes them back. */
  choose(kitchen: string, key: string, id: string, dto: ChooseForBatchDto): Promise<BatchState> {
    const command = { kitchen, key, name: 'choose for batch', body: { id, ...dto } };
    return this.onBatch(
      command,
      id,
      dto.version,
      async ({ transaction }, row) => {
        const { choice } = dto;
        const session = await SessionRow.findOne({ where: { kitchen, id: row.session }, transaction });
        if (session?.status !== 'planned' && !onlySwaps(row.choice, choice))
          return refused<Refusal>({
            code: 'not now',
            detail: 'This dish is being cooked: only what goes in may still be swapped.',
            remedy: 'Choose another way next time.',
          });
        const document = await documentOf(row, transaction);
        const wanted = [...(choice.swaps ?? []), ...(choice.fills ?? [])].map(({ food }) => food);
        const foods = await FoodRow.count({ where: { kitchen, id: wanted }, transaction });
        if (foods < new Set(wanted).size) return refused<Refusal>({ code: 'not found', what: 'food' });
        const faults = choiceFaults(document, choice);
        if (faults.length > 0) return refused<Refusal>({ code: 'invalid', faults });
        await row.update({ choice, version: row.version + 1 }, { transaction });
        return done(batchState(row));
      },
      true,
    );
  }

  /** Until it is put away: what is booked then goes by what really went in. */
  logFinals(kitchen: string, key: string, id: string, dto: LogFinalsDto): Promise<BatchState> {
    return this.commands.run(
      { kitchen, key, name: 'log finals', body: { id, ...dto }, touches: ['week'] },
      async ({ transaction }) => {
        const batch = await lockPlannedBatch(kitchen, id, dto.version, transaction);
        if (!batch.ok) return batch;
        const row = batch.value;
        const { lines } = await documentOf(row, transaction);
        const strange = dto.finals.find((final) => !lines.some((line) => line.id === final.line));
        if (strange) return refused<Refusal>({ code: 'invalid', faults: [noLine('finals', strange.line)] });
        await row.update({ finals: dto.finals, version: row.version + 1 }, { transaction });
        return done(batchState(row));
      },
    );
  }

  dropBatch(kitchen: string, key: string, id: string, version: number): Promise<BatchState> {
    return this.onBatch(
      { kitchen, key, name: 'drop batch', body: { id, version } },
      id,
      version,
      async ({ transaction }, row) => {
        await row.update({ status: 'dropped', version: row.version + 1 }, { transaction });
        return done(batchState(row));
      },
      true,
    );
  }

  private onBatch(
    command: { kitchen: string; key: string; name: string; body: unknown },
    id: string,
    seen: number,
    work: (scope: CommandScope, row: BatchRow) => Promise<Outcome<BatchState, Refusal>>,
    /** A dish may be left out, moved or cooked with something else in the middle of a run, too. */
    whileCooking = false,
  ): Promise<BatchState> {
    return this.commands.run({ ...command, touches: ['week'] }, async (scope) => {
      const batch = await lockPlannedBatch(command.kitchen, id, seen, scope.transaction);
      if (!batch.ok) return batch;
      if (whileCooking) return work(scope, batch.value);
      const session = await openSession(command.kitchen, batch.value.session, scope.transaction);
      return session.ok ? work(scope, batch.value) : session;
    });
  }
}

/** Does a choice change nothing but what stands in for what? */
const onlySwaps = ({ swaps: _was, ...before }: Choice, { swaps: _is, ...after }: Choice): boolean =>
  said(before) === said(after);
const said = (choice: object): string =>
  JSON.stringify(
    Object.entries(choice)
      .filter(([, value]) => value !== undefined)
      .sort(([a], [b]) => a.localeCompare(b)),
  );

async function documentOf({ kitchen, recipe, revision }: BatchRow, transaction: Transaction): Promise<Revision> {
  const row = await RevisionRow.findOne({
    where: { kitchen, recipe, number: revision },
    transaction,
    rejectOnEmpty: true,
  });
  return row.document;
}

/** A batch that may still be changed, as the client saw it. */
export async function lockPlannedBatch(
  kitchen: string,
  id: string,
  seen: number,
  transaction: Transaction,
): Promise<Outcome<BatchRow, Refusal>> {
  const row = await BatchRow.findOne({ where: { kitchen, id }, transaction, lock: transaction.LOCK.UPDATE });
  if (!row) return refused({ code: 'not found', what: 'batch' });
  if (row.status === 'put away')
    return refused({
      code: 'not now',
      detail: 'This batch is put away already.',
      remedy: 'Its boxes are on the shelf; correct them there.',
    });
  if (row.version !== seen) return refused({ code: 'stale', what: 'batch', now: batchState(row) });
  if (row.status === 'dropped')
    return refused({ code: 'not now', detail: 'This batch was dropped.', remedy: 'Add the dish to the week again.' });
  return done(row);
}

/**
 * A session whose sizes may still be changed. It stays so until the transaction ends: a run that starts meanwhile waits, and then its plan is held against what was changed;
 * or the change waits, and is told that the session is being cooked.
 */
export async function openSession(
  kitchen: string,
  id: string,
  transaction: Transaction,
): Promise<Outcome<SessionRow, Refusal>> {
  const session = await SessionRow.findOne({ where: { kitchen, id }, transaction, lock: transaction.LOCK.SHARE });
  if (!session) return refused({ code: 'not found', what: 'session' });
  if (session.status !== 'planned')
    return refused({
      code: 'not now',
      detail: 'This session is being cooked already: its sizes stand.',
      remedy: 'Plan the change for the next session.',
    });
  return done(session);
}

/** A planned session that nothing is left in goes. Answers it as it was. */
export async function endEmptied(
  kitchen: string,
  id: string,
  transaction: Transaction,
): Promise<SessionState | undefined> {
  if ((await BatchRow.count({ where: { kitchen, session: id }, transaction })) > 0) return undefined;
  const row = await SessionRow.findOne({ where: { kitchen, id, status: 'planned' }, transaction });
  await row?.destroy({ transaction });
  return row ? sessionState(row) : undefined;
}

/** What is wrong with a size, if anything. */
export function sizeFault({
  portions,
  freezePortions,
}: {
  portions: string;
  freezePortions: string;
}): Refusal | undefined {
  if (new Fraction(portions).compare(MOST_PORTIONS) > 0)
    return {
      code: 'invalid',
      faults: [
        {
          field: 'portions',
          fault: `More than ${MOST_PORTIONS} portions is beyond a small kitchen.`,
          remedy: 'Enter a smaller number.',
        },
      ],
    };
  if (new Fraction(freezePortions).compare(new Fraction(portions)) > 0)
    return {
      code: 'invalid',
      faults: [
        { field: 'freezePortions', fault: 'More is to be frozen than is made.', remedy: `Enter ${portions} or less.` },
      ],
    };
  return undefined;
}

import type { LotState, MovementState } from '@kestrel-ridge/core/formats';
import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { done, refused, type Outcome } from '@kestrel-ridge/core/quantity';
import { Fraction } from '@kestrel-ridge/core/quantity';
import type { MovementKind } from '@kestrel-ridge/core/stock';
import { afterStep } from '@kestrel-ridge/core/storage';
import { Op, type Transaction } from 'sequelize';
import { Clock } from '../command/clock.ts';
import { CommandRow } from '../command/command.model.ts';
import { CommandService, type CommandScope } from '../command/command.service.ts';
import { Database } from '../database/database.ts';
import { FoodRow, foodOf } from '../food/food.model.ts';
import { KitchenRow } from '../kitchen/kitchen.model.ts';
import { PlaceRow } from '../kitchen/place.model.ts';
import type { Refusal } from '../problem/problem.ts';
import type {
  AddLotDto,
  AddLotsDto,
  CountLotDto,
  MoveLotDto,
  NameLotDto,
  OpenLotDto,
  ThrowLotDto,
} from './stock.dto.ts';
import { EatenRow } from '../week/week.model.ts';
import { becomes } from './becomes.ts';
import { invalid, negative, notNow, shortOf } from './refusals.ts';
import { LotRow, MovementRow } from './stock.model.ts';
import { dateColumns, datesOf, lockLot, lotState, onHandLots, plainDecimal } from './stock.state.ts';

/** Commands that undo takes back by one more movement each. */
const UNDOABLE = ['add lot', 'add lots', 'count lot', 'move lot', 'open lot', 'name lot', 'throw lot', 'eat'];

@Injectable()
export class StockService {
  constructor(
    private readonly commands: CommandService,
    private readonly database: Database,
    private readonly clock: Clock,
  ) {}

  lots(kitchen: string): Promise<readonly LotState[]> {
    return this.database.inKitchen(kitchen, (transaction) => onHandLots(kitchen, transaction));
  }

  history(kitchen: string, lot: string): Promise<readonly MovementState[]> {
    return this.database.inKitchen(kitchen, async (transaction) => {
      const rows = await MovementRow.findAll({
        where: { kitchen, lot },
        order: [
          ['at', 'DESC'],
          ['id', 'ASC'],
        ],
        limit: 200,
        transaction,
      });
      return rows.map((row) => ({
        id: row.id,
        lot: row.lot,
        amount: plainDecimal(row.amount),
        kind: row.kind,
        at: row.at.toISOString(),
        command: row.command,
        reason: row.reason,
      }));
    });
  }

  add(kitchen: string, key: string, dto: AddLotDto): Promise<LotState> {
    return this.commands.run({ kitchen, key, name: 'add lot', body: dto, touches: ['shelf'] }, (scope) =>
      this.addOne(scope, dto),
    );
  }

  /** Several at once, all of them or none: what was bought on one trip, or a pasted list. */
  addMany(kitchen: string, key: string, dto: AddLotsDto): Promise<readonly LotState[]> {
    return this.commands.run(
      { kitchen, key, name: 'add lots', body: dto, touches: ['shelf', 'week'] },
      async (scope): Promise<Outcome<readonly LotState[], Refusal>> => {
        const states: LotState[] = [];
        for (const lot of dto.lots) {
          const added = await this.addOne(scope, lot);
          if (!added.ok) return added;
          states.push(added.value);
        }
        return done(states);
      },
    );
  }

  private async addOne(scope: CommandScope, dto: AddLotDto): Promise<Outcome<LotState, Refusal>> {
    const { kitchen, transaction } = scope;
    const food = await FoodRow.findOne({ where: { kitchen, id: dto.food }, transaction });
    if (!food) return refused<Refusal>({ code: 'not found', what: 'food' });
    const place = await PlaceRow.findOne({ where: { kitchen, id: dto.place }, transaction });
    if (!place) return refused<Refusal>({ code: 'not found', what: 'place' });
    const today = await this.today(kitchen, transaction);
    await LotRow.create(
      {
        kitchen,
        id: dto.id,
        food: dto.food,
        place: dto.place,
        base: food.facts.base,
        origin: dto.origin,
        // A box of something made was never bought: its days count from when it was made, in the freezer from when it was frozen.
        ...(food.recipe === null
          ? { boughtOn: dto.boughtOn ?? today }
          : {
              madeOn: dto.madeOn ?? dto.boughtOn ?? today,
              frozenOn: dto.frozenOn ?? (place.kind === 'freezer' ? (dto.boughtOn ?? today) : null),
              thawedOn: dto.thawedOn ?? null,
              portionG: dto.portionG ?? null,
              box: dto.box ?? null,
            }),
        openedOn: dto.openedOn ?? null,
        bestBefore: dto.bestBefore ?? null,
        useBy: dto.useBy ?? null,
        known: dto.known ?? 'exact',
        shop: dto.shop ?? null,
        ...(dto.priceMinor === undefined
          ? {}
          : { pricedMinor: String(dto.priceMinor), pricedAmount: dto.pricedAmount ?? dto.amount }),
      },
      { transaction },
    );
    await this.move(scope, dto.id, dto.amount, dto.origin === 'bought' ? 'bought' : 'counted');
    return done(await this.stateOf(kitchen, dto.id, transaction));
  }

  count(kitchen: string, key: string, id: string, dto: CountLotDto): Promise<LotState> {
    return this.onLot(
      { kitchen, key, name: 'count lot', body: { id, ...dto } },
      id,
      dto.version,
      async (scope, lot) => {
        const difference = new Fraction(dto.amount).sub(new Fraction(lot.onHand));
        await lot.update({ known: dto.known ?? 'exact' }, { transaction: scope.transaction });
        if (!difference.equals(0)) await this.move(scope, id, difference.toString(), 'counted');
        return done(await this.stateOf(kitchen, id, scope.transaction));
      },
    );
  }

  /** Some or all of a lot goes to another place: it becomes a new lot there, with the dates that freezing and thawing add. */
  moveTo(kitchen: string, key: string, id: string, dto: MoveLotDto): Promise<LotState> {
    return this.onLot(
      { kitchen, key, name: 'move lot', body: { lot: id, ...dto } },
      id,
      dto.version,
      async (scope, lot) => {
        const { transaction } = scope;
        const places = await PlaceRow.findAll({
          where: { kitchen, id: { [Op.in]: [dto.place, lot.place] } },
          transaction,
        });
        const to = places.find((place) => place.id === dto.place);
        const from = places.find((place) => place.id === lot.place);
        if (!to || !from) return refused<Refusal>({ code: 'not found', what: 'place' });
        if (to.id === from.id) return refused(invalid('place', 'It is there already.', 'Choose another place.'));
        const short = shortOf(lot, dto.amount, 'amount');
        if (short) return refused(short);
        const food = await FoodRow.findOne({ where: { kitchen, id: lot.food }, transaction });
        if (!food) return refused<Refusal>({ code: 'not found', what: 'food' });
        const aged = afterStep(
          { food: foodOf(food), place: from.kind, dates: datesOf(lot) },
          { do: 'move', to: to.kind, again: dto.again ?? false },
          await this.today(kitchen, transaction),
        );
        if (!aged.ok) return refused(invalid('place', aged.problem.fault, aged.problem.remedy));
        const { kind } = aged.value;
        await becomes(lot, dto.id, { place: dto.place, ...dateColumns(aged.value.dates) }, transaction);
        await this.move(scope, id, negative(dto.amount), kind);
        await this.move(scope, dto.id, dto.amount, kind);
        return done(await this.stateOf(kitchen, dto.id, transaction));
      },
    );
  }

  /** A pack is opened: from today its opened life counts. What stays shut stays as it is. */
  open(kitchen: string, key: string, id: string, dto: OpenLotDto): Promise<LotState> {
    return this.onLot(
      { kitchen, key, name: 'open lot', body: { lot: id, ...dto } },
      id,
      dto.version,
      async (scope, lot) => {
        const short = shortOf(lot, dto.amount, 'amount');
        if (short) return refused(short);
        const { transaction } = scope;
        const food = await FoodRow.findOne({ where: { kitchen, id: lot.food }, transaction });
        const place = await PlaceRow.findOne({ where: { kitchen, id: lot.place }, transaction });
        const into = dto.place ? await PlaceRow.findOne({ where: { kitchen, id: dto.place }, transaction }) : place;
        if (!food || !place || !into) return refused<Refusal>({ code: 'not found', what: food ? 'place' : 'food' });
        if (into.kind === 'freezer')
          return refused(
            invalid('place', 'An open pack is not kept in the freezer.', 'Open it here, then freeze what is over.'),
          );
        const aged = afterStep(
          { food: foodOf(food), place: place.kind, dates: datesOf(lot) },
          { do: 'open', into: into.kind },
          await this.today(kitchen, transaction),
        );
        if (!aged.ok) return refused(invalid('amount', aged.problem.fault, aged.problem.remedy));
        await becomes(lot, dto.id, { place: into.id, ...dateColumns(aged.value.dates) }, transaction);
        await this.move(scope, id, negative(dto.amount), 'opened');
        await this.move(scope, dto.id, dto.amount, 'opened');
        return done(await this.stateOf(kitchen, dto.id, scope.transaction));
      },
    );
  }

  /** It is another food than was thought, or a nameless box is recognised: all of it becomes a lot of that food. */
  name(kitchen: string, key: string, id: string, dto: NameLotDto): Promise<LotState> {
    return this.onLot(
      { kitchen, key, name: 'name lot', body: { lot: id, ...dto } },
      id,
      dto.version,
      async (scope, lot) => {
        const food = await FoodRow.findOne({ where: { kitchen, id: dto.food }, transaction: scope.transaction });
        if (!food) return refused<Refusal>({ code: 'not found', what: 'food' });
        if (food.facts.base !== lot.base)
          return refused(
            invalid(
              'food',
              `${food.name} is counted in ${food.facts.base}, this lot in ${lot.base}.`,
              'Throw this one away as “wrongly entered” and add it anew.',
            ),
          );
        const { onHand } = lot;
        await becomes(
          lot,
          dto.id,
          { food: dto.food, batch: null, allergens: null, mayContain: null, allergensUnknown: null },
          scope.transaction,
        );
        await this.move(scope, id, negative(onHand), 'corrected', `it is ${food.name}`);
        await this.move(scope, dto.id, onHand, 'corrected');
        return done(await this.stateOf(kitchen, dto.id, scope.transaction));
      },
    );
  }

  throwAway(kitchen: string, key: string, id: string, dto: ThrowLotDto): Promise<LotState> {
    return this.onLot(
      { kitchen, key, name: 'throw lot', body: { lot: id, ...dto } },
      id,
      dto.version,
      async (scope, lot) => {
        const short = shortOf(lot, dto.amount, 'amount');
        if (short) return refused(short);
        await this.move(scope, id, negative(dto.amount), 'thrown', dto.reason);
        return done(await this.stateOf(kitchen, id, scope.transaction));
      },
    );
  }

  /** Takes a command's movements back, each by one more movement; the ledger keeps both. */
  undo(kitchen: string, key: string, command: string): Promise<{ readonly lots: readonly LotState[] }> {
    return this.commands.run(
      { kitchen, key, name: 'undo', body: { command }, touches: ['shelf', 'week'] },
      async (scope): Promise<Outcome<{ lots: LotState[] }, Refusal>> => {
        const { transaction } = scope;
        const row = await CommandRow.findOne({
          where: { kitchen, key: command },
          transaction,
          lock: transaction.LOCK.UPDATE,
        });
        if (!row) return refused<Refusal>({ code: 'not found', what: 'change' });
        if (!UNDOABLE.includes(row.name))
          return refused(notNow('This change cannot be taken back in one step.', 'Correct the lots it touched.'));
        if (row.undoneBy)
          return refused(notNow('This change was taken back already.', 'Look at the shelf as it is now.'));
        const movements = await MovementRow.findAll({
          where: { kitchen, command },
          order: [['lot', 'ASC']],
          transaction,
        });
        for (const movement of movements) {
          const lot = await lockLot(kitchen, movement.lot, transaction);
          if (lot && new Fraction(lot.onHand).sub(new Fraction(movement.amount)).compare(0) < 0)
            return refused(notNow('Some of it was used or moved since.', 'Correct the lots by hand.'));
          await this.move(
            scope,
            movement.lot,
            new Fraction(movement.amount).neg().toString(),
            'corrected',
            `undo: ${row.name}`,
          );
        }
        await EatenRow.destroy({ where: { kitchen, command }, transaction });
        await row.update({ undoneBy: key }, { transaction });
        const lots = await LotRow.findAll({
          where: { kitchen, id: { [Op.in]: movements.map((movement) => movement.lot) } },
          transaction,
        });
        return done({ lots: lots.map(lotState) });
      },
    );
  }

  /** Adds a movement to the ledger within a command; the lot's sum follows by the trigger. */
  async move(
    scope: CommandScope,
    lot: string,
    amount: string,
    kind: MovementKind,
    reason: string | null = null,
    batch: string | null = null,
  ): Promise<void> {
    await MovementRow.create(
      {
        kitchen: scope.kitchen,
        id: randomUUID(),
        lot,
        amount,
        kind,
        command: scope.key,
        reason,
        batch,
        at: this.clock.now(),
      },
      { transaction: scope.transaction },
    );
  }

  private onLot(
    command: { kitchen: string; key: string; name: string; body: unknown },
    id: string,
    seen: number,
    work: (scope: CommandScope, lot: LotRow) => Promise<Outcome<LotState, Refusal>>,
  ): Promise<LotState> {
    return this.commands.run({ ...command, touches: ['shelf', 'week'] }, async (scope) => {
      const lot = await lockLot(command.kitchen, id, scope.transaction);
      if (!lot) return refused<Refusal>({ code: 'not found', what: 'lot' });
      if (lot.version !== seen) return refused<Refusal>({ code: 'stale', what: 'lot', now: lotState(lot) });
      return work(scope, lot);
    });
  }

  async stateOf(kitchen: string, id: string, transaction: Transaction): Promise<LotState> {
    return lotState(await LotRow.findOne({ where: { kitchen, id }, transaction, rejectOnEmpty: true }));
  }

  private async today(kitchen: string, transaction: Transaction) {
    const { equipment } = await KitchenRow.findByPk(kitchen, { transaction, rejectOnEmpty: true });
    return this.clock.today(equipment.zone);
  }
}

import type { CostState } from '@kestrel-ridge/core/formats';
import { Injectable } from '@nestjs/common';
import { wastedMinor } from '@kestrel-ridge/core/cost';
import { Fraction, day, done, refused, type Outcome, DAY_MS } from '@kestrel-ridge/core/quantity';
import { Op, type Transaction } from 'sequelize';
import { Clock } from '../command/clock.ts';
import { changedMeanwhile } from '../command/changedMeanwhile.ts';
import { CommandService } from '../command/command.service.ts';
import { Database } from '../database/database.ts';
import { FoodRow } from '../food/food.model.ts';
import type { Refusal } from '../problem/problem.ts';
import { LotRow, MovementRow } from '../stock/stock.model.ts';
import { plainDecimal } from '../stock/stock.state.ts';
import type { AddPriceDto, AddPricesDto, SetFloorDto } from './cost.dto.ts';
import { FloorRow, PriceRow } from './cost.model.ts';
import { asPricedLot } from './pricedLot.ts';

/** How far back waste is told. */
const WASTE_DAYS = 28;
/** The price book tells so many of the latest purchases and entries. */
const MOST_PRICES = 2000;

@Injectable()
export class CostService {
  constructor(
    private readonly commands: CommandService,
    private readonly database: Database,
    private readonly clock: Clock,
  ) {}

  /** What things cost and cost before, what should not run out, and what was thrown away. */
  costs(kitchen: string): Promise<CostState> {
    return this.database.inKitchen(kitchen, async (transaction) => {
      const entered = await PriceRow.findAll({
        where: { kitchen },
        order: [['on', 'DESC']],
        limit: MOST_PRICES,
        transaction,
      });
      const bought = await LotRow.findAll({
        where: { kitchen, origin: 'bought', pricedMinor: { [Op.ne]: null }, boughtOn: { [Op.ne]: null } },
        order: [['boughtOn', 'DESC']],
        limit: MOST_PRICES,
        transaction,
      });
      const floors = await FloorRow.findAll({ where: { kitchen }, transaction });
      return {
        prices: [
          ...entered.map(({ id, food, on, minor, amount, shop }) => ({
            id,
            food,
            on: day(on),
            minor: Number(minor),
            amount: plainDecimal(amount),
            shop,
            from: 'entered' as const,
          })),
          ...purchases(bought),
        ],
        floors: floors.map(({ food, amount }) => ({ food, amount: plainDecimal(amount) })),
        thrown: await this.thrown(kitchen, transaction),
      };
    });
  }

  addPrice(kitchen: string, key: string, dto: AddPriceDto): Promise<{ readonly id: string }> {
    return this.commands.run(
      { kitchen, key, name: 'add price', body: dto, touches: ['cost'] },
      async ({ transaction }) => this.note(kitchen, dto, transaction),
    );
  }

  /** Several prices, a table of them: all, or none. */
  addPrices(kitchen: string, key: string, dto: AddPricesDto): Promise<readonly { readonly id: string }[]> {
    return this.commands.run(
      { kitchen, key, name: 'add prices', body: dto, touches: ['cost'] },
      async ({ transaction }) => {
        const noted: { readonly id: string }[] = [];
        for (const price of dto.prices) {
          const one = await this.note(kitchen, price, transaction);
          if (!one.ok) return one;
          noted.push(one.value);
        }
        return done(noted);
      },
    );
  }

  private async note(
    kitchen: string,
    dto: AddPriceDto,
    transaction: Transaction,
  ): Promise<Outcome<{ readonly id: string }, Refusal>> {
    if (!(await FoodRow.findOne({ where: { kitchen, id: dto.food }, transaction })))
      return refused<Refusal>({ code: 'not found', what: 'food' });
    const said = {
      food: dto.food,
      on: dto.on,
      minor: String(dto.minor),
      amount: dto.amount,
      shop: dto.shop ?? null,
    };
    // A table that is read twice adds nothing.
    const known = await PriceRow.findOne({ where: { kitchen, ...said }, transaction });
    if (known) return done({ id: known.id });
    await PriceRow.create({ kitchen, id: dto.id, ...said }, { transaction });
    return done({ id: dto.id });
  }

  /** Stock that should never fall below an amount; nothing takes the floor away. */
  setFloor(kitchen: string, key: string, dto: SetFloorDto): Promise<SetFloorDto> {
    return this.commands.run({ kitchen, key, name: 'set floor', body: dto, touches: ['cost'] }, async (scope) => {
      const { transaction } = scope;
      if (!(await FoodRow.findOne({ where: { kitchen, id: dto.food }, transaction })))
        return refused<Refusal>({ code: 'not found', what: 'food' });
      const stale = await changedMeanwhile(scope, 'floor', dto.seen, async () => {
        const floor = await FloorRow.findOne({ where: { kitchen, food: dto.food }, transaction });
        return floor && plainDecimal(floor.amount);
      });
      if (stale) return refused(stale);
      if (new Fraction(dto.amount).equals(0))
        await FloorRow.destroy({ where: { kitchen, food: dto.food }, transaction });
      else await FloorRow.upsert({ kitchen, food: dto.food, amount: dto.amount }, { transaction });
      return done(dto);
    });
  }

  private async thrown(kitchen: string, transaction: Transaction): Promise<CostState['thrown']> {
    const since = new Date(this.clock.now().getTime() - WASTE_DAYS * DAY_MS);
    const rows = await MovementRow.findAll({
      where: { kitchen, kind: 'thrown', at: { [Op.gte]: since } },
      order: [['at', 'DESC']],
      transaction,
    });
    const lots = await LotRow.findAll({ where: { kitchen, id: rows.map((row) => row.lot) }, transaction });
    const priced = new Map(lots.map((lot) => [lot.id, asPricedLot(lot)]));
    return rows.flatMap((row) => {
      const lot = priced.get(row.lot);
      if (!lot) return [];
      const amount = new Fraction(row.amount).abs();
      const minor = wastedMinor({ lot, amount }) ?? null;
      return [{ food: lot.food, amount: amount.toString(), at: row.at.toISOString(), reason: row.reason, minor }];
    });
  }
}

/** One purchase is one price, though its lot was opened or moved into others since. */
function purchases(lots: readonly LotRow[]): CostState['prices'] {
  const once = new Map(
    lots.map((lot) => [[lot.food, lot.boughtOn, lot.pricedMinor, lot.pricedAmount, lot.shop].join(' '), lot]),
  );
  return [...once.values()].flatMap(({ id, food, boughtOn, pricedMinor, pricedAmount, shop }) =>
    boughtOn === null || pricedMinor === null || pricedAmount === null
      ? []
      : [
          {
            id,
            food,
            on: day(boughtOn),
            minor: Number(pricedMinor),
            amount: plainDecimal(pricedAmount),
            shop,
            from: 'purchase' as const,
          },
        ],
  );
}

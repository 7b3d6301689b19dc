import type { BatchState } from '@kestrel-ridge/core/formats';
import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { costOf } from '@kestrel-ridge/core/cost';
import { Fraction, done, inBase, refused, type BaseUnit, type Day, type Outcome } from '@kestrel-ridge/core/quantity';
import { finalsWith, foldRun, notesOf } from '@kestrel-ridge/core/run';
import { byProductsOf, type ScaledBatch } from '@kestrel-ridge/core/scaling';
import { needsOf, takeFirstExpiring, type Taken } from '@kestrel-ridge/core/stock';
import { boxedAs, byProductFacts, madeIn } from '@kestrel-ridge/core/storage';
import { Op, type Transaction } from 'sequelize';
import { Clock } from '../command/clock.ts';
import { CommandService, type CommandScope } from '../command/command.service.ts';
import { FoodRow, foodOf } from '../food/food.model.ts';
import { KitchenRow } from '../kitchen/kitchen.model.ts';
import { PlaceRow } from '../kitchen/place.model.ts';
import type { Refusal } from '../problem/problem.ts';
import { RevisionRow } from '../recipe/recipe.model.ts';
import { BatchRow, SessionRow } from '../session/session.model.ts';
import { scaleStored } from '../session/scaleStored.ts';
import { lockPlannedBatch } from '../session/session.service.ts';
import { batchState } from '../session/session.state.ts';
import { EventRow, RunRow } from '../run/run.model.ts';
import { eventState } from '../run/run.state.ts';
import { LotRow } from '../stock/stock.model.ts';
import { StockService } from '../stock/stock.service.ts';
import { allergenColumns, dateColumns, exact, lockShelf } from '../stock/stock.state.ts';
import type { PutAwayDto } from './putAway.dto.ts';

@Injectable()
export class PutAwayService {
  constructor(
    private readonly commands: CommandService,
    private readonly stock: StockService,
    private readonly clock: Clock,
  ) {}

  /** A batch into boxes: the ingredients leave the shelf, the cost is booked, the boxes stand on the shelf. All of it, or nothing. */
  putAway(kitchen: string, key: string, id: string, dto: PutAwayDto): Promise<BatchState> {
    return this.commands.run(
      { kitchen, key, name: 'put away', body: { id, ...dto }, touches: ['shelf', 'week', 'run'] },
      async (scope): Promise<Outcome<BatchState, Refusal>> => {
        const { transaction } = scope;
        const locked = await lockPlannedBatch(kitchen, id, dto.version, transaction);
        if (!locked.ok) return locked;
        const batch = locked.value;
        const places = new Map(
          (await PlaceRow.findAll({ where: { kitchen }, transaction })).map((place) => [place.id, place]),
        );
        if (dto.boxes.some((box) => !places.has(box.place))) return refused({ code: 'not found', what: 'place' });
        if (dto.aside?.some((each) => !places.has(each.place))) return refused({ code: 'not found', what: 'place' });
        if (dto.kept?.some((kept) => !places.has(kept.place))) return refused({ code: 'not found', what: 'place' });
        if (new Set(dto.boxes.map((box) => box.id)).size < dto.boxes.length)
          return refused({
            code: 'invalid',
            faults: [{ field: 'boxes', fault: 'Two boxes have one id.', remedy: 'Give each box its own.' }],
          });

        const scaled = await this.asItWas(batch, transaction);
        const { equipment } = await KitchenRow.findByPk(kitchen, { transaction, rejectOnEmpty: true });
        const today = this.clock.today(equipment.zone);
        const first = dto.ifShort === 'refuse' ? await this.madeOfUnboxed(batch, scaled, transaction) : undefined;
        if (first) return refused(first);
        const taken = await this.takeNeeds(kitchen, scaled, dto.ifShort, today, transaction);
        if (!taken.ok) return taken;
        for (const { lot, amount } of taken.value)
          await this.stock.move(scope, lot.id, `-${exact(amount)}`, 'used', null, id);

        const cost = costOf(taken.value);
        const component = await FoodRow.findOne({
          where: { kitchen, id: scaled.recipe.component.id },
          transaction,
          rejectOnEmpty: true,
        });
        const { yieldG } = dto;
        const aside = await this.setAside(batch, scaled, dto, transaction);
        if (!aside.ok) return aside;
        const boxed = boxedAs({
          portionG: scaled.portionG,
          ...(yieldG === undefined ? {} : { yieldG }),
          portions: dto.boxes.map((box) => box.portions),
          asideG: aside.value.map(({ grams }) => grams),
          usedMinor: cost.usedMinor,
        });
        if (!boxed.ok)
          return refused({
            code: 'invalid',
            faults: [
              {
                field: 'yieldG',
                fault: 'Other dishes of the day take more of it than there is.',
                remedy: 'Weigh it again, or make those dishes smaller.',
              },
            ],
          });
        const lots = [...dto.boxes, ...aside.value.map(({ id: lot, place }) => ({ id: lot, place, box: undefined }))];
        for (const [n, box] of lots.entries()) {
          const { grams: weight = new Fraction(0), minor = 0 } = boxed.value.lots[n] ?? {};
          const grams = exact(weight);
          await LotRow.create(
            {
              kitchen,
              id: box.id,
              food: scaled.recipe.component.id,
              place: box.place,
              base: 'g',
              origin: 'made',
              batch: id,
              ...dateColumns(madeIn(foodOf(component), places.get(box.place)?.kind ?? 'fridge', today)),
              portionG: boxed.value.portionG.toString(),
              box: box.box ?? null,
              ...allergenColumns(scaled.allergens),
              pricedMinor: String(minor),
              pricedAmount: grams,
            },
            { transaction },
          );
          await this.stock.move(scope, box.id, grams, 'made', null, id);
        }

        await this.keepByProducts(scope, batch, scaled, dto, places, today);
        await batch.update(
          {
            status: 'put away',
            yieldG: yieldG === undefined ? null : String(yieldG),
            reckonedG: scaled.reckonedG > 0 ? String(scaled.reckonedG) : null,
            costUsedMinor: String(cost.usedMinor),
            costTillMinor: String(cost.tillMinor),
            boxedPortions: String(boxed.value.portions),
            putAwayAt: this.clock.now(),
            version: batch.version + 1,
          },
          { transaction },
        );
        await RevisionRow.update(
          { cooked: true },
          { where: { kitchen, recipe: batch.recipe, number: batch.revision }, transaction },
        );
        const open = await BatchRow.count({
          where: { kitchen, session: batch.session, status: 'planned' },
          transaction,
        });
        if (open === 0)
          await SessionRow.update(
            { status: 'done' },
            { where: { kitchen, id: batch.session, status: { [Op.ne]: 'done' } }, transaction },
          );
        return done(batchState(batch));
      },
    );
  }

  /** What dishes of the day that are still to be boxed are made of, less what stands there outside the freezer. */
  private async setAside(
    { kitchen, session, id }: BatchRow,
    scaled: ScaledBatch,
    { aside = [] }: PutAwayDto,
    transaction: Transaction,
  ): Promise<Outcome<readonly { readonly id: string; readonly place: string; readonly grams: Fraction }[], Refusal>> {
    if (aside.length === 0) return done([]);
    const food = scaled.recipe.component.id;
    const freezers = (await PlaceRow.findAll({ where: { kitchen, kind: 'freezer' }, transaction })).map(
      (place) => place.id,
    );
    let there = (await lockShelf(kitchen, [food], transaction))
      .filter(({ place }) => !freezers.includes(place))
      .reduce((sum, { onHand }) => sum.add(onHand), new Fraction(0));
    const lots: { id: string; place: string; grams: Fraction }[] = [];
    for (const each of aside) {
      const taker = await BatchRow.findOne({
        where: { kitchen, id: each.batch, session, status: 'planned' },
        transaction,
      });
      if (!taker || taker.id === id) return refused({ code: 'not found', what: 'batch' });
      const needs = needsOf(await scaleStored(taker, transaction)).find((need) => need.food.id === food);
      const open = (needs?.amount ?? new Fraction(0)).sub(there);
      there = open.compare(0) > 0 ? new Fraction(0) : open.neg();
      if (open.compare(0) > 0) lots.push({ id: each.id, place: each.place, grams: open });
    }
    return done(lots);
  }

  /** A dish of the day that this one is made of and that is not boxed yet, where the shelf holds too little of it. */
  private async madeOfUnboxed(
    { kitchen, id, session }: BatchRow,
    scaled: ScaledBatch,
    transaction: Transaction,
  ): Promise<Refusal | undefined> {
    const others = await BatchRow.findAll({
      where: { kitchen, session, status: 'planned', id: { [Op.ne]: id } },
      transaction,
    });
    for (const other of others) {
      const { document } = await RevisionRow.findOne({
        where: { kitchen, recipe: other.recipe, number: other.revision },
        transaction,
        rejectOnEmpty: true,
      });
      const need = needsOf(scaled).find(({ food }) => food.id === document.component.id);
      if (!need) continue;
      const there = (await lockShelf(kitchen, [need.food.id], transaction)).reduce(
        (sum, { onHand }) => sum.add(onHand),
        new Fraction(0),
      );
      if (there.compare(need.amount) < 0)
        return {
          code: 'not now',
          detail: `It is made of ${need.food.name}, which is not in boxes yet.`,
          remedy: `Put ${need.food.name} away first: what goes into this dish is set aside there.`,
        };
    }
    return undefined;
  }

  /** What else came out of it and is kept: a lot of its own, that cost nothing and keeps by its own days. */
  private async keepByProducts(
    scope: CommandScope,
    { kitchen, id }: BatchRow,
    scaled: ScaledBatch,
    { kept = [] }: PutAwayDto,
    places: ReadonlyMap<string, PlaceRow>,
    today: Day,
  ): Promise<void> {
    const { transaction } = scope;
    const byProducts = byProductsOf(scaled);
    for (const each of kept) {
      const made = byProducts.find(({ name, goes }) => name === each.name && goes.to === 'shelf');
      if (made?.goes.to !== 'shelf') continue;
      const base = made.amount.kind === 'volume' ? 'mL' : made.amount.kind === 'mass' ? 'g' : 'each';
      const amount = exact(inBase(made.amount));
      const { keepsDays } = made.goes;
      const [food] = await FoodRow.findOrCreate({
        where: { kitchen, name: made.name },
        defaults: {
          kitchen,
          id: randomUUID(),
          name: made.name,
          facts: byProductFacts(base, keepsDays),
        },
        transaction,
      });
      await LotRow.create(
        {
          kitchen,
          id: each.id,
          food: food.id,
          place: each.place,
          base,
          origin: 'made',
          batch: id,
          ...dateColumns(madeIn(foodOf(food), places.get(each.place)?.kind ?? 'fridge', today)),
          ...allergenColumns(scaled.allergens),
          pricedMinor: '0',
          pricedAmount: amount,
        },
        { transaction },
      );
      await this.stock.move(scope, each.id, amount, 'made', null, id);
    }
  }

  /** The batch with what really went in: what its run says, and over that what was said of it by hand. */
  private async asItWas(batch: BatchRow, transaction: Transaction): Promise<ScaledBatch> {
    const { kitchen } = batch;
    const scaled = await scaleStored(batch, transaction);
    const run = await RunRow.findOne({ where: { kitchen, session: batch.session }, transaction });
    if (!run) return scaled;
    const events = await EventRow.findAll({ where: { kitchen, run: run.id }, transaction });
    const facts = foldRun(events.map(eventState));
    await batch.update({ notes: notesOf(batch.id, run.about, facts) }, { transaction });
    const finals = finalsWith(batch.finals, batch.id, scaled, run.about, facts);
    if (finals.length === batch.finals.length) return scaled;
    await batch.update({ finals }, { transaction });
    return scaleStored(batch, transaction);
  }

  private async takeNeeds(
    kitchen: string,
    scaled: ScaledBatch,
    ifShort: PutAwayDto['ifShort'],
    today: Day,
    transaction: CommandTransaction,
  ): Promise<Outcome<readonly Taken[], Refusal>> {
    const needs = needsOf(scaled);
    const shelf = await lockShelf(
      kitchen,
      needs.map((need) => need.food.id),
      transaction,
    );
    const taken: Taken[] = [];
    const missing: { food: string; amount: string; unit: BaseUnit }[] = [];
    for (const need of needs) {
      const lots = shelf.filter((lot) => lot.food === need.food.id);
      const all = takeFirstExpiring(lots, need.amount, today);
      if (all.ok) taken.push(...all.value);
      else {
        missing.push({ food: need.food.name, amount: exact(all.problem.missing), unit: need.unit });
        const rest = takeFirstExpiring(lots, all.problem.onHand, today);
        if (rest.ok) taken.push(...rest.value);
      }
    }
    return missing.length > 0 && ifShort === 'refuse' ? refused({ code: 'short', missing }) : done(taken);
  }
}

type CommandTransaction = Parameters<typeof lockShelf>[2];

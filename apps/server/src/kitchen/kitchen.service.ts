import type { KitchenName, KitchenState, PlaceState } from '@kestrel-ridge/core/formats';
import { Injectable } from '@nestjs/common';
import { BOOK } from '@kestrel-ridge/core/food';
import { done, refused } from '@kestrel-ridge/core/quantity';
import { Clock } from '../command/clock.ts';
import { changedMeanwhile, inTurn } from '../command/changedMeanwhile.ts';
import { CommandService } from '../command/command.service.ts';
import { Database } from '../database/database.ts';
import { refuse, type Refusal } from '../problem/problem.ts';
import { FoodRow } from '../food/food.model.ts';
import { LotRow } from '../stock/stock.model.ts';
import type { ChangeKitchenDto, OpenKitchenDto, SetPlacesDto } from './kitchen.dto.ts';
import { KitchenRow } from './kitchen.model.ts';
import { PlaceRow } from './place.model.ts';

@Injectable()
export class KitchenService {
  constructor(
    private readonly commands: CommandService,
    private readonly database: Database,
    private readonly clock: Clock,
  ) {}

  /** Names only: whoever opens the program chooses a kitchen. */
  async kitchens(): Promise<readonly KitchenName[]> {
    return (await KitchenRow.findAll({ order: ['name', 'id'] })).map(({ id, name }) => ({ id, name }));
  }

  async kitchen(kitchen: string): Promise<KitchenState> {
    const state = await this.database.inKitchen(kitchen, async (transaction) => {
      const row = await KitchenRow.findByPk(kitchen, { transaction });
      if (!row) return undefined;
      const places = await PlaceRow.findAll({ where: { kitchen }, order: ['position'], transaction });
      return { ...this.stateOf(row), places: places.map(placeState) };
    });
    if (!state) throw refuse({ code: 'not found', what: 'kitchen' });
    return state;
  }

  /** A new kitchen, with its places and the book of foods. */
  open(key: string, dto: OpenKitchenDto): Promise<{ readonly id: string }> {
    return this.commands.run(
      { kitchen: dto.id, key, name: 'open kitchen', body: dto, touches: ['kitchen'] },
      async ({ transaction }) => {
        if (!isZone(dto.equipment.zone)) return refused(unknownZone);
        await KitchenRow.create({ id: dto.id, name: dto.name, equipment: dto.equipment }, { transaction });
        await PlaceRow.bulkCreate(
          dto.places.map((place, position) => ({ kitchen: dto.id, ...place, position })),
          { transaction },
        );
        await FoodRow.bulkCreate(
          BOOK.map((food) => ({ kitchen: dto.id, ...food })),
          { transaction },
        );
        return done({ id: dto.id });
      },
    );
  }

  change(kitchen: string, key: string, dto: ChangeKitchenDto): Promise<{ readonly version: number }> {
    return this.commands.run(
      { kitchen, key, name: 'change kitchen', body: dto, touches: ['kitchen', 'week'] },
      async ({ transaction }) => {
        const row = await KitchenRow.findByPk(kitchen, { transaction, lock: transaction.LOCK.UPDATE });
        if (!row) return refused<Refusal>({ code: 'not found', what: 'kitchen' });
        if (row.version !== dto.version)
          return refused<Refusal>({ code: 'stale', what: 'kitchen', now: this.stateOf(row) });
        if (!isZone(dto.equipment.zone)) return refused(unknownZone);
        await row.update({ name: dto.name, equipment: dto.equipment, version: row.version + 1 }, { transaction });
        return done({ version: row.version });
      },
    );
  }

  /** Places renamed, added, taken away and put in order. What holds something, or ever held it, stays. */
  setPlaces(kitchen: string, key: string, dto: SetPlacesDto): Promise<readonly PlaceState[]> {
    return this.commands.run(
      { kitchen, key, name: 'set places', body: dto, touches: ['kitchen', 'shelf'] },
      async (scope) => {
        const { transaction } = scope;
        const names = dto.places.map(({ name }) => name.trim().toLowerCase());
        const twice = names.findIndex((name, n) => names.indexOf(name) !== n);
        if (twice >= 0)
          return refused(
            placeFault(
              twice,
              `There are two places called “${dto.places[twice]?.name ?? ''}”.`,
              'Give each its own name.',
            ),
          );
        // First in turn: a list that is read while another one is being written has its rows, but not their order.
        await inTurn(scope);
        const before = await PlaceRow.findAll({
          where: { kitchen },
          order: ['position'],
          transaction,
          lock: transaction.LOCK.UPDATE,
        });
        const stale = await changedMeanwhile(scope, 'list of places', dto.seen, () =>
          Promise.resolve(before.map(placeState)),
        );
        if (stale) return refused(stale);
        const gone = before.filter(({ id }) => !dto.places.some((place) => place.id === id));
        const used = await LotRow.findOne({ where: { kitchen, place: gone.map(({ id }) => id) }, transaction });
        if (used) {
          const place = gone.find(({ id }) => id === used.place);
          return refused(
            placeFault(0, `“${place?.name ?? ''}” holds something, or its history does.`, 'Rename it instead.'),
          );
        }
        await PlaceRow.destroy({ where: { kitchen, id: gone.map(({ id }) => id) }, transaction });
        // Names are unique: they are moved out of each other's way first.
        for (const row of before) if (!gone.includes(row)) await row.update({ name: row.id }, { transaction });
        for (const [position, { id, name, kind }] of dto.places.entries())
          await PlaceRow.upsert({ kitchen, id, name: name.trim(), kind, position }, { transaction });
        return done(dto.places.map(({ id, name, kind }) => ({ id, name: name.trim(), kind })));
      },
    );
  }

  private stateOf(row: KitchenRow): Omit<KitchenState, 'places'> {
    const { id, name, equipment, version } = row;
    return { id, name, equipment, version, today: this.clock.today(equipment.zone) };
  }
}

const placeState = ({ id, name, kind }: PlaceRow): PlaceState => ({ id, name, kind });

const placeFault = (n: number, fault: string, remedy: string): Refusal => ({
  code: 'invalid',
  faults: [{ field: `places.${n}.name`, fault, remedy }],
});

const unknownZone: Refusal = {
  code: 'invalid',
  faults: [{ field: 'equipment.zone', fault: 'The time zone is not known.', remedy: 'Write it like Europe/Vienna.' }],
};

function isZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone });
    return true;
  } catch {
    return false;
  }
}

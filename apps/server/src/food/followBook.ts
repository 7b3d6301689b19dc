import { isDeepStrictEqual } from 'node:util';
import { BOOK } from '@kestrel-ridge/core/food';
import { Op } from 'sequelize';
import type { Database } from '../database/database.ts';
import { FoodRow } from './food.model.ts';
import { KitchenRow } from '../kitchen/kitchen.model.ts';

/** Gives every kitchen the foods that the book has gained, and the figures it has mended; a kitchen's own figures stand beside them. */
export async function followBook(database: Database): Promise<void> {
  for (const { id: kitchen } of await KitchenRow.findAll({ attributes: ['id'] }))
    await database.inKitchen(kitchen, async (transaction) => {
      const rows = await FoodRow.findAll({ where: { kitchen, recipe: { [Op.is]: null } }, transaction });
      const known = new Map(rows.map((row) => [row.id, row]));
      const taken = new Set(rows.map((row) => row.name));
      for (const food of BOOK) {
        const row = known.get(food.id);
        if (!row && !taken.has(food.name)) await FoodRow.create({ kitchen, ...food }, { transaction });
        else if (row && !isDeepStrictEqual(row.facts, food.facts))
          await row.update({ facts: food.facts }, { transaction });
      }
    });
}

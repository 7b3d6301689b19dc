import { isDeepStrictEqual } from 'node:util';
import { BOOK } from '@kestrel-ridge/core/food';
import type { Database } from '../database/database.ts';
import { FoodRow } from './food.model.ts';
import { KitchenRow } from '../kitchen/kitchen.model.ts';

/** Gives every kitchen the foods that the book has gained, and the figures it has mended; a kitchen's own figures stand beside them. */
export async function followBook(database: Database): Promise<void> {
  for (const { id: kitchen } of await KitchenRow.findAll({ attributes: ['id'] }))
    await database.inKitchen(kitchen, async (transaction) => {
      const all = await FoodRow.findAll({ where: { kitchen }, transaction });
      const known = new Map(all.filter(({ recipe }) => recipe === null).map((row) => [row.id, row]));
      // A food that a kitchen calls so already, of its own or as a dish, keeps its name: the book's comes not beside it, and stops nobody's start.
      const taken = new Set(all.map((row) => row.name));
      for (const food of BOOK) {
        const row = known.get(food.id);
        if (!row && !taken.has(food.name)) await FoodRow.create({ kitchen, ...food }, { transaction });
        else if (row && !isDeepStrictEqual(row.facts, food.facts))
          await row.update({ facts: food.facts }, { transaction });
      }
    });
}

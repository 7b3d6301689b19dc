import type { FoodState } from '@kestrel-ridge/core/formats';
import { Injectable } from '@nestjs/common';
import { figureOf, likeFood, withOwnFigures, type FigureName, type OwnFigures } from '@kestrel-ridge/core/food';
import { done, refused } from '@kestrel-ridge/core/quantity';
import { CommandService } from '../command/command.service.ts';
import { Database } from '../database/database.ts';
import type { Refusal } from '../problem/problem.ts';
import type { AddFoodDto, OwnFigureDto } from './food.dto.ts';
import { FoodRow } from './food.model.ts';
import { setOwnFigure } from './setOwnFigure.ts';

@Injectable()
export class FoodService {
  constructor(
    private readonly commands: CommandService,
    private readonly database: Database,
  ) {}

  foods(kitchen: string): Promise<readonly FoodState[]> {
    return this.database.inKitchen(kitchen, async (transaction) =>
      (await FoodRow.findAll({ where: { kitchen }, order: ['name'], transaction })).map(foodState),
    );
  }

  /** A food that the book does not have. */
  add(kitchen: string, key: string, dto: AddFoodDto): Promise<FoodState> {
    return this.commands.run(
      { kitchen, key, name: 'add food', body: dto, touches: ['kitchen'] },
      async ({ transaction }) => {
        const name = dto.name.trim();
        const same = (await FoodRow.findAll({ where: { kitchen }, transaction })).find(
          (row) =>
            row.name.toLowerCase() === name.toLowerCase() ||
            row.facts.names?.some((other) => other.toLowerCase() === name.toLowerCase()),
        );
        if (same)
          return refused<Refusal>({
            code: 'invalid',
            faults: [
              { field: 'name', fault: `“${same.name}” is there already.`, remedy: 'Use it, or choose another name.' },
            ],
          });
        const model =
          dto.like === undefined ? null : await FoodRow.findOne({ where: { kitchen, id: dto.like }, transaction });
        if (dto.like !== undefined && !model) return refused<Refusal>({ code: 'not found', what: 'food' });
        const row = await FoodRow.create(
          {
            kitchen,
            id: dto.id,
            name,
            facts: {
              ...(model ? likeFood(model) : {}),
              kind: dto.kind,
              base: dto.base,
              ...(dto.allergens ? { allergens: dto.allergens } : {}),
            },
          },
          { transaction },
        );
        return done(foodState(await row.reload({ transaction })));
      },
    );
  }

  /** This kitchen's own figure in place of the book's, or the book's again. */
  setOwn(kitchen: string, key: string, id: string, dto: OwnFigureDto): Promise<FoodState> {
    return this.commands.run(
      { kitchen, key, name: 'own figure', body: { id, ...dto }, touches: ['kitchen', 'shelf', 'week'] },
      async (scope) => {
        const set = await setOwnFigure(scope, id, dto);
        return set.ok ? done(foodState(set.value)) : set;
      },
    );
  }
}

function foodState({ id, name, facts, recipe, own }: FoodRow): FoodState {
  const book: Partial<Record<FigureName, number>> = {};
  for (const figure of Object.keys(own) as FigureName[]) {
    const said = figureOf({ facts }, figure);
    if (said) book[figure] = said.value;
  }
  return { id, name, facts: withOwnFigures(facts, own), recipe, own, book: book satisfies OwnFigures };
}

import type { Fault, RecipeState } from '@kestrel-ridge/core/formats';
import { Injectable } from '@nestjs/common';
import type { Food } from '@kestrel-ridge/core/food';
import { done, isMeasureName, refused } from '@kestrel-ridge/core/quantity';
import { componentFood, faultsOf, type Revision } from '@kestrel-ridge/core/recipe';
import type { Transaction } from 'sequelize';
import { CommandService } from '../command/command.service.ts';
import { Database } from '../database/database.ts';
import { FoodRow } from '../kitchen/food.model.ts';
import type { Refusal } from '../problem/problem.ts';
import type { AddRecipeDto } from './recipe.dto.ts';
import { RecipeRow, RevisionFoodRow, RevisionRow } from './recipe.model.ts';

export const foodsOf = async (kitchen: string, transaction: Transaction): Promise<ReadonlyMap<string, Food>> =>
  new Map(
    (await FoodRow.findAll({ where: { kitchen }, transaction })).map(({ id, name, facts }) => [
      id,
      { id, name, facts },
    ]),
  );

@Injectable()
export class RecipeService {
  constructor(
    private readonly commands: CommandService,
    private readonly database: Database,
  ) {}

  /** Every recipe with its newest revision. */
  recipes(kitchen: string): Promise<readonly RecipeState[]> {
    return this.database.inKitchen(kitchen, async (transaction) => {
      const names = new Map(
        (await RecipeRow.findAll({ where: { kitchen }, transaction })).map((row) => [row.id, row.name]),
      );
      const revisions = await RevisionRow.findAll({
        where: { kitchen },
        order: [
          ['recipe', 'ASC'],
          ['number', 'ASC'],
        ],
        transaction,
      });
      const newest = new Map(revisions.map((row) => [row.recipe, row]));
      return [...newest.values()]
        .map(({ recipe, number, document }) => ({ id: recipe, name: names.get(recipe) ?? '', number, document }))
        .sort((a, b) => a.name.localeCompare(b.name));
    });
  }

  /** A new recipe with its first revision; what it yields becomes a food of this kitchen. */
  add(kitchen: string, key: string, dto: AddRecipeDto): Promise<{ readonly id: string; readonly number: number }> {
    return this.commands.run(
      { kitchen, key, name: 'add recipe', body: dto, touches: ['recipes', 'week'] },
      async ({ transaction }) => {
        const { document } = dto;
        if (!isShaped(document)) return refused<Refusal>({ code: 'invalid', faults: [NO_RECIPE] });
        const foods = await foodsOf(kitchen, transaction);
        const faults = shapeFaults(document, foods);
        if (faults.length > 0) return refused<Refusal>({ code: 'invalid', faults });
        if (await RecipeRow.findOne({ where: { kitchen, name: document.name }, transaction }))
          return refused<Refusal>({
            code: 'invalid',
            faults: [
              {
                field: 'document.name',
                fault: `There is a recipe "${document.name}" already.`,
                remedy: 'Choose another name.',
              },
            ],
          });
        await RecipeRow.create({ kitchen, id: dto.id, name: document.name }, { transaction });
        await RevisionRow.create({ kitchen, recipe: dto.id, number: 1, document }, { transaction });
        await RevisionFoodRow.bulkCreate(
          [...new Set(document.lines.map((line) => line.food))].map((food) => ({
            kitchen,
            recipe: dto.id,
            number: 1,
            food,
          })),
          { transaction },
        );
        await FoodRow.create({ kitchen, ...componentFood(document, foods), recipe: dto.id }, { transaction });
        return done({ id: dto.id, number: 1 });
      },
    );
  }
}

const NO_RECIPE: Fault = {
  field: 'document',
  fault: 'This is no recipe.',
  remedy: 'It needs a name, a component, lines, steps and uses.',
};

/** What a document must have before it may be called a recipe. */
function isShaped(document: unknown): document is Revision {
  const { name, component, lines, steps, uses } = document as Record<string, unknown>;
  const lineIs = (line: unknown) =>
    typeof line === 'object' &&
    line !== null &&
    'amount' in line &&
    'law' in line &&
    'into' in line &&
    Array.isArray(line.into);
  const stepIs = (step: unknown) =>
    typeof step === 'object' && step !== null && 'after' in step && Array.isArray(step.after);
  return (
    typeof name === 'string' &&
    typeof component === 'object' &&
    component !== null &&
    Array.isArray(lines) &&
    lines.every(lineIs) &&
    Array.isArray(steps) &&
    steps.every(stepIs) &&
    Array.isArray(uses)
  );
}

/** Foods, measures and amounts that this kitchen can read; then core says whether it can be cooked. */
function shapeFaults(document: Revision, foods: ReadonlyMap<string, Food>): readonly Fault[] {
  const strange = document.lines.flatMap((line): Fault[] => {
    const field = `document.lines.${line.id}`;
    if (!foods.has(line.food))
      return [{ field, fault: 'It names a food that this kitchen does not know.', remedy: 'Add the food first.' }];
    if (!isMeasureName(line.amount.unit))
      return [
        {
          field,
          fault: `"${String(line.amount.unit)}" is no measure.`,
          remedy: 'Use g, kg, mL, L, tsp, tbsp, cup or each.',
        },
      ];
    if (!/^\d+( \d+\/\d+|\/\d+|\.\d+)?$/.test(line.amount.n))
      return [{ field, fault: `"${line.amount.n}" is no amount.`, remedy: 'Write 2, 1/2, 1 1/2 or 0.5.' }];
    return [];
  });
  return strange.length > 0
    ? strange
    : faultsOf(document).map((fault) => ({ ...fault, field: `document.${fault.field}` }));
}

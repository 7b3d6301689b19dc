import type { Fault, RevisionState, StoredRecipe } from '@kestrel-ridge/core/formats';
import { Injectable } from '@nestjs/common';
import type { Food } from '@kestrel-ridge/core/food';
import { Fraction, done, refused, type Outcome } from '@kestrel-ridge/core/quantity';
import { componentFood, cookedAs, foodsOfRecipe, type Revision } from '@kestrel-ridge/core/recipe';
import { scaleBatch } from '@kestrel-ridge/core/scaling';
import type { Transaction } from 'sequelize';
import { CommandService } from '../command/command.service.ts';
import { Database } from '../database/database.ts';
import { FoodRow, foodOf } from '../food/food.model.ts';
import { KitchenRow } from '../kitchen/kitchen.model.ts';
import { refuse, type Refusal } from '../problem/problem.ts';
import type { AddRecipeDto, ReviseRecipeDto } from './recipe.dto.ts';
import { BatchRow, SessionRow } from '../session/session.model.ts';
import { RecipeRow, RevisionFoodRow, RevisionRow } from './recipe.model.ts';
import { readRevision } from '@kestrel-ridge/core/recipe/schema';
import { readableRecipes } from './readable.ts';
import { shapeFaults } from './shapeFaults.ts';

/** The food that a recipe yields, as it is stored; its newest revision may be one that cannot be read. */
async function yieldOf(kitchen: string, recipe: string, document: Revision, transaction: Transaction): Promise<string> {
  const made = await FoodRow.findOne({ where: { kitchen, recipe }, transaction });
  return made?.id ?? document.component.id;
}

export const foodsOf = async (kitchen: string, transaction: Transaction): Promise<ReadonlyMap<string, Food>> =>
  new Map((await FoodRow.findAll({ where: { kitchen }, transaction })).map((row) => [row.id, foodOf(row)]));

@Injectable()
export class RecipeService {
  constructor(
    private readonly commands: CommandService,
    private readonly database: Database,
  ) {}

  /** Every recipe with its newest revision. */
  recipes(kitchen: string): Promise<readonly StoredRecipe[]> {
    return this.database.inKitchen(kitchen, async (transaction) => {
      const names = await RecipeRow.findAll({ where: { kitchen }, transaction });
      const revisions = await RevisionRow.findAll({
        where: { kitchen },
        order: [
          ['recipe', 'ASC'],
          ['number', 'ASC'],
        ],
        transaction,
      });
      return readableRecipes(new Map(names.map((row) => [row.id, row.name])), revisions);
    });
  }

  /** A new recipe with its first revision; what it yields becomes a food of this kitchen. */
  add(kitchen: string, key: string, dto: AddRecipeDto): Promise<{ readonly id: string; readonly number: number }> {
    return this.commands.run(
      { kitchen, key, name: 'add recipe', body: dto, touches: ['recipes', 'week'] },
      async ({ transaction }) => {
        const foods = await foodsOf(kitchen, transaction);
        const checked = cookable(dto.document, foods);
        if (!checked.ok) return checked;
        const document = checked.value;
        if (await RecipeRow.findOne({ where: { kitchen, name: document.name }, transaction }))
          return refused<Refusal>({
            code: 'invalid',
            faults: [nameTaken(document.name)],
          });
        await RecipeRow.create({ kitchen, id: dto.id, name: document.name }, { transaction });
        await addRevision({ kitchen, recipe: dto.id, number: 1, document, why: 'written down' }, transaction);
        await FoodRow.create(
          { kitchen, ...(await madeFood(kitchen, document, foods, transaction)), recipe: dto.id },
          { transaction },
        );
        return done({ id: dto.id, number: 1 });
      },
    );
  }

  /** All of them, the newest first. */
  async revisions(kitchen: string, recipe: string): Promise<readonly RevisionState[]> {
    const rows = await this.database.inKitchen(kitchen, (transaction) =>
      RevisionRow.findAll({ where: { kitchen, recipe }, order: [['number', 'DESC']], transaction }),
    );
    if (rows.length === 0) throw refuse({ code: 'not found', what: 'recipe' });
    return rows.map(({ number, document, madeAt, why, cooked }) => ({
      number,
      document,
      madeAt: madeAt.toISOString(),
      why,
      cooked,
    }));
  }

  /** A recipe as it shall be from now on. What was cooked or planned by an older revision keeps it. */
  revise(
    kitchen: string,
    key: string,
    id: string,
    dto: ReviseRecipeDto,
  ): Promise<{ readonly id: string; readonly number: number; readonly followed: number }> {
    return this.commands.run(
      { kitchen, key, name: 'revise recipe', body: { id, ...dto }, touches: ['recipes', 'kitchen', 'week'] },
      async ({ transaction }) => {
        const recipe = await RecipeRow.findOne({ where: { kitchen, id }, transaction, lock: transaction.LOCK.UPDATE });
        const newest = await RevisionRow.findOne({
          where: { kitchen, recipe: id },
          order: [['number', 'DESC']],
          transaction,
        });
        if (!recipe || !newest) return refused<Refusal>({ code: 'not found', what: 'recipe' });
        if (newest.number !== dto.follows)
          return refused<Refusal>({
            code: 'stale',
            what: 'recipe',
            now: { id, name: recipe.name, number: newest.number, document: newest.document },
          });
        const foods = await foodsOf(kitchen, transaction);
        const checked = cookable(dto.document, foods);
        if (!checked.ok) return checked;
        const document: Revision = {
          ...checked.value,
          // What it yields stays the same food, whatever it is called: boxes on the shelf belong to it.
          component: { ...checked.value.component, id: await yieldOf(kitchen, id, checked.value, transaction) },
        };
        const other = await RecipeRow.findOne({ where: { kitchen, name: document.name }, transaction });
        if (other && other.id !== id) return refused<Refusal>({ code: 'invalid', faults: [nameTaken(document.name)] });
        const number = newest.number + 1;
        await recipe.update({ name: document.name }, { transaction });
        await addRevision({ kitchen, recipe: id, number, document, why: dto.why }, transaction);
        const { name, facts } = await madeFood(kitchen, document, foods, transaction);
        await FoodRow.update({ name, facts }, { where: { kitchen, id: document.component.id }, transaction });
        // What is only planned follows; what is being cooked, or was, keeps the revision it was cooked by.
        const planned = await SessionRow.findAll({ where: { kitchen, status: 'planned' }, transaction });
        const [followed] = await BatchRow.update(
          { revision: number },
          {
            where: { kitchen, recipe: id, status: 'planned', session: planned.map((session) => session.id) },
            transaction,
          },
        );
        return done({ id, number, followed });
      },
    );
  }
}

const nameTaken = (name: string): Fault => ({
  field: 'document.name',
  fault: `There is a recipe "${name}" already.`,
  remedy: 'Choose another name.',
});

/** On the shelf and in every line a food is told by its name: what a recipe yields cannot be called as another food is. */
const namesakes = ({ component }: Revision, foods: ReadonlyMap<string, Food>): readonly Fault[] =>
  [...foods.values()].some(({ id, name }) => id !== component.id && name === component.name)
    ? [
        {
          field: 'document.component.name',
          fault: `There is a food "${component.name}" already.`,
          remedy: 'Call what the recipe yields something else.',
        },
      ]
    : [];

/** A document that may be called a recipe and can be cooked with the foods of this kitchen. */
function cookable(document: unknown, foods: ReadonlyMap<string, Food>): Outcome<Revision, Refusal> {
  const read = readRevision(document);
  if (!read.ok)
    return refused({
      code: 'invalid',
      faults: read.problem.map(({ field, fault }) => ({
        field: field ? `document.${field}` : 'document',
        fault,
        remedy: 'Put it right in the recipe and send it again.',
      })),
    });
  const faults = [...shapeFaults(read.value, foods), ...namesakes(read.value, foods)];
  return faults.length > 0 ? refused({ code: 'invalid', faults }) : done(read.value);
}

async function addRevision(
  revision: { kitchen: string; recipe: string; number: number; document: Revision; why: string },
  transaction: Transaction,
): Promise<void> {
  const { kitchen, recipe, number, document } = revision;
  await RevisionRow.create(revision, { transaction });
  await RevisionFoodRow.bulkCreate(
    foodsOfRecipe(document).map((food) => ({ kitchen, recipe, number, food })),
    { transaction },
  );
}

/** What a recipe yields in this kitchen: by its pots and its height a portion has its weight. */
async function madeFood(
  kitchen: string,
  document: Revision,
  foods: ReadonlyMap<string, Food>,
  transaction: Transaction,
): Promise<Food> {
  const { equipment } = await KitchenRow.findByPk(kitchen, { transaction, rejectOnEmpty: true });
  const plain = cookedAs(document, {}, foods);
  return componentFood(document, foods, scaleBatch(plain, new Fraction(document.portions), foods, equipment).portionG);
}

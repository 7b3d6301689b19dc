import type { FoodFacts } from '@kestrel-ridge/core/food';
import {
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import { fresh, json, key, text, uuid } from '../database/columns.ts';

export class FoodRow extends Model<InferAttributes<FoodRow>, InferCreationAttributes<FoodRow>> {
  declare kitchen: string;
  declare id: string;
  declare name: string;
  declare facts: FoodFacts;
  declare recipe: CreationOptional<string | null>;

  static attach(sequelize: Sequelize): void {
    FoodRow.init(fresh({ kitchen: key, id: key, name: text, facts: json, recipe: uuid }), {
      sequelize,
      tableName: 'food',
    });
  }
}

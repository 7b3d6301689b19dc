import type { FoodFacts } from '@kestrel-ridge/core/food';
import {
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import { fresh, json, key, text, uuid, yesNo } from '../database/columns.ts';

export class FoodRow extends Model<InferAttributes<FoodRow>, InferCreationAttributes<FoodRow>> {
  declare kitchen: string;
  declare id: string;
  declare name: string;
  declare facts: FoodFacts;
  declare recipe: CreationOptional<string | null>;
  declare overruled: CreationOptional<boolean>;

  static attach(sequelize: Sequelize): void {
    FoodRow.init(fresh({ kitchen: key, id: key, name: text, facts: json, recipe: uuid, overruled: yesNo }), {
      sequelize,
      tableName: 'food',
    });
  }
}

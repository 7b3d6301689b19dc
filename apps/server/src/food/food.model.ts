import { withOwnFigures, type Food, type FoodFacts, type OwnFigures } from '@kestrel-ridge/core/food';
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
  declare own: CreationOptional<OwnFigures>;

  static attach(sequelize: Sequelize): void {
    FoodRow.init(fresh({ kitchen: key, id: key, name: text, facts: json, recipe: uuid, own: json }), {
      sequelize,
      tableName: 'food',
    });
  }
}

/** A row as core's food: this kitchen's own figures stand before the book's. */
export const foodOf = ({ id, name, facts, own }: FoodRow): Food => ({ id, name, facts: withOwnFigures(facts, own) });

import type { PlaceKind } from '@kestrel-ridge/core/food';
import { Model, type InferAttributes, type InferCreationAttributes, type Sequelize } from 'sequelize';
import { fresh, integer, key, text } from '../database/columns.ts';

export class PlaceRow extends Model<InferAttributes<PlaceRow>, InferCreationAttributes<PlaceRow>> {
  declare kitchen: string;
  declare id: string;
  declare name: string;
  declare kind: PlaceKind;
  declare position: number;

  static attach(sequelize: Sequelize): void {
    PlaceRow.init(fresh({ kitchen: key, id: key, name: text, kind: text, position: integer }), {
      sequelize,
      tableName: 'place',
    });
  }
}

import type { Equipment } from '@kestrel-ridge/core/kitchen';
import {
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import { fresh, integer, json, key, text } from '../database/columns.ts';

export class KitchenRow extends Model<InferAttributes<KitchenRow>, InferCreationAttributes<KitchenRow>> {
  declare id: string;
  declare name: string;
  declare equipment: Equipment;
  declare version: CreationOptional<number>;

  static attach(sequelize: Sequelize): void {
    KitchenRow.init(fresh({ id: key, name: text, equipment: json, version: integer }), {
      sequelize,
      tableName: 'kitchen',
    });
  }
}

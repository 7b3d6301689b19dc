import {
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import { bigint, date, fresh, key, numeric, text, uuid } from '../database/columns.ts';

export class PriceRow extends Model<InferAttributes<PriceRow>, InferCreationAttributes<PriceRow>> {
  declare kitchen: string;
  declare id: string;
  declare food: string;
  declare on: string;
  declare minor: string;
  declare amount: string;
  declare shop: CreationOptional<string | null>;

  static attach(sequelize: Sequelize): void {
    PriceRow.init(
      fresh({
        kitchen: key,
        id: key,
        food: uuid,
        on: { ...date, field: 'on_day' },
        minor: bigint,
        amount: numeric,
        shop: text,
      }),
      { sequelize, tableName: 'price' },
    );
  }
}

export class FloorRow extends Model<InferAttributes<FloorRow>, InferCreationAttributes<FloorRow>> {
  declare kitchen: string;
  declare food: string;
  declare amount: string;

  static attach(sequelize: Sequelize): void {
    FloorRow.init(fresh({ kitchen: key, food: key, amount: numeric }), { sequelize, tableName: 'floor' });
  }
}

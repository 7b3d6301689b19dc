import {
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import { fresh, json, key, moment, text, uuid } from '../database/columns.ts';

export class CommandRow extends Model<InferAttributes<CommandRow>, InferCreationAttributes<CommandRow>> {
  declare kitchen: string;
  declare key: string;
  declare name: string;
  declare fingerprint: string;
  declare answer: CreationOptional<unknown>;
  declare at: CreationOptional<Date>;
  declare undoneBy: CreationOptional<string | null>;

  static attach(sequelize: Sequelize): void {
    CommandRow.init(
      fresh({
        kitchen: key,
        key,
        name: text,
        fingerprint: text,
        answer: json,
        at: moment,
        undoneBy: { ...uuid, field: 'undone_by' },
      }),
      { sequelize, tableName: 'command' },
    );
  }
}

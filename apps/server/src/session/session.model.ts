import type { Choice } from '@kestrel-ridge/core/recipe';
import type { StepNote } from '@kestrel-ridge/core/run';
import type { Wishes } from '@kestrel-ridge/core/session';
import type { Final } from '@kestrel-ridge/core/scaling';
import type { BatchStatus, SessionStatus } from '@kestrel-ridge/core/formats';
import {
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import { bigint, fresh, integer, json, key, moment, numeric, text, uuid } from '../database/columns.ts';

export class SessionRow extends Model<InferAttributes<SessionRow>, InferCreationAttributes<SessionRow>> {
  declare kitchen: string;
  declare id: string;
  declare name: string;
  declare startsAt: Date;
  declare cooks: number;
  declare wishes: CreationOptional<Wishes>;
  declare status: CreationOptional<SessionStatus>;
  declare version: CreationOptional<number>;

  static attach(sequelize: Sequelize): void {
    SessionRow.init(
      fresh({
        kitchen: key,
        id: key,
        name: text,
        startsAt: { ...moment, field: 'starts_at' },
        cooks: integer,
        wishes: json,
        status: text,
        version: integer,
      }),
      { sequelize, tableName: 'session' },
    );
  }
}

export class BatchRow extends Model<InferAttributes<BatchRow>, InferCreationAttributes<BatchRow>> {
  declare kitchen: string;
  declare id: string;
  declare session: string;
  declare recipe: string;
  declare revision: number;
  declare portions: string;
  declare freezePortions: string;
  declare choice: CreationOptional<Choice>;
  declare finals: CreationOptional<readonly Final[]>;
  declare notes: CreationOptional<readonly StepNote[]>;
  declare status: CreationOptional<BatchStatus>;
  declare costUsedMinor: CreationOptional<string | null>;
  declare costTillMinor: CreationOptional<string | null>;
  declare boxedPortions: CreationOptional<string | null>;
  declare putAwayAt: CreationOptional<Date | null>;
  declare yieldG: CreationOptional<string | null>;
  declare reckonedG: CreationOptional<string | null>;
  declare reopenedAt: CreationOptional<Date | null>;
  declare version: CreationOptional<number>;

  static attach(sequelize: Sequelize): void {
    BatchRow.init(
      fresh({
        kitchen: key,
        id: key,
        session: uuid,
        recipe: uuid,
        revision: integer,
        portions: numeric,
        freezePortions: { ...numeric, field: 'freeze_portions' },
        choice: json,
        finals: json,
        notes: json,
        status: text,
        costUsedMinor: { ...bigint, field: 'cost_used_minor' },
        costTillMinor: { ...bigint, field: 'cost_till_minor' },
        boxedPortions: { ...numeric, field: 'boxed_portions' },
        putAwayAt: { ...moment, field: 'put_away_at' },
        yieldG: { ...numeric, field: 'yield_g' },
        reckonedG: { ...numeric, field: 'reckoned_g' },
        reopenedAt: { ...moment, field: 'reopened_at' },
        version: integer,
      }),
      { sequelize, tableName: 'batch' },
    );
  }
}

import type { RunFact } from '@kestrel-ridge/core/run';
import type { Plan, Problem, TaskAbout } from '@kestrel-ridge/core/session';
import {
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import { fresh, integer, json, key, moment, noted, text, uuid } from '../database/columns.ts';

export class RunRow extends Model<InferAttributes<RunRow>, InferCreationAttributes<RunRow>> {
  declare kitchen: string;
  declare id: string;
  declare session: string;
  declare startedAt: Date;
  declare problem: Problem;
  declare plan: Plan;
  declare about: Readonly<Record<string, TaskAbout>>;

  static attach(sequelize: Sequelize): void {
    RunRow.init(
      fresh({
        kitchen: key,
        id: key,
        session: uuid,
        startedAt: { ...moment, field: 'started_at' },
        problem: json,
        plan: json,
        about: json,
      }),
      { sequelize, tableName: 'run' },
    );
  }
}

export class EventRow extends Model<InferAttributes<EventRow>, InferCreationAttributes<EventRow>> {
  declare kitchen: string;
  declare id: string;
  declare run: string;
  declare device: string;
  declare deviceSeq: number;
  declare clock: number;
  declare at: Date;
  declare receivedAt: CreationOptional<Date>;
  declare what: RunFact;

  static attach(sequelize: Sequelize): void {
    EventRow.init(
      fresh({
        kitchen: key,
        id: key,
        run: uuid,
        device: text,
        deviceSeq: { ...integer, field: 'device_seq' },
        clock: integer,
        at: moment,
        receivedAt: { ...noted, field: 'received_at' },
        what: json,
      }),
      { sequelize, tableName: 'event' },
    );
  }
}

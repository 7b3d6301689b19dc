import type { TemplateWeek } from '@kestrel-ridge/core/formats';
import type { MealName, MealPart, Tastes } from '@kestrel-ridge/core/week';
import {
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import {
  date,
  fresh,
  integer,
  json,
  key,
  keyDay,
  keyText,
  noted,
  numbers,
  numeric,
  text,
  uuid,
  yesNo,
} from '../database/columns.ts';

export class EaterRow extends Model<InferAttributes<EaterRow>, InferCreationAttributes<EaterRow>> {
  declare kitchen: string;
  declare id: string;
  declare name: string;
  declare appetite: string;
  declare weekdays: number[];
  declare tastes: CreationOptional<Tastes>;
  declare gone: CreationOptional<boolean>;
  declare version: CreationOptional<number>;

  static attach(sequelize: Sequelize): void {
    EaterRow.init(
      fresh({
        kitchen: key,
        id: key,
        name: text,
        appetite: numeric,
        weekdays: numbers,
        tastes: json,
        gone: yesNo,
        version: integer,
      }),
      {
        sequelize,
        tableName: 'eater',
      },
    );
  }
}

export class AttendanceRow extends Model<InferAttributes<AttendanceRow>, InferCreationAttributes<AttendanceRow>> {
  declare kitchen: string;
  declare eater: string;
  declare day: string;
  declare here: boolean;

  static attach(sequelize: Sequelize): void {
    AttendanceRow.init(fresh({ kitchen: key, eater: key, day: keyDay, here: yesNo }), {
      sequelize,
      tableName: 'attendance',
    });
  }
}

export class AppetiteRow extends Model<InferAttributes<AppetiteRow>, InferCreationAttributes<AppetiteRow>> {
  declare kitchen: string;
  declare food: string;
  declare portionsADay: string;
  declare since: CreationOptional<string | null>;

  static attach(sequelize: Sequelize): void {
    AppetiteRow.init(
      fresh({ kitchen: key, food: key, portionsADay: { ...numeric, field: 'portions_a_day' }, since: date }),
      {
        sequelize,
        tableName: 'appetite',
      },
    );
  }
}

export class SlotRow extends Model<InferAttributes<SlotRow>, InferCreationAttributes<SlotRow>> {
  declare kitchen: string;
  declare day: string;
  declare meal: MealName;
  declare parts: readonly MealPart[];
  declare guests: number;
  declare serveAt: string | null;
  declare locked: boolean;
  declare note: string | null;

  static attach(sequelize: Sequelize): void {
    SlotRow.init(
      fresh({
        kitchen: key,
        day: keyDay,
        meal: keyText,
        parts: json,
        guests: integer,
        serveAt: { ...text, field: 'serve_at' },
        locked: yesNo,
        note: text,
      }),
      { sequelize, tableName: 'slot' },
    );
  }
}

export class EatenRow extends Model<InferAttributes<EatenRow>, InferCreationAttributes<EatenRow>> {
  declare kitchen: string;
  declare id: string;
  declare command: string;
  declare day: string;
  declare meal: MealName;
  declare eater: string | null;
  declare food: string;
  declare portions: string;
  declare at: CreationOptional<Date>;

  static attach(sequelize: Sequelize): void {
    EatenRow.init(
      fresh({
        kitchen: key,
        id: key,
        command: uuid,
        day: date,
        meal: text,
        eater: uuid,
        food: uuid,
        portions: numeric,
        at: noted,
      }),
      { sequelize, tableName: 'eaten' },
    );
  }
}

export class TemplateRow extends Model<InferAttributes<TemplateRow>, InferCreationAttributes<TemplateRow>> {
  declare kitchen: string;
  declare id: string;
  declare name: string;
  declare week: TemplateWeek;

  static attach(sequelize: Sequelize): void {
    TemplateRow.init(fresh({ kitchen: key, id: key, name: text, week: json }), {
      sequelize,
      tableName: 'week_template',
    });
  }
}

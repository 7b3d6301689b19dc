import { Model, type InferAttributes, type InferCreationAttributes, type Sequelize } from 'sequelize';
import { fresh, key, keyDay, numbers, numeric, text, yesNo } from '../database/columns.ts';

export class EaterRow extends Model<InferAttributes<EaterRow>, InferCreationAttributes<EaterRow>> {
  declare kitchen: string;
  declare id: string;
  declare name: string;
  declare appetite: string;
  declare weekdays: number[];

  static attach(sequelize: Sequelize): void {
    EaterRow.init(fresh({ kitchen: key, id: key, name: text, appetite: numeric, weekdays: numbers }), {
      sequelize,
      tableName: 'eater',
    });
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

  static attach(sequelize: Sequelize): void {
    AppetiteRow.init(fresh({ kitchen: key, food: key, portionsADay: { ...numeric, field: 'portions_a_day' } }), {
      sequelize,
      tableName: 'appetite',
    });
  }
}

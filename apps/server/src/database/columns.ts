import { DataTypes, type ModelAttributeColumnOptions } from 'sequelize';
import { serverNow } from '../command/clock.ts';

/** Sequelize writes into the columns it is given, so each model gets its own copies. */
export const fresh = <C extends Record<string, ModelAttributeColumnOptions>>(columns: C): C =>
  Object.fromEntries(Object.entries(columns).map(([name, column]) => [name, { ...column }])) as C;

/** Column kinds that many tables share. `numeric` arrives as text and stays exact. */
export const key: ModelAttributeColumnOptions = { type: DataTypes.UUID, primaryKey: true };
export const keyText: ModelAttributeColumnOptions = { type: DataTypes.TEXT, primaryKey: true };
export const keyNumber: ModelAttributeColumnOptions = { type: DataTypes.INTEGER, primaryKey: true };
export const keyDay: ModelAttributeColumnOptions = { type: DataTypes.DATEONLY, primaryKey: true };
export const uuid: ModelAttributeColumnOptions = { type: DataTypes.UUID };
export const text: ModelAttributeColumnOptions = { type: DataTypes.TEXT };
export const numeric: ModelAttributeColumnOptions = { type: DataTypes.DECIMAL };
export const integer: ModelAttributeColumnOptions = { type: DataTypes.INTEGER };
export const bigint: ModelAttributeColumnOptions = { type: DataTypes.BIGINT };
export const json: ModelAttributeColumnOptions = { type: DataTypes.JSONB };
export const yesNo: ModelAttributeColumnOptions = { type: DataTypes.BOOLEAN };
export const date: ModelAttributeColumnOptions = { type: DataTypes.DATEONLY };
export const moment: ModelAttributeColumnOptions = { type: DataTypes.DATE };
/** When a row came to be, by the server's clock. */
export const noted: ModelAttributeColumnOptions = { type: DataTypes.DATE, defaultValue: serverNow };
export const numbers: ModelAttributeColumnOptions = { type: DataTypes.ARRAY(DataTypes.INTEGER) };
export const words: ModelAttributeColumnOptions = { type: DataTypes.ARRAY(DataTypes.TEXT) };

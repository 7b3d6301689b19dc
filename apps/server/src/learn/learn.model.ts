import type { FigureKind, LearnSaid, ReadKind, Reading } from '@kestrel-ridge/core/learn';
import { Model, type InferAttributes, type InferCreationAttributes, type Sequelize } from 'sequelize';
import { fresh, key, moment, numeric, text, uuid } from '../database/columns.ts';

export class LearnSaidRow extends Model<InferAttributes<LearnSaidRow>, InferCreationAttributes<LearnSaidRow>> {
  declare kitchen: string;
  declare id: string;
  declare kind: LearnSaid['kind'];
  declare figureKind: FigureKind | null;
  declare figureOf: string | null;
  declare run: string | null;
  declare task: string | null;
  declare reason: string | null;
  declare at: Date;

  static attach(sequelize: Sequelize): void {
    LearnSaidRow.init(
      fresh({
        kitchen: key,
        id: key,
        kind: text,
        figureKind: { ...text, field: 'figure_kind' },
        figureOf: { ...text, field: 'figure_of' },
        run: uuid,
        task: text,
        reason: text,
        at: moment,
      }),
      { sequelize, tableName: 'learn_said' },
    );
  }
}

export class LearnReadingRow extends Model<InferAttributes<LearnReadingRow>, InferCreationAttributes<LearnReadingRow>> {
  declare kitchen: string;
  declare id: string;
  declare figureKind: ReadKind;
  declare figureOf: string;
  declare realValue: string;
  declare bookValue: string;
  declare what: string;
  declare at: Date;

  static attach(sequelize: Sequelize): void {
    LearnReadingRow.init(
      fresh({
        kitchen: key,
        id: key,
        figureKind: { ...text, field: 'figure_kind' },
        figureOf: { ...text, field: 'figure_of' },
        realValue: { ...numeric, field: 'real_value' },
        bookValue: { ...numeric, field: 'book_value' },
        what: text,
        at: moment,
      }),
      { sequelize, tableName: 'learn_reading' },
    );
  }
}

export const readingState = ({
  id,
  figureKind,
  figureOf,
  realValue,
  bookValue,
  what,
  at,
}: LearnReadingRow): Reading => ({
  id,
  figure: { kind: figureKind, of: figureOf },
  real: Number(realValue),
  book: Number(bookValue),
  what,
  at: at.getTime(),
});

export function learnSaidState({ id, kind, figureKind, figureOf, run, task, reason, at }: LearnSaidRow): LearnSaid {
  const figure = figureKind === null ? null : { kind: figureKind, of: figureOf ?? '' };
  return kind === 'taken out' && figure !== null
    ? { kind, id, figure, run: run ?? '', task: task ?? '', reason: reason ?? '', at: at.getTime() }
    : { kind: 'set back', id, figure, at: at.getTime() };
}

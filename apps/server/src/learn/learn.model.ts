import type { FigureKind, LearnSaid } from '@kestrel-ridge/core/learn';
import { Model, type InferAttributes, type InferCreationAttributes, type Sequelize } from 'sequelize';
import { fresh, key, moment, text, uuid } from '../database/columns.ts';

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

export function learnSaidState({ id, kind, figureKind, figureOf, run, task, reason, at }: LearnSaidRow): LearnSaid {
  const figure = figureKind === null ? null : { kind: figureKind, of: figureOf ?? '' };
  return kind === 'taken out' && figure !== null
    ? { kind, id, figure, run: run ?? '', task: task ?? '', reason: reason ?? '', at: at.getTime() }
    : { kind: 'set back', id, figure, at: at.getTime() };
}

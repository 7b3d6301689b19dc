import type { Revision } from '@kestrel-ridge/core/recipe';
import {
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import { fresh, json, key, keyNumber, noted, text, yesNo } from '../database/columns.ts';

export class RecipeRow extends Model<InferAttributes<RecipeRow>, InferCreationAttributes<RecipeRow>> {
  declare kitchen: string;
  declare id: string;
  declare name: string;

  static attach(sequelize: Sequelize): void {
    RecipeRow.init(fresh({ kitchen: key, id: key, name: text }), { sequelize, tableName: 'recipe' });
  }
}

export class RevisionRow extends Model<InferAttributes<RevisionRow>, InferCreationAttributes<RevisionRow>> {
  declare kitchen: string;
  declare recipe: string;
  declare number: number;
  declare document: Revision;
  declare cooked: CreationOptional<boolean>;
  declare madeAt: CreationOptional<Date>;
  declare why: CreationOptional<string>;

  static attach(sequelize: Sequelize): void {
    RevisionRow.init(
      fresh({
        kitchen: key,
        recipe: key,
        number: keyNumber,
        document: json,
        cooked: yesNo,
        madeAt: { ...noted, field: 'made_at' },
        why: text,
      }),
      { sequelize, tableName: 'revision' },
    );
  }
}

export class RevisionFoodRow extends Model<InferAttributes<RevisionFoodRow>, InferCreationAttributes<RevisionFoodRow>> {
  declare kitchen: string;
  declare recipe: string;
  declare number: number;
  declare food: string;

  static attach(sequelize: Sequelize): void {
    RevisionFoodRow.init(fresh({ kitchen: key, recipe: key, number: keyNumber, food: key }), {
      sequelize,
      tableName: 'revision_food',
    });
  }
}

import type { HowKnown, LotOrigin } from '@kestrel-ridge/core/formats';
import type { BaseUnit } from '@kestrel-ridge/core/quantity';
import type { MovementKind } from '@kestrel-ridge/core/stock';
import {
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import { bigint, date, fresh, integer, key, noted, numeric, text, uuid, words } from '../database/columns.ts';

export class LotRow extends Model<InferAttributes<LotRow>, InferCreationAttributes<LotRow>> {
  declare kitchen: string;
  declare id: string;
  declare food: string;
  declare place: string;
  declare base: BaseUnit;
  declare origin: LotOrigin;
  declare batch: CreationOptional<string | null>;
  declare boughtOn: CreationOptional<string | null>;
  declare madeOn: CreationOptional<string | null>;
  declare openedOn: CreationOptional<string | null>;
  declare bestBefore: CreationOptional<string | null>;
  declare useBy: CreationOptional<string | null>;
  declare frozenOn: CreationOptional<string | null>;
  declare thawedOn: CreationOptional<string | null>;
  declare endsOn: CreationOptional<string | null>;
  declare daysLeft: CreationOptional<number | null>;
  declare warmOn: CreationOptional<string | null>;
  declare pricedMinor: CreationOptional<string | null>;
  declare pricedAmount: CreationOptional<string | null>;
  declare portionG: CreationOptional<string | null>;
  declare allergens: CreationOptional<string[] | null>;
  declare mayContain: CreationOptional<string[] | null>;
  declare allergensUnknown: CreationOptional<string[] | null>;
  declare known: CreationOptional<HowKnown>;
  declare shop: CreationOptional<string | null>;
  declare box: CreationOptional<string | null>;
  declare onHand: CreationOptional<string>;
  declare version: CreationOptional<number>;

  static attach(sequelize: Sequelize): void {
    LotRow.init(
      fresh({
        kitchen: key,
        id: key,
        food: uuid,
        place: uuid,
        base: text,
        origin: text,
        batch: uuid,
        boughtOn: { ...date, field: 'bought_on' },
        madeOn: { ...date, field: 'made_on' },
        openedOn: { ...date, field: 'opened_on' },
        bestBefore: { ...date, field: 'best_before' },
        useBy: { ...date, field: 'use_by' },
        frozenOn: { ...date, field: 'frozen_on' },
        thawedOn: { ...date, field: 'thawed_on' },
        endsOn: { ...date, field: 'ends_on' },
        daysLeft: { ...integer, field: 'days_left' },
        warmOn: { ...date, field: 'warm_on' },
        pricedMinor: { ...bigint, field: 'priced_minor' },
        pricedAmount: { ...numeric, field: 'priced_amount' },
        portionG: { ...numeric, field: 'portion_g' },
        allergens: words,
        mayContain: { ...words, field: 'may_contain' },
        allergensUnknown: { ...words, field: 'allergens_unknown' },
        known: text,
        shop: text,
        box: text,
        onHand: { ...numeric, field: 'on_hand' },
        version: integer,
      }),
      { sequelize, tableName: 'lot' },
    );
  }
}

export class MovementRow extends Model<InferAttributes<MovementRow>, InferCreationAttributes<MovementRow>> {
  declare kitchen: string;
  declare id: string;
  declare lot: string;
  declare amount: string;
  declare kind: MovementKind;
  declare at: CreationOptional<Date>;
  declare command: string;
  declare batch: CreationOptional<string | null>;
  declare reason: CreationOptional<string | null>;

  static attach(sequelize: Sequelize): void {
    MovementRow.init(
      fresh({
        kitchen: key,
        id: key,
        lot: uuid,
        amount: numeric,
        kind: text,
        at: noted,
        command: uuid,
        batch: uuid,
        reason: text,
      }),
      { sequelize, tableName: 'movement' },
    );
  }
}

import type { LotState } from '@kestrel-ridge/core/formats';
import type { Allergen, AllergenStatement, Food, PlaceKind } from '@kestrel-ridge/core/food';
import { Fraction, day, type Day } from '@kestrel-ridge/core/quantity';
import type { DatedLot, LotDates } from '@kestrel-ridge/core/stock';
import { keepsUntil } from '@kestrel-ridge/core/storage';
import { Op, type Transaction } from 'sequelize';
import { FoodRow, foodOf } from '../food/food.model.ts';
import { PlaceRow } from '../kitchen/place.model.ts';
import { LotRow } from './stock.model.ts';

const DATE_FIELDS = [
  'boughtOn',
  'madeOn',
  'openedOn',
  'bestBefore',
  'useBy',
  'frozenOn',
  'thawedOn',
  'endsOn',
  'warmOn',
] as const;

/** The only place where a row's dates become core's dates. */
export function datesOf(row: LotRow): LotDates {
  const dates: Partial<Record<(typeof DATE_FIELDS)[number], Day>> = {};
  for (const field of DATE_FIELDS) if (row[field]) dates[field] = day(row[field]);
  return row.daysLeft === null || row.daysLeft === undefined ? dates : { ...dates, daysLeft: row.daysLeft };
}

/** Core's dates as columns: what is not said is empty. */
export const dateColumns = (
  dates: LotDates,
): Record<(typeof DATE_FIELDS)[number], string | null> & { daysLeft: number | null } => ({
  boughtOn: dates.boughtOn ?? null,
  madeOn: dates.madeOn ?? null,
  openedOn: dates.openedOn ?? null,
  bestBefore: dates.bestBefore ?? null,
  useBy: dates.useBy ?? null,
  frozenOn: dates.frozenOn ?? null,
  thawedOn: dates.thawedOn ?? null,
  endsOn: dates.endsOn ?? null,
  warmOn: dates.warmOn ?? null,
  daysLeft: dates.daysLeft ?? null,
});

/** What a made lot says of the fourteen, as columns. */
export const allergenColumns = ({ contains, may, unknown }: AllergenStatement) => ({
  allergens: [...contains],
  mayContain: [...may],
  allergensUnknown: [...unknown],
});

/** Rows of before the may and the unknown were noted say only what is contained. */
const statementIn = ({ allergens, mayContain, allergensUnknown }: LotRow): AllergenStatement | null =>
  allergens === null
    ? null
    : {
        contains: (allergens ?? []) as Allergen[],
        may: (mayContain ?? []) as Allergen[],
        unknown: allergensUnknown ?? [],
      };

export const lotState = (row: LotRow): LotState => ({
  id: row.id,
  food: row.food,
  place: row.place,
  base: row.base,
  origin: row.origin,
  batch: row.batch,
  dates: datesOf(row),
  priced:
    row.pricedMinor === null || row.pricedAmount === null
      ? null
      : { minor: Number(row.pricedMinor), amount: plainDecimal(row.pricedAmount) },
  portionG: row.portionG === null ? null : plainDecimal(row.portionG),
  allergens: statementIn(row),
  known: row.known,
  box: row.box,
  onHand: plainDecimal(row.onHand),
  version: row.version,
});

/** A terminating decimal for the ledger: three places are a milligram. */
export const exact = (amount: Fraction): string => amount.round(3).toString();

/** PostgreSQL keeps the zeros that were written; 500.000 and 500 are one amount. */
export const plainDecimal = (numeric: string): string =>
  numeric.includes('.') ? numeric.replace(/\.?0+$/, '') : numeric;

export const onHandLots = async (kitchen: string, transaction: Transaction): Promise<readonly LotState[]> =>
  (await LotRow.findAll({ where: { kitchen, onHand: { [Op.gt]: 0 } }, order: ['id'], transaction })).map(lotState);

/** The lot, locked until the command is through; undefined when it is not in this kitchen. */
export const lockLot = async (kitchen: string, id: string, transaction: Transaction): Promise<LotRow | undefined> =>
  (await LotRow.findOne({ where: { kitchen, id }, transaction, lock: transaction.LOCK.UPDATE })) ?? undefined;

/** All lots of some foods with something on hand, locked in one order so that two batches put away together do not wait for each other in a circle. */
export async function lockShelf(
  kitchen: string,
  foods: readonly string[],
  transaction: Transaction,
): Promise<readonly (DatedLot & { readonly base: LotRow['base'] })[]> {
  const rows = await LotRow.findAll({
    where: { kitchen, food: { [Op.in]: [...foods] }, onHand: { [Op.gt]: 0 } },
    order: ['id'],
    transaction,
    lock: transaction.LOCK.UPDATE,
  });
  const places = new Map(
    (await PlaceRow.findAll({ where: { kitchen }, transaction })).map((place) => [place.id, place.kind]),
  );
  const facts = new Map(
    (await FoodRow.findAll({ where: { kitchen, id: { [Op.in]: [...foods] } }, transaction })).map((food) => [
      food.id,
      foodOf(food),
    ]),
  );
  return rows.map((row) => asCoreLot(row, places.get(row.place) ?? 'cupboard', facts.get(row.food)));
}

function asCoreLot(
  row: LotRow,
  placeKind: PlaceKind,
  food: Food | undefined,
): DatedLot & { readonly base: LotRow['base'] } {
  const dates = datesOf(row);
  const until = food ? keepsUntil(food, placeKind, dates)?.value : undefined;
  return {
    id: row.id,
    food: row.food,
    place: row.place,
    placeKind,
    dates,
    base: row.base,
    onHand: new Fraction(row.onHand),
    loose: row.box === null,
    ...(row.pricedMinor !== null && row.pricedAmount !== null
      ? { priced: { minor: Number(row.pricedMinor), amount: new Fraction(row.pricedAmount) } }
      : {}),
    ...(until ? { keepsUntil: until } : {}),
  };
}

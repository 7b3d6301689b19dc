import { Fraction, type Moment } from '../quantity/index.ts';
import { foldStock, type LotId, type Movement } from './ledger.ts';

/** A movement with its moment, ms since 1970. */
export interface TimedMovement extends Movement {
  readonly at: Moment;
}

/** What was on hand of each lot at a moment: all that had happened by then, and nothing after. */
export const foldStockAt = (movements: readonly TimedMovement[], moment: Moment): ReadonlyMap<LotId, Fraction> =>
  foldStock(movements.filter((movement) => movement.at <= moment));

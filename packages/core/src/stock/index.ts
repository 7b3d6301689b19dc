export { foldStock } from './ledger.ts';
export type { Lot, LotDates, LotId, Movement, MovementKind, PlaceId } from './ledger.ts';
export { byExpiry, takeFirstExpiring } from './takeFirstExpiring.ts';
export type { DatedLot, Short, Taken } from './takeFirstExpiring.ts';

import { plainDecimal } from '../stock/stock.store.ts';
import type { BatchRow, BatchStatus, SessionRow, SessionStatus } from './session.model.ts';

export interface SessionState {
  readonly id: string;
  readonly name: string;
  readonly startsAt: string;
  readonly cooks: number;
  readonly status: SessionStatus;
  readonly version: number;
}

export interface BatchState {
  readonly id: string;
  readonly session: string;
  readonly recipe: string;
  readonly revision: number;
  readonly portions: string;
  readonly freezePortions: string;
  readonly status: BatchStatus;
  readonly cost: { readonly usedMinor: number; readonly tillMinor: number; readonly portions: string } | null;
  readonly version: number;
}

export const sessionState = ({ id, name, startsAt, cooks, status, version }: SessionRow): SessionState => ({ id, name, startsAt: startsAt.toISOString(), cooks, status, version });

export const batchState = (row: BatchRow): BatchState => ({
  id: row.id,
  session: row.session,
  recipe: row.recipe,
  revision: row.revision,
  portions: plainDecimal(row.portions),
  freezePortions: plainDecimal(row.freezePortions),
  status: row.status,
  cost: row.costUsedMinor === null ? null : { usedMinor: Number(row.costUsedMinor), tillMinor: Number(row.costTillMinor), portions: plainDecimal(row.boxedPortions ?? row.portions) },
  version: row.version,
});

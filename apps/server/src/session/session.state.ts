import type { BatchState, SessionState } from '@kestrel-ridge/core/formats';
import { plainDecimal } from '../stock/stock.state.ts';
import type { BatchRow, SessionRow } from './session.model.ts';

export const sessionState = ({ id, name, startsAt, cooks, wishes, status, version }: SessionRow): SessionState => ({
  id,
  name,
  startsAt: startsAt.toISOString(),
  cooks,
  wishes,
  status,
  version,
});

export const batchState = (row: BatchRow): BatchState => ({
  id: row.id,
  session: row.session,
  recipe: row.recipe,
  revision: row.revision,
  portions: plainDecimal(row.portions),
  freezePortions: plainDecimal(row.freezePortions),
  choice: row.choice,
  finals: row.finals,
  notes: row.notes,
  status: row.status,
  cost:
    row.costUsedMinor === null
      ? null
      : {
          usedMinor: Number(row.costUsedMinor),
          tillMinor: Number(row.costTillMinor),
          portions: plainDecimal(row.boxedPortions ?? row.portions),
        },
  yieldG: row.yieldG === null ? null : plainDecimal(row.yieldG),
  reopenedAt: row.reopenedAt?.toISOString() ?? null,
  version: row.version,
});

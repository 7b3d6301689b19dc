import { expandSession, type SessionTasks } from '@kestrel-ridge/core/session';
import type { KitchenView, ScaledBatchView } from '../app/useKitchenState.ts';

/** Batches that are still to be cooked. */
export const openOf = (batches: readonly ScaledBatchView[]): readonly ScaledBatchView[] =>
  batches.filter(({ state }) => state.status === 'planned');

/** The tasks of batches in this kitchen, the same for the same batches in whatever order they come. */
export const tasksOf = (
  session: string,
  batches: readonly ScaledBatchView[],
  equipment: KitchenView['kitchen']['equipment'],
  cooks: number,
): SessionTasks =>
  expandSession(
    session,
    batches.map(({ state, scaled }) => ({ id: state.id, scaled })).sort((a, b) => a.id.localeCompare(b.id)),
    equipment,
    cooks,
  );

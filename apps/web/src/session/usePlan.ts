import { wrap, type Remote } from 'comlink';
import { expandSession, type SessionTasks } from '@kestrel-ridge/core/session';
import { useEffect, useMemo, useState } from 'react';
import { useStore } from 'react-redux';
import { useAppDispatch, useAppSelector, type RootState } from '../app/store.ts';
import type { KitchenView } from '../app/useKitchenState.ts';
import type { Planner } from './plan.worker.ts';
import { planFound, type PlanResult } from './planSlice.ts';

let planner: Remote<Planner> | undefined;
const worker = (): Remote<Planner> =>
  (planner ??= wrap<Planner>(new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' })));

export type Planning =
  | { readonly state: 'nothing to cook' }
  | { readonly state: 'planning'; readonly tasks: SessionTasks }
  | { readonly state: 'impossible'; readonly why: string }
  | { readonly state: 'planned'; readonly result: PlanResult };

/**
 * The plan of the session's batches as they stand. A first plan comes at once, a better one within a second; both land in the store.
 * Always: the plan shown belongs to the sizes, cooks and kitchen of this moment, never to earlier ones.
 */
export function usePlan(view: KitchenView): Planning {
  const dispatch = useAppDispatch();
  const store = useStore<RootState>();
  const kept = useAppSelector((state) => state.plan.result);
  const [failed, setFailed] = useState<{ readonly fingerprint: string; readonly why: string }>();
  const { session, batches, kitchen } = view;
  const open = useMemo(() => batches.filter((batch) => batch.state.status === 'planned'), [batches]);

  const tasks = useMemo(() => {
    if (!session || open.length === 0) return undefined;
    const planned = open
      .map(({ state, scaled }) => ({ id: state.id, scaled }))
      .sort((a, b) => a.id.localeCompare(b.id));
    return expandSession(session.id, planned, kitchen.equipment, session.cooks);
  }, [session, open, kitchen.equipment]);
  const fingerprint = useMemo(() => (tasks ? JSON.stringify(tasks.problem) : ''), [tasks]);

  useEffect(() => {
    const before = store.getState().plan.result;
    if (!tasks || !session || (before?.fingerprint === fingerprint && before.settled)) return;
    let left = false;
    const plan = async () => {
      try {
        for (const step of ['first', 'better'] as const) {
          const planned = await worker()[step](tasks.problem);
          if (left) return;
          dispatch(planFound({ session: session.id, fingerprint, tasks, ...planned }));
        }
      } catch (thrown) {
        if (!left) setFailed({ fingerprint, why: thrown instanceof Error ? thrown.message : String(thrown) });
      }
    };
    void plan();
    return () => {
      left = true;
    };
  }, [tasks, session, fingerprint, store, dispatch]);

  if (!tasks) return { state: 'nothing to cook' };
  if (failed?.fingerprint === fingerprint) return { state: 'impossible', why: failed.why };
  if (kept?.fingerprint === fingerprint) return { state: 'planned', result: kept };
  return { state: 'planning', tasks };
}

import { withWishes, type SessionTasks } from '@kestrel-ridge/core/session';
import { useEffect, useMemo, useState } from 'react';
import { useStore } from 'react-redux';
import { useAppDispatch, useAppSelector, type RootState } from '../app/store.ts';
import type { KitchenView } from '../app/useKitchenState.ts';
import { planFound, type PlanResult } from './planSlice.ts';
import { planner, searcher } from './planner.ts';
import { openOf, tasksOf } from './tasksOf.ts';
import { wishesOf } from './wishesSlice.ts';

export type Planning =
  | { readonly state: 'nothing to cook' }
  | { readonly state: 'planning'; readonly tasks: SessionTasks }
  | { readonly state: 'impossible'; readonly why: string; readonly tasks: SessionTasks }
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
  const wishes = useAppSelector((state) => wishesOf(state, session?.id));
  const open = useMemo(() => openOf(batches), [batches]);

  const tasks = useMemo(() => {
    if (!session || open.length === 0) return undefined;
    const expanded = tasksOf(session.id, open, kitchen.equipment, session.cooks);
    return { ...expanded, plain: JSON.stringify(expanded.problem), problem: withWishes(expanded.problem, wishes) };
  }, [session, open, kitchen.equipment, wishes]);
  const fingerprint = useMemo(() => (tasks ? JSON.stringify(tasks.problem) : ''), [tasks]);

  useEffect(() => {
    const before = store.getState().plan.result;
    if (!tasks || !session || (before?.fingerprint === fingerprint && before.settled)) return;
    let left = false;
    const plan = async () => {
      try {
        // Only a wish has changed: the plan at hand is mended, so that little jumps about.
        const atHand = before?.plain === tasks.plain ? before.plan : undefined;
        for (const next of [
          () => planner().first(tasks.problem, atHand),
          () => searcher().better(tasks.problem, atHand),
        ]) {
          const planned = await next();
          if (left) return;
          dispatch(planFound({ session: session.id, fingerprint, plain: tasks.plain, tasks, ...planned }));
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
  if (failed?.fingerprint === fingerprint) return { state: 'impossible', why: failed.why, tasks };
  if (kept?.fingerprint === fingerprint) return { state: 'planned', result: kept };
  // Only a wish has changed: the plan at hand stays in sight for the moment it takes to mend it.
  if (kept && kept.plain === tasks.plain && kept.session === session?.id)
    return { state: 'planned', result: { ...kept, settled: false } };
  return { state: 'planning', tasks };
}

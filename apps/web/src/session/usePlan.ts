import { saysNothing, type SessionTasks } from '@kestrel-ridge/core/session';
import { useEffect, useMemo, useState } from 'react';
import { useStore } from 'react-redux';
import { taskWords } from '../app/taskWords.ts';
import { useAppDispatch, useAppSelector, type RootState } from '../app/store.ts';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { planFound, type PlanResult } from './planSlice.ts';
import { betterPlan, planner } from './planner.ts';
import { keepPlan, keptPlan } from './planAtHand.ts';
import { openOf, tasksOf } from '@kestrel-ridge/core/view';
import { wishesOf } from './wishesSlice.ts';

export type Planning =
  | { readonly state: 'nothing to cook' }
  /** It is being cooked: the run says how it goes, and no plan does any more. */
  | { readonly state: 'under way' }
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
  const wishes = useAppSelector((state) => wishesOf(state, session));
  const open = useMemo(() => openOf({ batches, session }), [batches, session]);

  const day = useMemo(() => {
    if (session?.status !== 'planned' || open.length === 0) return undefined;
    const { tasks, unsaid, ...found } = tasksOf(session, open, kitchen.equipment, session.cooks, wishes);
    return {
      ...found,
      tasks: { ...tasks, about: taskWords(tasks.about) },
      unsaid: { ...unsaid, about: taskWords(unsaid.about) },
      plain: JSON.stringify(unsaid.problem),
    };
  }, [session, open, kitchen.equipment, wishes]);
  const said = !saysNothing({ ...wishes, begun: [] });
  const fingerprint = useMemo(() => (day ? JSON.stringify(day.asked) : ''), [day]);

  useEffect(() => {
    const before = store.getState().plan.result;
    if (!day || !session || day.tasks.faults.length > 0 || (before?.fingerprint === fingerprint && before.settled))
      return;
    let left = false;
    const plan = async () => {
      try {
        // Something was said: the plan at hand is mended, so that little jumps about. All let go: the plan from before, the same for the same day.
        const { unsaid: kept } = store.getState().plan;
        const inMemory = [said ? before : kept].find((each) => each?.plain === day.plain)?.plan;
        const atHand = inMemory ?? (said ? keptPlan(day.plain) : undefined);
        for (const next of [
          () => planner().first(day.asked, atHand),
          () => betterPlan(fingerprint, day.asked, atHand),
        ]) {
          const planned = await next();
          if (left) return;
          const { tasks, unsaid, present, plain } = day;
          keepPlan(plain, planned.plan);
          dispatch(planFound({ session: session.id, fingerprint, plain, said, tasks, unsaid, present, ...planned }));
        }
      } catch (thrown) {
        if (!left) setFailed({ fingerprint, why: thrown instanceof Error ? thrown.message : String(thrown) });
      }
    };
    void plan();
    return () => {
      left = true;
    };
  }, [day, session, said, fingerprint, store, dispatch]);

  if (!day) return { state: session?.status === 'running' ? 'under way' : 'nothing to cook' };
  const { tasks } = day;
  if (tasks.faults.length > 0) return { state: 'impossible', why: '', tasks };
  if (failed?.fingerprint === fingerprint) return { state: 'impossible', why: failed.why, tasks };
  if (kept?.fingerprint === fingerprint) return { state: 'planned', result: kept };
  // Only a wish has changed: the plan at hand stays in sight for the moment it takes to mend it.
  if (kept && kept.plain === day.plain && kept.session === session?.id)
    return { state: 'planned', result: { ...kept, settled: false } };
  return { state: 'planning', tasks };
}

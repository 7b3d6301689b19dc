import { tasksOf, withChange, type KitchenView, type WeekChange } from '@kestrel-ridge/core/view';
import { useEffect, useState } from 'react';
import { appNow } from '../parts/appNow.ts';
import { inTurn } from './suggesters.ts';

/** How long the sessions of a week take, in minutes; null: one of them cannot be planned at all. */
export type Plannable = readonly { readonly id: string; readonly startsAt: string; readonly minutes: number }[] | null;

/** Each of these weeks is planned before it is offered. What has not been planned yet is not in the map. */
export function usePlannable(
  view: KitchenView,
  changes: ReadonlyMap<string, WeekChange>,
): ReadonlyMap<string, Plannable> {
  const [planned, setPlanned] = useState<{ readonly for: unknown; readonly by: ReadonlyMap<string, Plannable> }>();
  useEffect(() => {
    let stale = false;
    const now = appNow();
    const sessions = [...changes].map(([week, change]) => {
      const after = withChange(view, change, now);
      return {
        week,
        sessions: after.week.sessions
          .filter(({ status }) => status === 'planned')
          .flatMap((session) => {
            const mine = after.batches.filter(
              ({ state }) => state.status === 'planned' && state.session === session.id,
            );
            if (mine.length === 0) return [];
            const { asked, tasks } = tasksOf(session, mine, after.kitchen.equipment, session.cooks, session.wishes);
            return [{ session, problem: asked.problem, faults: tasks.faults.length }];
          }),
      };
    });
    void inTurn(
      sessions.flatMap((each) =>
        each.sessions.map(
          ({ problem }) =>
            (remote) =>
              remote.plan(problem),
        ),
      ),
    ).then(
      (minutes) => {
        if (stale) return;
        let n = 0;
        const by = new Map<string, Plannable>();
        for (const { week, sessions: mine } of sessions) {
          const each = mine.map(({ session, faults }) => ({ session, faults, minutes: minutes[n++] ?? null }));
          by.set(
            week,
            each.some(({ faults, minutes: takes }) => faults > 0 || takes === null)
              ? null
              : each.map(({ session, minutes: takes }) => ({
                  id: session.id,
                  startsAt: session.startsAt,
                  minutes: takes ?? 0,
                })),
          );
        }
        setPlanned({ for: changes, by });
      },
      () => undefined,
    );
    return () => {
      stale = true;
    };
  }, [view, changes]);
  return planned?.by ?? NONE;
}
const NONE: ReadonlyMap<string, Plannable> = new Map();

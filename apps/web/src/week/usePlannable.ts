import { plannedTasks, type KitchenView } from '@kestrel-ridge/core/view';
import { useEffect, useState } from 'react';
import { inTurn } from './suggesters.ts';

/** How long the sessions of a week take, in minutes; null: one of them cannot be planned at all. */
export type Plannable = readonly { readonly id: string; readonly startsAt: string; readonly minutes: number }[] | null;

/** Each of these weeks, as the kitchen would be, is planned before it is offered. What has not been planned yet is not in the map. */
export function usePlannable(weeks: ReadonlyMap<string, KitchenView>): ReadonlyMap<string, Plannable> {
  const [planned, setPlanned] = useState<ReadonlyMap<string, Plannable>>(NONE);
  useEffect(() => {
    let stale = false;
    const sessions = [...weeks].flatMap(([week, after]) =>
      plannedTasks(after).map(({ session, day }) => ({ week, session, day })),
    );
    void inTurn(
      sessions.map(
        ({ day }) =>
          (remote) =>
            remote.plan(day.asked.problem),
      ),
    ).then(
      (minutes) => {
        if (stale) return;
        const by = new Map<string, Plannable>([...weeks].map(([week]) => [week, []]));
        sessions.forEach(({ week, session: { id, startsAt }, day }, n) => {
          const [takes, known] = [minutes[n] ?? null, by.get(week)];
          by.set(
            week,
            takes === null || day.tasks.faults.length > 0 || !known
              ? null
              : [...known, { id, startsAt, minutes: takes }],
          );
        });
        setPlanned(by);
      },
      () => undefined,
    );
    return () => {
      stale = true;
    };
  }, [weeks]);
  return planned;
}
const NONE: ReadonlyMap<string, Plannable> = new Map();

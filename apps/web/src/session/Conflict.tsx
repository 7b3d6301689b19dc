import { MINUTE_MS, type SessionMinute } from '@kestrel-ridge/core/quantity';
import type { Obstacle } from '@kestrel-ridge/core/schedule';
import type { Problem, SessionTasks } from '@kestrel-ridge/core/session';
import { Button } from 'antd';
import { useEffect, useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { clockAt } from '../parts/times.ts';
import { trier } from './planner.ts';
import { Fault } from './Fault.tsx';
import { useWishes } from './useWishes.ts';

/** A session that cannot be planned: what cannot all hold, and what may be let go. */
export function Conflict({ view, tasks, why }: { view: KitchenView; tasks: SessionTasks; why: string }) {
  const [found, setFound] = useState<readonly Obstacle[]>();
  const { wishes, say, pin } = useWishes(view.session);
  const { problem, about, faults } = tasks;
  const startMs = view.session ? Date.parse(view.session.startsAt) : 0;
  const clock = (minute: SessionMinute) => clockAt(startMs + minute * MINUTE_MS, view.kitchen.equipment.zone);
  // News from the kitchen makes the tasks anew; only a day that differs is asked about again.
  const day = useMemo(() => JSON.stringify(problem), [problem]);
  const cannotBeCooked = faults.length > 0;
  useEffect(() => {
    let left = false;
    if (cannotBeCooked) return undefined;
    trier()
      .conflict(JSON.parse(day) as Problem)
      .then(
        (conflict) => !left && setFound(conflict),
        () => !left && setFound([]),
      );
    return () => {
      left = true;
    };
  }, [day, cannotBeCooked]);
  const name = (task: string) => `“${about[task]?.name ?? task}”`;
  return (
    <main className="page">
      <div className="page-head">
        <h1>This day cannot be planned</h1>
        <p>
          {faults.length > 0
            ? 'This kitchen cannot do it all. Each has a way out.'
            : found === undefined
              ? 'Looking for what stands against it …'
              : found.length > 0
                ? 'These cannot all hold. Let go of one of them.'
                : `${why} Leave out a dish, or look at the kitchen’s equipment.`}
        </p>
      </div>
      <ul className="row-list conflict">
        {faults.map((fault) => (
          <Fault key={JSON.stringify(fault)} fault={fault} view={view} />
        ))}
        {found?.map((each) => {
          switch (each.kind) {
            case 'pin':
              return (
                <li key={each.task}>
                  <span>
                    {name(each.task)} is pinned to {clock(each.minute)}
                  </span>
                  <Button onClick={() => pin(each.task, undefined)}>Let it go</Button>
                </li>
              );
            case 'break':
              return (
                <li key={`break ${each.from}`}>
                  <span>
                    {wishes.breaks.some(({ from, to }) => from === each.from && to === each.to)
                      ? `A break from ${clock(each.from)} to ${clock(each.to)}`
                      : `Somebody who cooks is away from ${clock(each.from)}`}
                  </span>
                  {wishes.breaks.some(({ from, to }) => from === each.from && to === each.to) ? (
                    <Button
                      onClick={() => say({ ...wishes, breaks: wishes.breaks.filter(({ from }) => from !== each.from) })}
                    >
                      No break
                    </Button>
                  ) : (
                    <Link to="/kitchen">the hours of those who cook</Link>
                  )}
                </li>
              );
            case 'longest wait':
              return (
                <li key={`${each.from} ${each.to}`}>
                  <span>
                    {name(each.to)} starts at most {each.minutes} min after {name(each.from)}
                  </span>
                  <Link
                    to={`/recipes/${view.batches.find(({ state }) => state.id === about[each.to]?.batch)?.recipe.id ?? ''}`}
                  >
                    to the recipe
                  </Link>
                </li>
              );
            default:
              return each satisfies never;
          }
        })}
      </ul>
      <p>
        <Link to="/week">Leave out a dish in the week</Link>
      </p>
    </main>
  );
}

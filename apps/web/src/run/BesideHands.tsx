import type { pressureCycles, RunTask } from '@kestrel-ridge/core/run';
import type { KitchenView } from '@kestrel-ridge/core/view';
import type { RackNumber } from '@kestrel-ridge/core/kitchen';
import { racksInPlan, type TaskAbout } from '@kestrel-ridge/core/session';
import { Button } from 'antd';
import { useMemo } from 'react';
import { clockAt } from '../parts/times.ts';
import { AddWork } from './AddWork.tsx';
import { ClockCard } from './ClockCard.tsx';
import { Late } from './Late.tsx';
import { PressureCard } from './PressureCard.tsx';
import { racksWords } from './trayWords.ts';
import type { LiveRun } from './useRun.ts';

/** More than that nobody reads with wet hands. */
const NEXT_SHOWN = 6;

/** Beside what the hands do: what has to be switched on, what runs alone, what comes next, and what was not planned. */
export function BesideHands({
  kitchen,
  run,
  cooked,
  view,
  now,
  tap,
  current,
  cycles,
  next,
  who,
  pick,
}: Pick<LiveRun, 'run' | 'cooked' | 'view' | 'now' | 'tap'> & {
  kitchen: KitchenView;
  current: RunTask | undefined;
  cycles: ReturnType<typeof pressureCycles>;
  next: readonly RunTask[];
  /** Is it said whose task it is? */
  who: boolean;
  pick: (task: string) => void;
}) {
  const zone = kitchen.kitchen.equipment.zone;
  const { about, facts } = cooked;
  const standing = useMemo(() => racksInPlan(cooked.problem, cooked.plan, about), [cooked.problem, cooked.plan, about]);
  const racksOf = (task: string) => standing.find(({ tasks }) => tasks.includes(task))?.racks ?? [];
  const inCycles = new Set(cycles.flatMap(({ stages }) => stages.map(({ task }) => task.id)));
  return (
    <>
      {view.toStart.map((task) => (
        <section
          key={task.id}
          className={task.start <= now ? 'to-start due' : 'to-start'}
          aria-label={about[task.id]?.name}
        >
          <span>
            <b className="number">{clockAt(task.start, zone)}</b> {about[task.id]?.name}
            {goesOn(about[task.id], racksOf(task.id))}
          </span>
          <Button
            type={task.start <= now ? 'primary' : 'default'}
            onClick={() => tap({ kind: 'started', task: task.id })}
          >
            {task.byItself ? 'It has started' : 'Started'}
          </Button>
        </section>
      ))}
      {cycles.map((cycle) => (
        <PressureCard
          key={`${cycle.batch ?? ''} ${cycle.load} ${cycle.dish}`}
          cycle={cycle}
          now={now}
          zone={zone}
          tap={tap}
        />
      ))}
      {view.clocks
        .filter(({ id }) => !inCycles.has(id))
        .map((task) => (
          <ClockCard
            key={task.id}
            task={task}
            about={about[task.id]}
            facts={facts.get(task.id)}
            racks={racksOf(task.id)}
            now={now}
            zone={zone}
            tap={tap}
          />
        ))}
      {next.length > 0 && (
        <section className="run-next">
          <h2 className="soft">Next</h2>
          <ol>
            {next.slice(0, NEXT_SHOWN).map((task) => (
              <li key={task.id}>
                <span className="number">{clockAt(task.start, zone)}</span> {about[task.id]?.name}
                {who && about[task.id]?.who && <small className="soft"> {about[task.id]?.who}</small>}
                {task.status === 'ready' && (
                  <Button
                    size="small"
                    className="run-pick"
                    aria-label={`Do this now: ${about[task.id]?.name ?? ''}`}
                    onClick={() => pick(task.id)}
                  >
                    Do it now
                  </Button>
                )}
              </li>
            ))}
          </ol>
        </section>
      )}
      {!view.finished && (
        <AddWork
          kitchen={kitchen}
          abouts={about}
          about={current && about[current.id]}
          ticked={(current && facts.get(current.id)?.ticked) ?? []}
          tap={tap}
        />
      )}
      {!view.finished && (
        <Late
          kitchen={kitchen}
          run={{ ...run, startedAt: Date.parse(run.startedAt) }}
          facts={facts}
          endsAt={view.endsAt}
          plannedEndsAt={view.plannedEndsAt}
          because={lateBecause(view, about)}
          now={now}
          tap={tap}
        />
      )}
    </>
  );
}

/** Onto which racks it goes: ", top and middle rack". */
function goesOn(about: TaskAbout | undefined, racks: readonly RackNumber[]): string {
  const words = about?.trays ? racksWords(racks, about.trays.racks) : '';
  return words && `, ${words}`;
}

/** What is over its time: that is why the end moves. */
function lateBecause(view: LiveRun['view'], about: LiveRun['cooked']['about']): string | undefined {
  const due = view.clocks.find(({ status }) => status === 'due') ?? view.now;
  return due && about[due.id] ? `“${about[due.id]?.name ?? ''}” is not done yet.` : undefined;
}

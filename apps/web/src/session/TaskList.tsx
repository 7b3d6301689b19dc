import { MINUTE_MS, type Moment } from '@kestrel-ridge/core/quantity';
import { clockAt, duration } from '../parts/times.ts';
import { Segmented } from 'antd';
import { useMemo, useState } from 'react';
import { walkButtons } from '../parts/arrowKeys.ts';
import { cooksOf } from './cooksOf.ts';
import { lanesOf } from './lanes.ts';
import type { PlanResult } from './planSlice.ts';

interface TaskListProps {
  readonly result: PlanResult;
  readonly startMs: Moment;
  readonly zone: string;
  readonly numbers: ReadonlyMap<string, number>;
  readonly chosen: string | undefined;
  readonly choose: (task: string) => void;
}

/** The same plan as a list by the clock: what the bars have no room to say. */
export function TaskList({ result, startMs, zone, numbers, chosen, choose }: TaskListProps) {
  const { plan, tasks } = result;
  const [whose, setWhose] = useState('all');
  const people = useMemo(
    () => lanesOf(tasks, plan, cooksOf(result)).filter(({ hands }) => hands),
    [tasks, plan, result],
  );
  const mine = people.find(({ id }) => id === whose)?.bars.flatMap(({ task }) => task ?? []);
  const ordered = [...tasks.problem.tasks]
    .filter(({ id }) => !mine || mine.includes(id))
    .sort((a, b) => (numbers.get(a.id) ?? 0) - (numbers.get(b.id) ?? 0));
  // One stop of the tabulator, from which arrows walk on: a plan has more steps than anybody tabs through.
  const [at, setAt] = useState<string>();
  const stop = [at, chosen].find((id) => ordered.some((task) => task.id === id)) ?? ordered[0]?.id;
  return (
    <section className="task-list">
      <div className="head-row">
        <h2>Step by step</h2>
        {people.length > 1 && (
          <Segmented
            aria-label="Whose steps"
            value={whose}
            onChange={setWhose}
            options={[{ label: 'all', value: 'all' }, ...people.map(({ id, name }) => ({ label: name, value: id }))]}
          />
        )}
      </div>
      <ol onKeyDown={walkButtons}>
        {ordered.map((task) => {
          const about = tasks.about[task.id];
          return (
            <li key={task.id}>
              <button
                type="button"
                className={`plain-button ${chosen === task.id ? 'chosen' : ''}`}
                tabIndex={task.id === stop ? 0 : -1}
                onFocus={() => setAt(task.id)}
                onClick={() => choose(task.id)}
                aria-pressed={chosen === task.id}
              >
                <span className="number">{clockAt(startMs + (plan.starts[task.id] ?? 0) * MINUTE_MS, zone)}</span>
                <small>{numbers.get(task.id)}</small>
                <i
                  className={task.attention === 'full' ? 'is-hands' : 'is-barred'}
                  aria-label={task.attention === 'full' ? 'hands' : 'nobody needed'}
                />
                <span>
                  {about?.name}
                  {about?.dial && <small className="soft"> dial {about.dial}</small>}
                </span>
                <em>{duration(task.minutes)}</em>
              </button>
            </li>
          );
        })}
      </ol>
    </section>
  );
}

import type { Plan, Problem } from '../session/index.ts';

/** How many pairs of hands are busy in each minute of a plan, washes included: the ridge. */
export function handsBusy(problem: Problem, plan: Plan): readonly number[] {
  const busy = Array<number>(plan.makespan).fill(0);
  const add = (from: number, minutes: number) => {
    for (let at = from; at < from + minutes && at < busy.length; at++) busy[at] = (busy[at] ?? 0) + 1;
  };
  for (const task of problem.tasks) if (task.attention === 'full') add(plan.starts[task.id] ?? 0, task.minutes);
  const washMinutes = new Map(problem.uses.map((use) => [use.id, use.wash ?? 0]));
  for (const wash of plan.washes) add(wash.start, washMinutes.get(wash.after) ?? 0);
  return busy;
}

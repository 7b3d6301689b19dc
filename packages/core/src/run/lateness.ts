import { MINUTE_MS, type Moment } from '../quantity/index.ts';
import type { Plan, Problem } from '../session/index.ts';
import { edgesOf, type RunTask } from './project.ts';

/** Minutes by which something moved the finish: more than none made it later. */
export interface LateMinutes {
  /** Undefined: the session as a whole. */
  readonly task: string | undefined;
  readonly minutes: number;
  /** It took longer than planned; it could have begun earlier; it was not planned to be the last, and had that much to spare. */
  readonly cause: 'took longer' | 'began late' | 'had time';
}

export interface Lateness {
  /** Minutes that the finish was later than planned; less than none: earlier. */
  readonly minutes: number;
  /** What moved it, the most first. They sum to it. */
  readonly causes: readonly LateMinutes[];
}

/**
 * Why a session was done later than planned, or earlier: from its last task back along what each one waited for in the end. Of each on the way, what it took longer and
 * what it began later than that allowed is counted; all of it together is the difference, whatever happened beside.
 * @example whyLate(problem, plan, plannedStart, startedAt, view.tasks).causes[0] // { task: 'soup/boil', minutes: 14, cause: 'took longer' }
 */
export function whyLate(
  problem: Problem,
  plan: Plan,
  /** When the session was to begin, and when it did; ms since 1970. */
  plannedStart: Moment,
  startedAt: Moment,
  tasks: readonly RunTask[],
): Lateness {
  const real = new Map(tasks.map((task) => [task.id, task]));
  const length = new Map(problem.tasks.map((task) => [task.id, task.minutes]));
  const plannedEnd = (id: string): number => (plan.starts[id] ?? 0) + (length.get(id) ?? 0);
  const edges = edgesOf(problem, plan);
  const causes: LateMinutes[] = [];
  const note = (task: string | undefined, minutes: number, cause: LateMinutes['cause']) => {
    if (Math.abs(minutes) > 1e-9) causes.push({ task, minutes, cause });
  };
  const [last] = [...tasks].sort((a, b) => b.end - a.end || a.id.localeCompare(b.id));
  const begun = (startedAt - plannedStart) / MINUTE_MS;
  note(undefined, begun, 'began late');
  if (!last) return { minutes: begun, causes };
  note(last.id, plannedEnd(last.id) - plan.makespan, 'had time');
  const seen = new Set<string>();
  for (let at: RunTask | undefined = last; at && !seen.has(at.id);) {
    const task: RunTask = at;
    seen.add(task.id);
    note(task.id, (task.end - task.start) / MINUTE_MS - (length.get(task.id) ?? 0), 'took longer');
    const waited = (edges.get(task.id) ?? [])
      .flatMap(({ from }) => real.get(from) ?? [])
      .filter(({ id }) => !seen.has(id))
      .sort((a, b) => b.end - a.end || a.id.localeCompare(b.id))[0];
    const gap = (task.start - (waited?.end ?? startedAt)) / MINUTE_MS;
    const planned = (plan.starts[task.id] ?? 0) - (waited ? plannedEnd(waited.id) : 0);
    note(task.id, gap - planned, 'began late');
    at = waited;
  }
  return {
    minutes: (last.end - plannedStart) / MINUTE_MS - plan.makespan,
    causes: causes.sort((a, b) => Math.abs(b.minutes) - Math.abs(a.minutes)),
  };
}

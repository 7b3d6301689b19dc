import { MINUTE_MS, type Moment } from '../quantity/index.ts';
import type { Plan, Problem, TaskAbout } from '../session/index.ts';
import { laterSteps } from './followsLater.ts';
import type { TaskFacts } from './foldRun.ts';

/** A run as it was planned. */
export interface PlannedRun {
  readonly problem: Problem;
  readonly plan: Plan;
  readonly about: Readonly<Record<string, TaskAbout>>;
  /** ms since 1970 */
  readonly startedAt: Moment;
}

export interface CookedRun extends PlannedRun {
  readonly facts: ReadonlyMap<string, TaskFacts>;
}

const exactly = (n: number) => ({ earliest: n, expected: n, latest: n });

/** The run as it goes: with what nobody had planned and what was put off at a gate, without the dishes that were dropped, with the hands that tasks were given to. */
export function asCooked(run: PlannedRun, told: ReadonlyMap<string, TaskFacts>): CookedRun {
  const facts = new Map(told);
  const about: Record<string, TaskAbout> = { ...run.about };
  const starts: Record<string, number> = { ...run.plan.starts };
  const tasks = [...run.problem.tasks];
  const links = [...run.problem.links];
  for (const [id, { added }] of told) {
    if (!added || about[id]) continue;
    about[id] = addedTask(id, added);
    tasks.push({
      id,
      dish: 'added',
      name: added.name,
      minutes: added.minutes,
      attention: added.hands ? 'full' : 'none',
    });
    starts[id] = Math.max(0, Math.round((added.at - run.startedAt) / MINUTE_MS));
    // Nobody's work that was added runs from the moment in which it was said.
    if (!added.hands && told.get(id)?.startedAt === undefined) facts.set(id, { ...told.get(id), startedAt: added.at });
  }
  const length = new Map(run.problem.tasks.map((task) => [task.id, task.minutes]));
  for (const step of laterSteps(run.problem, run.about, told)) {
    const { id } = step.about;
    about[id] = step.about;
    tasks.push({ id, dish: step.about.dish, name: step.about.name, minutes: step.minutes, attention: 'full' });
    links.push(...step.after.map((from) => ({ from, to: id, min: 0, max: null })));
    links.push(...step.before.map((to) => ({ from: id, to, min: 0, max: null })));
    starts[id] = Math.max(0, ...step.after.map((from) => (run.plan.starts[from] ?? 0) + (length.get(from) ?? 0)));
  }
  for (const [id, { who }] of told) {
    const task = about[id];
    if (who !== undefined && task) about[id] = { ...task, who };
  }
  for (const batch of droppedIn(told, run.about)) {
    const at = Math.max(
      ...[...told]
        .filter(([id, { dropped }]) => dropped && about[id]?.batch === batch)
        .map(([, fact]) => fact.doneAt ?? 0),
    );
    for (const task of Object.values(about)) {
      const known = facts.get(task.id) ?? {};
      if (task.batch === batch && known.doneAt === undefined)
        facts.set(task.id, { ...known, doneAt: known.startedAt ?? Math.max(at, run.startedAt), skipped: true });
    }
  }
  for (const { batch, load } of loadsDropped(told, run.about))
    for (const task of Object.values(about)) {
      const known = facts.get(task.id) ?? {};
      if (task.batch === batch && task.load === load && known.doneAt === undefined)
        facts.set(task.id, { ...known, doneAt: known.startedAt ?? run.startedAt, skipped: true });
    }
  return {
    ...run,
    problem: { ...run.problem, tasks, links },
    plan: { ...run.plan, starts },
    about,
    facts,
  };
}

/** Batches whose dish was dropped in the middle. */
export const droppedIn = (
  facts: ReadonlyMap<string, TaskFacts>,
  about: Readonly<Record<string, TaskAbout>>,
): ReadonlySet<string> => new Set([...facts].flatMap(([id, { dropped }]) => (dropped ? (about[id]?.batch ?? []) : [])));

/** Loads that are not cooked, though others of their dish are. */
export const loadsDropped = (
  facts: ReadonlyMap<string, TaskFacts>,
  about: Readonly<Record<string, TaskAbout>>,
): readonly { readonly batch: string; readonly load: number; readonly loads: number }[] => {
  const dropped = new Map<string, { batch: string; load: number; loads: number }>();
  for (const [id, { loadDropped }] of facts) {
    const task = about[id];
    if (loadDropped && task?.batch)
      dropped.set(`${task.batch} ${task.load}`, { batch: task.batch, load: task.load, loads: task.loads });
  }
  return [...dropped.values()];
};

const addedTask = (id: string, { name, minutes, hands }: NonNullable<TaskFacts['added']>): TaskAbout => ({
  id,
  batch: null,
  dish: 'added',
  load: 0,
  loads: 1,
  step: id,
  name,
  station: 'hands',
  skills: [],
  window: exactly(minutes),
  attention: { needs: hands ? 'hands' : 'nobody' },
  cautions: [],
  goesIn: [],
});

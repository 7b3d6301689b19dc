import { racksBestFirst, type RackNumber } from '../kitchen/index.ts';
import type { Plan, Problem } from './problem.ts';
import type { TaskAbout } from './taskAbout.ts';

/**
 * On which racks the trays of each task of an oven stand in a plan, by the task's id, from the top: what goes in first gets the racks that bake most evenly, of those that
 * are free then. Two trays are never on one rack at once.
 * @example racksInPlan(problem, plan, about)['roots/roast/1'] // [1, 2]
 */
export function racksInPlan(
  problem: Pick<Problem, 'tasks' | 'uses'>,
  plan: Pick<Plan, 'starts'>,
  about: Readonly<Record<string, TaskAbout>>,
): Readonly<Record<string, readonly RackNumber[]>> {
  const minutes = new Map(problem.tasks.map((task) => [task.id, task.minutes]));
  const start = (id: string): number => plan.starts[id] ?? 0;
  const held = problem.uses
    .flatMap((use) => {
      const within = Object.values(about).filter(
        ({ trays, batch, load, unit = 'oven' }) =>
          trays !== undefined &&
          unit === use.resource &&
          batch === about[use.from]?.batch &&
          load === about[use.from]?.load,
      );
      return within.length === 0
        ? []
        : [{ use, within, from: start(use.from), to: start(use.to) + (minutes.get(use.to) ?? 0) }];
    })
    .sort((a, b) => a.from - b.from || a.use.id.localeCompare(b.use.id));
  const standing: { readonly oven: string; readonly rack: RackNumber; readonly from: number; readonly to: number }[] =
    [];
  const told: Record<string, readonly RackNumber[]> = {};
  for (const { use, within, from, to } of held) {
    const [{ trays } = {}] = within;
    if (!trays) continue;
    const free = racksBestFirst({ racks: trays.racks, ...(trays.times ? { rackTimes: trays.times } : {}) }).filter(
      (rack) =>
        !standing.some(
          (other) => other.oven === use.resource && other.rack === rack && other.from < to && from < other.to,
        ),
    );
    const mine = free.slice(0, trays.count).sort((a, b) => a - b);
    for (const rack of mine) standing.push({ oven: use.resource, rack, from, to });
    for (const { id } of within) told[id] = mine;
  }
  return told;
}

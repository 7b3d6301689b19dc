import { rackTimes, racksBestFirst, slowestRack, type RackNumber } from '../kitchen/index.ts';
import type { MinuteCount } from '../quantity/index.ts';
import type { Plan, Problem } from './problem.ts';
import type { TaskAbout, TraysIn } from './taskAbout.ts';

/** The racks that one use of an oven takes, from the top, and the tasks whose trays stand on them. */
export interface OnRacks {
  readonly use: string;
  readonly racks: readonly RackNumber[];
  readonly tasks: readonly string[];
}

/**
 * On which racks everything in the ovens stands in a plan: what goes in first gets the racks that bake most evenly, of those that are free then. Two trays are never on one
 * rack at once.
 * @example racksInPlan(problem, plan, about)[0] // { use: 'roots/oven/roast/1', racks: [1, 2], tasks: ['roots/roast/1'] }
 */
export function racksInPlan(
  { tasks, uses, resources }: Pick<Problem, 'tasks' | 'uses' | 'resources'>,
  plan: Pick<Plan, 'starts'>,
  about: Readonly<Record<string, TaskAbout>>,
): readonly OnRacks[] {
  const minutes = new Map(tasks.map((task) => [task.id, task.minutes]));
  const start = (id: string): number => plan.starts[id] ?? 0;
  const standing: { readonly oven: string; readonly rack: RackNumber; readonly from: number; readonly to: number }[] =
    [];
  return uses
    .flatMap((use) => {
      const oven = resources.find(({ id }) => id === use.resource);
      return oven?.kind === 'oven'
        ? [{ use, oven, from: start(use.from), to: start(use.to) + (minutes.get(use.to) ?? 0) }]
        : [];
    })
    .sort((a, b) => a.from - b.from || a.use.id.localeCompare(b.use.id))
    .map(({ use, oven, from, to }) => {
      const first = about[use.from];
      const within = Object.values(about).filter(
        ({ id, trays, batch, load, unit = 'oven' }) =>
          trays !== undefined &&
          unit === oven.id &&
          batch === first?.batch &&
          load === first?.load &&
          // A dish may go in twice.
          start(id) >= from &&
          start(id) + (minutes.get(id) ?? 0) <= to,
      );
      const times = within[0]?.trays?.times;
      const racks = racksBestFirst({ racks: oven.units, ...(times ? { rackTimes: times } : {}) })
        .filter(
          (rack) =>
            !standing.some(
              (other) => other.oven === oven.id && other.rack === rack && other.from < to && from < other.to,
            ),
        )
        .slice(0, use.units ?? 1)
        .sort((a, b) => a - b);
      for (const rack of racks) standing.push({ oven: oven.id, rack, from, to });
      return { use: use.id, racks, tasks: within.map(({ id }) => id) };
    });
}

/**
 * What a tray takes on a rack, minutes. Its task is planned with the slowest of the racks that so many trays need alone; beside another dish they may stand on others.
 * @example trayMinutes({ expected: 40 }, { count: 1, racks: 3, times: [1, 1, 1.1] }, 3) // => 44
 */
export const trayMinutes = (
  { expected }: Pick<TaskAbout['window'], 'expected'>,
  { count, racks, times = [] }: TraysIn,
  rack: RackNumber,
): MinuteCount => (expected * rackTimes({ rackTimes: times }, rack)) / slowestRack({ racks, rackTimes: times }, count);

import type { Equipment } from '../kitchen/index.ts';
import { DRAW, cookerOf } from './energy.ts';
import type { ProblemLink, ProblemTask, ProblemUse, Resource } from './problem.ts';
import { ovenTask } from './ids.ts';
import type { TaskAbout } from './taskAbout.ts';

interface Drawn {
  readonly resources: readonly Resource[];
  readonly tasks: readonly ProblemTask[];
  readonly links: readonly ProblemLink[];
  readonly uses: readonly ProblemUse[];
}

/** What stations draw at their peak, by name. */
const WATTS: Readonly<Record<string, number>> = {
  jug: DRAW.blender.watts,
  'rice cooker': DRAW['rice cooker'].watts,
  microwave: DRAW.microwave.watts,
  'air fryer': DRAW['air fryer'].watts,
};

/** An oven that is used: which one, from 1, and what is baked in it. */
interface UsedOven {
  readonly n: number;
  readonly baked: readonly { readonly to: string }[];
}

/**
 * Where a kitchen's fuse allows only so many watts at a time: what draws more together does not run together. Nothing is added where there is no limit.
 * An appliance that draws more than the limit alone is taken at the limit: it runs by itself. Burners count where the kitchen says what one draws.
 */
export function powerLimit(
  { powerLimitW, cookers, kettle, burnerWatts }: Equipment,
  about: readonly TaskAbout[],
  uses: readonly ProblemUse[],
  ovens: readonly UsedOven[],
): Drawn {
  if (!powerLimitW) return { resources: [], tasks: [], links: [], uses: [] };
  const draws = (from: string, to: string, watts: number): ProblemUse => ({
    id: `power/${from}`,
    resource: 'power',
    from,
    to,
    units: Math.min(powerLimitW, watts),
  });
  const wattsOf = (resource: string): number | undefined =>
    resource === 'burner' ? burnerWatts : resource === 'kettle' ? kettle?.watts : WATTS[resource];
  const used = ovens.filter(({ baked }) => baked.length > 0);
  return {
    resources: [{ id: 'power', kind: 'shared', units: powerLimitW }],
    tasks: used.map(({ n }) => ({
      id: ovenTask('off', n),
      dish: 'Oven',
      name: 'Oven off',
      minutes: 1,
      attention: 'none',
    })),
    links: used.flatMap(({ n, baked }) =>
      baked.map(({ to }) => ({ from: to, to: ovenTask('off', n), min: 0, max: null })),
    ),
    uses: [
      ...about
        .filter(({ stage }) => stage === 'come up')
        .map((task) =>
          draws(task.id, task.id, cookerOf(task, cookers)?.watts ?? DRAW['sealed cooker, coming up'].watts),
        ),
      ...uses.flatMap(({ resource, from, to }) => {
        const watts = wattsOf(resource);
        return watts ? [draws(from, to, watts)] : [];
      }),
      ...used.map(({ n }) => draws(ovenTask('on', n), ovenTask('off', n), DRAW['oven, heating up'].watts)),
    ],
  };
}

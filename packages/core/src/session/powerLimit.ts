import type { Equipment } from '../kitchen/index.ts';
import { DRAW } from './energy.ts';
import type { ProblemLink, ProblemTask, ProblemUse, Resource } from './problem.ts';
import type { TaskAbout } from './taskAbout.ts';

/** The task that stands for switching the oven off: its power is taken until then. */
export const OVEN_OFF = 'oven-off';

interface Drawn {
  readonly resources: readonly Resource[];
  readonly tasks: readonly ProblemTask[];
  readonly links: readonly ProblemLink[];
  readonly uses: readonly ProblemUse[];
}

/** What stations draw at their peak, by name; burners are left out: many burn gas. */
const WATTS: Readonly<Record<string, number>> = {
  jug: DRAW.blender.watts,
  'rice cooker': DRAW['rice cooker'].watts,
  microwave: DRAW.microwave.watts,
  'air fryer': DRAW['air fryer'].watts,
};

/**
 * Where a kitchen's fuse allows only so many watts at a time: what draws more together does not run together. Nothing is added where there is no limit.
 * An appliance that draws more than the limit alone is taken at the limit: it runs by itself.
 * @param ovenOn the task that switches the oven on, when the oven is used
 */
export function powerLimit(
  { powerLimitW, cookers }: Pick<Equipment, 'powerLimitW' | 'cookers'>,
  about: readonly TaskAbout[],
  uses: readonly ProblemUse[],
  ovenOn: string | undefined,
): Drawn {
  if (!powerLimitW) return { resources: [], tasks: [], links: [], uses: [] };
  const draws = (from: string, to: string, watts: number): ProblemUse => ({
    id: `power/${from}`,
    resource: 'power',
    from,
    to,
    units: Math.min(powerLimitW, watts),
  });
  const comesUp = about.filter(({ stage }) => stage === 'come up');
  const baked = uses.filter(({ resource }) => resource === 'oven');
  return {
    resources: [{ id: 'power', kind: 'shared', units: powerLimitW }],
    tasks: ovenOn ? [{ id: OVEN_OFF, dish: 'Oven', name: 'Oven off', minutes: 1, attention: 'none' }] : [],
    links: ovenOn ? baked.map(({ to }) => ({ from: to, to: OVEN_OFF, min: 0, max: null })) : [],
    uses: [
      ...comesUp.map(({ id }) => draws(id, id, cookers[0]?.watts ?? DRAW['sealed cooker, coming up'].watts)),
      ...uses.flatMap(({ resource, from, to }) => {
        const watts = WATTS[resource];
        return watts ? [draws(from, to, watts)] : [];
      }),
      ...(ovenOn ? [draws(ovenOn, OVEN_OFF, DRAW['oven, heating up'].watts)] : []),
    ],
  };
}

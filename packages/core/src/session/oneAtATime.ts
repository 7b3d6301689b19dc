import type { Appliance, Equipment } from '../kitchen/index.ts';
import type { ProblemTask, ProblemUse, Resource } from './problem.ts';
import type { TaskAbout } from './taskAbout.ts';

interface Added {
  readonly resources: readonly Resource[];
  readonly uses: readonly ProblemUse[];
}

/** Appliances of which only one runs at a time: they share a socket or a place. */
export function oneAtATime(groups: Equipment['oneAtATime'], uses: readonly ProblemUse[]): Added {
  const resources: Resource[] = [];
  const added: ProblemUse[] = [];
  for (const group of groups ?? []) {
    const id = `one of ${group.join(', ')}`;
    resources.push({ id, kind: 'shared', units: 1 });
    for (const { resource, from, to } of uses)
      if (group.includes(applianceOf(resource))) added.push({ id: `${id}/${from}`, resource: id, from, to, units: 1 });
  }
  return { resources, uses: added };
}

/** "cooker 2" is a cooker. */
export const applianceOf = (resource: string): Appliance => resource.replace(/ \d+$/, '') as Appliance;

/**
 * A look may interrupt quiet work, but not delicate work: with one cook, what has to be looked at more often than delicate work takes does not run beside it.
 * With more cooks somebody else looks.
 */
export function calmFor(
  about: Readonly<Record<string, TaskAbout>>,
  tasks: readonly ProblemTask[],
  cooks: number,
): Added {
  const delicate = tasks.filter(({ id }) => about[id]?.delicate);
  const longest = Math.max(0, ...delicate.map(({ minutes }) => minutes));
  const looks = tasks.filter(({ lookEvery }) => lookEvery !== undefined && lookEvery < longest);
  if (cooks > 1 || delicate.length === 0 || looks.length === 0) return { resources: [], uses: [] };
  const use = (id: string, units: number): ProblemUse => ({
    id: `calm/${id}`,
    resource: 'calm',
    from: id,
    to: id,
    units,
  });
  return {
    resources: [{ id: 'calm', kind: 'shared', units: looks.length }],
    uses: [...looks.map(({ id }) => use(id, 1)), ...delicate.map(({ id }) => use(id, looks.length))],
  };
}

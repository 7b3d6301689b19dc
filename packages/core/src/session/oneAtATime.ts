import type { Equipment } from '../kitchen/index.ts';
import { isThing, resourceId } from './ids.ts';
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
    const id = resourceId({ is: 'one of', kinds: group });
    resources.push({ id, kind: 'shared', units: 1 });
    for (const { resource, from, to } of uses)
      if (group.some((kind) => isThing(resource, kind)))
        added.push({ id: `${id}/${from}`, resource: id, from, to, units: 1 });
  }
  return { resources, uses: added };
}

/** What is tossed or stirred so often, minutes, leaves no hands for a knife. Common practice, no published source. */
const TOSSED_EVERY = 3;

/**
 * A look may interrupt quiet work, but not delicate work, and a pan that is tossed every two minutes takes the knife out of the hand: with one cook, what has to be looked at
 * more often than delicate work takes does not run beside it, nor knife work beside what is tossed. With more cooks somebody else looks.
 */
export function calmFor(
  about: Readonly<Record<string, TaskAbout>>,
  tasks: readonly ProblemTask[],
  cooks: number,
): Added {
  const delicate = tasks.filter(({ id }) => about[id]?.delicate);
  const cutting = tasks.filter(({ id }) => about[id]?.cutting !== undefined && !about[id].delicate);
  const longest = Math.max(0, ...delicate.map(({ minutes }) => minutes));
  const looks = tasks.filter(({ lookEvery }) => lookEvery !== undefined && lookEvery < longest);
  const tossed = tasks.filter(({ lookEvery }) => lookEvery !== undefined && lookEvery <= TOSSED_EVERY);
  const resources: Resource[] = [];
  const uses: ProblemUse[] = [];
  const apart = (id: string, quiet: readonly ProblemTask[], often: readonly ProblemTask[]) => {
    if (cooks > 1 || quiet.length === 0 || often.length === 0) return;
    resources.push({ id, kind: 'shared', units: often.length, orderOnly: true });
    const use = (task: string, units: number): ProblemUse => ({
      id: `${id}/${task}`,
      resource: id,
      from: task,
      to: task,
      units,
    });
    uses.push(...often.map((task) => use(task.id, 1)), ...quiet.map((task) => use(task.id, often.length)));
  };
  apart('calm', delicate, looks);
  apart('knife', cutting, tossed);
  return { resources, uses };
}

import { capital, type SessionMinute } from '@kestrel-ridge/core/quantity';
import type { Hold } from '@kestrel-ridge/core/schedule';
import { resourceOf, resourceWords, washOf, type Plan, type SessionTasks } from '@kestrel-ridge/core/session';
import { ovenWords } from '../parts/degrees.ts';

/** Why a task does not start earlier, as a cook would say it. */
export function holdWords(
  hold: Hold,
  tasks: SessionTasks,
  plan: Plan,
  clock: (minute: SessionMinute) => string,
): string {
  const name = (id: string): string => {
    const behind = washOf(id);
    const washed = tasks.problem.uses.find((use) => use.id === behind)?.resource;
    if (behind !== undefined) return `the wash of the ${washed === undefined ? 'vessel' : resourceWords(washed)}`;
    return `“${tasks.about[id]?.name ?? id}”`;
  };
  const end = (id: string): number =>
    (plan.starts[id] ?? 0) + (tasks.problem.tasks.find((task) => task.id === id)?.minutes ?? 0);
  switch (hold.holds) {
    case 'beginning':
      return 'It is where the session begins.';
    case 'after':
      return `It follows ${name(hold.task)}, which ends at ${clock(end(hold.task))}${hold.minutes > 0 ? `; then ${hold.minutes} min must pass` : ''}.`;
    case 'hands': {
      const busy = hold.busyWith[0];
      const mover = tasks.about[hold.mover];
      if (!busy) return 'No hands are free before.';
      return mover && hold.mover !== busy && tasks.about[hold.mover]?.stage
        ? `No hands for “${mover.name}” a minute earlier: they are at ${name(busy)}.`
        : `No hands are free: they are at ${name(busy)}${washOf(busy) !== undefined ? '' : ` until ${clock(end(busy))}`}.`;
    }
    case 'vessel':
      return hold.washed
        ? `The ${resourceWords(hold.resource)} has to be washed first, after ${name(hold.lastTask)}.`
        : `The ${resourceWords(hold.resource)} is taken until ${clock(end(hold.lastTask))}, by ${name(hold.lastTask)}.`;
    case 'full':
      return fullWords(hold.resource);
    case 'heat':
      return hold.lastTask
        ? `The oven is at ${ovenWords(hold.celsius)} until ${clock(end(hold.lastTask))}.`
        : `The oven has not come to ${ovenWords(hold.celsius)} before.`;
    case 'together':
      return `${name(hold.task)} must follow soon after it, and cannot come earlier.`;
    case 'pinned':
      return 'You have pinned it to this minute.';
    case 'nothing':
      return 'It could, and nothing would end sooner for it.';
    default:
      return hold satisfies never;
  }
}

function fullWords(resource: string): string {
  const what = resourceOf(resource);
  if (what.is === 'one of') return `Only one of ${what.kinds.join(', ')} runs at a time.`;
  if (what.is === 'hands') return `${capital(what.of.join(' or '))}, who has to do it, has no hands free before.`;
  if (what.is === 'pot') return `The ${what.name} is taken until then.`;
  if (resource === 'power') return 'Before, more would be switched on than the fuse bears.';
  if (resource === 'calm') return 'Before, something would have to be looked at in the middle of delicate work.';
  if (resource === 'knife')
    return 'Before, something is tossed or stirred every few minutes: no hand is free for a knife.';
  if (what.kind === 'oven') return `No rack of the ${resource} is free before: what bakes there takes them.`;
  return resource === 'burner' || resource === 'large burner'
    ? `All ${resource}s are taken until then.`
    : `The ${resource} is taken until then.`;
}

import type { Hold } from '@kestrel-ridge/core/schedule';
import type { SessionTasks } from '@kestrel-ridge/core/session';
import type { Plan } from '@kestrel-ridge/core/session';

/** Why a task does not start earlier, as a cook would say it. */
export function holdWords(hold: Hold, tasks: SessionTasks, plan: Plan, clock: (minute: number) => string): string {
  const name = (id: string): string => {
    const wash = /^wash after (.*)$/.exec(id);
    if (wash) return `the wash of the ${tasks.problem.uses.find((use) => use.id === wash[1])?.resource ?? 'vessel'}`;
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
        : `No hands are free: they are at ${name(busy)}${busy.startsWith('wash') ? '' : ` until ${clock(end(busy))}`}.`;
    }
    case 'vessel':
      return hold.washed
        ? `The ${hold.resource} has to be washed first, after ${name(hold.lastTask)}.`
        : `The ${hold.resource} is taken until ${clock(end(hold.lastTask))}, by ${name(hold.lastTask)}.`;
    case 'full':
      return fullWords(hold.resource);
    case 'heat':
      return hold.lastTask
        ? `The oven is at ${hold.celsius} °C until ${clock(end(hold.lastTask))}.`
        : `The oven has not come to ${hold.celsius} °C before.`;
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
  if (resource === 'power') return 'Before, more would be switched on than the fuse bears.';
  if (resource === 'calm') return 'Before, something would have to be looked at in the middle of delicate work.';
  if (resource === 'knife')
    return 'Before, something is tossed or stirred every few minutes: no hand is free for a knife.';
  const [, only] = /^one of (.*)$/.exec(resource) ?? [];
  if (only) return `Only one of ${only} runs at a time.`;
  const [, whose] = /^hands of (.*)$/.exec(resource) ?? [];
  if (whose) return `${whose.charAt(0).toUpperCase()}${whose.slice(1)}, who has to do it, has no hands free before.`;
  if (/^oven/.test(resource)) return `No rack of the ${resource} is free before: what bakes there takes them.`;
  return resource === 'burner' || resource === 'large burner'
    ? `All ${resource}s are taken until then.`
    : `The ${resource} is taken until then.`;
}

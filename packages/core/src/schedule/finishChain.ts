import { washOf, type Plan, type Problem } from '../session/index.ts';
import type { Hold } from './why.ts';

/**
 * The chain that sets the finish: from what ends last back to the beginning, each held by the one before it.
 * @param holds what holds each task, from `whyNotEarlier`
 * @example finishChain(problem, plan, holds) // ["rinse", "load", "come up", …, "boxes"], the first first
 */
export function finishChain(problem: Problem, plan: Plan, holds: Readonly<Record<string, Hold>>): readonly string[] {
  const end = (id: string) => (plan.starts[id] ?? 0) + (problem.tasks.find((task) => task.id === id)?.minutes ?? 0);
  const last = problem.tasks.find(({ id }) => end(id) === plan.makespan)?.id;
  const chain: string[] = [];
  for (let at = last; at !== undefined && !chain.includes(at);) {
    chain.unshift(at);
    const hold = holds[at];
    at = hold && before(problem, hold);
  }
  return chain;
}

/** What a hold names as the reason: a task, also where it is the wash behind its use. */
function before(problem: Problem, hold: Hold): string | undefined {
  switch (hold.holds) {
    case 'after':
    case 'together':
      return hold.task;
    case 'vessel':
      return hold.lastTask;
    case 'heat':
      return hold.lastTask;
    case 'hands': {
      const [busy] = hold.busyWith;
      const use = washOf(busy ?? '');
      return use === undefined ? busy : problem.uses.find(({ id }) => id === use)?.to;
    }
    case 'beginning':
    case 'full':
    case 'pinned':
    case 'nothing':
      return undefined;
    default:
      return hold satisfies never;
  }
}

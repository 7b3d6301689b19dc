import type { Problem } from '../session/index.ts';
import { ImpossibleProblem } from './compile.ts';
import { search } from './search.ts';

/** One of the things that cannot all hold. */
export type Obstacle =
  | { readonly kind: 'pin'; readonly task: string; readonly minute: number }
  | { readonly kind: 'break'; readonly from: number; readonly to: number }
  | { readonly kind: 'longest wait'; readonly from: string; readonly to: string; readonly minutes: number };

const canBePlanned = (problem: Problem): boolean => {
  try {
    search(problem, { seed: 1, rounds: 0 });
    return true;
  } catch (thrown) {
    if (thrown instanceof ImpossibleProblem) return false;
    throw thrown;
  }
};

const without = (problem: Problem, left: ReadonlySet<Obstacle>): Problem => ({
  ...problem,
  tasks: problem.tasks.map(({ at, ...task }) =>
    at !== undefined && [...left].some((each) => each.kind === 'pin' && each.task === task.id) ? { ...task, at } : task,
  ),
  away: (problem.away ?? []).filter(({ from, to }) =>
    [...left].some((each) => each.kind === 'break' && each.from === from && each.to === to),
  ),
  links: problem.links.map((link) =>
    link.max === null ||
    [...left].some((each) => each.kind === 'longest wait' && each.from === link.from && each.to === link.to)
      ? link
      : { ...link, max: null },
  ),
});

/**
 * The smallest set of pins, breaks and longest waits that cannot all hold: each is taken away in turn, and stays away when the rest still cannot be planned.
 * Empty when the session can be planned, or when none of these is to blame.
 * "Cannot be planned" is what the first orders say: a search that went on might in rare cases find a way.
 */
export function smallestConflict(problem: Problem): readonly Obstacle[] {
  const all: readonly Obstacle[] = [
    ...problem.links.flatMap(({ from, to, max }): Obstacle[] =>
      max === null ? [] : [{ kind: 'longest wait', from, to, minutes: max }],
    ),
    ...(problem.away ?? []).map(({ from, to }): Obstacle => ({ kind: 'break', from, to })),
    ...problem.tasks.flatMap(({ id, at }): Obstacle[] =>
      at === undefined ? [] : [{ kind: 'pin', task: id, minute: at }],
    ),
  ];
  if (canBePlanned(problem) || !canBePlanned(without(problem, new Set()))) return [];
  const left = new Set(all);
  for (const each of all) {
    left.delete(each);
    if (canBePlanned(without(problem, left))) left.add(each);
  }
  return [...left];
}

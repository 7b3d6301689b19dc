import type { Away, Problem } from './problem.ts';

/** What the cook has said about a plan: tasks in their minute, and minutes in which nobody cooks. */
export interface Wishes {
  readonly pins: Readonly<Record<string, number>>;
  readonly breaks: readonly Pick<Away, 'from' | 'to'>[];
}

export const NO_WISHES: Wishes = { pins: {}, breaks: [] };

/** The session with what the cook has said in it. Pins of tasks that are not in it any more fall away. */
export function withWishes(problem: Problem, { pins, breaks }: Wishes): Problem {
  if (breaks.length === 0 && !problem.tasks.some(({ id }) => pins[id] !== undefined)) return problem;
  return {
    ...problem,
    tasks: problem.tasks.map((task) => {
      const at = pins[task.id];
      return at === undefined ? task : { ...task, at };
    }),
    ...(breaks.length > 0 ? { away: breaks.map(({ from, to }) => ({ from, to, hands: problem.cooks })) } : {}),
  };
}

import type { ProblemTask } from './problem.ts';
import type { TaskAbout } from './taskAbout.ts';

/** A task in neutral words. */
export const taskOf = ({ id, dish, name, window, attention }: TaskAbout): ProblemTask => ({
  id,
  dish,
  name,
  minutes: window.expected,
  attention: attention.needs === 'hands' ? 'full' : attention.needs === 'look' ? 'look' : 'none',
  ...(attention.needs === 'look' ? { lookEvery: attention.everyMinutes } : {}),
});

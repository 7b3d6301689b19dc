import { wrap, type Remote } from 'comlink';
import type { Planner } from './plan.worker.ts';

const start = (): Remote<Planner> =>
  wrap<Planner>(new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' }));

let quick: Remote<Planner> | undefined;
let slow: Remote<Planner> | undefined;

/** The worker for what is wanted at once. */
export const planner = (): Remote<Planner> => (quick ??= start());

/** The worker for the long search: a size that is changed meanwhile does not wait for its end. */
export const searcher = (): Remote<Planner> => (slow ??= start());

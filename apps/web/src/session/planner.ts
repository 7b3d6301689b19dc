import { wrap, type Remote } from 'comlink';
import type { Planner } from './plan.worker.ts';

let remote: Remote<Planner> | undefined;

/** The one worker that plans, started when it is first asked. */
export const planner = (): Remote<Planner> =>
  (remote ??= wrap<Planner>(new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' })));

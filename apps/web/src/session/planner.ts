import type { Plan } from '@kestrel-ridge/core/session';
import type { Asked, Planned } from '@kestrel-ridge/core/view';
import { wrap, type Remote } from 'comlink';
import { latestSearch } from './latestSearch.ts';
import type { Planner } from './plan.worker.ts';

const worker = () => new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' });
const start = (): Remote<Planner> => wrap<Planner>(worker());

let quick: Remote<Planner> | undefined;
let beside: Remote<Planner> | undefined;

/** The worker for what is wanted at once. */
export const planner = (): Remote<Planner> => (quick ??= start());

/** The worker for what is only tried: many plans one after the other, which nobody waits for to go on. */
export const trier = (): Remote<Planner> => (beside ??= start());

const longSearch = latestSearch<{ readonly asked: Asked; readonly from: Plan | undefined }, Planned>(() => {
  const own = worker();
  const remote = wrap<Planner>(own);
  return {
    search: ({ asked, from }) => remote.better(asked, from),
    terminate: () => own.terminate(),
  };
});

/** The better plan of a day, by the long search. `key`: the day as it is asked for; the same one is searched for once. */
export const betterPlan = (key: string, asked: Asked, from: Plan | undefined): Promise<Planned> =>
  longSearch(key, { asked, from });

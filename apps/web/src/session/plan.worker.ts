import { expose } from 'comlink';
import { handsBusy, lowerBound, search, settle, startLate, whyNotEarlier } from '@kestrel-ridge/core/schedule';
import { OVEN_ON, type Problem } from '@kestrel-ridge/core/session';
import type { Planned } from './planned.ts';

const SEED = 4180;
/** Plans tried for a session of this size: enough to reach the proven optimum on small ones. */
const ROUNDS = 9000;
/** For slow tablets; elsewhere the rounds end the search, so that the same session gets the same plan. */
const MOST_MS = 2500;

/** The search, away from the screen: a sound plan at once, a better one soon after. */
const planner = {
  first: (problem: Problem): Planned => explain(problem, search(problem, { seed: SEED, rounds: 0 }), false),
  better: (problem: Problem): Planned => {
    const until = performance.now() + MOST_MS;
    return explain(
      problem,
      late(
        problem,
        settle(problem, search(problem, { seed: SEED, rounds: ROUNDS, enough: () => performance.now() > until })),
      ),
      true,
    );
  },
};

const late = (problem: Problem, plan: Planned['plan']) =>
  problem.tasks.some((task) => task.id === OVEN_ON) ? startLate(problem, plan, OVEN_ON) : plan;

function explain(problem: Problem, plan: Planned['plan'], settled: boolean): Planned {
  return {
    plan,
    settled,
    bound: lowerBound(problem),
    busy: handsBusy(problem, plan),
    holds: Object.fromEntries(problem.tasks.map((task) => [task.id, whyNotEarlier(problem, plan, task.id)])),
  };
}

export type Planner = typeof planner;
expose(planner);

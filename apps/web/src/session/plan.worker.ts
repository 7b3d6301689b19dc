import { expose } from 'comlink';
import {
  handsBusy,
  lowerBound,
  rehearse,
  search,
  settle,
  smallestConflict,
  startLate,
  whyNotEarlier,
  type Obstacle,
  type Rehearsal,
  type Spread,
} from '@kestrel-ridge/core/schedule';
import { OVEN_ON, type Plan, type Problem } from '@kestrel-ridge/core/session';
import type { Planned } from './planned.ts';

const SEED = 4180;
/** Plans tried: enough to reach the proven optimum on sessions of twenty tasks. */
const ROUNDS = 24_000;
/** What is only tried is planned faster. */
const ROUNDS_TRIED = 6000;
/** For slow tablets; elsewhere the rounds end the search, so that the same session gets the same plan. */
const MOST_MS = 2500;
const REHEARSALS = 200;

/** The search, away from the screen: a sound plan at once, a better one soon after. */
const planner = {
  first: (problem: Problem, from?: Plan): Planned =>
    explain(problem, search(problem, { seed: SEED, rounds: 0, ...(from ? { from } : {}) }), false),
  better: (problem: Problem, from?: Plan): Planned => explain(problem, found(problem, ROUNDS, from), true),
  /** For a plan that is only looked at beside the one at hand. */
  tried: (problem: Problem, from?: Plan): Planned => explain(problem, found(problem, ROUNDS_TRIED, from), true),
  conflict: (problem: Problem): readonly Obstacle[] => smallestConflict(problem),
  rehearse: (problem: Problem, plan: Plan, spreads: Readonly<Record<string, Spread>>): Rehearsal =>
    rehearse(problem, plan, spreads, { seed: SEED, runs: REHEARSALS }),
};

function found(problem: Problem, rounds: number, from?: Plan): Plan {
  const until = performance.now() + MOST_MS;
  const plan = search(problem, {
    seed: SEED,
    rounds,
    enough: () => performance.now() > until,
    ...(from ? { from } : {}),
  });
  return late(problem, settle(problem, plan));
}

const late = (problem: Problem, plan: Plan) =>
  problem.tasks.some((task) => task.id === OVEN_ON) ? startLate(problem, plan, OVEN_ON) : plan;

function explain(problem: Problem, plan: Plan, settled: boolean): Planned {
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

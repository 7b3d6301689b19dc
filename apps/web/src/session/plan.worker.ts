import { expose } from 'comlink';
import {
  handsBusy,
  lowerBound,
  rehearse,
  search,
  settle,
  smallestConflict,
  startLate,
  steadiest,
  whyNotEarlier,
  withPeople,
  type HandsPace,
  type Obstacle,
  type Rehearsal,
  type Spread,
} from '@kestrel-ridge/core/schedule';
import { switchesOn, type Plan, type Problem } from '@kestrel-ridge/core/session';
import type { PastState } from '@kestrel-ridge/core/formats';
import { finishesCalled, type Asked, type CalledFinish, type Planned } from '@kestrel-ridge/core/view';

const SEED = 4180;
/** Plans tried: enough to reach the proven optimum on sessions of twenty tasks. */
const ROUNDS = 36_000;
/** What is only tried is planned faster. */
const ROUNDS_TRIED = 6000;
/** For slow tablets; elsewhere the rounds end the search, so that the same session gets the same plan. */
const MOST_MS = 2500;
const REHEARSALS = 200;

/** The search, away from the screen: a sound plan at once, a better one soon after. */
const planner = {
  first: (asked: Asked, from?: Plan): Planned => plan(asked, 0, from),
  better: (asked: Asked, from?: Plan): Planned => plan(asked, ROUNDS, from),
  /** For a plan that is only looked at beside the one at hand. */
  tried: (asked: Asked, from?: Plan): Planned => plan(asked, ROUNDS_TRIED, from),
  conflict: (problem: Problem): readonly Obstacle[] => smallestConflict(problem),
  rehearse: (problem: Problem, at: Plan, spreads: Readonly<Record<string, Spread>>, pace: HandsPace): Rehearsal =>
    rehearse(problem, at, spreads, pace, { seed: SEED, runs: REHEARSALS }),
  /** What would have been called for sessions that are over. */
  called: (past: PastState): readonly CalledFinish[] => finishesCalled(past),
};

function plan({ problem, people, steady }: Asked, rounds: number, from: Plan | undefined): Planned {
  const until = performance.now() + MOST_MS;
  const settings = (at: Plan | undefined) => ({
    seed: SEED,
    rounds,
    enough: () => performance.now() > until,
    ...(at ? { from: at } : {}),
  });
  const found =
    steady && rounds >= ROUNDS ? steadiest(problem, steady, settings(from)) : search(problem, settings(from));
  // The first answer is not polished: the second is not far behind.
  const polished = rounds > 0 ? late(problem, settle(problem, found)) : found;
  const { plan: now, who } = withPeople(problem, polished, people, (more, at) => search(more, settings(at)));
  return {
    plan: now,
    who,
    settled: rounds > 0,
    bound: lowerBound(problem),
    busy: handsBusy(problem, now),
    holds: Object.fromEntries(problem.tasks.map((task) => [task.id, whyNotEarlier(problem, now, task.id)])),
  };
}

const late = (problem: Problem, at: Plan) =>
  problem.tasks
    .filter((task) => switchesOn(task.id) !== undefined)
    .reduce((now, task) => startLate(problem, now, task.id), at);

export type Planner = typeof planner;
expose(planner);

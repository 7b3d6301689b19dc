import type { Plan, Problem } from '../session/index.ts';
import { BOOK_PACE, rehearse, type Spread } from './rehearse.ts';
import { search, type SearchSettings } from './search.ts';

/** Seeds looked at: different plans of much the same length. */
const SEEDS = 4;
/** A plan this much longer than the shortest is not worth its steadiness. */
const LONGER_BY = 1.06;
const RUNS = 80;
/** What counts is the minute by which so many runs of ten are done. */
const MOST_RUNS = 0.8;

/**
 * Of several short plans, the one that is done earliest in eight of ten rehearsals: it holds when things take longer.
 * The same for a seed; takes several times as long as one search of the same rounds.
 */
export function steadiest(problem: Problem, spreads: Readonly<Record<string, Spread>>, settings: SearchSettings): Plan {
  const rounds = Math.ceil(settings.rounds / SEEDS);
  const plans: Plan[] = [];
  for (let n = 0; n < SEEDS; n++) {
    if (n > 0 && settings.enough?.()) break;
    plans.push(search(problem, { ...settings, seed: settings.seed + n, rounds, better: (plan) => plans.push(plan) }));
  }
  const shortest = Math.min(...plans.map(({ makespan }) => makespan));
  const [best] = plans
    .filter(({ makespan }) => makespan <= shortest * LONGER_BY)
    .slice(-3 * SEEDS)
    .map((plan) => ({ plan, doneBy: doneBy(problem, plan, spreads, settings.seed) }))
    .sort((a, b) => a.doneBy - b.doneBy || a.plan.makespan - b.plan.makespan);
  return best?.plan ?? search(problem, settings);
}

function doneBy(problem: Problem, plan: Plan, spreads: Readonly<Record<string, Spread>>, seed: number): number {
  const { finishes } = rehearse(problem, plan, spreads, BOOK_PACE, { seed, runs: RUNS });
  return finishes[Math.ceil(finishes.length * MOST_RUNS) - 1] ?? plan.makespan;
}

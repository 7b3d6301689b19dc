import type { Plan, Problem } from '../session/index.ts';
import { check } from './check.ts';
import { seeded } from '../quantity/index.ts';
import { search } from './search.ts';

/** Minutes that a task may take. */
export interface Spread {
  readonly earliest: number;
  readonly expected: number;
  readonly latest: number;
}

/**
 * How hands go against the minutes of a plan, as natural logarithms: on the whole (0.1: about a tenth longer), from one session to the next, and from one step to the next,
 * the latter two as standard deviations. A day on which everything goes slowly is slow for all its steps, so a whole session is less certain than its steps by themselves.
 */
export interface HandsPace {
  readonly middle: number;
  readonly sessionSpread: number;
  readonly stepSpread: number;
}

/** Hands of a kitchen of which nobody knows anything yet: sessions differ by a tenth, steps by a quarter. Common practice, no published source. */
export const BOOK_PACE: HandsPace = { middle: 0, sessionSpread: 0.1, stepSpread: 0.25 };

export interface Rehearsal {
  /** Minutes to the end, of each run, the shortest first. */
  readonly finishes: readonly number[];
  /** The same of each dish, by its name. */
  readonly dishes: Readonly<Record<string, readonly number[]>>;
  /** Tasks whose minutes move the end most: by how much a slow one ends later than a quick one. */
  readonly matters: readonly { readonly task: string; readonly minutes: number }[];
  /** Runs in which something waited longer than it should. */
  readonly waitedTooLong: number;
}

/** Below this a task does not matter. */
const LEAST = 1;

/**
 * Cooks a plan many times over, each time with other minutes, in the order of the plan: out of the windows of its steps (triangular: seldom at the ends), and what hands do
 * at the pace of that day (lognormal: a slow day is slow for all steps).
 * Waits may become too long: that is counted, not forbidden, as on a real day.
 * @example rehearse(problem, plan, {}, BOOK_PACE, { seed: 1, runs: 200 }).finishes[159] // done by then in 8 of 10
 */
export function rehearse(
  problem: Problem,
  plan: Plan,
  spreads: Readonly<Record<string, Spread>>,
  { middle, sessionSpread, stepSpread }: HandsPace,
  { seed, runs }: { readonly seed: number; readonly runs: number },
): Rehearsal {
  const random = seeded(seed);
  const loose = problem.links.map((link) => ({ ...link, max: null }));
  const samples = Array.from({ length: runs }, () => {
    const day = middle + sessionSpread * normal(random);
    const tasks = problem.tasks.map(({ at: _pinned, ...task }) => {
      const spread = spreads[task.id];
      const minutes = spread ? triangular(spread, random) : task.minutes;
      const times = task.attention === 'full' ? Math.exp(day + stepSpread * normal(random)) : 1;
      return { ...task, minutes: Math.max(1, Math.round(minutes * times)) };
    });
    const lived = search({ ...problem, tasks, links: loose }, { seed, rounds: 0, from: plan });
    const late = check({ ...problem, tasks }, lived).some(({ rule }) => rule === 'link');
    const ends = new Map<string, number>();
    for (const { dish, id, minutes } of tasks)
      ends.set(dish, Math.max(ends.get(dish) ?? 0, (lived.starts[id] ?? 0) + minutes));
    return { finish: lived.makespan, minutes: tasks.map((task) => task.minutes), late, ends };
  });
  const matters = problem.tasks
    .map((task, n) => ({ task: task.id, minutes: effect(samples.map((s) => [s.minutes[n] ?? 0, s.finish] as const)) }))
    .filter(({ minutes }) => minutes >= LEAST)
    .sort((a, b) => b.minutes - a.minutes);
  return {
    finishes: samples.map(({ finish }) => finish).sort((a, b) => a - b),
    dishes: Object.fromEntries(
      [...new Set(problem.tasks.map(({ dish }) => dish))].map((dish) => [
        dish,
        samples.map(({ ends }) => ends.get(dish) ?? 0).sort((a, b) => a - b),
      ]),
    ),
    matters,
    waitedTooLong: samples.filter(({ late }) => late).length,
  };
}

/** A whole number of minutes from a triangular distribution, at least one. */
function triangular({ earliest, expected, latest }: Spread, random: () => number): number {
  const u = random();
  const span = latest - earliest;
  if (span <= 0) return Math.max(1, Math.round(expected));
  const cut = (expected - earliest) / span;
  const x =
    u < cut
      ? earliest + Math.sqrt(u * span * (expected - earliest))
      : latest - Math.sqrt((1 - u) * span * (latest - expected));
  return Math.max(1, Math.round(x));
}

/** How much later the slow third ends than the quick third, on average. */
function effect(pairs: readonly (readonly [minutes: number, finish: number])[]): number {
  const sorted = [...pairs].sort((a, b) => a[0] - b[0]);
  const third = Math.floor(sorted.length / 3);
  const quick = sorted.slice(0, third);
  const slow = sorted.slice(-third);
  if (third === 0 || quick.at(-1)?.[0] === slow[0]?.[0]) return 0;
  const mean = (part: typeof sorted) => part.reduce((sum, [, finish]) => sum + finish, 0) / part.length;
  return mean(slow) - mean(quick);
}

/** From a standard normal distribution, by the Box–Muller transform. */
const normal = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(Math.max(random(), 1e-12))) * Math.cos(2 * Math.PI * random());

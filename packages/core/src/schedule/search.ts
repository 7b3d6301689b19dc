import type { Plan, Problem } from '../session/index.ts';
import { lowestMinute } from './bound.ts';
import { Builder, type Genes } from './builder.ts';
import { compile, ImpossibleProblem, type Compiled } from './compile.ts';
import { CriticalFinder, copyOf, idleOf, mutate, overwrite, scatter, type Standing } from './mutate.ts';
import { seeded } from '../quantity/index.ts';
import { tuningFor } from './tuning.ts';

export interface SearchSettings {
  readonly seed: number;
  /** Plans to try. */
  readonly rounds: number;
  /** Asked now and then; true ends the search with the best so far. */
  readonly enough?: () => boolean;
  /** Told of each better plan. */
  readonly better?: (plan: Plan) => void;
  /** The plan at hand: the search starts from it, so that little jumps about. */
  readonly from?: Plan;
}

/** Rounds between two questions whether it is enough. */
const ASK_EVERY = 64;
/** A session whose pins are in the way is first planned without them, briefly; then so many orders near that plan are tried. */
const LOOSE_ROUNDS = 1500;
const LOOSE_TRIES = 30;
/** Tries to scatter an order, each nearer to where it was. */
const SCATTERS = 10;
/** Steps between two looks at what holds the end: a little stale is good enough. */
const LOOK_EVERY = 16;

/**
 * Looks for a short plan: first the best of several orders, then small changes by simulated annealing (Kirkpatrick, Gelatt and Vecchi, Science 220, 1983).
 * Anytime, and for a seed and a number of rounds always the same.
 * @throws ImpossibleProblem when tasks contradict each other
 * @example search(problem, { seed: 1, rounds: 20_000 }).makespan // minutes
 */
export function search(problem: Problem, settings: SearchSettings): Plan {
  const c = compile(problem);
  const builder = new Builder(c);
  const random = seeded(settings.seed);
  let best:
    { readonly genes: Genes; readonly score: number; readonly makespan: number; readonly plan: Plan } | undefined;

  const keep = (genes: Genes, makespan: number) => {
    const score = makespan * 100 + washesOf(builder);
    if (best && score >= best.score) return;
    best = { genes: copyOf(genes), score, makespan, plan: planFrom(c, builder) };
    settings.better?.(best.plan);
  };
  for (const genes of firstGenes(c, settings.from)) {
    const makespan = builder.build(genes);
    if (makespan < Infinity) keep(genes, makespan);
    // The plan at hand is where a re-plan starts, not just one among others.
    if (settings.from && best) break;
  }
  if (!best) {
    const found = nearLoosePlan(c, builder, random, planWithoutPins(problem, settings.seed));
    if (found) keep(found.genes, found.makespan);
    if (!best) throw new ImpossibleProblem('No order of this session keeps its longest waits.');
  }

  const bound = lowestMinute(c);
  const here = copyOf(best.genes);
  const next = copyOf(best.genes);
  let hereMakespan = best.makespan;
  const finder = new CriticalFinder(c);
  const starts = new Int32Array(c.size);
  let standing: Standing = { starts, critical: new Int32Array(0), idle: [] };
  let steps = 0;
  const stand = () => {
    starts.set(builder.starts);
    if (steps++ % LOOK_EVERY === 0)
      standing = { starts, critical: finder.find(starts, hereMakespan), idle: idleOf(c, starts) };
  };
  const tuning = tuningFor(c.size);
  const cycle = Math.round(Math.min(tuning.cycle * c.size * c.size, settings.rounds));
  let warm = tuning.warm;
  for (let round = 0; round < settings.rounds; round++) {
    if (round % ASK_EVERY === 0 && settings.enough?.()) break;
    if (best.makespan <= bound && best.score % 100 === 0) break;
    if (round % cycle === 0) {
      // Now and then from somewhere else, and warmer: what is best so far may be a dead end.
      const elsewhere = !settings.from && (round / cycle) % tuning.scatterOneIn === tuning.scatterOneIn - 1;
      hereMakespan = elsewhere ? scattered(here, best.genes, builder, random) : Infinity;
      warm = hereMakespan < Infinity ? tuning.warmElsewhere : tuning.warm;
      if (hereMakespan === Infinity) {
        overwrite(here, best.genes);
        hereMakespan = builder.build(here);
      }
      steps = 0;
      stand();
    }
    overwrite(next, here);
    mutate(c, next, standing, tuning.shares, random);
    const warmth = warm * (tuning.cold / warm) ** ((round % cycle) / cycle);
    const most = Math.floor(hereMakespan - warmth * Math.log(1 - random()));
    const makespan = builder.build(next, most + 1);
    if (makespan > most) continue;
    overwrite(here, next);
    hereMakespan = makespan;
    stand();
    keep(next, makespan);
  }
  return best.plan;
}

/**
 * Whether some order of the session was found that keeps its pins, breaks and longest waits: the first orders, and orders near a plan without pins.
 * `near` is such a plan where one is known. No is not a proof: a search that went on might in rare cases find a way.
 * @example canBePlanned(problem) // false: two pins want the same hands
 */
export function canBePlanned(problem: Problem, near?: Plan): boolean {
  let c: Compiled;
  try {
    c = compile(problem);
  } catch (thrown) {
    if (thrown instanceof ImpossibleProblem) return false;
    throw thrown;
  }
  const builder = new Builder(c);
  if (firstGenes(c, near).some((genes) => builder.build(genes) < Infinity)) return true;
  return nearLoosePlan(c, builder, seeded(1), near ?? planWithoutPins(problem, 1)) !== undefined;
}

/** A brief plan of the session as if nothing were pinned; none where nothing is, or where that does not help. */
export function planWithoutPins(problem: Problem, seed: number): Plan | undefined {
  if (!problem.tasks.some(({ at }) => at !== undefined)) return undefined;
  const free = { ...problem, tasks: problem.tasks.map(({ at: _pin, ...task }) => task) };
  try {
    return search(free, { seed, rounds: LOOSE_ROUNDS });
  } catch (thrown) {
    if (thrown instanceof ImpossibleProblem) return undefined;
    throw thrown;
  }
}

/**
 * Where none of the first orders keeps the pins: orders near a plan without them are tried with them.
 * What was mended from a plan at hand can so be found again without it.
 */
function nearLoosePlan(
  c: Compiled,
  builder: Builder,
  random: () => number,
  loose: Plan | undefined,
): { readonly genes: Genes; readonly makespan: number } | undefined {
  if (!loose) return undefined;
  for (const genes of firstGenes(c, loose)) {
    const here = copyOf(genes);
    for (let n = 0; n < LOOSE_TRIES; n++) {
      const makespan = builder.build(here);
      if (makespan < Infinity) return { genes: here, makespan };
      overwrite(here, genes);
      scatter(here, random, 0.05 + (0.4 * n) / LOOSE_TRIES);
    }
  }
  return undefined;
}

/** Far from the best, or less far where so much disorder breaks a wait. Infinity where nothing was found. */
function scattered(here: Genes, best: Genes, builder: Builder, random: () => number): number {
  for (let n = 2; n < SCATTERS; n++) {
    overwrite(here, best);
    scatter(here, random, 1 / n);
    const makespan = builder.build(here);
    if (makespan < Infinity) return makespan;
  }
  return Infinity;
}

const washesOf = ({ timetable: { washMinutes } }: Builder): number =>
  washMinutes.reduce((sum, minutes) => sum + (minutes > 0 ? 1 : 0), 0);

/** Orders worth starting from: by the work behind, by the work before, and between; blocks that long waits tie together next to each other, or not. */
function firstGenes(c: Compiled, from: Plan | undefined): readonly Genes[] {
  const genes = (rank: (block: number) => number): Genes => ({
    order: Int32Array.from(c.blocks.keys()).sort((a, b) => rank(a) - rank(b) || a - b),
    behind: new Int32Array(c.size).fill(-1),
    wait: new Int32Array(c.size),
    washWait: new Int32Array(c.uses.length),
  });
  const tail = c.blocks.map((tasks) => Math.max(...tasks.map((t) => c.tail[t] ?? 0)));
  const head = c.blocks.map((tasks) => Math.min(...tasks.map((t) => c.head[t] ?? 0)));
  // What is pinned takes its minutes before anything else does.
  const pinned = c.blocks.map((tasks) => tasks.some((t) => (c.notAfter[t] ?? Infinity) < Infinity));
  const PINNED_FIRST = 1e9;
  const keys: readonly ((b: number) => number)[] = [
    (b) => -(tail[b] ?? 0),
    (b) => (head[b] ?? 0) - (tail[b] ?? 0),
    (b) => head[b] ?? 0,
    (b) => (head[b] ?? 0) - (tail[b] ?? 0) / 2,
  ];
  const orders = keys.flatMap((key) => {
    const ofCluster = new Map<number, number>();
    c.cluster.forEach((cluster, b) => ofCluster.set(cluster, Math.min(ofCluster.get(cluster) ?? Infinity, key(b))));
    const together = (b: number) =>
      (ofCluster.get(c.cluster[b] ?? 0) ?? 0) * 1000 + (c.cluster[b] ?? 0) + (head[b] ?? 0) * 1e-4;
    return [key, together];
  });
  const plain = orders.map((key) => genes((b) => key(b) - (pinned[b] ? PINNED_FIRST : 0)));
  if (!from) return plain;
  const starts = c.problem.tasks.map((task) => from.starts[task.id] ?? 0);
  const atHand = (b: number) => Math.min(...(c.blocks[b] ?? []).map((t) => starts[t] ?? 0));
  return [genes(atHand), genes((b) => atHand(b) - (pinned[b] ? PINNED_FIRST : 0)), ...plain];
}

function planFrom(c: Compiled, { starts: found, timetable }: Builder): Plan {
  const starts: Record<string, number> = {};
  let makespan = 0;
  c.problem.tasks.forEach((task, t) => {
    starts[task.id] = found[t] ?? 0;
    makespan = Math.max(makespan, (found[t] ?? 0) + task.minutes);
  });
  return {
    instance: c.problem.id,
    makespan,
    starts,
    washes: c.uses.flatMap(({ resource, use }, u) =>
      (timetable.washMinutes[u] ?? 0) > 0
        ? [
            {
              resource: c.problem.resources[resource]?.id ?? '',
              after: c.uses[timetable.washBehind[u] ?? 0]?.use.id ?? '',
              before: use.id,
              start: timetable.washStart[u] ?? 0,
            },
          ]
        : [],
    ),
  };
}

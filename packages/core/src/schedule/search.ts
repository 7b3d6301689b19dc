import type { Plan, Problem } from '../session/index.ts';
import { compile, ImpossibleProblem, type Compiled } from './compile.ts';
import { construct, type Genes } from './construct.ts';
import { seeded } from './random.ts';
import { Timetable } from './timetable.ts';

export interface SearchSettings {
  readonly seed: number;
  /** Plans to try. */
  readonly rounds: number;
  /** Asked now and then; true ends the search with the best so far. */
  readonly enough?: () => boolean;
  /** Told of each better plan. */
  readonly better?: (plan: Plan) => void;
}

/** Rounds between two questions whether it is enough. */
const ASK_EVERY = 64;

/**
 * Looks for a short plan: first the best of several orders, then small changes to the best order, with now and then a step to a worse one.
 * Anytime, and for a seed and a number of rounds always the same.
 * @throws ImpossibleProblem when tasks contradict each other
 */
export function search(problem: Problem, settings: SearchSettings): Plan {
  const c = compile(problem);
  const table = new Timetable(c);
  const random = seeded(settings.seed);
  let best: { genes: Genes; score: number; plan: Plan } | undefined;

  const score = (genes: Genes, worse: number): number => {
    const makespan = construct(c, genes, table, worse);
    return makespan === Infinity ? Infinity : makespan * 100 + table.washes.length;
  };
  const keep = (genes: Genes, value: number) => {
    if (best && value >= best.score) return;
    best = { genes: copy(genes), score: value, plan: planFrom(c, table) };
    settings.better?.(best.plan);
  };

  let here: Genes | undefined;
  let hereScore = Infinity;
  for (const genes of firstOrders(c)) {
    const value = score(genes, Infinity);
    if (value === Infinity) continue;
    keep(genes, value);
    if (value < hereScore) {
      here = genes;
      hereScore = value;
    }
  }
  if (!here || !best) throw new ImpossibleProblem('No order of this session keeps its longest waits.');

  const bound = lowestMinute(c) * 100;
  let since = 0;
  for (let round = 0; round < settings.rounds; round++) {
    if (round % ASK_EVERY === 0 && settings.enough?.()) break;
    if (best.score < bound + 100 && best.score % 100 === 0) break;
    const next = mutate(c, here, random, table);
    // Late acceptance of a little worse keeps it from sitting in a corner.
    const slack = 100 * (random() < 0.3 ? 3 : 1) * random();
    const value = score(next, (hereScore + slack) / 100 + 1);
    since++;
    if (value <= hereScore + slack) {
      here = next;
      hereScore = value;
    }
    if (value < best.score) {
      keep(next, value);
      since = 0;
    } else if (since > 1500) {
      here = copy(best.genes);
      for (let n = 0; n < 6; n++) here = mutate(c, here, random, table);
      hereScore = score(here, Infinity);
      since = 0;
    }
  }
  return best.plan;
}

const copy = (genes: Genes): Genes => ({ rank: genes.rank.slice(), wait: genes.wait.slice() });

/** Orders worth starting from. */
function firstOrders(c: Compiled): readonly Genes[] {
  const by = (rank: (task: number) => number): Genes => ({
    rank: Float64Array.from({ length: c.size }, (_, t) => rank(t) + t * 1e-6),
    wait: new Int32Array(c.size),
  });
  const blockTail = c.blocks.map((tasks) => Math.max(...tasks.map((t) => c.tail[t] ?? 0)));
  const vessel = (t: number) =>
    c.blocks[c.block[t] ?? 0]?.some((other) => (c.opening[other] ?? []).length > 0) ?? false;
  return [
    by((t) => -(c.tail[t] ?? 0)),
    by((t) => -(blockTail[c.block[t] ?? 0] ?? 0)),
    by((t) => c.head[t] ?? 0),
    by((t) => (vessel(t) ? 0 : 1000) - (c.tail[t] ?? 0)),
    by((t) => t),
    by((t) => (c.minutes[t] ?? 0) - (c.tail[t] ?? 0)),
  ];
}

function mutate(c: Compiled, genes: Genes, random: () => number, table: Timetable): Genes {
  const next = copy(genes);
  const pick = () => Math.floor(random() * c.size);
  const kind = random();
  const t = pick();
  if (kind < 0.35) {
    const u = pick();
    [next.rank[t], next.rank[u]] = [next.rank[u] ?? 0, next.rank[t] ?? 0];
  } else if (kind < 0.6) {
    next.rank[t] = (next.rank[pick()] ?? 0) + (random() - 0.5) * 1e-3;
  } else if (kind < 0.8) {
    const shift = (next.rank[pick()] ?? 0) - (next.rank[t] ?? 0) + (random() - 0.5) * 1e-3;
    for (const other of c.blocks[c.block[t] ?? 0] ?? []) next.rank[other] = (next.rank[other] ?? 0) + shift;
  } else if (kind < 0.92) {
    // Waiting on purpose: a little longer, or until another task ends. What starts as early as it can takes hands from something narrower.
    const u = pick();
    const behind = (table.starts[u] ?? 0) + (c.minutes[u] ?? 0);
    next.wait[t] = Math.max(0, random() < 0.5 ? behind : (table.starts[t] ?? 0) + 1 + Math.floor(random() * 8));
  } else next.wait.fill(0);
  if (random() < 0.3) next.wait[pick()] = 0;
  return next;
}

/** No plan ends before its longest chain, nor before all hands are done: enough to know when to stop looking. */
const lowestMinute = (c: Compiled): number =>
  Math.max(
    ...c.tail.map((tail, t) => (c.head[t] ?? 0) + tail),
    Math.ceil(c.minutes.reduce((sum, minutes, t) => sum + (c.hands[t] ? minutes : 0), 0) / c.problem.cooks),
  );

function planFrom(c: Compiled, table: Timetable): Plan {
  const starts: Record<string, number> = {};
  let makespan = 0;
  c.problem.tasks.forEach((task, t) => {
    starts[task.id] = table.starts[t] ?? 0;
    makespan = Math.max(makespan, (table.starts[t] ?? 0) + task.minutes);
  });
  return {
    instance: c.problem.id,
    makespan,
    starts,
    washes: table.washes.map((wash) => ({
      resource: c.problem.resources[wash.resource]?.id ?? '',
      after: c.uses[wash.after]?.use.id ?? '',
      before: c.uses[wash.before]?.use.id ?? '',
      start: wash.start,
    })),
  };
}

import type { Problem, ProblemUse, Resource } from '../session/index.ts';

export interface CompiledUse {
  readonly use: ProblemUse;
  readonly resource: number;
  readonly from: number;
  readonly to: number;
  readonly units: number;
  readonly wash: number;
}

interface CompiledLink {
  readonly other: number;
  readonly min: number;
  /** Infinity when there is none. */
  readonly max: number;
}

/** A problem with numbers for names, and its tasks gathered into blocks that have to be placed together. */
export interface Compiled {
  readonly problem: Problem;
  readonly size: number;
  readonly minutes: readonly number[];
  readonly hands: readonly boolean[];
  readonly before: readonly (readonly CompiledLink[])[];
  readonly afterwards: readonly (readonly CompiledLink[])[];
  readonly resources: readonly Resource[];
  readonly uses: readonly CompiledUse[];
  readonly opening: readonly (readonly number[])[];
  readonly closing: readonly (readonly number[])[];
  /** Of each task, the number of its block. */
  readonly block: readonly number[];
  readonly blocks: readonly (readonly number[])[];
  /** Blocks that come before a block. */
  readonly blocksBefore: readonly (readonly number[])[];
  /** Of each block, the number of the cluster that all its waits, long ones too, tie it into. */
  readonly cluster: readonly number[];
  /** Minutes from a task's start to the end of the longest chain behind it. */
  readonly tail: readonly number[];
  /** Earliest start by links alone. */
  readonly head: readonly number[];
  /** Earliest start that was asked for, 0 for none. */
  readonly notBefore: readonly number[];
  /** Latest start, Infinity for none: a pinned task has both. */
  readonly notAfter: readonly number[];
  /** Longer than any sensible plan. */
  readonly horizon: number;
}

/** A problem that contradicts itself: a task, link or use names what is not there, or tasks wait in a circle. */
export class ImpossibleProblem extends Error {}

export function compile(problem: Problem): Compiled {
  const number = new Map(problem.tasks.map((task, n) => [task.id, n]));
  const at = (id: string): number => {
    const n = number.get(id);
    if (n === undefined) throw new ImpossibleProblem(`The session names a task "${id}" that is not in it.`);
    return n;
  };
  const size = problem.tasks.length;
  const minutes = problem.tasks.map((task) => task.minutes);
  const before: CompiledLink[][] = problem.tasks.map(() => []);
  const afterwards: CompiledLink[][] = problem.tasks.map(() => []);
  for (const { from, to, min, max } of problem.links) {
    before[at(to)]?.push({ other: at(from), min, max: max ?? Infinity });
    afterwards[at(from)]?.push({ other: at(to), min, max: max ?? Infinity });
  }
  const uses = problem.uses.map((use): CompiledUse => {
    const resource = problem.resources.findIndex((r) => r.id === use.resource);
    if (resource < 0) throw new ImpossibleProblem(`The session uses "${use.resource}", which is not in it.`);
    return { use, resource, from: at(use.from), to: at(use.to), units: use.units ?? 1, wash: use.wash ?? 0 };
  });

  const order = inOrder(before, afterwards);
  if (order.length < size) throw new ImpossibleProblem('Tasks of this session wait for each other in a circle.');
  const tail = minutes.slice();
  for (const n of [...order].reverse())
    for (const link of afterwards[n] ?? [])
      tail[n] = Math.max(tail[n] ?? 0, (minutes[n] ?? 0) + link.min + (tail[link.other] ?? 0));
  const head = minutes.map(() => 0);
  for (const n of order)
    for (const link of before[n] ?? [])
      head[n] = Math.max(head[n] ?? 0, (head[link.other] ?? 0) + (minutes[link.other] ?? 0) + link.min);

  const root = gather(size, before, afterwards, uses, TIGHT);
  const blocks: number[][] = [];
  const rank = new Map<number, number>();
  for (const n of order) {
    const at = root[n] ?? n;
    if (!rank.has(at)) rank.set(at, blocks.push([]) - 1);
    blocks[rank.get(at) ?? 0]?.push(n);
  }
  const block = root.map((at) => rank.get(at) ?? 0);
  const blocksBefore = blocks.map((tasks, b) => [
    ...new Set(tasks.flatMap((t) => (before[t] ?? []).map(({ other }) => block[other] ?? 0)).filter((o) => o !== b)),
  ]);
  const wide = gather(size, before, afterwards, uses, Infinity);
  const cluster = blocks.map(([first = 0]) => wide[first] ?? first);
  const ovens = problem.resources.flatMap((r) =>
    r.kind === 'oven'
      ? [
          Math.max(0, ...Object.values(r.preheat)) +
            uses.length * Math.max(0, ...Object.values(r.change).flatMap((to) => Object.values(to))),
        ]
      : [],
  );
  const horizon =
    minutes.reduce((a, b) => a + b, 0) +
    uses.reduce((a, u) => a + u.wash, 0) +
    problem.links.reduce((a, l) => a + l.min, 0) +
    ovens.reduce((a, b) => a + b, 0) +
    Math.max(0, ...problem.tasks.map((task) => task.at ?? task.notBefore ?? 0)) +
    Math.max(0, ...(problem.away ?? []).map(({ to }) => to)) +
    60;

  return {
    problem,
    size,
    minutes,
    before,
    afterwards,
    uses,
    tail,
    head,
    horizon,
    hands: problem.tasks.map((task) => task.attention === 'full'),
    resources: problem.resources,
    opening: minutes.map((_, n) => uses.flatMap((use, u) => (use.from === n ? [u] : []))),
    closing: minutes.map((_, n) => uses.flatMap((use, u) => (use.to === n ? [u] : []))),
    block,
    blocks,
    blocksBefore,
    cluster,
    notBefore: problem.tasks.map((task) => task.at ?? task.notBefore ?? 0),
    notAfter: problem.tasks.map((task) => task.at ?? Infinity),
  };
}

function inOrder(
  before: readonly (readonly CompiledLink[])[],
  afterwards: readonly (readonly CompiledLink[])[],
): readonly number[] {
  const waits = before.map((links) => links.length);
  const order = waits.flatMap((n, task) => (n === 0 ? [task] : []));
  for (let next = 0; next < order.length; next++)
    for (const { other } of afterwards[order[next] ?? 0] ?? []) {
      waits[other] = (waits[other] ?? 0) - 1;
      if (waits[other] === 0) order.push(other);
    }
  return order;
}

/**
 * Longest waits up to so many minutes tie tasks into one block that is placed as one; with a longer one there is room for other work between.
 * Found by trial on invented sessions.
 */
const TIGHT = 5;

/**
 * Tasks that a longest wait of at most `tight` minutes ties together, or that share one hold of a resource, stand in one block and are placed
 * as one: so a vessel is never left held open by a block that cannot be finished.
 */
function gather(
  size: number,
  before: readonly (readonly CompiledLink[])[],
  afterwards: readonly (readonly CompiledLink[])[],
  uses: readonly CompiledUse[],
  tight: number,
): readonly number[] {
  const root = Array.from({ length: size }, (_, n) => n);
  const find = (n: number): number => {
    let at = n;
    while (root[at] !== at) at = root[at] ?? at;
    return at;
  };
  const join = (a: number, b: number) => {
    root[find(a)] = find(b);
  };
  const reach = (from: number, next: readonly (readonly CompiledLink[])[]): Set<number> => {
    const seen = new Set([from]);
    for (const n of seen) for (const { other } of next[n] ?? []) seen.add(other);
    return seen;
  };
  before.forEach((links, n) =>
    links.forEach((link) => link.max < Infinity && link.max <= tight && join(n, link.other)),
  );
  for (const { from, to } of uses) {
    join(from, to);
    const back = reach(to, before);
    for (const n of reach(from, afterwards)) if (back.has(n)) join(n, from);
  }
  // Blocks that wait for each other in a circle become one block.
  for (let changed = true; changed;) {
    changed = false;
    const roots = Array.from({ length: size }, (_, n) => find(n));
    const next = new Map<number, Set<number>>();
    afterwards.forEach((links, n) =>
      links.forEach(({ other }) => {
        const a = roots[n] ?? n;
        const b = roots[other] ?? other;
        if (a !== b) next.set(a, (next.get(a) ?? new Set()).add(b));
      }),
    );
    for (const a of next.keys()) {
      const seen = new Set(next.get(a));
      for (const n of seen) for (const m of next.get(n) ?? []) seen.add(m);
      if (!seen.has(a)) continue;
      for (const n of seen) {
        const back = new Set(next.get(n));
        for (const m of back) for (const k of next.get(m) ?? []) back.add(k);
        if (back.has(a)) {
          join(n, a);
          changed = true;
        }
      }
      if (changed) break;
    }
  }
  return Array.from({ length: size }, (_, n) => find(n));
}

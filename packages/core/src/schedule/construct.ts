import type { Compiled } from './compile.ts';
import type { Timetable } from './timetable.ts';

/** What a plan is built from: in which order blocks are placed, and how long tasks wait on purpose. */
export interface Genes {
  /** A permutation of the tasks: blocks are placed in the order of their first task that may be, tasks of a block in this order. */
  readonly rank: Float64Array;
  /** Earliest start of a task, 0 for none. */
  readonly wait: Int32Array;
}

/** A wait that cannot be kept moves what comes before; after so many moves the block goes behind everything, where there is room for more. */
const MOST_MOVES = 80;
const MOST_MOVES_BEHIND = 4000;

/**
 * Builds a plan: block by block, each task at its first free minute. A block that finds no place between the others goes behind them.
 * Answers the makespan, or Infinity as soon as it cannot stay below `worse`, or when a block contradicts itself.
 */
export function construct(c: Compiled, genes: Genes, table: Timetable, worse = Infinity): number {
  table.clear();
  const placed = new Uint8Array(c.size);
  const left = new Set(c.blocks.keys());
  let makespan = 0;
  while (left.size > 0) {
    let best = -1;
    let bestRank = Infinity;
    for (const b of left) {
      const tasks = c.blocks[b] ?? [];
      let rank = Infinity;
      let free = true;
      for (const t of tasks) {
        for (const link of c.before[t] ?? []) if (!placed[link.other] && c.block[link.other] !== b) free = false;
        rank = Math.min(rank, genes.rank[t] ?? 0);
      }
      if (free && rank < bestRank) {
        best = b;
        bestRank = rank;
      }
    }
    left.delete(best);
    const tasks = orderWithin(c, c.blocks[best] ?? [], genes.rank);
    if (
      !placeBlock(c, tasks, genes, table, 0, MOST_MOVES) &&
      !placeBlock(c, tasks, genes, table, lastMinute(c, table), MOST_MOVES_BEHIND)
    )
      return Infinity;
    for (const t of tasks) {
      placed[t] = 1;
      const start = table.starts[t] ?? 0;
      makespan = Math.max(makespan, start + (c.minutes[t] ?? 0));
      if (start + (c.tail[t] ?? 0) >= worse) return Infinity;
    }
  }
  return makespan;
}

function lastMinute(c: Compiled, table: Timetable): number {
  let last = 0;
  for (let t = 0; t < c.size; t++)
    if ((table.starts[t] ?? -1) >= 0) last = Math.max(last, (table.starts[t] ?? 0) + (c.minutes[t] ?? 0));
  return last + c.uses.reduce((sum, use) => sum + use.wash, 0);
}

function orderWithin(c: Compiled, tasks: readonly number[], rank: Float64Array): readonly number[] {
  if (tasks.length <= 1) return tasks;
  const open = new Set(tasks);
  const order: number[] = [];
  const inUse = new Set<number>();
  while (open.size > 0) {
    let best = -1;
    let bestRank = Infinity;
    for (const t of open) {
      if (!(c.before[t] ?? []).every((link) => !open.has(link.other))) continue;
      // A vessel that this block has opened is closed before it is opened again, if that can be.
      const waits = (c.opening[t] ?? []).some((u) => inUse.has(c.uses[u]?.resource ?? -1));
      const value = (rank[t] ?? 0) + (waits ? 1e6 : 0);
      if (value < bestRank) {
        best = t;
        bestRank = value;
      }
    }
    open.delete(best);
    for (const u of c.opening[best] ?? []) if (isVessel(c, u)) inUse.add(c.uses[u]?.resource ?? -1);
    for (const u of c.closing[best] ?? []) inUse.delete(c.uses[u]?.resource ?? -1);
    order.push(best);
  }
  return order;
}

const isVessel = (c: Compiled, use: number): boolean => c.resources[c.uses[use]?.resource ?? -1]?.kind === 'vessel';

/** Places the tasks of a block, moving earlier ones later where a longest wait or a hold cannot be kept. Leaves the table as it was when it fails. */
function placeBlock(
  c: Compiled,
  tasks: readonly number[],
  genes: Genes,
  table: Timetable,
  from: number,
  mostMoves: number,
): boolean {
  const earliest = new Map<number, number>();
  const isFirst = new Set(tasks);
  for (let moves = 0; moves <= mostMoves; moves++) {
    const trail: number[] = [];
    const held: number[] = [];
    const washed: number[] = [];
    let moved = false;

    for (const t of tasks) {
      let start = Math.max(from, genes.wait[t] ?? 0, earliest.get(t) ?? 0);
      let latest = Infinity;
      let blocker = -1;
      for (const link of c.before[t] ?? []) {
        const end = (table.starts[link.other] ?? 0) + (c.minutes[link.other] ?? 0);
        start = Math.max(start, end + link.min);
        if (end + link.max < latest && isFirst.has(link.other)) {
          latest = end + link.max;
          blocker = link.other;
        }
      }
      const minutes = c.minutes[t] ?? 0;
      const opening = c.opening[t] ?? [];
      // Washes of vessels that this task opens take hands before it.
      for (const u of opening) {
        const use = c.uses[u];
        if (use && start >= 0) {
          table.wash(u, use);
          washed.push(u);
        }
      }
      for (let again = true; again && start < table.limit;) {
        again = false;
        if (c.hands[t]) {
          const free = table.freeHands(start, minutes);
          if (free !== start) {
            start = free;
            again = true;
          }
        }
        for (const u of opening) {
          const use = c.uses[u];
          if (!use) continue;
          const placedWash = table.washes.at(-1);
          const free =
            placedWash?.before === u
              ? Math.max(start, placedWash.start + placedWash.minutes)
              : table.mayBegin(use, start);
          if (free !== start) {
            start = free;
            again = true;
          }
        }
      }
      if (start > latest && blocker >= 0) {
        // The wait would be too long: what comes before starts later by as much.
        const move = start - latest;
        earliest.set(blocker, Math.max(earliest.get(blocker) ?? 0, (table.starts[blocker] ?? 0) + move));
        moved = true;
        break;
      }
      if (start >= table.limit - minutes) {
        moved = true;
        moves = mostMoves;
        break;
      }
      table.put(t, start);
      trail.push(t);

      for (const u of c.closing[t] ?? []) {
        const use = c.uses[u];
        if (!use) continue;
        const begin = table.starts[use.from] ?? 0;
        const end = start + minutes;
        const later = table.conflict(use, begin, end);
        if (later !== undefined) {
          earliest.set(use.from, Math.max(begin + 1, later));
          moved = true;
          break;
        }
        table.hold(u, use, begin, end);
        held.push(u);
      }
      if (moved) break;
    }
    if (!moved) return true;
    for (const u of held.reverse()) {
      const use = c.uses[u];
      if (use) table.release(use);
    }
    for (const t of trail) table.lift(t);
    for (const u of washed.reverse()) table.unwash(u);
  }
  return false;
}

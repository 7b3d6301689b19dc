import type { Compiled } from './compile.ts';
import { Timetable } from './timetable.ts';

/** What a plan is built from. */
export interface Genes {
  /** Blocks in the order in which they are placed, as far as what they wait for allows. */
  readonly order: Int32Array;
  /** Of each task: the task whose end it waits for, though no rule asks for it; −1 for none. What starts as early as it can takes hands from something narrower. */
  readonly behind: Int32Array;
  /** Of each task: earliest start, 0 for none. */
  readonly wait: Int32Array;
  /** Of each use: earliest start of the wash behind it. */
  readonly washWait: Int32Array;
}

/** A wait that cannot be kept moves what comes before it; after so many moves the order is given up. */
const MOST_MOVES = 60;
const MOST_RETURNS = 24;

type Placed = 'placed' | 'hopeless' | 'return';

/**
 * Builds plans from genes, block by block, each task at its first free minute. Made once for a session and used for thousands of plans:
 * everything it needs lies in arrays that are filled anew.
 */
export class Builder {
  /** Starts of the plan that was built last. */
  readonly starts: Int32Array;
  readonly timetable: Timetable;
  private readonly placed: Uint8Array;
  private readonly sequence: Int32Array;
  /** Raised within one plan: a start that a long wait behind it asks for. */
  private readonly raised: Int32Array;
  private readonly low: Int32Array;
  private readonly within: Int32Array;
  private readonly before: readonly Float64Array[];
  private readonly blocks: readonly Int32Array[];
  private readonly blocksBefore: readonly Int32Array[];
  private readonly block: Int32Array;
  private readonly notBefore: Int32Array;
  private readonly notAfter: Float64Array;
  private readonly minutes: Int32Array;
  private readonly tail: Int32Array;
  private genes: Genes;
  private returnTo = -1;

  constructor(private readonly c: Compiled) {
    this.starts = new Int32Array(c.size);
    this.timetable = new Timetable(c);
    this.placed = new Uint8Array(c.blocks.length);
    this.sequence = new Int32Array(c.blocks.length);
    this.raised = new Int32Array(c.size);
    this.low = new Int32Array(c.size);
    this.within = new Int32Array(c.size);
    for (const tasks of c.blocks) tasks.forEach((t, n) => (this.within[t] = n));
    this.blocks = c.blocks.map((tasks) => Int32Array.from(tasks));
    this.blocksBefore = c.blocksBefore.map((blocks) => Int32Array.from(blocks));
    this.block = Int32Array.from(c.block);
    this.notBefore = Int32Array.from(c.notBefore);
    this.notAfter = Float64Array.from(c.notAfter);
    this.minutes = Int32Array.from(c.minutes);
    this.tail = Int32Array.from(c.tail);
    // One flat row a task: other, least, most, …
    this.before = c.before.map((links) => Float64Array.from(links.flatMap(({ other, min, max }) => [other, min, max])));
    this.genes = {
      order: new Int32Array(),
      behind: new Int32Array(),
      wait: new Int32Array(),
      washWait: new Int32Array(),
    };
  }

  /** The makespan of the plan, or Infinity as soon as it cannot stay below `worse`, or when its waits cannot be kept in this order. */
  build(genes: Genes, worse = Infinity): number {
    const { c, placed, sequence, blocks } = this;
    const all = blocks.length;
    const limit = Math.min(worse, c.horizon);
    this.genes = genes;
    this.raised.fill(0);
    this.starts.fill(-1);
    placed.fill(0);
    this.timetable.clear(limit);
    let count = 0;
    let first = 0;
    let returns = 0;
    while (count < all) {
      const b = this.nextBlock(first);
      const how = this.place(b, limit);
      if (how === 'hopeless') return Infinity;
      if (how === 'placed') {
        placed[b] = 1;
        sequence[count++] = b;
        while (first < all && placed[genes.order[first] ?? 0]) first++;
        continue;
      }
      if (++returns > MOST_RETURNS) return Infinity;
      // Back to the block that has to start later; all behind it is placed anew.
      const target = this.block[this.returnTo] ?? 0;
      for (let back = -1; back !== target;) {
        back = sequence[--count] ?? 0;
        const tasks = blocks[back] ?? NO_TASKS;
        this.lift(tasks, tasks.length - 1, 0);
        placed[back] = 0;
      }
      first = 0;
    }
    let makespan = 0;
    for (let t = 0; t < c.size; t++) makespan = Math.max(makespan, (this.starts[t] ?? 0) + (this.minutes[t] ?? 0));
    return makespan;
  }

  /** The first block of the order whose forerunners all stand. */
  private nextBlock(first: number): number {
    const { order } = this.genes;
    for (let n = first; n < order.length; n++) {
      const b = order[n] ?? 0;
      if (this.placed[b]) continue;
      const waits = this.blocksBefore[b] ?? NO_TASKS;
      let free = true;
      for (let w = 0; w < waits.length && free; w++) free = this.placed[waits[w] ?? 0] === 1;
      if (free) return b;
    }
    return -1;
  }

  private place(b: number, limit: number): Placed {
    const { starts, timetable, low, raised, minutes, tail, block } = this;
    const { wait, behind, washWait } = this.genes;
    const tasks = this.blocks[b] ?? NO_TASKS;
    let moves = 0;
    for (let k = 0; k < tasks.length; k++) low[tasks[k] ?? 0] = 0;
    for (let k = 0; k < tasks.length;) {
      const t = tasks[k] ?? 0;
      let start = Math.max(low[t] ?? 0, wait[t] ?? 0, raised[t] ?? 0, this.notBefore[t] ?? 0);
      const other = behind[t] ?? -1;
      const stands = other >= 0 ? (starts[other] ?? -1) : -1;
      if (stands >= 0) start = Math.max(start, stands + (minutes[other] ?? 0));
      let latest = Infinity;
      let holder = -1;
      const links = this.before[t] ?? NONE;
      for (let n = 0; n < links.length; n += 3) {
        const from = links[n] ?? 0;
        const end = (starts[from] ?? 0) + (minutes[from] ?? 0);
        start = Math.max(start, end + (links[n + 1] ?? 0));
        const most = end + (links[n + 2] ?? 0);
        if (most < latest) {
          latest = most;
          holder = from;
        }
      }
      start = timetable.earliest(t, start, washWait, limit);
      if (start + (tail[t] ?? 0) >= limit || start > (this.notAfter[t] ?? 0)) {
        // Nothing is taken off again: the next plan starts from an empty timetable.
        return 'hopeless';
      }
      starts[t] = start;
      timetable.put(t, start);
      let back = -1;
      let to = 0;
      if (start > latest) {
        // The wait would be too long: what comes before starts later by as much.
        back = holder;
        to = (starts[holder] ?? 0) + start - latest;
      } else {
        const clash = timetable.close(t, starts);
        if (clash) {
          back = clash.from;
          to = clash.to;
        }
      }
      if (back < 0) {
        k++;
        continue;
      }
      if ((block[back] ?? 0) !== b) {
        raised[back] = to;
        this.returnTo = back;
        this.lift(tasks, k, 0);
        return 'return';
      }
      if (++moves > MOST_MOVES) return 'hopeless';
      const again = this.within[back] ?? 0;
      this.lift(tasks, k, again);
      low[back] = to;
      for (let n = again + 1; n <= k; n++) low[tasks[n] ?? 0] = 0;
      k = again;
    }
    return 'placed';
  }

  /** Takes tasks of a block off again, from one of them down to another. */
  private lift(tasks: Int32Array, from: number, downTo: number): void {
    for (let n = from; n >= downTo; n--) {
      const t = tasks[n] ?? 0;
      const start = this.starts[t] ?? -1;
      if (start < 0) continue;
      this.timetable.lift(t, start);
      this.starts[t] = -1;
    }
  }
}

const NONE = new Float64Array(0);
const NO_TASKS = new Int32Array(0);

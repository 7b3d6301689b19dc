import type { Genes } from './builder.ts';
import type { Compiled } from './compile.ts';
import type { Tuning } from './tuning.ts';

/** What changes look at: the plan they start from. */
export interface Standing {
  readonly starts: Int32Array;
  /** Tasks that hold the end where it is, each by the one behind it. */
  readonly critical: Int32Array;
  /** Minutes at which a pair of hands begins to have nothing to do, though there is work left. */
  readonly idle: readonly number[];
}

/** How often a change begins at what holds the end, and how often a wait is let go on the way. */
const FROM_CRITICAL = 0.6;
const LET_GO = 0.35;

export const copyOf = ({ order, behind, wait, washWait }: Genes): Genes => ({
  order: order.slice(),
  behind: behind.slice(),
  wait: wait.slice(),
  washWait: washWait.slice(),
});

export function overwrite(genes: Genes, by: Genes): void {
  genes.order.set(by.order);
  genes.behind.set(by.behind);
  genes.wait.set(by.wait);
  genes.washWait.set(by.washWait);
}

/** Changes genes in one place by chance, more often than not at what holds the end of the plan. */
export function mutate(
  c: Compiled,
  genes: Genes,
  standing: Standing,
  shares: Tuning['shares'],
  random: () => number,
): void {
  const { order, behind, wait, washWait } = genes;
  const { starts, critical } = standing;
  const below = (n: number) => Math.floor(random() * n);
  const someTask = () =>
    random() < FROM_CRITICAL && critical.length > 0 ? (critical[below(critical.length)] ?? 0) : below(c.size);
  const someBlock = () => Math.max(0, order.indexOf(c.block[someTask()] ?? 0));
  const blocks = order.length;
  const kind = random();
  if (kind < shares.move) {
    const from = someBlock();
    const far = 1 + Math.floor(random() * random() * blocks);
    shift(order, from, Math.max(0, Math.min(blocks - 1, random() < 0.5 ? from + far : from - far)));
  } else if (kind < shares.swap) {
    const a = someBlock();
    exchange(order, a, Math.min(blocks - 1, a + 1 + below(4)));
  } else if (kind < shares.shuffle) {
    const from = below(blocks);
    for (let n = Math.min(blocks - from, 3 + below(4)) - 1; n > 0; n--) exchange(order, from + n, from + below(n + 1));
  } else if (kind < shares.behind) {
    // It lets another one go first that begins soon: what is narrow gets the hands when it needs them.
    const t = someTask();
    const start = starts[t] ?? 0;
    const reach = 4 + random() * 20;
    let seen = 0;
    let first = -1;
    for (let other = 0; other < c.size; other++) {
      if (!c.hands[other] || c.block[other] === c.block[t]) continue;
      const later = (starts[other] ?? 0) - start;
      if (later > -(c.minutes[other] ?? 0) && later < reach && random() * ++seen < 1) first = other;
    }
    if (first >= 0) {
      behind[t] = first;
      const from = order.indexOf(c.block[t] ?? 0);
      const to = order.indexOf(c.block[first] ?? 0);
      if (from < to) shift(order, from, to);
    }
  } else if (kind < shares.wait) {
    const t = someTask();
    wait[t] = (starts[t] ?? 0) + 1 + below(8);
  } else if (kind < shares.forget) {
    if (random() < 0.5) wait.fill(0);
    else behind[below(c.size)] = -1;
  } else if (kind < shares.fill) {
    // Idle hands: something that comes later is tried first.
    const gap = standing.idle[below(standing.idle.length)];
    if (gap === undefined) return;
    let seen = 0;
    let filler = -1;
    for (let t = 0; t < c.size; t++)
      if (c.hands[t] && (starts[t] ?? 0) > gap && (c.head[t] ?? 0) <= gap && random() * ++seen < 1) filler = t;
    if (filler < 0) return;
    const from = order.indexOf(c.block[filler] ?? 0);
    const to = order.findIndex((b) => (c.blocks[b] ?? []).some((t) => (starts[t] ?? 0) >= gap));
    if (to >= 0 && to < from) shift(order, from, to);
    behind[filler] = -1;
    wait[filler] = 0;
  } else if (washWait.length > 0) {
    washWait[below(washWait.length)] = random() < 0.4 ? 0 : (starts[below(c.size)] ?? 0) + below(6);
  }
  if (random() < LET_GO) wait[below(c.size)] = 0;
  if (random() < LET_GO) behind[below(c.size)] = -1;
}

/** Blocks away from where they were, by so much of the whole order; nothing waits on purpose. */
export function scatter({ order, behind, wait, washWait }: Genes, random: () => number, share: number): void {
  behind.fill(-1);
  wait.fill(0);
  washWait.fill(0);
  const far = order.length * share;
  const at = new Map(Array.from(order, (b, n) => [b, n + (random() - 0.5) * 2 * far]));
  order.sort((a, b) => (at.get(a) ?? 0) - (at.get(b) ?? 0));
}

function shift(order: Int32Array, from: number, to: number): void {
  const moved = order[from] ?? 0;
  if (from < to) order.copyWithin(from, from + 1, to + 1);
  else order.copyWithin(to + 1, to, from);
  order[to] = moved;
}

function exchange(order: Int32Array, a: number, b: number): void {
  const kept = order[a] ?? 0;
  order[a] = order[b] ?? 0;
  order[b] = kept;
}

/** Minutes within which a use before another one on the same thing may be what it waits for: a wash or a change of heat lies between. */
const BETWEEN_USES = 20;

/** When hands begin to have nothing to do before the last work begins. */
export function idleOf(c: Compiled, starts: Int32Array): readonly number[] {
  const spans = [...starts.keys()]
    .filter((t) => c.hands[t])
    .map((t) => ({ from: starts[t] ?? 0, to: (starts[t] ?? 0) + (c.minutes[t] ?? 0) }))
    .sort((a, b) => a.from - b.from);
  const idle: number[] = [];
  for (const { to } of spans) {
    const busy = spans.filter(({ from, to: end }) => from <= to && to < end).length;
    if (busy < c.problem.cooks && to < (spans.at(-1)?.from ?? 0)) idle.push(to);
  }
  return idle;
}

/** Finds the tasks that hold the end of a plan where it is: what ends last, what that waits for, and so on. Made once for a session. */
export class CriticalFinder {
  private readonly found: Int32Array;
  private readonly isFound: Uint8Array;
  private readonly handed: Int32Array;
  private readonly sharing: readonly Int32Array[];
  private count = 0;

  constructor(private readonly c: Compiled) {
    this.found = new Int32Array(c.size);
    this.isFound = new Uint8Array(c.size);
    this.handed = Int32Array.from(c.hands.flatMap((hands, t) => (hands ? [t] : [])));
    // Of each task: the tasks that end a use of what it opens.
    this.sharing = c.opening.map((opens) =>
      Int32Array.from(
        opens.flatMap((use) => c.uses.filter(({ resource }) => resource === c.uses[use]?.resource).map(({ to }) => to)),
      ),
    );
  }

  find(starts: Int32Array, makespan: number): Int32Array {
    const { c, found, handed } = this;
    const end = (t: number) => (starts[t] ?? 0) + (c.minutes[t] ?? 0);
    this.count = 0;
    this.isFound.fill(0);
    for (let t = 0; t < c.size; t++) if (end(t) === makespan) this.add(t);
    for (let n = 0; n < this.count; n++) {
      const t = found[n] ?? 0;
      const start = starts[t] ?? 0;
      const mine = end(t);
      for (const link of c.before[t] ?? []) if (end(link.other) + link.min === start) this.add(link.other);
      for (const link of c.afterwards[t] ?? []) if ((starts[link.other] ?? 0) - mine === link.max) this.add(link.other);
      if (c.hands[t])
        for (let h = 0; h < handed.length; h++) {
          const other = handed[h] ?? 0;
          if (end(other) === start) this.add(other);
        }
      const sharing = this.sharing[t] ?? NONE;
      for (let s = 0; s < sharing.length; s++) {
        const free = end(sharing[s] ?? 0);
        if (free <= start && free + BETWEEN_USES >= start) this.add(sharing[s] ?? 0);
      }
    }
    return found.subarray(0, this.count);
  }

  private add(t: number): void {
    if (this.isFound[t]) return;
    this.isFound[t] = 1;
    this.found[this.count++] = t;
  }
}

const NONE = new Int32Array(0);

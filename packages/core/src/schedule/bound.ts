import type { Problem } from '../session/index.ts';
import { compile, type Compiled } from './compile.ts';

export interface Bound {
  readonly minutes: number;
  readonly because: 'the longest chain' | 'the hands' | 'one vessel';
  /** The vessel, or the last task of the chain. */
  readonly what?: string;
}

/** No plan can be shorter than this: the longest chain of waits, all work of hands over the cooks, or all that one vessel has to hold. */
export function lowerBound(problem: Problem): Bound {
  const c = compile(problem);
  const found: Bound[] = [
    { minutes: longestChain(c), because: 'the longest chain' },
    { minutes: workOfHands(c), because: 'the hands' },
    ...c.resources.flatMap((resource, r) =>
      resource.kind === 'vessel'
        ? [{ minutes: vesselLoad(c, r), because: 'one vessel' as const, what: resource.id }]
        : [],
    ),
  ];
  return found.reduce((most, next) => (next.minutes > most.minutes ? next : most));
}

/** The same without the vessels: enough for a search to know when to stop. */
export const lowestMinute = (c: Compiled): number => Math.max(longestChain(c), workOfHands(c));

const longestChain = (c: Compiled): number =>
  Math.max(0, ...c.tail.map((tail, t) => Math.max(c.head[t] ?? 0, c.notBefore[t] ?? 0) + tail));

const workOfHands = (c: Compiled): number =>
  Math.ceil(c.minutes.reduce((sum, minutes, t) => sum + (c.hands[t] ? minutes : 0), 0) / c.problem.cooks);

function vesselLoad(c: Compiled, resource: number): number {
  const uses = c.uses.filter((use) => use.resource === resource);
  if (uses.length === 0) return 0;
  const held = heldBy(c, resource);
  const earliest = Math.min(...uses.map((use) => c.head[use.from] ?? 0));
  const latest = Math.min(...uses.map((use) => (c.tail[use.to] ?? 0) - (c.minutes[use.to] ?? 0)));
  return earliest + held + latest;
}

/** Minutes that all uses of one resource hold it, one after the other. */
function heldBy(c: Compiled, resource: number): number {
  const longest = (from: number, to: number): number => {
    const reach = new Map<number, number>([[from, c.minutes[from] ?? 0]]);
    const order = c.blocks
      .flat()
      .sort((a, b) => (c.head[a] ?? 0) - (c.head[b] ?? 0) || (c.tail[b] ?? 0) - (c.tail[a] ?? 0));
    for (const task of order) {
      const so = reach.get(task);
      if (so === undefined) continue;
      for (const { other, min } of c.afterwards[task] ?? [])
        reach.set(other, Math.max(reach.get(other) ?? 0, so + min + (c.minutes[other] ?? 0)));
    }
    return reach.get(to) ?? c.minutes[from] ?? 0;
  };
  return c.uses.reduce((sum, use) => sum + (use.resource === resource ? longest(use.from, use.to) : 0), 0);
}

/** What a session takes, whatever the order: minutes of hands, and minutes that each resource is held. */
export function workIn(problem: Problem): { readonly hands: number; readonly held: ReadonlyMap<string, number> } {
  const c = compile(problem);
  return {
    hands: problem.tasks.reduce((sum, { attention, minutes }) => sum + (attention === 'full' ? minutes : 0), 0),
    held: new Map(c.resources.map(({ id }, r) => [id, heldBy(c, r)])),
  };
}

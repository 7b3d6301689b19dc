import { MINUTE_MS, type Moment } from '../quantity/index.ts';
import type { Plan, Problem } from '../session/index.ts';
import type { TaskFacts } from './foldRun.ts';

export type TaskStatus = 'done' | 'running' | 'due' | 'ready' | 'waiting';

export interface RunTask {
  readonly id: string;
  readonly status: TaskStatus;
  /** ms since 1970: as it was, or as it is expected. */
  readonly start: number;
  readonly end: number;
  /** Its clock stands still. */
  readonly paused?: boolean;
  /** It begins at its time without anybody's tap; somebody may say that it has begun before. */
  readonly byItself?: true;
}

export interface RunView {
  readonly tasks: readonly RunTask[];
  /** The next thing for hands, when there is one. */
  readonly now: RunTask | undefined;
  /** All that hands could do now, the first in the plan first. */
  readonly ready: readonly RunTask[];
  readonly clocks: readonly RunTask[];
  /** What runs alone and has to be switched on: it may be now, and is planned for its start. */
  readonly toStart: readonly RunTask[];
  readonly next: readonly RunTask[];
  readonly endsAt: Moment;
  readonly plannedEndsAt: number;
  readonly finished: boolean;
}

export interface Edge {
  readonly from: string;
  readonly waitMinutes: number;
  /** Only the order in which hands are planned: it shifts the expected time, and forbids nothing. */
  readonly handsOnly: boolean;
}

/**
 * Where a run stands at a moment. What is late pushes what depends on it, and only that; what is done early pulls it forward, with the waits that were planned between. Whatever its food and its vessel allow is ready, so that hands
 * that are free early have something to do. Clocks are derived from events and the moment handed in, never counted down.
 */
export function projectRun(
  problem: Problem,
  plan: Plan,
  startedAt: Moment,
  facts: ReadonlyMap<string, TaskFacts>,
  now: Moment,
): RunView {
  const edges = edgesOf(problem, plan);
  const minutes = new Map(problem.tasks.map((task) => [task.id, task.minutes]));
  const hands = new Set(problem.tasks.filter((task) => task.attention === 'full').map((task) => task.id));
  const byHand = new Set(problem.tasks.filter((task) => task.byHand).map((task) => task.id));
  const ordered = inPlanOrder(problem, plan, edges);
  const seen = new Map<string, RunTask>();
  /** Minutes for which a task was planned to wait though it could have begun: for hands that come together, for dishes that end together. */
  const slackOf = (id: string, waits: readonly Edge[]): number => {
    const could = Math.max(
      0,
      ...waits.map(({ from, waitMinutes }) => (plan.starts[from] ?? 0) + (minutes.get(from) ?? 0) + waitMinutes),
    );
    return Math.max(0, (plan.starts[id] ?? 0) - could);
  };

  for (const id of ordered) {
    const known = facts.get(id) ?? {};
    const waits = edges.get(id) ?? [];
    const after = waits.reduce(
      (latest, { from, waitMinutes }) => Math.max(latest, (seen.get(from)?.end ?? startedAt) + waitMinutes * MINUTE_MS),
      startedAt,
    );
    // Done early pulls forward, with the wait that was planned; late uses that wait up first.
    const planned = Math.min(startedAt + (plan.starts[id] ?? 0) * MINUTE_MS, after + slackOf(id, waits) * MINUTE_MS);
    const open = waits.some(({ from, handsOnly }) => !handsOnly && seen.get(from)?.status !== 'done');
    const linked = problem.links.filter((link) => link.to === id);
    const atOnce = linked.some((link) => link.max === 0);
    const length = (minutes.get(id) ?? 0) * MINUTE_MS;

    if (known.doneAt !== undefined) {
      const begun = Math.min(known.startedAt ?? Math.max(after, atOnce ? 0 : planned), known.doneAt);
      seen.set(id, { id, status: 'done', start: begun, end: known.doneAt });
      continue;
    }
    if (hands.has(id)) {
      const start = known.startedAt ?? Math.max(after, planned);
      const status: TaskStatus = open && known.startedAt === undefined ? 'waiting' : 'ready';
      const from = status === 'ready' ? start : Math.max(start, now);
      seen.set(id, { id, status, start: from, end: Math.max(known.lookAgainAt ?? from + length, now) });
      continue;
    }
    // What follows nothing has to be switched on by somebody: a kettle does not do it by itself.
    if ((linked.length === 0 || byHand.has(id)) && known.startedAt === undefined) {
      const start = Math.max(after, planned);
      const from = Math.max(start, now);
      seen.set(id, { id, status: open ? 'waiting' : 'ready', start, end: from + length });
      continue;
    }
    // Nobody's work starts by itself when what it waits for is done.
    const start = known.startedAt ?? (atOnce ? after : Math.max(after, planned));
    const running = known.startedAt !== undefined || (!open && start <= now);
    // What stood still is added; what still stands, stands for as long as it takes.
    const still = (known.pausedMs ?? 0) + (known.pausedAt === undefined ? 0 : Math.max(0, now - known.pausedAt));
    const end = Math.max((known.lookAgainAt ?? start + length) + still, now);
    // What nothing holds any more begins at its time by itself, and earlier when somebody says that it has.
    const held = open || atOnce ? 'waiting' : 'ready';
    const status: TaskStatus = !running ? held : end <= now ? 'due' : 'running';
    seen.set(id, {
      id,
      status,
      ...(status === 'ready' ? { byItself: true as const } : {}),
      ...(known.pausedAt === undefined ? {} : { paused: true }),
      start: running ? start : Math.max(start, now),
      end: running ? end : Math.max(start, now) + length,
    });
  }

  const tasks = ordered.flatMap((id) => seen.get(id) ?? []);
  const forHands = tasks.filter((task) => hands.has(task.id) && task.status === 'ready');
  const waiting = tasks
    .filter((task) => task.status === 'waiting' || task.status === 'ready')
    .sort((a, b) => a.start - b.start);
  const ready = forHands.sort((a, b) => a.start - b.start);
  const [current] = ready;
  return {
    tasks,
    now: current,
    ready,
    clocks: tasks.filter((task) => task.status === 'running' || task.status === 'due').sort((a, b) => a.end - b.end),
    toStart: tasks.filter((task) => task.status === 'ready' && !hands.has(task.id)).sort((a, b) => a.start - b.start),
    next: waiting.filter((task) => hands.has(task.id) && task.id !== current?.id),
    endsAt: Math.max(startedAt, ...tasks.map((task) => task.end)),
    plannedEndsAt: startedAt + plan.makespan * MINUTE_MS,
    finished: tasks.every((task) => task.status === 'done'),
  };
}

/** What each task waits for in this plan: its links, and whoever had the hands, the vessel or the oven before it. */
export function edgesOf(problem: Problem, plan: Plan): ReadonlyMap<string, readonly Edge[]> {
  const edges = new Map<string, Edge[]>(problem.tasks.map((task) => [task.id, []]));
  const start = (id: string) => plan.starts[id] ?? 0;
  const length = new Map(problem.tasks.map((task) => [task.id, task.minutes]));
  const end = (id: string) => start(id) + (length.get(id) ?? 0);
  for (const { from, to, min } of problem.links) edges.get(to)?.push({ from, waitMinutes: min, handsOnly: false });

  // Hands in the order of the plan: each pair takes the next task that begins when it is free.
  const free = Array.from({ length: problem.cooks }, () => ({ until: 0, last: '' }));
  const washLength = new Map(problem.uses.map((use) => [use.id, use.wash ?? 0]));
  const washes = plan.washes.map((wash) => ({
    start: wash.start,
    end: wash.start + (washLength.get(wash.after) ?? 0),
    before: problem.uses.find((use) => use.id === wash.before)?.from ?? '',
  }));
  const work = problem.tasks
    .filter((task) => task.attention === 'full')
    .sort((a, b) => start(a.id) - start(b.id) || a.id.localeCompare(b.id));
  for (const task of work) {
    const pair = free.filter(({ until }) => until <= start(task.id)).sort((a, b) => b.until - a.until)[0];
    if (!pair) continue;
    const between = washes
      .filter((wash) => wash.start >= pair.until && wash.end <= start(task.id))
      .reduce((sum, wash) => sum + wash.end - wash.start, 0);
    if (pair.last)
      edges.get(task.id)?.push({ from: pair.last, waitMinutes: problem.cooks === 1 ? between : 0, handsOnly: true });
    pair.until = end(task.id);
    pair.last = task.id;
  }

  for (const resource of problem.resources) {
    const uses = problem.uses
      .filter((use) => use.resource === resource.id)
      .sort((a, b) => start(a.from) - start(b.from));
    uses.forEach((use, n) => {
      for (const before of uses.slice(0, n)) {
        if (end(before.to) > start(use.from)) continue;
        const unlike = before.temperature !== use.temperature;
        const full = resource.kind !== 'vessel' && (before.units ?? 1) + (use.units ?? 1) > resource.units;
        const alike = before.group !== undefined && before.group === use.group;
        if (resource.kind === 'vessel')
          edges.get(use.from)?.push({ from: before.to, waitMinutes: alike ? 0 : (before.wash ?? 0), handsOnly: false });
        else if (full || unlike)
          edges.get(use.from)?.push({
            from: before.to,
            waitMinutes:
              resource.kind === 'oven' && unlike
                ? (resource.change[before.temperature ?? 0]?.[use.temperature ?? 0] ?? 0)
                : 0,
            handsOnly: resource.kind === 'shared' && resource.orderOnly === true,
          });
      }
    });
  }
  return edges;
}

function inPlanOrder(problem: Problem, plan: Plan, edges: ReadonlyMap<string, readonly Edge[]>): readonly string[] {
  const open = new Set(problem.tasks.map((task) => task.id));
  const byStart = [...open].sort((a, b) => (plan.starts[a] ?? 0) - (plan.starts[b] ?? 0) || a.localeCompare(b));
  const order: string[] = [];
  while (open.size > 0) {
    const next = byStart.find((id) => open.has(id) && (edges.get(id) ?? []).every(({ from }) => !open.has(from)));
    if (next === undefined) throw new Error('The tasks of this run wait for each other in a circle.');
    open.delete(next);
    order.push(next);
  }
  return order;
}

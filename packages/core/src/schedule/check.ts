import type { Plan, Problem, ProblemUse } from '../session/index.ts';

/** A rule that a plan breaks. */
export interface Broken {
  readonly rule:
    | 'whole minutes'
    | 'link'
    | 'hands'
    | 'shared'
    | 'vessel'
    | 'wash'
    | 'oven heat'
    | 'oven racks'
    | 'preheat'
    | 'pinned'
    | 'makespan';
  readonly text: string;
  /** Tasks, uses or resources it is about. */
  readonly between: readonly string[];
  readonly at?: number;
}

/**
 * Replays a plan minute by minute against the rules of the format, and knows nothing of how the plan was made.
 * An empty list means that the plan can be cooked.
 */
export function check(problem: Problem, plan: Plan): readonly Broken[] {
  const broken: Broken[] = [];
  const minutesOf = new Map(problem.tasks.map((task) => [task.id, task.minutes]));
  for (const { id } of problem.tasks) {
    const start = plan.starts[id];
    if (start === undefined || !Number.isInteger(start) || start < 0)
      broken.push({ rule: 'whole minutes', text: `${id} has no start`, between: [id] });
  }
  for (const use of problem.uses)
    if (!minutesOf.has(use.from) || !minutesOf.has(use.to))
      broken.push({ rule: 'vessel', text: `${use.id} is held by a task that is not there`, between: [use.id] });
  if (broken.length > 0) return broken;

  const start = (id: string): number => plan.starts[id] ?? 0;
  const end = (id: string): number => start(id) + (minutesOf.get(id) ?? 0);
  const last = Math.max(0, ...problem.tasks.map(({ id }) => end(id)));
  if (last !== plan.makespan)
    broken.push({ rule: 'makespan', text: `says ${plan.makespan}, ends at ${last}`, between: [] });

  for (const { id, at, notBefore } of problem.tasks)
    if ((at !== undefined && start(id) !== at) || start(id) < (notBefore ?? 0))
      broken.push({
        rule: 'pinned',
        text: at === undefined ? `${id} starts before minute ${notBefore ?? 0}` : `${id} is pinned to minute ${at}`,
        between: [id],
        at: start(id),
      });

  for (const { from, to, min, max } of problem.links) {
    const wait = start(to) - end(from);
    if (wait < min)
      broken.push({
        rule: 'link',
        text: `${to} starts ${min - wait} min too early after ${from}`,
        between: [from, to],
      });
    if (max !== null && wait > max)
      broken.push({ rule: 'link', text: `${to} starts ${wait - max} min too late after ${from}`, between: [from, to] });
  }

  const held = (use: ProblemUse): readonly [number, number] => [start(use.from), end(use.to)];
  const usesOf = (resource: string) =>
    problem.uses.filter((use) => use.resource === resource).sort((a, b) => start(a.from) - start(b.from));

  for (const resource of problem.resources) {
    const uses = usesOf(resource.id);
    if (resource.kind === 'vessel') {
      uses.slice(1).forEach((next, n) => {
        const before = uses[n] as ProblemUse;
        const [, free] = held(before);
        const [from] = held(next);
        if (from < free)
          broken.push({
            rule: 'vessel',
            text: `${next.id} starts while ${before.id} holds the ${resource.id}`,
            between: [before.id, next.id],
            at: from,
          });
        const alike = before.group !== undefined && before.group === next.group;
        if (!before.wash || alike) return;
        const wash = plan.washes.find(
          (w) => w.resource === resource.id && w.after === before.id && w.before === next.id,
        );
        if (!wash)
          broken.push({
            rule: 'wash',
            text: `no wash between ${before.id} and ${next.id}`,
            between: [before.id, next.id],
            at: free,
          });
        else if (wash.start < free || wash.start + before.wash > from)
          broken.push({
            rule: 'wash',
            text: `the wash between ${before.id} and ${next.id} does not fit between them`,
            between: [before.id, next.id],
            at: wash.start,
          });
      });
      continue;
    }
    const taken = perMinute(
      last,
      uses.map((use) => [...held(use), use.units ?? 1] as const),
    );
    const over = taken.findIndex((units) => units > resource.units);
    if (over >= 0) {
      const then = uses.filter((use) => held(use)[0] <= over && over < held(use)[1]).map((use) => use.id);
      broken.push({
        rule: resource.kind === 'oven' ? 'oven racks' : 'shared',
        text: `${taken[over]} of ${resource.units} ${resource.id} in minute ${over}`,
        between: then,
        at: over,
      });
    }
    if (resource.kind !== 'oven') continue;
    for (const use of uses) {
      const heat = use.temperature ?? 0;
      if (held(use)[0] < (resource.preheat[heat] ?? 0))
        broken.push({
          rule: 'preheat',
          text: `${use.id} goes in before the oven is at ${heat}`,
          between: [use.id],
          at: held(use)[0],
        });
      for (const later of uses) {
        const other = later.temperature ?? 0;
        if (
          later === use ||
          heat === other ||
          held(later)[0] < held(use)[0] ||
          (held(later)[0] === held(use)[0] && later.id < use.id)
        )
          continue;
        const gap = resource.change[heat]?.[other] ?? 0;
        if (held(later)[0] < held(use)[1] + gap)
          broken.push({
            rule: 'oven heat',
            text: `${later.id} at ${other} comes too soon after ${use.id} at ${heat}`,
            between: [use.id, later.id],
            at: held(later)[0],
          });
      }
    }
  }

  const washOf = new Map(problem.uses.map((use) => [use.id, use.wash ?? 0]));
  const work = [
    ...problem.tasks
      .filter((task) => task.attention === 'full')
      .map(({ id }) => ({ name: id, from: start(id), to: end(id) })),
    ...plan.washes.map((wash) => ({
      name: `wash after ${wash.after}`,
      from: wash.start,
      to: wash.start + (washOf.get(wash.after) ?? 0),
    })),
  ];
  const busy = perMinute(
    last,
    work.map(({ from, to }) => [from, to, 1] as const),
  );
  const away = perMinute(
    last,
    (problem.away ?? []).map(({ from, to, hands }) => [from, to, hands] as const),
  );
  const over = busy.findIndex((hands, minute) => hands > 0 && hands > problem.cooks - (away[minute] ?? 0));
  if (over >= 0) {
    const then = work.filter(({ from, to }) => from <= over && over < to).map(({ name }) => name);
    broken.push({
      rule: 'hands',
      text: `${then.length} things for ${Math.max(0, problem.cooks - (away[over] ?? 0))} pair of hands in minute ${over}`,
      between: then,
      at: over,
    });
  }
  return broken;
}

/** How many units are held in each minute. */
function perMinute(
  minutes: number,
  spans: readonly (readonly [from: number, to: number, units: number])[],
): readonly number[] {
  const taken = Array<number>(minutes).fill(0);
  for (const [from, to, units] of spans)
    for (let minute = Math.max(0, from); minute < Math.min(to, minutes); minute++)
      taken[minute] = (taken[minute] ?? 0) + units;
  return taken;
}

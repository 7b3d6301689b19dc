import { washId, type Plan, type Problem, type ProblemUse, type Resource } from '../session/index.ts';

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
  const minutesOf = new Map(problem.tasks.map((task) => [task.id, task.minutes]));
  const whole = notWhole(problem, plan, minutesOf);
  if (whole.length > 0) return whole;
  const at = new Times(plan, minutesOf);
  const last = Math.max(0, ...problem.tasks.map(({ id }) => at.end(id)));
  return [
    ...(last === plan.makespan
      ? []
      : [{ rule: 'makespan' as const, text: `says ${plan.makespan}, ends at ${last}`, between: [] }]),
    ...pinned(problem, at),
    ...linked(problem, at),
    ...problem.resources.flatMap((resource): readonly Broken[] => {
      const uses = problem.uses
        .filter((use) => use.resource === resource.id)
        .sort((x, y) => at.start(x.from) - at.start(y.from));
      if (resource.kind === 'vessel') return inVessel(resource.id, uses, plan, at);
      return [
        ...shared(resource, uses, last, at),
        ...(resource.kind === 'oven' ? [...preheated(resource, uses, at), ...heated(resource, uses, at)] : []),
      ];
    }),
    ...byHand(problem, plan, last, at),
  ];
}

/** When tasks of a plan start and end, and uses hold. */
class Times {
  constructor(
    private readonly plan: Plan,
    private readonly minutes: ReadonlyMap<string, number>,
  ) {}
  start(id: string): number {
    return this.plan.starts[id] ?? 0;
  }
  end(id: string): number {
    return this.start(id) + (this.minutes.get(id) ?? 0);
  }
  held(use: ProblemUse): readonly [number, number] {
    return [this.start(use.from), this.end(use.to)];
  }
}

function notWhole(problem: Problem, plan: Plan, minutesOf: ReadonlyMap<string, number>): readonly Broken[] {
  const starts = problem.tasks.flatMap(({ id }): Broken[] => {
    const start = plan.starts[id];
    return start === undefined || !Number.isInteger(start) || start < 0
      ? [{ rule: 'whole minutes', text: `${id} has no start`, between: [id] }]
      : [];
  });
  const astray = problem.uses
    .filter((use) => !minutesOf.has(use.from) || !minutesOf.has(use.to))
    .map((use): Broken => ({
      rule: 'vessel',
      text: `${use.id} is held by a task that is not there`,
      between: [use.id],
    }));
  return [...starts, ...astray];
}

const pinned = (problem: Problem, times: Times): readonly Broken[] =>
  problem.tasks
    .filter(
      ({ id, at, notBefore }) => (at !== undefined && times.start(id) !== at) || times.start(id) < (notBefore ?? 0),
    )
    .map(({ id, at, notBefore }): Broken => ({
      rule: 'pinned',
      text: at === undefined ? `${id} starts before minute ${notBefore ?? 0}` : `${id} is pinned to minute ${at}`,
      between: [id],
      at: times.start(id),
    }));

const linked = (problem: Problem, times: Times): readonly Broken[] =>
  problem.links.flatMap(({ from, to, min, max }): Broken[] => {
    const wait = times.start(to) - times.end(from);
    const between = [from, to];
    if (wait < min) return [{ rule: 'link', text: `${to} starts ${min - wait} min too early after ${from}`, between }];
    return max !== null && wait > max
      ? [{ rule: 'link', text: `${to} starts ${wait - max} min too late after ${from}`, between }]
      : [];
  });

/** One thing at a time is in a vessel, and it is washed between two that are not alike. */
const inVessel = (vessel: string, uses: readonly ProblemUse[], plan: Plan, times: Times): readonly Broken[] =>
  uses.slice(1).flatMap((next, n): Broken[] => {
    const before = uses[n] as ProblemUse;
    const [, free] = times.held(before);
    const [from] = times.held(next);
    const between = [before.id, next.id];
    const broken: Broken[] =
      from < free
        ? [{ rule: 'vessel', text: `${next.id} starts while ${before.id} holds the ${vessel}`, between, at: from }]
        : [];
    const alike = before.group !== undefined && before.group === next.group;
    if (!before.wash || alike) return broken;
    const wash = plan.washes.find((w) => w.resource === vessel && w.after === before.id && w.before === next.id);
    if (!wash)
      return [...broken, { rule: 'wash', text: `no wash between ${before.id} and ${next.id}`, between, at: free }];
    return wash.start < free || wash.start + before.wash > from
      ? [
          ...broken,
          {
            rule: 'wash',
            text: `the wash between ${before.id} and ${next.id} does not fit between them`,
            between,
            at: wash.start,
          },
        ]
      : broken;
  });

function shared(
  resource: Extract<Resource, { readonly units: number }>,
  uses: readonly ProblemUse[],
  last: number,
  times: Times,
): readonly Broken[] {
  const taken = perMinute(
    last,
    uses.map((use) => [...times.held(use), use.units ?? 1] as const),
  );
  const over = taken.findIndex((units) => units > resource.units);
  if (over < 0) return [];
  return [
    {
      rule: resource.kind === 'oven' ? 'oven racks' : 'shared',
      text: `${taken[over]} of ${resource.units} ${resource.id} in minute ${over}`,
      between: uses.filter((use) => times.held(use)[0] <= over && over < times.held(use)[1]).map((use) => use.id),
      at: over,
    },
  ];
}

type OvenResource = Extract<Resource, { readonly kind: 'oven' }>;

const preheated = (oven: OvenResource, uses: readonly ProblemUse[], times: Times): readonly Broken[] =>
  uses
    .filter((use) => times.held(use)[0] < (oven.preheat[use.temperature ?? 0] ?? 0))
    .map((use): Broken => ({
      rule: 'preheat',
      text: `${use.id} goes in before the oven is at ${use.temperature ?? 0}`,
      between: [use.id],
      at: times.held(use)[0],
    }));

/** From one heat to another an oven takes its minutes, in which nothing bakes. */
const heated = (oven: OvenResource, uses: readonly ProblemUse[], times: Times): readonly Broken[] =>
  uses.flatMap((use) =>
    uses.flatMap((later): Broken[] => {
      const heat = use.temperature ?? 0;
      const other = later.temperature ?? 0;
      const [from] = times.held(later);
      const [began, ended] = times.held(use);
      if (later === use || heat === other || from < began || (from === began && later.id < use.id)) return [];
      return from < ended + (oven.change[heat]?.[other] ?? 0)
        ? [
            {
              rule: 'oven heat',
              text: `${later.id} at ${other} comes too soon after ${use.id} at ${heat}`,
              between: [use.id, later.id],
              at: from,
            },
          ]
        : [];
    }),
  );

/** No more is done at once than there are hands, washes among it. */
function byHand(problem: Problem, plan: Plan, last: number, times: Times): readonly Broken[] {
  const washOf = new Map(problem.uses.map((use) => [use.id, use.wash ?? 0]));
  const work = [
    ...problem.tasks
      .filter((task) => task.attention === 'full')
      .map(({ id }) => ({ name: id, from: times.start(id), to: times.end(id) })),
    ...plan.washes.map((wash) => ({
      name: washId(wash.after),
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
  if (over < 0) return [];
  const then = work.filter(({ from, to }) => from <= over && over < to).map(({ name }) => name);
  return [
    {
      rule: 'hands',
      text: `${then.length} things for ${Math.max(0, problem.cooks - (away[over] ?? 0))} pair of hands in minute ${over}`,
      between: then,
      at: over,
    },
  ];
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
